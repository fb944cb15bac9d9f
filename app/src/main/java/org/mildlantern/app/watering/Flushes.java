package org.mildlantern.app.watering;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cups, trays, reservoirs and jars that are to be flushed or emptied, by date. */
@Service
@Transactional(readOnly = true)
public class Flushes {
  private static final Words WORDS = Words.of(Flushes.class);

  private final JournalService journal;
  private final Scope scope;

  Flushes(JournalService journal, Scope scope) {
    this.journal = journal;
    this.scope = scope;
  }

  /**
   * A flush.
   *
   * @param task what to do
   * @param reason why on that day
   */
  public record Flush(PlantView plant, LocalDate on, String task, String reason) {}

  /** Those of the plants, each with its next day. */
  public List<Flush> of(List<PlantView> plants) {
    List<PlantView> with =
        plants.stream().filter(plant -> cup(plant) || plant.pot().stands()).toList();
    if (with.isEmpty()) {
      return List.of();
    }
    Map<Long, Instant> last = journal.lastFlushes(with.stream().map(PlantView::id).toList());
    List<Flush> flushes = new ArrayList<>();
    for (PlantView plant : with) {
      Instant at = last.get(plant.id());
      flush(plant, at == null ? null : scope.day(at)).ifPresent(flushes::add);
    }
    return flushes;
  }

  private static boolean cup(PlantView plant) {
    return plant.kind().water() == Watering.CUP;
  }

  private Optional<Flush> flush(PlantView plant, LocalDate last) {
    LocalDate today = scope.today();
    Season season = Season.of(today, scope.latitude());
    boolean off =
        Standing.off(
            plant.pot().standsIn(),
            season,
            plant.place().temperature(),
            plant.place().surroundings().near().lit());
    if (off) {
      return last != null && !last.isBefore(startOfSeason(today))
          ? Optional.empty()
          : Optional.of(
              new Flush(
                  plant,
                  today,
                  WORDS.say("empty", plant.pot().standsIn().name()),
                  "cold and dark: standing water rots roots until spring"));
    }
    boolean cup = cup(plant);
    LocalDate from = last == null ? plant.arrivedOn() : last;
    return Optional.of(
        new Flush(
            plant,
            Standing.flushOn(from, cup ? Standing.CUP_DAYS : Standing.FLUSH_DAYS, today),
            cup ? "tip the cup out, fill it fresh" : "flush from above with plain water",
            last == null
                ? WORDS.say(cup ? "flush-cup-never" : "flush-pot-never")
                : WORDS.say(cup ? "flush-cup" : "flush-pot", Days.near(last))));
  }

  /** Seasons begin with March, June, September and December. */
  private static LocalDate startOfSeason(LocalDate today) {
    return today.minusMonths(today.getMonthValue() % 3).withDayOfMonth(1);
  }
}
