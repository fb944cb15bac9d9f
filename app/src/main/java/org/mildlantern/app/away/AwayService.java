package org.mildlantern.app.away;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.away.AwayPlan;
import org.mildlantern.core.away.Experience;
import org.mildlantern.core.away.Means;
import org.mildlantern.core.away.Standing;
import org.mildlantern.core.away.Survival;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Watering;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans absences. */
@Service
@Transactional(readOnly = true)
class AwayService {
  private static final Words WORDS = Words.of(AwayService.class);

  /** With this chance a plant is said not to last. */
  private static final double LASTS = 0.1;

  /** So many days ahead pots stand as they do now. */
  private static final int AS_NOW = 1;

  /** Days before that are named. */
  private static final int INSPECT = 7;

  private static final int LAST_FEED = 14;
  private static final int TRY_OUT = 3;

  /** Cans and bottles are told to the next 50 ml. */
  private static final double RESERVOIR_STEP = 50;

  private final PlantService plants;
  private final WateringService watering;
  private final CaseService cases;
  private final Absence absence;
  private final TripExperience experience;
  private final Rooms rooms;
  private final Scope scope;

  AwayService(
      PlantService plants,
      WateringService watering,
      CaseService cases,
      Absence absence,
      TripExperience experience,
      Rooms rooms,
      Scope scope) {
    this.experience = experience;
    this.rooms = rooms;
    this.plants = plants;
    this.watering = watering;
    this.cases = cases;
    this.absence = absence;
    this.scope = scope;
  }

  LocalDate today() {
    return scope.today();
  }

  /**
   * A plant as the plan sees it.
   *
   * @param harm the chance of it when nothing is done
   */
  private record At(PlantView plant, Survival survival, double harm, AwayPlan.Plant planned) {}

  AwayView plan(AwayForm form) {
    int away = (int) ChronoUnit.DAYS.between(form.from(), form.until());
    int ahead = (int) ChronoUnit.DAYS.between(scope.today(), form.from());
    AwayPlan.Trip trip =
        new AwayPlan.Trip(away, form.risk() / 100, form.minutes(), form.visits(), form.coin());
    List<Rooms.Room> there = rooms.all(form.from(), form.until());
    List<At> all = all(there, ahead, away);
    List<AwayPlan.Plant> planned = all.stream().map(At::planned).toList();
    List<List<Means>> airs = there.stream().map(Rooms.Room::means).toList();
    AwayPlan.Choices choices = new AwayPlan.Choices(planned, airs, trip);
    AwayPlan plan = choices.best();
    List<Integer> order =
        IntStream.range(0, all.size())
            .boxed()
            .sorted(Comparator.comparingDouble((Integer i) -> -all.get(i).harm()))
            .toList();
    List<AwayView.Row> rows =
        order.stream()
            .filter(i -> all.get(i).harm() > trip.risk() || !plan.plants().get(i).means().isEmpty())
            .map(i -> row(all.get(i), plan, i, form, away))
            .toList();
    long lost = all.stream().filter(at -> at.harm() >= LASTS).count();
    return new AwayView(
        WORDS.say("head", all.size(), lost, away, plan.above(trip.risk())),
        saves(plan, choices, form),
        rows,
        all.size() - rows.size(),
        before(all, there, plan, form),
        visits(all, plan, form),
        order.stream().limit(10).map(i -> all.get(i).plant()).toList(),
        cost(plan, trip),
        IntStream.range(0, all.size())
            .mapToObj(
                i ->
                    new AwayView.Expected(
                        all.get(i).plant().id(),
                        Math.min(1, Math.max(0, plan.plants().get(i).harm())),
                        plan.plants().get(i).watered()))
            .toList());
  }

  /**
   * All plants.
   *
   * @param there the rooms in which they stand
   * @param ahead days until one leaves; until then they are looked after
   * @param away days of the absence
   */
  private List<At> all(List<Rooms.Room> there, int ahead, int away) {
    List<Long> places = there.stream().map(room -> room.place().id()).toList();
    List<PlantView> kept = plants.byName();
    Map<Long, Survival> survivals = watering.survivals(kept);
    Experience taught = experience.taught();
    Map<Long, CaseView> open = cases.open();
    List<At> all = new ArrayList<>();
    for (PlantView plant : kept) {
      boolean resting = plant.resting(scope.today(), scope.latitude());
      boolean dry = plant.restsDry(scope.today(), scope.latitude());
      Survival now = taught.of(survivals.get(plant.id()));
      Survival survival = ahead > AS_NOW ? now.lookedAfter() : now;
      Standing standing = standing(plant, open.containsKey(plant.id()));
      List<Means> means =
          absence.means(plant.kind(), plant.stage(), resting).stream()
              .filter(one -> !dry && standing.takes(one))
              .toList();
      all.add(
          new At(
              plant,
              survival,
              survival.harm(away, false, 1, 0),
              new AwayPlan.Plant(survival, means, !dry, places.indexOf(plant.place().id()))));
    }
    return all;
  }

  private static Standing standing(PlantView plant, boolean ill) {
    PlaceKind place = plant.place().kind();
    return new Standing(
        place == PlaceKind.INDOOR,
        place == PlaceKind.CASE,
        plant.kind().water() == Watering.SOAK,
        plant.stage() != null && plant.stage().blooms(),
        ill,
        plant.place().warmth(),
        plant.kind().taxon().map(Taxon::coldestWished).orElse(null));
  }

  private AwayView.Row row(At at, AwayPlan whole, int i, AwayForm form, int away) {
    AwayPlan.OfPlant plan = whole.plants().get(i);
    int first = at.survival().dayOf(LASTS);
    String alone =
        first < 0 || first > away
            ? WORDS.say("lasts-alone", 100 * at.harm())
            : WORDS.say("harmed", 100 * at.harm(), Days.near(form.from().plusDays(first)));
    List<String> done = new ArrayList<>(plan.means().stream().map(Means::label).toList());
    whole.about(i, at.planned().room()).stream().map(Means::label).forEach(done::add);
    if (plan.watered()) {
      done.add(WORDS.say("watered-by-visitor"));
    }
    return new AwayView.Row(
        at.plant(),
        alone,
        done.isEmpty() ? WORDS.say("nothing") : String.join(", ", done),
        Math.round(100 * plan.harm()),
        plan.harm() > form.risk() / 100 + 0.005);
  }

  /** What all visits save together, and what is lost without each. */
  private static String saves(AwayPlan plan, AwayPlan.Choices choices, AwayForm form) {
    List<Integer> visits = plan.visits();
    if (visits.isEmpty()) {
      return form.visits() == 0 ? WORDS.say("no-visitor") : WORDS.say("no-visit-needed");
    }
    double risk = form.risk() / 100;
    long above = plan.above(risk);
    List<String> words = new ArrayList<>();
    words.add(
        WORDS.say(
            "saves",
            visits.size(),
            String.join(", ", visits.stream().map(day -> near(form, day)).toList()),
            Math.max(0, choices.with(List.of()).above(risk) - above)));
    if (visits.size() > 1) {
      for (Integer day : visits) {
        AwayPlan less = choices.with(visits.stream().filter(other -> !other.equals(day)).toList());
        words.add(
            WORDS.say(
                "without",
                near(form, day),
                Math.max(0, less.above(risk) - above),
                less.cost() - plan.cost() + form.minutes()));
      }
    }
    return String.join(" ", words);
  }

  private static String near(AwayForm form, int day) {
    return Days.near(form.from().plusDays(day));
  }

  private List<AwayView.Day> before(
      List<At> all, List<Rooms.Room> there, AwayPlan plan, AwayForm form) {
    LocalDate leaves = form.from();
    Map<LocalDate, List<String>> days = new TreeMap<>();
    Map<Long, CaseView> open = cases.open();
    List<String> looks = new ArrayList<>(List.of(WORDS.say("inspect")));
    for (At at : all) {
      CaseView own = open.get(at.plant().id());
      if (own != null) {
        looks.add(WORDS.say("open-case", at.plant().name(), own.cause().label()));
      }
    }
    on(days, leaves.minusDays(LAST_FEED), List.of(WORDS.say("last-feed")));
    on(days, leaves.minusDays(INSPECT), looks);
    on(days, leaves.minusDays(TRY_OUT), List.of(WORDS.say("try-out"), WORDS.say("no-repot")));
    int away = (int) ChronoUnit.DAYS.between(leaves, form.until());
    on(days, leaves.minusDays(1), preparations(all, plan, away));
    on(days, leaves, List.of(WORDS.say("windows")));
    IntStream.range(0, there.size())
        .forEach(
            i -> on(days, leaves, plan.rooms().get(i).stream().map(there.get(i)::step).toList()));
    on(days, leaves, List.of(WORDS.say("lamps"), WORDS.say("photo")));
    return days.entrySet().stream()
        .map(day -> new AwayView.Day(Days.spoken(day.getKey()), day.getValue()))
        .toList();
  }

  /** What should have been done before is done today. */
  private void on(Map<LocalDate, List<String>> days, LocalDate day, List<String> steps) {
    LocalDate on = day.isBefore(scope.today()) ? scope.today() : day;
    days.computeIfAbsent(on, d -> new ArrayList<>()).addAll(steps);
  }

  private List<String> preparations(List<At> all, AwayPlan plan, int away) {
    Map<Long, Double> losses =
        watering.lossesADay(
            IntStream.range(0, all.size())
                .filter(i -> plan.plants().get(i).means().stream().anyMatch(AwayService::holds))
                .mapToObj(i -> all.get(i).plant())
                .toList());
    Map<Means, List<String>> byMeans = new LinkedHashMap<>();
    for (int i = 0; i < all.size(); i++) {
      for (Means means : plan.plants().get(i).means()) {
        byMeans
            .computeIfAbsent(means, m -> new ArrayList<>())
            .add(named(all.get(i).plant(), means, losses, away));
      }
    }
    List<String> steps = new ArrayList<>();
    byMeans.forEach(
        (means, names) ->
            steps.add(
                WORDS.say(
                    "prepare", sentence(means.label()), String.join(", ", names), means.how())));
    return steps.isEmpty() ? List.of(WORDS.say("nothing-before")) : steps;
  }

  private static boolean holds(Means means) {
    return means.kind() == Means.Kind.RESERVOIR;
  }

  /** A plant, with what its reservoir gives a day and must hold where that is known. */
  private static String named(PlantView plant, Means means, Map<Long, Double> losses, int away) {
    Double ml = losses.get(plant.id());
    if (!holds(means) || ml == null) {
      return plant.name();
    }
    double holds = Math.ceil(ml * away / RESERVOIR_STEP) * RESERVOIR_STEP;
    return WORDS.say("reservoir", plant.name(), Math.max(1, ml), holds);
  }

  private static String sentence(String label) {
    return Character.toUpperCase(label.charAt(0)) + label.substring(1);
  }

  private List<AwayView.Visit> visits(List<At> all, AwayPlan plan, AwayForm form) {
    if (plan.visits().isEmpty()) {
      return List.of();
    }
    Map<Long, Double> drinks = watering.drinks(all.stream().map(At::plant).toList());
    Map<String, List<AwayView.Drink>> places = new LinkedHashMap<>();
    IntStream.range(0, all.size())
        .filter(i -> plan.plants().get(i).watered())
        .mapToObj(i -> all.get(i).plant())
        .sorted(
            Comparator.comparing((PlantView plant) -> plant.place().quarantine())
                .thenComparing(plant -> plant.place().name())
                .thenComparing(PlantView::name))
        .forEach(
            plant ->
                places
                    .computeIfAbsent(plant.place().name(), name -> new ArrayList<>())
                    .add(drink(plant, drinks.get(plant.id()))));
    List<AwayView.AtPlace> at = new ArrayList<>();
    places.forEach((place, list) -> at.add(new AwayView.AtPlace(place, list)));
    return plan.visits().stream()
        .map(day -> new AwayView.Visit(form.from().plusDays(day), at))
        .toList();
  }

  private static AwayView.Drink drink(PlantView plant, Double ml) {
    boolean pure = plant.kind().way().tags().contains("trap");
    String not = pure ? WORDS.say("not-tap") : WORDS.say("not-wet");
    String amount =
        switch (plant.kind().water()) {
          case SOAK -> WORDS.say("amount-soak");
          case CUP -> WORDS.say("amount-cup");
          case WET_FEET, AFLOAT -> WORDS.say("amount-tray");
          default -> ml == null ? WORDS.say("amount-through") : "";
        };
    if (!amount.isEmpty()) {
      return new AwayView.Drink(plant, amount, null, not);
    }
    int round = (int) Math.max(10, Math.round(ml / 10) * 10);
    return new AwayView.Drink(plant, WORDS.say("amount", round), round, not);
  }

  private static String cost(AwayPlan plan, AwayPlan.Trip trip) {
    List<Means> all =
        Stream.concat(plan.rooms().stream(), plan.plants().stream().map(AwayPlan.OfPlant::means))
            .flatMap(List::stream)
            .toList();
    double minutes = all.stream().mapToDouble(Means::minutes).sum();
    double money = all.stream().mapToDouble(Means::money).sum();
    return WORDS.say(
        "cost", minutes, money, plan.visits().size(), plan.visits().size() * trip.visitCost());
  }
}
