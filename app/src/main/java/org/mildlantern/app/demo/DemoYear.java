package org.mildlantern.app.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Repotted;
import org.mildlantern.core.journal.Strength;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Standing;
import org.springframework.stereotype.Component;

/** Writes a plant's year of waterings, readings and feeds, at the pace of its kind. */
@Component
class DemoYear {
  private static final int DAYS = 365;
  private static final int REST_DAYS = 60;
  private static final Watered SOAKED = new Watered(null, Watered.RunOff.THROUGH);

  private final DemoRows rows;
  private final Scope scope;

  DemoYear(DemoRows rows, Scope scope) {
    this.rows = rows;
    this.scope = scope;
  }

  void write(long plant, Kind kind, Sheet given, int mediumDays, Random random) {
    List<DemoRows.Row> entries = new ArrayList<>();
    year(entries, plant, kind, given, mediumDays, random);
    rows.save(entries);
  }

  private void year(
      List<DemoRows.Row> entries,
      long plant,
      Kind kind,
      Sheet given,
      int mediumDays,
      Random random) {
    boolean isNew = given.has("new");
    int first = Math.min(DAYS, isNew ? given.days("arrived") : DAYS);
    int last = given.has("lastWater") ? given.days("lastWater") : -1;
    int end = Math.max(given.has("dryRest") ? given.days("dryRest") : 0, Math.max(last, 0));
    GrowthForm form = kind.form();
    boolean cup = form.id().equals("tank-bromeliad");
    int ago = first - random.nextInt(3);
    while (ago > end) {
      drink(entries, plant, ago, cup, given, random);
      LocalDate day = rows.day(ago);
      Season season = Season.of(day, scope.latitude());
      int interval = interval(kind, day, given, ago);
      if (interval > 3 && !given.has("thirsty") && random.nextInt(4) == 0) {
        int felt = ago - interval + 1;
        if (felt > Math.max(end, 2)) {
          write(entries, plant, felt, LocalTime.of(9, 0), Felt.probe(Moisture.DAMP), "Felt damp");
        }
      }
      boolean growing = season == Season.SPRING || season == Season.SUMMER;
      if (growing && !form.tags().contains("carnivore") && random.nextInt(4) == 0) {
        Fed feed = new Fed(null, 60.0, null, Strength.NOT_SAID);
        write(entries, plant, ago, LocalTime.of(11, 0), feed, "Fed 60 ppm N with the water");
      }
      ago -= Math.max(1, interval + random.nextInt(3) - 1);
    }
    if (last >= 0) {
      write(entries, plant, last, LocalTime.of(9, 0), SOAKED, "Watered through");
    }
    if (mediumDays < DAYS && !isNew) {
      Repotted repot = new Repotted(null, null);
      write(entries, plant, mediumDays, LocalTime.of(14, 0), repot, "Repotted into fresh medium");
    }
    for (int flushed = first - 4; cup && flushed > 0; flushed -= Standing.CUP_DAYS) {
      write(entries, plant, flushed, LocalTime.of(11, 0), new Flushed(null), "Flushed the cup");
    }
    for (int flushed = first - 9; given.has("stands") && flushed > 0; flushed -= 42) {
      write(entries, plant, flushed, LocalTime.of(11, 0), new Flushed(null), "Flushed from above");
    }
  }

  /** One drink, in the way of its pot; a pot that becomes thirsty is felt before each. */
  private void drink(
      List<DemoRows.Row> entries, long plant, int ago, boolean cup, Sheet given, Random random) {
    LocalTime time = LocalTime.of(8, 0).plusSeconds(plant % 40 * 20 + random.nextInt(15));
    if (given.has("stands")) {
      write(entries, plant, ago, time, new Filled(null), "Filled to its level");
      return;
    }
    if (given.has("thirsty")) {
      write(entries, plant, ago, time, Felt.probe(Moisture.DRY), "Felt dry");
    }
    String text = cup ? "Cup topped up, medium watered" : "Watered through";
    write(entries, plant, ago, time.plusSeconds(9), SOAKED, text);
  }

  private void write(
      List<DemoRows.Row> entries, long plant, int ago, LocalTime time, Note note, String text) {
    entries.add(rows.entry(plant, ago, time.getHour(), note, text).with("at", rows.at(ago, time)));
  }

  private int interval(Kind kind, LocalDate day, Sheet given, int ago) {
    int usual =
        kind.habits().checkDaysOn(day, scope.latitude(), kind.restsOn(day, scope.latitude()));
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
