package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.Element;
import org.mildlantern.core.feed.Label;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.feed.SaltStory.Drink;
import org.mildlantern.core.feed.SaltStory.Ran;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.plant.WaterGiven;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Follows the salts of pots by what was noted of their water and feed. */
@Service
@Transactional(readOnly = true)
class PotSaltService {
  /** Entries are looked at so far back. */
  private static final int DAYS = 730;

  /** A feed of which only the nitrogen is known is taken for one of this ratio. */
  private static final Label SOME_FEED = Label.oxide(20, 10, 20);

  /** A feed of which nothing is known, ppm of nitrogen. */
  private static final double SOME_PPM = 75;

  private final WateringService watering;
  private final JournalService journal;
  private final WaterService waters;
  private final Knowledge knowledge;
  private final Scope scope;

  PotSaltService(
      WateringService watering,
      JournalService journal,
      WaterService waters,
      Knowledge knowledge,
      Scope scope) {
    this.watering = watering;
    this.journal = journal;
    this.waters = waters;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** What is known of the salts in its pot; empty where its pot or its drinks are not known. */
  Optional<SaltStory> of(PlantView plant) {
    Optional<WateringService.PotWater> pot = watering.pot(plant);
    if (pot.isEmpty() || plant.waterUsed() == null) {
      return Optional.empty();
    }
    List<Drink> drinks = drinks(plant, ofWater(plant.waterUsed()));
    if (drinks.isEmpty()) {
      return Optional.empty();
    }
    LocalDate today = scope.today();
    boolean resting = plant.resting(today, scope.latitude());
    return Optional.of(
        SaltStory.tell(
            new SaltStory.Of(
                pot.get().holdsMl(),
                pot.get().left(),
                resting,
                knowledge
                    .feeding()
                    .of(plant.kind())
                    .saltsFor(plant.kind().shyOf(Habits.Shy.SALTS))),
            drinks,
            Math.max(1, plant.kind().habits().checkDaysOn(today, scope.latitude(), resting))));
  }

  /** Conductivity of the water that a plant is given, mS/cm: that of the collection’s, by kind. */
  double ofWater(WaterGiven given) {
    return waters.sheets().stream()
            .filter(sheet -> isOf(sheet.kind(), given))
            .mapToDouble(sheet -> sheet.ec().value())
            .average()
            .orElseGet(() -> WaterSheet.of(usual(given)).ec().value())
        / 1000;
  }

  private static boolean isOf(WaterSheet.Kind kind, WaterGiven given) {
    return switch (given) {
      case RAIN ->
          kind == WaterSheet.Kind.RAIN
              || kind == WaterSheet.Kind.RO
              || kind == WaterSheet.Kind.DISTILLED;
      case TAP -> kind == WaterSheet.Kind.TAP;
      case SOFTENED -> kind == WaterSheet.Kind.SOFTENED;
    };
  }

  private static WaterSheet.Kind usual(WaterGiven given) {
    return switch (given) {
      case RAIN -> WaterSheet.Kind.RAIN;
      case TAP -> WaterSheet.Kind.TAP;
      case SOFTENED -> WaterSheet.Kind.SOFTENED;
    };
  }

  /** Its drinks since it was potted; a feed of a day goes with the drink of that day. */
  private List<Drink> drinks(PlantView plant, double water) {
    LocalDate from = scope.today().minusDays(DAYS);
    LocalDate since =
        plant.mediumSince() != null && plant.mediumSince().isAfter(from)
            ? plant.mediumSince()
            : from;
    List<Entry> entries =
        journal.since(plant.id(), since.atStartOfDay(scope.zone()).toInstant()).stream()
            .sorted(Comparator.comparing(Entry::at))
            .toList();
    List<Drink> drinks = new ArrayList<>();
    for (Entry entry : entries) {
      drink(entry.note(), scope.day(entry.at()), water).ifPresent(drinks::add);
    }
    return drinks;
  }

  private static Optional<Drink> drink(Note note, LocalDate day, double water) {
    if (note instanceof Watered watered) {
      return Optional.of(new Drink(day, watered.ml(), ran(watered.runOff()), water));
    }
    if (note instanceof Fed fed) {
      return Optional.of(new Drink(day, fed.ml(), Ran.NOT_SAID, water + ofFeed(fed)));
    }
    if (note instanceof Flushed flushed) {
      return Optional.of(new Drink(day, flushed.ml(), Ran.FLUSH, water));
    }
    return Optional.empty();
  }

  private static double ofFeed(Fed fed) {
    double ppm = fed.ppm() == null ? SOME_PPM : fed.ppm();
    return SOME_FEED.at(SOME_FEED.gramsFor(Element.N, ppm)).ecMsCm();
  }

  private static Ran ran(Watered.RunOff runOff) {
    return switch (runOff) {
      case NOT_SAID -> Ran.NOT_SAID;
      case NONE -> Ran.STAYED;
      case THROUGH -> Ran.THROUGH;
      case PAST -> Ran.PAST;
    };
  }

  /** The purest water at hand, by which a pot is flushed. */
  Can.AtHand purest() {
    return waters.atHand().stream()
        .min(Comparator.comparingDouble(one -> one.of().ecUsCm()))
        .orElseThrow();
  }

  /** Litres of a water that flush it, and of which. */
  record Flush(double litres, String water) {}

  Optional<Flush> flush(SaltStory story) {
    Can.AtHand purest = purest();
    OptionalDouble litres = story.flushLitres(purest.of().ecUsCm() / 1000);
    return litres.isEmpty() || litres.getAsDouble() == 0
        ? Optional.empty()
        : Optional.of(new Flush(litres.getAsDouble(), purest.of().name()));
  }
}
