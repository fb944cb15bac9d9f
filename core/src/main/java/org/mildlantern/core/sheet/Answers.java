package org.mildlantern.core.sheet;

import java.util.LinkedHashMap;
import java.util.Map;
import org.mildlantern.core.round.PlaceKind;

/**
 * What the grower said of a list as a whole.
 *
 * @param columns what columns hold, where the grower says so
 * @param unit of widths without one, or null
 * @param days how days in figures are meant, or null
 * @param places what becomes of names of places that are not there yet, by their folded name
 * @param rest name of the place for rows that tell none, or null
 */
public record Answers(
    Map<Integer, Column> columns,
    Length unit,
    DayOrder days,
    Map<String, NewPlace> places,
    String rest) {

  public static final Answers NONE = new Answers(null, null, null, null, null);

  public Answers {
    columns = columns == null ? Map.of() : Map.copyOf(columns);
    places = places == null ? Map.of() : new LinkedHashMap<>(places);
  }

  /**
   * A place that is not there yet.
   *
   * @param kind in which it is made, or null
   * @param sameAs name of the place that is meant, or null to make it
   */
  public record NewPlace(PlaceKind kind, String sameAs) {}
}
