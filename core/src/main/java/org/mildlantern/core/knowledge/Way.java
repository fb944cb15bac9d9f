package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.mildlantern.core.season.Months;

/**
 * A way in which kinds live. What is right for one can kill another, so causes and changes say what
 * differs by way. A kind has one way while it grows, and perhaps another at rest or as a seedling;
 * what is not said for that one holds as while it grows.
 *
 * @param says completes “it …”, for example “stands in water while it grows”
 * @param tags names that stand for several ways at once
 * @param without tags of the way while it grows that do not hold at this stage
 * @param of which kinds and stages it is for; one of them is enough
 * @param repot when its roots may be disturbed, or null where it does not matter
 * @param cue by what the keeper knows that time, or null
 * @param settlesDays days for which a repotting shows
 * @param repotDays days after which it is due for fresh medium, or null where it never is
 */
public record Way(
    String id,
    String label,
    String says,
    String what,
    List<String> tags,
    List<String> without,
    List<Of> of,
    Months repot,
    String cue,
    int settlesDays,
    Integer repotDays) {

  public Way {
    tags = tags == null ? List.of() : tags;
    without = without == null ? List.of() : without;
  }

  /** The part of a plant's life that a way is for. */
  public enum At {
    @JsonProperty("growth")
    GROWTH,
    @JsonProperty("rest")
    REST,
    @JsonProperty("seedling")
    SEEDLING
  }

  /**
   * For which kinds a way is: all must hold; what is left out holds for all.
   *
   * @param named only for kinds that name it
   * @param ways at rest and for seedlings: ways or tags of those that live so
   */
  public record Of(
      At at,
      boolean named,
      List<String> forms,
      List<String> notForms,
      List<Watering> water,
      List<Rest.As> rest,
      List<String> ways,
      List<String> notWays) {

    public Of {
      at = at == null ? At.GROWTH : at;
      forms = or(forms);
      notForms = or(notForms);
      water = or(water);
      rest = or(rest);
      ways = or(ways);
      notWays = or(notWays);
    }

    private static <T> List<T> or(List<T> list) {
      return list == null ? List.of() : list;
    }

    boolean growing(GrowthForm form, Habits habits) {
      return at == At.GROWTH
          && !named
          && form.isAmong(forms, notForms)
          && (water.isEmpty() || water.contains(habits.water()))
          && (rest.isEmpty() || rest.contains(habits.rest().as()));
    }

    boolean resting(Way base, Habits habits) {
      return at == At.REST && (rest.isEmpty() || rest.contains(habits.rest().as())) && isOf(base);
    }

    private boolean isOf(Way base) {
      return (ways.isEmpty() || base.isOneOf(ways)) && !base.isOneOf(notWays);
    }
  }

  boolean growing(GrowthForm form, Habits habits) {
    return of.stream().anyMatch(one -> one.growing(form, habits));
  }

  boolean resting(Way base, Habits habits) {
    return of.stream().anyMatch(one -> one.resting(base, habits));
  }

  /** Whether it is how seedlings of that way live. */
  boolean young(Way base) {
    return of.stream().anyMatch(one -> one.at() == At.SEEDLING && one.isOf(base));
  }

  /** Whether it is a way of that part of life. */
  boolean is(At at) {
    return of.get(0).at() == at;
  }

  /** Whether it is one of those named, by id or by tag. */
  public boolean isOneOf(List<String> names) {
    return names.contains(id) || tags.stream().anyMatch(names::contains);
  }
}
