package org.mildlantern.app.away;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Notice;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.away.FirstDrinks;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Puts what follows an absence on the round: drinks in steps for what was found limp, a look for
 * pests a week later; above it stand what the visitor wrote, and the check on the return.
 */
@Component
@Order(2)
class BackOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(BackOnTheRound.class);

  /** Eggs that were laid in a warm shut room have hatched by then. Rule of thumb. */
  private static final int PESTS_DAYS = 7;

  private static final int PESTS_WAIT = 3;
  private static final int CHECK_DAYS = 7;
  private static final double EACH = 0.25;
  private static final int SHOWN = 90;

  private final LateTrips trips;
  private final NursedPlants nursed;
  private final WateringService watering;
  private final JournalService journal;
  private final Scope scope;

  BackOnTheRound(
      LateTrips trips,
      NursedPlants nursed,
      WateringService watering,
      JournalService journal,
      Scope scope) {
    this.trips = trips;
    this.nursed = nursed;
    this.watering = watering;
    this.journal = journal;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    LateTrips.Late late = trips.late();
    if (late.back().isEmpty()) {
      return List.of();
    }
    List<Due> due = new ArrayList<>(drinks(ground));
    for (TripPlant one : late.plants()) {
      if (one.pestsOn() == null && one.found() != TripPlant.Found.DEAD) {
        LocalDate back = late.back().get(one.tripId());
        ground.plant(one.plantId()).ifPresent(plant -> due.add(pests(one, back, plant)));
      }
    }
    return due;
  }

  private static Due pests(TripPlant one, LocalDate back, PlantView plant) {
    LocalDate on = back.plusDays(PESTS_DAYS);
    String action = "/away/trips/" + one.tripId() + "/pests";
    String why = WORDS.say("pests-why", Days.near(back));
    return Due.on(
            on,
            RoundItem.due("back-" + plant.id(), Work.LOOK, plant, WORDS.say("pests"), why)
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("pests-none"), action, "plants", plant.id().toString())))
                .leadingTo("/plants/" + plant.id() + "/diagnose", WORDS.say("open")))
        .within(
            new Party(
                "back-" + one.tripId(),
                plants -> WORDS.say("pests-many", plants),
                why,
                action,
                WORDS.say("pests-none"),
                WORDS.say("pests-seen"),
                null,
                EACH),
            on.plusDays(PESTS_WAIT));
  }

  private List<Due> drinks(Ground ground) {
    List<TripPlant> rows =
        nursed.rows().stream()
            .filter(row -> ground.today().isBefore(row.foundOn().plusDays(NursedPlants.STEP_DAYS)))
            .filter(row -> ground.plant(row.plantId()).isPresent())
            .toList();
    if (rows.isEmpty()) {
      return List.of();
    }
    List<PlantView> plants =
        rows.stream().map(row -> ground.plant(row.plantId()).orElseThrow()).toList();
    Map<Long, Double> full = watering.drinks(plants);
    Map<Long, List<Entry>> drunk =
        journal.since(
            plants.stream().map(PlantView::id).toList(),
            ground.today().minusDays(NursedPlants.STEP_DAYS),
            Set.of(NoteKind.WATERED, NoteKind.FILLED));
    List<Due> due = new ArrayList<>();
    for (TripPlant row : rows) {
      PlantView plant = ground.plant(row.plantId()).orElseThrow();
      int step =
          (int)
              drunk.getOrDefault(plant.id(), List.of()).stream()
                  .filter(entry -> row.entryId() != null && entry.id() > row.entryId())
                  .count();
      Optional<FirstDrinks> drinks =
          FirstDrinks.of(
              plant.kind(), full.get(plant.id()), plant.restsDry(ground.today(), scope.latitude()));
      drinks
          .filter(steps -> step < steps.steps())
          .ifPresent(steps -> due.add(drink(row, plant, steps, step, ground.today())));
    }
    return due;
  }

  private static Due drink(
      TripPlant row, PlantView plant, FirstDrinks drinks, int step, LocalDate today) {
    LocalDate on = row.foundOn().plusDays(step);
    return Due.on(
            on.isBefore(today) ? today : on,
            RoundItem.due(
                    "drink-" + plant.id(),
                    Work.POT,
                    plant,
                    drinks.task().apply(step),
                    WORDS.say("drink-why"))
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("drunk"),
                            "/away/trips/" + row.tripId() + "/drinks",
                            "drinker",
                            plant.id().toString()))))
        .asking(Ask.MUCH);
  }

  @Override
  public List<Notice> notices(Ground ground) {
    LateTrips.Late late = trips.late();
    List<Notice> notices = new ArrayList<>();
    for (TripMessageRepository.Told told : late.unseen()) {
      String about =
          Optional.ofNullable(told.getPlantId())
              .flatMap(ground::plant)
              .map(PlantView::name)
              .orElse("none");
      notices.add(
          new Notice(
              WORDS.say("visitor", about, brief(told)),
              "/away/trips/" + told.getTripId() + "#messages",
              told.getUrgent()));
    }
    late.back()
        .forEach(
            (trip, back) -> {
              long open =
                  late.plants().stream()
                      .filter(one -> one.tripId().equals(trip) && one.found() == null)
                      .count();
              if (open > 0 && ground.today().isBefore(back.plusDays(CHECK_DAYS))) {
                notices.add(new Notice(WORDS.say("check", open), "/away/trips/" + trip, false));
              }
            });
    return notices;
  }

  private static String brief(TripMessageRepository.Told told) {
    String text = told.getText();
    if (text.isEmpty()) {
      return WORDS.say("a-picture");
    }
    return text.length() > SHOWN ? text.substring(0, SHOWN) + "…" : text;
  }
}
