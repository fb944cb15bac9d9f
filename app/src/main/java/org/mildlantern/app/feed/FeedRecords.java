package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.RecordSource;
import org.mildlantern.app.records.Records;
import org.mildlantern.core.feed.Band;
import org.mildlantern.core.feed.Diet;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.Months;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** The water that a plant is given, what it was fed, and the salts in its pot, as evidence. */
@Component
class FeedRecords implements RecordSource {
  private static final Words WORDS = Words.of(FeedRecords.class);
  private static final Set<NoteKind> DRINKS =
      Set.of(NoteKind.WATERED, NoteKind.FILLED, NoteKind.FED);
  private static final int DAYS = 90;

  private final PotSaltService salts;
  private final Knowledge knowledge;

  FeedRecords(PotSaltService salts, Knowledge knowledge) {
    this.salts = salts;
    this.knowledge = knowledge;
  }

  @Override
  public Set<String> fields() {
    return Set.of(
        "water-ec",
        "water-hardness",
        "water-alkalinity",
        "water-sodium",
        "water-disinfectant",
        "pore-ec",
        "nitrogen-mean",
        "calcium-mean",
        "magnesium-mean",
        "potassium-fed",
        "phosphorus-fed");
  }

  @Override
  public Object ground() {
    return salts.stores();
  }

  /** Only by a water that was described: what is usual for a tap is no evidence of this one. */
  @Override
  public void read(Asked asked, Records records) {
    PotSaltService.Stores stores = salts.stores();
    PlantView plant = asked.plant();
    Optional<WaterSheet> sheet =
        Optional.ofNullable(plant.waterUsed()).flatMap(stores.waters()::described);
    sheet.ifPresent(
        water -> {
          ofWater(water, records);
          salts.story(plant, asked.entries(), stores).ifPresent(story -> ofPot(story, records));
        });
    ofDiet(asked, stores, sheet.orElse(null), records);
  }

  private static void ofWater(WaterSheet water, Records records) {
    String source = WORDS.say("records-water", water.kind().label());
    band("water-ec", water.ec(), 1, source, records);
    band("water-hardness", water.hard(), 1 / Hardness.DH.ppm(1), source, records);
    band("water-alkalinity", water.alkaline(), 1, source, records);
    band("water-sodium", water.salt(), 1, source, records);
    if (water.disinfectant() != WaterSheet.Disinfectant.UNKNOWN) {
      records.choice(
          "water-disinfectant", water.disinfectant().name().toLowerCase(Locale.ROOT), source);
    }
  }

  private static void band(String field, Band band, double factor, String source, Records records) {
    records.number(field, band.value() * factor, band.spread() * factor, source);
  }

  private static void ofPot(SaltStory story, Records records) {
    double now = story.pot().ecFull();
    records.number(
        "pore-ec",
        now,
        now * story.spread(),
        WORDS.say("records-pot", story.drinks(), story.readings()));
  }

  /** What it drank in the last months, unless it rests or is out of its season. */
  private void ofDiet(
      Asked asked, PotSaltService.Stores stores, WaterSheet water, Records records) {
    LocalDate from = asked.today().minusDays(DAYS);
    List<Entry> late =
        asked.entries().stream().filter(entry -> asked.day(entry).isAfter(from)).toList();
    int drinks = (int) late.stream().filter(entry -> DRINKS.contains(entry.kind())).count();
    boolean grains = asked.entries().stream().anyMatch(entry -> entry.kind() == NoteKind.STREWN);
    Diet diet =
        Diet.of(
            drinks,
            late.stream()
                .flatMap(entry -> entry.as(Fed.class).stream())
                .map(stores.notes()::meal)
                .toList(),
            water == null ? null : water.solution());
    String source = WORDS.say("records-diet", drinks);
    records
        .number("calcium-mean", diet.calcium(), source)
        .number("magnesium-mean", diet.magnesium(), source)
        .number("potassium-fed", diet.potassium(), source)
        .number("phosphorus-fed", diet.phosphorus(), source);
    if (!grains && isFedNow(asked)) {
      records.number("nitrogen-mean", diet.nitrogen(), source);
    }
  }

  private boolean isFedNow(Asked asked) {
    PlantView plant = asked.plant();
    Months months = knowledge.feeding().of(plant.kind()).months();
    return !plant.resting(asked.today(), asked.latitude())
        && (months == null || months.contain(asked.today(), asked.latitude()));
  }
}
