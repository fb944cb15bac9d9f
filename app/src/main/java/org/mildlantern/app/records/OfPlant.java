package org.mildlantern.app.records;

import java.time.LocalDate;
import java.util.Locale;
import java.util.Set;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What is noted of the plant and its pot. */
@Component
class OfPlant implements RecordSource {
  private static final Words WORDS = Words.of(OfPlant.class);

  private static final double DAYS_A_MONTH = 30.44;

  private final Scope scope;

  OfPlant(Scope scope) {
    this.scope = scope;
  }

  @Override
  public Set<String> fields() {
    return Set.of(
        "outer-pot",
        "holes",
        "pot-width",
        "stage",
        "days-in-flower",
        "water-used",
        "medium-age",
        "medium-life",
        "days-since-repot",
        "days-since-arrival");
  }

  @Override
  public void read(Asked asked, Records records) {
    PlantView plant = asked.plant();
    String source = "noted for the plant";
    records
        .yesNo("outer-pot", plant.pot().outer(), source)
        .yesNo("holes", plant.pot().holes(), source);
    ofStage(plant, source, records);
    if (plant.pot().cm() != null) {
      records.number("pot-width", plant.pot().cm(), source);
    }
    if (plant.stage() == Stage.FLOWER && plant.stageSince() != null) {
      records.number(
          "days-in-flower",
          asked.daysSince(plant.stageSince()),
          WORDS.say("flower", Days.full(plant.stageSince())));
    }
    if (plant.waterUsed() != null) {
      records.choice("water-used", plant.waterUsed().name().toLowerCase(Locale.ROOT), source);
    }
    if (plant.medium() != null) {
      records.number("medium-life", (double) plant.medium().lifeMonths(), plant.medium().label());
    }
    if (plant.arrivedOn() != null) {
      records.number(
          "days-since-arrival",
          asked.daysSince(plant.arrivedOn()),
          WORDS.say("arrived", Days.full(plant.arrivedOn())));
    }
    ofMedium(asked, plant.mediumSince(), records);
  }

  /** As noted, or rest by the calendar of its kind; else it is not known. */
  private void ofStage(PlantView plant, String source, Records records) {
    if (plant.noted().isPresent()) {
      records.choice("stage", plant.stage().id(), source);
    } else if (plant.resting(scope.today(), scope.latitude())) {
      String months = plant.kind().habits().rest().months().words(scope.latitude());
      records.choice("stage", Stage.REST.id(), WORDS.say("rests", months));
    }
  }

  /** Its age, and the last repot: by the day book where it says so. */
  private static void ofMedium(Asked asked, LocalDate since, Records records) {
    if (since != null) {
      String source = WORDS.say("medium", Days.full(since));
      records
          .number("medium-age", asked.daysSince(since) / DAYS_A_MONTH, source)
          .number("days-since-repot", asked.daysSince(since), source);
    }
    asked
        .latest(NoteKind.REPOTTED)
        .ifPresent(
            repot ->
                records.number("days-since-repot", asked.daysSince(repot), asked.source(repot)));
  }
}
