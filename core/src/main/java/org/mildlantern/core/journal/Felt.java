package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.words.Words;

/**
 * How the medium felt or looked.
 *
 * @param felt answers from the top down, at least one
 */
public record Felt(How how, List<Moisture> felt) implements Note {
  private static final Words WORDS = Words.of(Felt.class);

  private static final int DEPTHS = 3;

  static final Grammar GRAMMAR =
      Grammar.of(
          "probed|probe|felt|skewer|touched|surface|clear pot|roots?",
          "probe dry damp wet|skewer damp|touched dry|roots silver",
          Felt::read);

  /** What it was felt or seen with. */
  public enum How {
    /** A probe, or a finger two joints deep. */
    PROBE,
    SKEWER,
    /** A touch of the surface. */
    TOUCHED,
    /** Roots and drops behind the wall of a clear pot. */
    CLEAR_POT
  }

  public Felt {
    felt = List.copyOf(felt);
    if (felt.isEmpty() || felt.size() > DEPTHS) {
      throw new IllegalArgumentException("felt: one to three answers");
    }
  }

  /** Two fingers deep. */
  public static Felt probe(Moisture... felt) {
    return new Felt(How.PROBE, List.of(felt));
  }

  /** The deepest answer. */
  public Moisture deepest() {
    return felt.get(felt.size() - 1);
  }

  @Override
  public NoteKind kind() {
    return NoteKind.FELT;
  }

  @Override
  public List<String> figures() {
    return felt.stream().map(Moisture::word).toList();
  }

  @Override
  public String words() {
    return WORDS.say("felt", how.name(), String.join(" ", figures()));
  }

  private static Note read(Line line, Setting setting) {
    if (line.says("^(?:clear pot|roots?)")) {
      return clearPot(line);
    }
    How how =
        line.says("^.{0,40}skewer")
            ? How.SKEWER
            : line.says("^.{0,40}(?:touched|surface)") ? How.TOUCHED : How.PROBE;
    List<Moisture> felt = answers(line);
    if (felt.isEmpty()) {
      if (line.says("probed|probe|skewer|touched")) {
        throw new IllegalArgumentException(
            "Say dry, damp or wet, from top to bottom, for example “probe dry damp damp”.");
      }
      return null;
    }
    return new Felt(how, felt.subList(Math.max(0, felt.size() - DEPTHS), felt.size()));
  }

  private static List<Moisture> answers(Line line) {
    List<Moisture> felt = new ArrayList<>();
    for (String word : line.text().toLowerCase(java.util.Locale.ROOT).split("[^a-z]+")) {
      for (Moisture moisture : Moisture.values()) {
        if (moisture.word().equals(word)) {
          felt.add(moisture);
        }
      }
    }
    return felt;
  }

  private static Note clearPot(Line line) {
    if (line.says("^.{0,20}(?:silver|grey|gray)")) {
      return new Felt(How.CLEAR_POT, List.of(Moisture.DRY));
    }
    if (line.says("^.{0,20}green")) {
      return new Felt(How.CLEAR_POT, List.of(Moisture.DAMP));
    }
    if (line.says("^.{0,20}(?:drops|beaded)")) {
      return new Felt(How.CLEAR_POT, List.of(Moisture.WET));
    }
    List<Moisture> felt = line.says("^clear pot") ? answers(line) : List.of();
    return felt.size() == 1 ? new Felt(How.CLEAR_POT, felt) : null;
  }
}
