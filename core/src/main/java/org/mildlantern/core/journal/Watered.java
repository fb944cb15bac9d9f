package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * A drink.
 *
 * @param ml how much, or null when that was not said
 */
public record Watered(Double ml, RunOff runOff) implements Note {
  private static final Words WORDS = Words.of(Watered.class);

  /** The largest drink that is believed, ml. */
  static final double MOST_ML = 20_000;

  static final Grammar GRAMMAR =
      Grammar.of(
          "watered|water|soaked|dunked|topped up|top up",
          "watered 240|watered, ran straight through",
          Watered::read);

  /** What came out of the pot. */
  public enum RunOff {
    NOT_SAID(""),
    /** All stayed in the pot. */
    NONE("no run-off"),
    /** It ran through a wetted ball. */
    THROUGH("through"),
    /** It ran straight past a ball that did not take it. */
    PAST("ran straight through");

    private final String words;

    RunOff(String words) {
      this.words = words;
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.WATERED;
  }

  @Override
  public List<String> figures() {
    List<String> figures = new ArrayList<>();
    if (ml != null) {
      figures.add(WORDS.say("ml", Figures.plain(ml)));
    }
    if (runOff != RunOff.NOT_SAID) {
      figures.add(runOff.words);
    }
    return figures;
  }

  private static Note read(Line line, Setting setting) {
    boolean noun = line.says("water(?!ed)") && !line.says("watered|soaked|dunked|topped up|top up");
    OptionalDouble ml = line.volume(!noun || line.says("^water\\W{0,3}\\d.*"), MOST_ML);
    Double said = ml.isPresent() ? ml.getAsDouble() : null;
    RunOff runOff = runOff(line);
    if (noun && said == null && runOff == RunOff.NOT_SAID && !line.says("water$")) {
      return Readings.read(line, setting);
    }
    return line.says("topped up|top up")
            && (setting.stands() || line.says("tray|reservoir|jar|saucer|wick"))
        ? new Filled(said)
        : new Watered(said, runOff);
  }

  private static RunOff runOff(Line line) {
    if (line.says("straight through|ran past|runs? past")) {
      return RunOff.PAST;
    }
    if (line.says(
        "no run[- ]?off|no run|none ran( out| through)?|nothing ran( out| through)?|a little")) {
      return RunOff.NONE;
    }
    return line.says("through|thoroughly|soak(ed)?|dunked|drained")
        ? RunOff.THROUGH
        : RunOff.NOT_SAID;
  }
}
