package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.places.PlaceView;

/**
 * A day's round, places in a clean order.
 *
 * @param minutes that what is due takes
 * @param learned answers from which the minutes were learned
 * @param tomorrow what the day after holds
 * @param most minutes that a day should take at most, or null for any
 * @param putOff names of plants whose look bears another day and was put off to it
 */
public record Round(
    LocalDate day,
    boolean isToday,
    boolean past,
    List<Stop> stops,
    int due,
    int done,
    long minutes,
    int learned,
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
      return rows.stream()
          .filter(row -> !row.item().done() && row.item().shape().equals("drop"))
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

  /** How much a day holds. */
  public record Load(int stops, long minutes) {}

  public boolean empty() {
    return stops.isEmpty();
  }
}
