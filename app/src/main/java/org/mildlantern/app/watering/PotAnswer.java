package org.mildlantern.app.watering;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Levelled;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Skipped;
import org.mildlantern.core.journal.Watered;

/** What can be answered about a pot on the round, with the note that each makes. */
enum PotAnswer {
  DRY("Dry", On.FELT, () -> Felt.probe(Moisture.DRY)),
  DAMP("Damp", On.FELT, () -> Felt.probe(Moisture.DAMP)),
  WET("Wet", On.FELT, () -> Felt.probe(Moisture.WET)),
  WATERED("Watered", On.FELT, () -> new Watered(null, Watered.RunOff.NOT_SAID)),
  SEEN_DRY("Dry", On.SEEN, () -> seen(Moisture.DRY)),
  SEEN_DAMP("Damp", On.SEEN, () -> seen(Moisture.DAMP)),
  SEEN_WET("Wet", On.SEEN, () -> seen(Moisture.WET)),
  SEEN_WATERED("Watered", On.SEEN, () -> new Watered(null, Watered.RunOff.NOT_SAID)),
  SOAKED("Soaked", On.SOAKED, () -> new Watered(null, Watered.RunOff.NOT_SAID)),
  STILL_WET("Still wet", On.SOAKED, () -> Felt.probe(Moisture.WET)),
  EMPTY("Empty", On.STANDING, () -> new Levelled(0)),
  HALF("Half", On.STANDING, () -> new Levelled(0.5)),
  FULL("Full", On.STANDING, () -> new Levelled(1)),
  FILLED("Filled", On.STANDING, () -> new Filled(null)),
  FLUSHED("Done", On.FLUSH, () -> new Flushed(null)),
  NO_TIME("no time", On.SKIP, () -> new Skipped("no time")),
  OUT_OF_REACH("out of reach", On.SKIP, () -> new Skipped("out of reach")),
  LOOKS_FINE("looks fine", On.SKIP, () -> new Skipped("looks fine")),
  ANOTHER_DAY("another day", On.SKIP, () -> new Skipped("another day"));

  /** The rows that offer it. */
  enum On {
    FELT,
    SEEN,
    SOAKED,
    STANDING,
    FLUSH,
    SKIP
  }

  private final String label;
  private final On on;
  private final Supplier<Note> note;

  PotAnswer(String label, On on, Supplier<Note> note) {
    this.label = label;
    this.on = on;
    this.note = note;
  }

  private static Note seen(Moisture moisture) {
    return new Felt(Felt.How.CLEAR_POT, List.of(moisture));
  }

  String label() {
    return label;
  }

  Note note() {
    return note.get();
  }

  static List<PotAnswer> on(On row) {
    return Arrays.stream(values()).filter(answer -> answer.on == row).toList();
  }

  /** What its button posts. */
  String id() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  static Optional<PotAnswer> of(String id) {
    return Arrays.stream(values()).filter(answer -> answer.id().equals(id)).findFirst();
  }
}
