package org.mildlantern.core.journal;

import java.time.ZonedDateTime;
import java.util.Map;

/**
 * What a line is read against.
 *
 * @param places ids of the collection's places by name
 * @param stands whether the plant stands in water or draws from it
 * @param sheds whether falling leaves are how its kind goes to rest
 */
public record Setting(ZonedDateTime now, Map<String, Long> places, boolean stands, boolean sheds) {
  public Setting {
    places = Map.copyOf(places);
  }
}
