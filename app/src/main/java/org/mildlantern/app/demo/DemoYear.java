package org.mildlantern.app.demo;

import java.time.LocalDate;
import java.util.Random;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Season;
import org.springframework.stereotype.Component;

/** Writes a plant's year of waterings, readings and feeds, at the pace of its kind. */
@Component
class DemoYear {
  private static final int DAYS = 365;

  private final DemoRows rows;
  private final Scope scope;

  DemoYear(DemoRows rows, Scope scope) {
    this.rows = rows;
    this.scope = scope;
  }

  void write(long plant, Taxon taxon, GrowthForm form, Sheet given, int mediumDays, Random random) {
    boolean isNew = given.has("new");
    int first = Math.min(DAYS, isNew ? given.days("arrived") : DAYS);
    int last = given.has("lastWater") ? given.days("lastWater") : -1;
    int end = Math.max(given.has("dryRest") ? given.days("dryRest") : 0, Math.max(last, 0));
    String how =
        form.id().equals("tank-bromeliad") ? "Cup topped up, medium watered" : "Watered through";
    int ago = first - random.nextInt(3);
    while (ago > end) {
      rows.entry(plant, ago, 8 + random.nextInt(3), "WATER", how)
          .with("pot_note", "ran-through")
          .save();
      LocalDate day = rows.day(ago);
      Season season = Season.of(day, scope.latitude());
      int interval = taxon == null ? 6 : taxon.checkDaysIn(season);
      if (interval > 3 && random.nextInt(4) == 0) {
        int felt = ago - interval + 1;
        if (felt > Math.max(end, 2)) {
          rows.entry(plant, felt, 9, "MOISTURE", "Felt damp").with("moisture", "DAMP").save();
        }
      }
      boolean growing = season == Season.SPRING || season == Season.SUMMER;
      if (growing && !form.tags().contains("carnivore") && random.nextInt(4) == 0) {
        rows.entry(plant, ago, 11, "FEED", "Fed 60 ppm N with the water").save();
      }
      ago -= Math.max(1, interval + random.nextInt(3) - 1);
    }
    if (last >= 0) {
      rows.entry(plant, last, 9, "WATER", "Watered through").save();
    }
    if (mediumDays < DAYS && !isNew) {
      rows.entry(plant, mediumDays, 14, "REPOT", "Repotted into fresh medium").save();
    }
  }
}
