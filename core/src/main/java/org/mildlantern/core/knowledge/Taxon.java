package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Map;
import org.mildlantern.core.season.Season;

/**
 * A kind of plant and what it wishes.
 *
 * @param temperature wished least and greatest air temperature, °C
 * @param humidity least wished relative humidity, %
 * @param water how it likes to be watered
 * @param checkDays days between looks at the medium, in growth and at rest (rule of thumb)
 * @param rest ids of the seasons in which it rests
 * @param prone causes that are more or less likely than in other kinds of its form
 */
public record Taxon(
    String id,
    String name,
    String rank,
    String genus,
    String group,
    String form,
    List<String> synonyms,
    List<String> common,
    String light,
    List<Double> temperature,
    double humidity,
    String water,
    List<Integer> checkDays,
    List<String> rest,
    boolean saltShy,
    String pets,
    Integer flowerWeeks,
    boolean edible,
    Map<String, Factor> prone) {

  public Taxon {
    prone = prone == null ? Map.of() : prone;
  }

  public double coldestWished() {
    return temperature.get(0);
  }

  public double warmestWished() {
    return temperature.get(1);
  }

  public boolean restsIn(Season season) {
    return rest.contains(season.id());
  }

  /** Days between looks at the medium in the season. */
  public int checkDaysIn(Season season) {
    return checkDays.get(restsIn(season) || season == Season.WINTER ? 1 : 0);
  }
}
