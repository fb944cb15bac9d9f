package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.WaitingTestService;
import org.mildlantern.app.diagnose.WaitingTestView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.PageMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.PotCheck;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.round.Agenda;
import org.mildlantern.core.round.Minutes;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts together what is due on a day, from the day book, the open cases and other features. */
@Service
@Transactional(readOnly = true)
public class RoundService {
  /** Days from today on that are levelled when they are too full. */
  private static final int LEVELLED = 10;

  /** Days of answers from which minutes are learned. */
  private static final int LEARNED_DAYS = 30;

  private static final Set<EntryKind> ANSWERS =
      Set.of(
          EntryKind.WATER,
          EntryKind.MOISTURE,
          EntryKind.FLUSH,
          EntryKind.CASE,
          EntryKind.TREAT,
          EntryKind.LOOK);

  private static final Set<EntryKind> OF_POTS =
      Set.of(EntryKind.WATER, EntryKind.MOISTURE, EntryKind.FLUSH);

  /** Rows of a plant among which another's answer is sought. */
  private static final int NEWEST = 8;

  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final CaseService cases;
  private final DiagnoseService diagnose;
  private final WaitingTestService tests;
  private final WateringService watering;
  private final List<RoundSource> sources;
  private final RoundChoices choices;
  private final Scope scope;

  RoundService(
      PlantService plants,
      PlaceService places,
      JournalService journal,
      CaseService cases,
      DiagnoseService diagnose,
      WaitingTestService tests,
      WateringService watering,
      List<RoundSource> sources,
      RoundChoices choices,
      Scope scope) {
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.cases = cases;
    this.diagnose = diagnose;
    this.tests = tests;
    this.watering = watering;
    this.sources = sources;
    this.choices = choices;
    this.scope = scope;
  }

  /** The board; a page that is only read computes it once. */
  public Board board() {
    return PageMemo.once("board", this::makeBoard);
  }

  private Board makeBoard() {
    LocalDate today = scope.today();
    List<PlantView> kept = plants.kept();
    List<PlaceView> all = places.all();
    Map<Long, List<PlantView>> byPlace =
        kept.stream().collect(Collectors.groupingBy(plant -> plant.place().id()));
    Map<Long, PotCheck> checks = watering.checks(kept);
    Map<Long, CaseView> open = cases.open();
    RoundSource.Ground ground = new RoundSource.Ground(kept, open.values());
    Map<Long, List<WaitingTestView>> waiting =
        tests.open().stream().collect(Collectors.groupingBy(WaitingTestView::plantId));
    Map<Long, List<RoundSource.Due>> due =
        sources.stream()
            .flatMap(source -> source.due(ground).stream())
            .collect(Collectors.groupingBy(work -> work.item().plantId()));
    Set<Long> catching =
        kept.stream()
            .filter(plant -> open.containsKey(plant.id()))
            .filter(plant -> open.get(plant.id()).cause().catching())
            .map(plant -> plant.place().id())
            .collect(Collectors.toSet());
    List<PlaceView> walk =
        all.stream()
            .sorted(
                Comparator.comparing(PlaceView::quarantine)
                    .thenComparing(place -> catching.contains(place.id())))
            .toList();
    Double most = choices.mostMinutes();
    Optional<Double> unseen = choices.unseen();
    Minutes minutes = most == null ? Minutes.learn(List.of()) : minutes();
    List<Agenda.Task<Board.Work>> tasks = new ArrayList<>();
    for (PlaceView place : walk) {
      for (PlantView plant : byPlace.getOrDefault(place.id(), List.of())) {
        tasks.addAll(
            work(
                plant,
                open.get(plant.id()),
                waiting,
                due,
                checks.get(plant.id()),
                minutes,
                unseen));
      }
    }
    double spent = most == null ? 0 : spent(today, minutes);
    return new Board(
        today,
        all,
        byPlace,
        walk,
        catching,
        checks,
        open,
        diagnose.plantsWithOpenLook(),
        waiting,
        due,
        Agenda.of(tasks, today, spent, most, LEVELLED));
  }

  /** How long the keeper takes at a stop, from the times of answers. */
  private Minutes minutes() {
    return PageMemo.once(
        "minutes",
        () ->
            Minutes.learn(
                times(scope.today().minusDays(LEARNED_DAYS))
                    .map(time -> new Minutes.Answered(stop(time.kind().shape()), time.at()))
                    .toList()));
  }

  /** Minutes of the day that are done already. */
  private double spent(LocalDate today, Minutes minutes) {
    return times(today).mapToDouble(time -> minutes.at(stop(time.kind().shape()))).sum();
  }

  /** The times of the keeper's answers from a day to today. */
  private Stream<JournalService.Time> times(LocalDate from) {
    return journal.times(from, scope.today()).stream()
        .filter(time -> ANSWERS.contains(time.kind()) && !time.sent());
  }

  private static Minutes.Stop stop(String shape) {
    return switch (shape) {
      case "drop" -> Minutes.Stop.POT;
      case "flag" -> Minutes.Stop.TREAT;
      default -> Minutes.Stop.LOOK;
    };
  }

  private List<Agenda.Task<Board.Work>> work(
      PlantView plant,
      CaseView open,
      Map<Long, List<WaitingTestView>> waiting,
      Map<Long, List<RoundSource.Due>> due,
      PotCheck check,
      Minutes minutes,
      Optional<Double> unseen) {
    List<Agenda.Task<Board.Work>> work = new ArrayList<>();
    if (open != null && open.dueOn() != null) {
      String shape = open.current().waiting() ? "lens" : "flag";
      work.add(
          task(
              plant,
              shape,
              open.dueOn(),
              null,
              minutes,
              today -> RoundItems.ofCase(plant, open, scope.today(), today)));
    }
    for (WaitingTestView test : waiting.getOrDefault(plant.id(), List.of())) {
      work.add(
          task(
              plant,
              "lens",
              test.dueOn(),
              null,
              minutes,
              today -> RoundItems.ofTest(plant, test, scope.today(), today)));
    }
    for (RoundSource.Due more : due.getOrDefault(plant.id(), List.of())) {
      work.add(
          task(
              plant,
              more.item().shape(),
              more.on(),
              null,
              minutes,
              today -> today ? more.item() : more.item().ahead()));
    }
    work.add(
        task(
            plant,
            "drop",
            check.dueOn(),
            check.bears(),
            minutes,
            today -> WaterItems.of(plant, check, unseen, scope.today(), today)));
    return work;
  }

  private static Agenda.Task<Board.Work> task(
      PlantView plant,
      String shape,
      LocalDate due,
      LocalDate bears,
      Minutes minutes,
      Function<Boolean, RoundItem> item) {
    return new Agenda.Task<>(
        new Board.Work(plant, shape, item), due, bears, minutes.at(stop(shape)));
  }

  /** The round of a day; past days show what was done. */
  public Round round(LocalDate day) {
    Board board = board();
    boolean isToday = day.equals(board.today());
    boolean past = day.isBefore(board.today());
    Map<Long, PlantView> plantsById = new HashMap<>();
    board.byPlace().values().forEach(all -> all.forEach(p -> plantsById.put(p.id(), p)));
    Map<Long, List<RoundItem>> items = new HashMap<>();
    if (isToday || past) {
      for (Entry entry : journal.between(day, day)) {
        if (past || answers(entry)) {
          items
              .computeIfAbsent(entry.plantId(), id -> new ArrayList<>())
              .add(RoundItems.done(entry, plantsById.get(entry.plantId())));
        }
      }
    }
    if (!past) {
      for (Agenda.Task<Board.Work> task : board.agenda().on(day)) {
        items
            .computeIfAbsent(task.work().plant().id(), id -> new ArrayList<>())
            .add(task.work().item().apply(isToday));
      }
    }
    return walk(day, board, items);
  }

  private Round walk(LocalDate day, Board board, Map<Long, List<RoundItem>> items) {
    boolean isToday = day.equals(board.today());
    boolean past = day.isBefore(board.today());
    Map<Long, Long> newest = isToday ? journal.newest() : Map.of();
    Minutes minutes = past ? Minutes.learn(List.of()) : minutes();
    List<Round.Stop> stops = new ArrayList<>();
    int due = 0;
    int done = 0;
    double takes = 0;
    boolean washed = false;
    for (PlaceView place : board.walk()) {
      List<Round.Row> here = new ArrayList<>();
      for (PlantView plant : board.in(place)) {
        for (RoundItem item : items.getOrDefault(plant.id(), List.of())) {
          here.add(new Round.Row(item, newKey(), newest.getOrDefault(plant.id(), 0L)));
          due += item.done() ? 0 : 1;
          done += item.done() ? 1 : 0;
          takes += item.done() ? 0 : minutes.at(stop(item.shape()));
        }
      }
      if (!here.isEmpty()) {
        boolean wash =
            (place.quarantine() || board.catching().contains(place.id())) && !washed && !past;
        washed |= wash;
        stops.add(new Round.Stop(place, here, wash, newKey()));
      }
    }
    return new Round(
        day,
        isToday,
        past,
        List.copyOf(stops),
        due,
        done,
        Math.round(takes),
        minutes.counted(Minutes.Stop.POT) + minutes.counted(Minutes.Stop.LOOK),
        load(board, day.plusDays(1), minutes),
        choices.mostMinutes(),
        board.agenda().putOff(day).stream().map(task -> task.work().plant().name()).toList());
  }

  private static String newKey() {
    return UUID.randomUUID().toString();
  }

  private static Round.Load load(Board board, LocalDate day, Minutes minutes) {
    List<Agenda.Task<Board.Work>> tasks = board.agenda().on(day);
    double takes = tasks.stream().mapToDouble(t -> minutes.at(stop(t.work().shape()))).sum();
    return new Round.Load(tasks.size(), Math.round(takes));
  }

  private static boolean answers(Entry entry) {
    return ANSWERS.contains(entry.kind())
        && (entry.kind() != EntryKind.LOOK || entry.lookId() == null);
  }

  /**
   * What was answered about a plant since a row was shown, by somebody else or in another window:
   * the newest such entry. What devices sent does not count.
   *
   * @param seen id of the plant's newest entry when the row was shown
   * @param shape kind of work that the row asks for
   */
  public Optional<Entry> answeredSince(Long plantId, Long seen, String shape) {
    boolean ofPot = shape.equals("drop");
    return journal.timeline(plantId, NEWEST).stream()
        .filter(entry -> entry.id() > seen && answers(entry) && !entry.sent())
        .filter(entry -> OF_POTS.contains(entry.kind()) == ofPot)
        .findFirst();
  }

  /** Counts by kind of work for each day of the ribbon. */
  public Map<LocalDate, Map<String, Integer>> counts(Board board, LocalDate first, LocalDate last) {
    Map<LocalDate, Map<String, Integer>> counts = new TreeMap<>();
    LocalDate today = board.today();
    for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
      Map<String, Integer> of = new LinkedHashMap<>();
      counts.put(day, of);
      board.agenda().on(day).stream()
          .map(task -> task.work().shape())
          .sorted(Comparator.comparing(shape -> !shape.equals("drop")))
          .forEach(shape -> of.merge(shape, 1, Integer::sum));
    }
    if (first.isBefore(today)) {
      for (JournalService.Time time : journal.times(first, today.minusDays(1))) {
        counts.get(scope.day(time.at())).merge(time.kind().shape(), 1, Integer::sum);
      }
    }
    return counts;
  }
}
