package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Notice;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.round.DayTimes;

/**
 * A day's round, places in a clean order.
 *
 * @param tomorrow what the day after holds
 * @param times minutes that days should take at most
 * @param notices what stands above it
 * @param putOff names of plants whose look bears another day and was put off to it
 */
public record Round(
    LocalDate day,
    LocalDate today,
    List<Stop> stops,
    Takes takes,
    Load tomorrow,
    DayTimes times,
    List<Notice> notices,
    List<String> putOff) {
  private static final int NAMED = 12;

  /**
   * A place with its rows.
   *
   * @param shown those of its rows that are shown, or null when the day holds too much to show all
   * @param washFirst whether hands and tools are washed before it
   */
  public record Stop(
      PlaceView place, Paged<Row> shown, boolean washFirst, Count count, String key) {

    public List<Row> rows() {
      return shown == null ? List.of() : shown.rows();
    }

    public List<RoundItem> items() {
      return rows().stream().map(Row::item).toList();
    }
  }

  /**
   * How many rows a place has.
   *
   * @param pots those that wait and are pots to be looked at
   */
  public record Count(int waiting, int done, int pots) {}

  /**
   * A row with what keeps its answer from being taken twice.
   *
   * @param key the same however often its answer is sent
   * @param seen id of the plant's newest entry when the row was shown
   * @param buttons of its answers, written out
   * @param together the plants that it stands for, or null for the one
   */
  public record Row(RoundItem item, String key, Long seen, String buttons, Together together) {}

  /** Plants that are worked on in one go. */
  public record Together(Party party, List<PlantView> plants) {
    /** Their ids, as the answer sends them. */
    public String ids() {
      return plants.stream().map(plant -> plant.id().toString()).collect(Collectors.joining(","));
    }
  }

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

  public int due() {
    return stops.stream().mapToInt(stop -> stop.count().waiting()).sum();
  }

  public int done() {
    return stops.stream().mapToInt(stop -> stop.count().done()).sum();
  }

  /** The first of the plants whose look was put off. */
  public List<String> firstPutOff() {
    return putOff.subList(0, Math.min(NAMED, putOff.size()));
  }

  /** The address of the day, to which parameters can be added. */
  public String address() {
    return isToday() ? "/today?" : "/today?day=" + day + "&";
  }

  public boolean empty() {
    return stops.isEmpty();
  }
}
