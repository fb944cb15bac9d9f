package org.mildlantern.core.knowledge;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import org.mildlantern.core.season.Season;

/**
 * How a kind lives, as far as it is known of each: what advice rests on.
 *
 * @param checkDays days between looks at the medium: in growth, at rest, and in winter where it
 *     neither grows nor rests then (rule of thumb)
 */
public record Habits(
    Watering water,
    List<Integer> checkDays,
    Rest rest,
    Set<Shy> shy,
    Taxon.Feed feed,
    Taxon.Sheds sheds) {

  /** What can hurt a kind. */
  public enum Shy {
    SALTS("salt-shy", "salts"),
    COPPER("copper-shy", "copper"),
    /** Thin, hairy or waxy leaves, or traps. */
    OILS("oil-shy", "oils and soaps");

    private final String id;
    private final String label;

    Shy(String id, String label) {
      this.id = id;
      this.label = label;
    }

    /** The id by which means name it. */
    public String id() {
      return id;
    }

    public String label() {
      return label;
    }
  }

  public Habits {
    checkDays = List.copyOf(checkDays);
    shy = Set.copyOf(shy);
  }

  public boolean restsOn(LocalDate day, double latitude) {
    return rest.on(day, latitude);
  }

  /**
   * Days between looks at the medium.
   *
   * @param resting whether it rests, by what was noted or by the calendar
   */
  public int checkDaysOn(LocalDate day, double latitude, boolean resting) {
    if (resting) {
      return checkDays.get(1);
    }
    boolean winter = Season.of(day, latitude) == Season.WINTER;
    if (winter && checkDays.size() > 2) {
      return checkDays.get(2);
    }
    return checkDays.get(winter && !rest.any() ? 1 : 0);
  }
}
