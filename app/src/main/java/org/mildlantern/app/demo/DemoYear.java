package org.mildlantern.app.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.Random;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Standing;
import org.springframework.stereotype.Component;

/** Writes a plant's year of waterings, readings and feeds, at the pace of its kind. */
@Component
class DemoYear {
  private static final int DAYS = 365;
  private static final int REST_DAYS = 60;

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
    boolean cup = form.id().equals("tank-bromeliad");
    int ago = first - random.nextInt(3);
    while (ago > end) {
      drink(plant, ago, cup, given, random);
      LocalDate day = rows.day(ago);
      Season season = Season.of(day, scope.latitude());
      int interval = interval(taxon, season, given, ago);
      if (interval > 3 && !given.has("thirsty") && random.nextInt(4) == 0) {
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
    for (int flushed = first - 4; cup && flushed > 0; flushed -= Standing.CUP_DAYS) {
      rows.entry(plant, flushed, 11, "FLUSH", "Flushed the cup").save();
    }
    for (int flushed = first - 9; given.has("stands") && flushed > 0; flushed -= 42) {
      rows.entry(plant, flushed, 11, "FLUSH", "Flushed from above").save();
    }
  }

  /** One drink, in the way of its pot; a pot that becomes thirsty is felt before each. */
  private void drink(long plant, int ago, boolean cup, Sheet given, Random random) {
    LocalTime time = LocalTime.of(8, 0).plusSeconds(plant * 20 + random.nextInt(15));
    if (given.has("stands")) {
      rows.entry(plant, ago, 8, "WATER", "Filled to its level")
          .with("at", rows.at(ago, time))
          .with("pot_note", "filled")
          .save();
      return;
    }
    if (given.has("thirsty")) {
      rows.entry(plant, ago, 8, "MOISTURE", "Felt dry")
          .with("at", rows.at(ago, time))
          .with("moisture", "DRY")
          .save();
    }
    rows.entry(plant, ago, 8, "WATER", cup ? "Cup topped up, medium watered" : "Watered through")
        .with("at", rows.at(ago, time.plusSeconds(9)))
        .with("pot_note", "ran-through")
        .save();
  }

  private static int interval(Taxon taxon, Season season, Sheet given, int ago) {
    int usual = taxon == null ? 6 : taxon.checkDaysIn(season);
    boolean resting = "REST".equals(given.get("stage")) && ago < REST_DAYS;
    if (given.has("stands")) {
      return 2 * usual + 1;
    }
    return resting ? 3 * usual : thirsty(given, ago) ? Math.max(2, usual / 2) : usual;
  }

  private static boolean thirsty(Sheet given, int ago) {
    return given.has("thirsty") && ago <= given.days("thirsty");
  }
}
