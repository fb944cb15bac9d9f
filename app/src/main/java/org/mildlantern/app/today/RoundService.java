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
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.WaitingTestService;
import org.mildlantern.app.diagnose.WaitingTestView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.round.WaterCheck;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Puts together what is due on a day, from the day book and the open cases. */
@Service
@Transactional(readOnly = true)
public class RoundService {
  /** Minutes at a pot, and at a plant with a case. Rule of thumb until they are learned. */
  private static final int POT_MINUTES = 1;

  private static final int CASE_MINUTES = 4;

  private static final String BOARD = RoundService.class.getName() + ".board";

  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final CaseService cases;
  private final DiagnoseService diagnose;
  private final WaitingTestService tests;
  private final WateringService watering;
  private final List<RoundSource> sources;
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
      Scope scope) {
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.cases = cases;
    this.diagnose = diagnose;
    this.tests = tests;
    this.watering = watering;
    this.sources = sources;
    this.scope = scope;
  }

  /** All that the round, the ribbon and the shelf need, read once. */
  public record Board(
      LocalDate today,
      List<PlaceView> places,
      List<PlantView> plants,
      Map<Long, WaterCheck> waterChecks,
      Map<Long, CaseView> openCases,
      Set<Long> openLooks,
      Map<Long, List<WaitingTestView>> tests,
      Map<Long, List<RoundSource.Due>> due) {

    public List<PlantView> in(PlaceView place) {
      return plants.stream().filter(p -> p.place().id().equals(place.id())).toList();
    }

    /** How much the plant asks for its keeper. */
    public Lamp lamp(PlantView plant) {
      CaseView open = openCases.get(plant.id());
      if (plant.place().quarantine()) {
        return Lamp.QUARANTINE;
      }
      if (open != null
              && (open.cause().verdict() == Verdict.URGENT
                  || open.dueOn() != null && !open.dueOn().isAfter(today))
          || due.getOrDefault(plant.id(), List.of()).stream()
              .anyMatch(d -> d.item().shape().equals("flag") && !d.on().isAfter(today))) {
        return Lamp.BRIGHT;
      }
      boolean some =
          open != null
              || openLooks.contains(plant.id())
              || due.getOrDefault(plant.id(), List.of()).stream()
                  .anyMatch(d -> !d.on().isAfter(today))
              || tests.getOrDefault(plant.id(), List.of()).stream()
                  .anyMatch(t -> !t.dueOn().isAfter(today))
              || !waterChecks.get(plant.id()).dueOn().isAfter(today);
      return some ? Lamp.LOW : Lamp.UNLIT;
    }
  }

  /** The board; a page that is only read computes it once. */
  public Board board() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    boolean reading =
        request instanceof ServletRequestAttributes web
            && web.getRequest().getMethod().equals("GET");
    if (!reading) {
      return makeBoard();
    }
    Board known = (Board) request.getAttribute(BOARD, RequestAttributes.SCOPE_REQUEST);
    if (known == null) {
      known = makeBoard();
      request.setAttribute(BOARD, known, RequestAttributes.SCOPE_REQUEST);
    }
    return known;
  }

  private Board makeBoard() {
    List<PlantView> kept = plants.kept();
    Map<Long, WaterCheck> checks = watering.checks(kept);
    Map<Long, CaseView> open = cases.open();
    RoundSource.Ground ground = new RoundSource.Ground(kept, open.values());
    return new Board(
        scope.today(),
        places.all(),
        kept,
        checks,
        open,
        diagnose.plantsWithOpenLook(),
        tests.open().stream().collect(Collectors.groupingBy(WaitingTestView::plantId)),
        sources.stream()
            .flatMap(source -> source.due(ground).stream())
            .collect(Collectors.groupingBy(due -> due.item().plantId())));
  }

  /** The round of a day; past days show what was done. */
  public Round round(LocalDate day) {
    Board board = board();
    boolean isToday = day.equals(board.today());
    boolean past = day.isBefore(board.today());
    Map<Long, List<RoundItem>> items = new HashMap<>();
    if (isToday || past) {
      for (Entry entry : journal.between(day, day)) {
        if (past || answers(entry)) {
          items.computeIfAbsent(entry.plantId(), id -> new ArrayList<>()).add(done(entry, board));
        }
      }
    }
    if (!past) {
      for (PlantView plant : board.plants()) {
        List<RoundItem> of = items.computeIfAbsent(plant.id(), id -> new ArrayList<>());
        caseItem(plant, board, day, isToday).ifPresent(of::add);
        board.tests().getOrDefault(plant.id(), List.of()).stream()
            .filter(test -> due(test.dueOn(), day, isToday))
            .forEach(test -> of.add(testItem(plant, test, isToday)));
        board.due().getOrDefault(plant.id(), List.of()).stream()
            .filter(work -> due(work.on(), day, isToday))
            .forEach(work -> of.add(isToday ? work.item() : work.item().ahead()));
        WaterCheck check = board.waterChecks().get(plant.id());
        if (due(check.dueOn(), day, isToday)) {
          of.add(waterItem(plant, check, isToday));
        }
      }
    }
    return walk(day, isToday, past, board, items);
  }

  private static boolean due(LocalDate dueOn, LocalDate day, boolean isToday) {
    return isToday ? !dueOn.isAfter(day) : dueOn.equals(day);
  }

  private static boolean answers(Entry entry) {
    return entry.kind() == EntryKind.WATER
        || entry.kind() == EntryKind.MOISTURE
        || entry.kind() == EntryKind.CASE
        || entry.kind() == EntryKind.TREAT
        || entry.kind() == EntryKind.LOOK && entry.lookId() == null;
  }

  private Round walk(
      LocalDate day, boolean isToday, boolean past, Board board, Map<Long, List<RoundItem>> items) {
    List<Round.Stop> stops = new ArrayList<>();
    List<PlaceView> order =
        board.places().stream()
            .sorted(
                Comparator.comparing(PlaceView::quarantine).thenComparing(p -> caught(p, board)))
            .toList();
    int due = 0;
    int done = 0;
    int minutes = 0;
    boolean washed = false;
    for (PlaceView place : order) {
      List<RoundItem> here =
          board.in(place).stream()
              .flatMap(p -> items.getOrDefault(p.id(), List.of()).stream())
              .toList();
      if (!here.isEmpty()) {
        boolean wash = (place.quarantine() || caught(place, board)) && !washed && !past;
        washed |= wash;
        stops.add(new Round.Stop(place, here, wash));
        for (RoundItem item : here) {
          due += item.done() ? 0 : 1;
          done += item.done() ? 1 : 0;
          minutes += item.done() ? 0 : item.shape().equals("drop") ? POT_MINUTES : CASE_MINUTES;
        }
      }
    }
    return new Round(day, isToday, past, List.copyOf(stops), due, done, minutes);
  }

  /** Whether something catching is about in the place. */
  private static boolean caught(PlaceView place, Board board) {
    return board.in(place).stream()
        .map(p -> board.openCases().get(p.id()))
        .anyMatch(c -> c != null && c.cause().catching());
  }

  private RoundItem done(Entry entry, Board board) {
    PlantView plant =
        board.plants().stream()
            .filter(p -> p.id().equals(entry.plantId()))
            .findFirst()
            .orElse(null);
    return new RoundItem(
        "done-" + entry.id(),
        entry.kind().shape(),
        entry.plantId(),
        plant == null ? "" : plant.name(),
        plant == null ? "" : plant.code(),
        entry.text(),
        "",
        List.of(),
        true,
        entry.id(),
        entry.caseId() == null ? null : "/cases/" + entry.caseId(),
        null);
  }

  private Optional<RoundItem> caseItem(
      PlantView plant, Board board, LocalDate day, boolean isToday) {
    CaseView open = board.openCases().get(plant.id());
    if (open == null || open.dueOn() == null || !due(open.dueOn(), day, isToday)) {
      return Optional.empty();
    }
    CaseView.Step step = open.current();
    String action = "/today/cases/" + open.id();
    boolean look = step.waiting();
    return Optional.of(
        new RoundItem(
            "case-" + open.id(),
            look ? "lens" : "flag",
            plant.id(),
            plant.name(),
            plant.code(),
            look ? "look again" : "decide what next",
            look
                ? open.cause().label() + " · changed " + ago(step.madeOn(), day)
                : open.cause().label() + " · it was " + step.response().name().toLowerCase(),
            look && isToday
                ? List.of(
                    new RoundItem.Answer("Better", action, "outcome", "BETTER"),
                    new RoundItem.Answer("Same", action, "outcome", "SAME"),
                    new RoundItem.Answer("Worse", action, "outcome", "WORSE"))
                : List.of(),
            false,
            null,
            "/cases/" + open.id(),
            null));
  }

  private RoundItem testItem(PlantView plant, WaitingTestView test, boolean isToday) {
    String action = "/today/tests/" + test.id();
    return new RoundItem(
        "test-" + test.id(),
        "lens",
        plant.id(),
        plant.name(),
        plant.code(),
        test.check().waits() ? "read the test" : "look, as planned",
        test.check().waits()
            ? test.node().label() + "? · begun " + ago(test.startedOn(), scope.today())
            : test.check().label() + ": " + test.node().label() + "?",
        isToday
            ? List.of(
                new RoundItem.Answer("Yes", action, "there", "true"),
                new RoundItem.Answer("No", action, "there", "false"))
            : List.of(),
        false,
        null,
        "/plants/" + plant.id() + "/diagnose",
        null);
  }

  private static String ago(LocalDate from, LocalDate to) {
    long days = java.time.temporal.ChronoUnit.DAYS.between(from, to);
    return days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
  }

  private RoundItem waterItem(PlantView plant, WaterCheck check, boolean isToday) {
    String action = "/today/plants/" + plant.id() + "/water";
    List<RoundItem.Answer> answers = new ArrayList<>();
    if (isToday) {
      for (Moisture moisture : Moisture.values()) {
        String label = moisture.word().substring(0, 1).toUpperCase() + moisture.word().substring(1);
        answers.add(new RoundItem.Answer(label, action, "answer", moisture.word()));
      }
      answers.add(new RoundItem.Answer("Watered", action, "answer", "watered"));
      answers.add(new RoundItem.Answer("Skip", action, "answer", "skip"));
    }
    return new RoundItem(
        "water-" + plant.id(),
        "drop",
        plant.id(),
        plant.name(),
        plant.code(),
        "feel the pot",
        check.since() == null
            ? check.reason()
            : check.reason() + " " + ago(check.since(), scope.today()),
        answers,
        false,
        null,
        null,
        check.working());
  }

  /** Counts by kind of work for each day of the ribbon. */
  public Map<LocalDate, Map<String, Integer>> counts(Board board, LocalDate first, LocalDate last) {
    Map<LocalDate, Map<String, Integer>> counts = new TreeMap<>();
    for (LocalDate day = first; !day.isAfter(last); day = day.plusDays(1)) {
      counts.put(day, new LinkedHashMap<>());
    }
    LocalDate today = board.today();
    if (first.isBefore(today)) {
      for (Entry entry : journal.between(first, today.minusDays(1))) {
        add(counts, scope.day(entry.at()), entry.kind().shape());
      }
    }
    for (PlantView plant : board.plants()) {
      LocalDate water = board.waterChecks().get(plant.id()).dueOn();
      add(counts, water.isBefore(today) ? today : water, "drop");
      for (WaitingTestView test : board.tests().getOrDefault(plant.id(), List.of())) {
        add(counts, test.dueOn().isBefore(today) ? today : test.dueOn(), "lens");
      }
      for (RoundSource.Due due : board.due().getOrDefault(plant.id(), List.of())) {
        add(counts, due.on().isBefore(today) ? today : due.on(), due.item().shape());
      }
      CaseView open = board.openCases().get(plant.id());
      if (open != null && open.dueOn() != null) {
        LocalDate look = open.dueOn().isBefore(today) ? today : open.dueOn();
        add(counts, look, open.current().waiting() ? "lens" : "flag");
      }
    }
    return counts;
  }

  private static void add(
      Map<LocalDate, Map<String, Integer>> counts, LocalDate day, String shape) {
    Map<String, Integer> of = counts.get(day);
    if (of != null) {
      of.merge(shape, 1, Integer::sum);
    }
  }
}
