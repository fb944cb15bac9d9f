package org.mildlantern.app.records;

import java.time.LocalDate;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.words.Words;

/** A feature whose records are evidence. */
public interface RecordSource {

  /** The fields of {@code context.yaml} that it fills, and nobody else. */
  Set<String> fields();

  /** Says what it knows of the plant; a field that it leaves out is not known. */
  void read(Asked asked, Records records);

  /**
   * Whether what it says follows from the plant, the places, its day book and the day alone, so
   * that it holds until one of these changes.
   */
  default boolean ofPlantAlone() {
    return true;
  }

  /** What else its answer follows from, where it follows from the plant alone; by value. */
  default Object ground() {
    return "";
  }

  /**
   * What is asked.
   *
   * @param entries of the plant's last year, the latest first; none for sources that do not follow
   *     from the plant alone
   * @param others gives all kept plants, read once
   */
  record Asked(
      PlantView plant,
      List<Entry> entries,
      Supplier<List<PlantView>> others,
      LocalDate today,
      ZoneId zone,
      double latitude) {
    private static final Words WORDS = Words.of(Asked.class);

    /** All plants that are not in the archive. */
    public List<PlantView> kept() {
      return others.get();
    }

    public LocalDate day(Entry entry) {
      return LocalDate.ofInstant(entry.at(), zone);
    }

    public double daysSince(LocalDate day) {
      return Math.max(0, ChronoUnit.DAYS.between(day, today));
    }

    public double daysSince(Entry entry) {
      return daysSince(day(entry));
    }

    public Optional<Entry> latest(NoteKind kind) {
      return entries.stream().filter(e -> e.kind() == kind).findFirst();
    }

    /** The entry as the place where something is known from. */
    public String source(Entry entry) {
      return WORDS.say("from", Days.full(day(entry)), entry.text());
    }
  }
}
