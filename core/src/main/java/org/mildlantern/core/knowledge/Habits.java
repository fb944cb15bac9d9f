package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.Set;
import org.mildlantern.core.season.Season;

/**
 * How a kind lives, as far as it is known of each: what advice rests on.
 *
 * @param checkDays days between looks at the medium, in growth and at rest (rule of thumb)
 * @param rest ids of the seasons in which it rests
 */
public record Habits(
    Watering water,
    List<Integer> checkDays,
    List<String> rest,
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
    rest = List.copyOf(rest);
    shy = Set.copyOf(shy);
  }

  public boolean restsIn(Season season) {
    return rest.contains(season.id());
  }

  /** Days between looks at the medium in the season. */
  public int checkDaysIn(Season season) {
    return checkDays.get(restsIn(season) || season == Season.WINTER ? 1 : 0);
  }
}
