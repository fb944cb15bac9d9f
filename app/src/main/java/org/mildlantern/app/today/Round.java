package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.places.PlaceView;

/** A day's round, places in a clean order. */
public record Round(
    LocalDate day,
    boolean isToday,
    boolean past,
    List<Stop> stops,
    int due,
    int done,
    int minutes) {

  /** A place with its items. */
  public record Stop(PlaceView place, List<RoundItem> items, boolean washFirst) {

    /** Pots that still wait to be looked at. */
    public long pots() {
      return items.stream().filter(item -> !item.done() && item.shape().equals("drop")).count();
    }
  }

  public boolean empty() {
    return stops.isEmpty();
  }
}
