package org.mildlantern.app.feed;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Nursing;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.FeedCheck;
import org.mildlantern.core.feed.Programme;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Hold;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Stage;
import org.springframework.stereotype.Component;

/** Which plants are fed today, how strongly, and what they drink. */
@Component
class FeedPlants {
  /** Of a pot’s volume, about what it drinks; of a pot of which nothing is known, ml. */
  private static final double DRINKS = 0.2;

  private static final double POT_OF_ITS_WIDTH = 0.6;
  private static final double SOME_DRINK = 150;

  /** The last feed comes so long before a rest. Rule of thumb. */
  private static final int BEFORE_REST = 21;

  private final PotSaltService salts;
  private final CaseService cases;
  private final JournalService journal;
  private final SensorService sensors;
  private final WateringService watering;
  private final Knowledge knowledge;
  private final Repots repots;
  private final List<Nursing> nursing;
  private final Scope scope;

  FeedPlants(
      PotSaltService salts,
      CaseService cases,
      JournalService journal,
      SensorService sensors,
      WateringService watering,
      Knowledge knowledge,
      Repots repots,
      List<Nursing> nursing,
      Scope scope) {
    this.salts = salts;
    this.cases = cases;
    this.journal = journal;
    this.sensors = sensors;
    this.watering = watering;
    this.knowledge = knowledge;
    this.repots = repots;
    this.nursing = nursing;
    this.scope = scope;
  }

  /** A plant with what speaks for or against a feed. */
  record Checked(PlantView plant, Programme programme, FeedCheck check) {
    boolean fed() {
      return check.why() == FeedCheck.Why.FEED;
    }

    /** Whether it is fed, now or when its days are over. */
    boolean isInSeason() {
      return fed() || check.why() == FeedCheck.Why.FED_LATELY;
    }

    /** The same, not fed until its salts are flushed. */
    private Checked salty() {
      return new Checked(plant, programme, new FeedCheck(FeedCheck.Why.SALTY, 0, null));
    }

    private boolean shy() {
      return plant.kind().shyOf(Habits.Shy.SALTS);
    }

    /** Conductivity of the water without feed that it bears, µS/cm. */
    double water() {
      return programme.waterFor(shy());
    }

    /** Conductivity of the water in its pot from which it is harmed, mS/cm. */
    double salts() {
      return programme.saltsFor(shy());
    }

    double lime() {
      return programme.limeFor(shy());
    }
  }

  List<Checked> check(List<PlantView> plants) {
    List<Long> ids = plants.stream().map(PlantView::id).toList();
    Map<Long, Instant> fed = journal.last(ids, NoteKind.FED);
    Map<Long, CaseView> open = cases.open();
    Map<Long, Measured> measured = sensors.measured();
    Map<Long, SaltStory> stories = salts.ofMany(plants);
    Map<Long, Nursing.Until> nursed = Nursing.all(nursing);
    return plants.stream()
        .map(
            plant ->
                check(
                    plant,
                    fed.get(plant.id()),
                    holdsFeed(open.get(plant.id()), nursed.get(plant.id())),
                    measured.getOrDefault(plant.place().id(), Measured.NOTHING)))
        .map(one -> one.isInSeason() && isOver(stories.get(one.plant().id())) ? one.salty() : one)
        .toList();
  }

  private boolean holdsFeed(CaseView open, Nursing.Until nursed) {
    return open != null && open.cause().hold().contains(Hold.FEED)
        || nursed != null && scope.today().isBefore(nursed.feeds());
  }

  private static boolean isOver(SaltStory story) {
    return story != null && story.isOver();
  }

  private Checked check(PlantView plant, Instant fed, boolean weak, Measured air) {
    Programme programme = knowledge.feeding().of(plant.kind());
    if (plant.kind().habits().feed() == Taxon.Feed.NONE) {
      return new Checked(plant, programme, new FeedCheck(FeedCheck.Why.NOT_AT_THE_ROOTS, 0, null));
    }
    LocalDate today = scope.today();
    boolean resting = plant.resting(today, scope.latitude());
    return new Checked(
        plant,
        programme,
        FeedCheck.of(
            programme,
            new FeedCheck.Plant(
                plant.kind().taxon().isPresent(),
                resting,
                weak,
                plant.stage() == Stage.SEEDLING,
                plant.kind().restsOn(today.plusDays(BEFORE_REST), scope.latitude()),
                strength(plant.kind().habits().feed()),
                freshlyRepotted(plant, today),
                air.temperature() == null ? plant.place().warmth() : air.temperature(),
                plant.kind().taxon().map(Taxon::coldestWished).orElse(0.0),
                fed == null ? null : since(scope.day(fed), today),
                wateredEvery(plant)),
            today,
            scope.latitude()));
  }

  private boolean freshlyRepotted(PlantView plant, LocalDate today) {
    return plant.mediumSince() != null
        && repots
            .aftercare(plant.kind())
            .filter(care -> today.isBefore(plant.mediumSince().plusDays(care.feedDays())))
            .isPresent();
  }

  private static Integer since(LocalDate day, LocalDate today) {
    return day == null ? null : (Integer) (int) Math.max(0, ChronoUnit.DAYS.between(day, today));
  }

  private static double strength(Taxon.Feed feed) {
    return switch (feed) {
      case NONE, WEAK -> 0;
      case MEDIUM -> 0.5;
      case STRONG -> 1;
    };
  }

  /** What plants that are fed ask for. */
  List<Can.Asking> asking(List<Checked> fed) {
    Map<Long, Double> drinks =
        new HashMap<>(watering.drinks(fed.stream().map(Checked::plant).toList()));
    return fed.stream()
        .map(
            one ->
                new Can.Asking(
                    one.plant().id(),
                    one.check().ppm(),
                    one.water(),
                    one.lime(),
                    drinks.getOrDefault(one.plant().id(), usual(one.plant()))))
        .toList();
  }

  /** What plants drink in a day of this season, ml, by plant. */
  Map<Long, Double> drinksADay(List<Checked> plants) {
    Map<Long, Double> drinks = watering.drinks(plants.stream().map(Checked::plant).toList());
    Map<Long, Double> aDay = new HashMap<>();
    for (Checked one : plants) {
      PlantView plant = one.plant();
      aDay.put(plant.id(), drinks.getOrDefault(plant.id(), usual(plant)) / wateredEvery(plant));
    }
    return aDay;
  }

  /** Days between its waterings that are usual at this season. */
  int wateredEvery(PlantView plant) {
    LocalDate today = scope.today();
    boolean resting = plant.resting(today, scope.latitude());
    return Math.max(1, plant.kind().habits().checkDaysOn(today, scope.latitude(), resting));
  }

  private static double usual(PlantView plant) {
    Double cm = plant.pot().cm();
    return cm == null ? SOME_DRINK : POT_OF_ITS_WIDTH * cm * cm * cm * DRINKS;
  }
}
