package org.mildlantern.core.knowledge;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/**
 * How a plant lives whose kind is not known: what kinds of its growth form mostly have, under the
 * id of the form, or another way in which some of them live.
 *
 * @param form the growth form
 * @param label how it lives, in words; null for what is usual
 */
public record Usual(
    String id,
    String form,
    String label,
    Watering water,
    List<Integer> checkDays,
    Rest rest,
    String way,
    boolean saltShy,
    boolean copperShy,
    boolean oilShy,
    Taxon.Feed feed,
    Taxon.Sheds sheds) {

  public Usual {
    form = form == null ? id : form;
  }

  Habits habits() {
    return new Habits(water, checkDays, rest, shy(saltShy, copperShy, oilShy), feed, sheds);
  }

  static Set<Habits.Shy> shy(boolean salts, boolean copper, boolean oils) {
    Set<Habits.Shy> shy = EnumSet.noneOf(Habits.Shy.class);
    if (salts) {
      shy.add(Habits.Shy.SALTS);
    }
    if (copper) {
      shy.add(Habits.Shy.COPPER);
    }
    if (oils) {
      shy.add(Habits.Shy.OILS);
    }
    return shy;
  }
}
