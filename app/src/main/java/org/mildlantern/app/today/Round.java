package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.core.journal.Work;

/**
 * A day's round, places in a clean order.
 *
 * @param tomorrow what the day after holds
 * @param most minutes that a day should take at most, or null for any
 * @param putOff names of plants whose look bears another day and was put off to it
 */
public record Round(
    LocalDate day,
    LocalDate today,
    List<Stop> stops,
    Takes takes,
    Load tomorrow,
    Double most,
    List<String> putOff) {

  /** A place with its rows. */
  public record Stop(PlaceView place, List<Row> rows, boolean washFirst, String key) {

    public List<RoundItem> items() {
      return rows.stream().map(Row::item).toList();
    }

    /** Pots that still wait to be looked at. */
    public long pots() {
      return items().stream()
          .filter(item -> !item.done() && item.work().filter(w -> w == Work.POT).isPresent())
          .count();
    }
  }

  /**
   * A row with what keeps its answer from being taken twice.
   *
   * @param key the same however often its answer is sent
   * @param seen id of the plant's newest entry when the row was shown
   */
  public record Row(RoundItem item, String key, Long seen) {}

  /** Minutes that what is due takes, and the answers from which they were learned. */
  public record Takes(long minutes, int learned) {}

  /** How much a day holds. */
  public record Load(int stops, long minutes) {}

  public boolean isToday() {
    return day.equals(today);
  }

  public boolean past() {
    return day.isBefore(today);
  }

  public long due() {
    return items().filter(item -> !item.done()).count();
  }

  public long done() {
    return items().filter(RoundItem::done).count();
  }

  private Stream<RoundItem> items() {
    return stops.stream().flatMap(stop -> stop.items().stream());
  }

  public boolean empty() {
    return stops.isEmpty();
  }
}
