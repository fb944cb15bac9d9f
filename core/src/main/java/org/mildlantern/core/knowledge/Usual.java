package org.mildlantern.core.knowledge;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;

/** What kinds of a growth form mostly have; its id is the form's. */
record Usual(
    String id,
    Watering water,
    List<Integer> checkDays,
    Rest rest,
    String way,
    boolean saltShy,
    boolean copperShy,
    boolean oilShy,
    Taxon.Feed feed,
    Taxon.Sheds sheds) {

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
