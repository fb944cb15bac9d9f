package org.mildlantern.app.cases;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryCorrected;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.care.CarePlan;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.diagnosis.Response;
import org.mildlantern.core.journal.CaseActed;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Opens cases, keeps one change at a time, takes the answer at the look, and closes. */
@Service
@Transactional
public class CaseService {
  private static final Words WORDS = Words.of(CaseService.class);
  private static final int LONGEST_WHY = 300;
  private static final int LONGEST_LESSON = 1000;

  private final PlantCaseRepository cases;
  private final CaseChangeRepository changes;
  private final DiagnoseService diagnose;
  private final PlantService plants;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;
  private final CollectionMemo memo;
  private final CaseViews views;

  CaseService(
      PlantCaseRepository cases,
      CaseChangeRepository changes,
      DiagnoseService diagnose,
      PlantService plants,
      JournalService journal,
      Knowledge knowledge,
      Scope scope,
      CollectionMemo memo,
      CaseViews views) {
    this.views = views;
    this.memo = memo;
    this.cases = cases;
    this.changes = changes;
    this.diagnose = diagnose;
    this.plants = plants;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** A second change lies inside the first one's window and needs a reason. */
  public static class WindowOpen extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    WindowOpen(CaseChange first, Change change) {
      super(WORDS.say("window", change.label(), Days.near(first.lookOn())));
    }
  }

  /** The plan that opening a case on this cause would make. */
  @Transactional(readOnly = true)
  public Optional<CarePlan> plan(Long plantId, String causeId) {
    return plants
        .find(plantId)
        .flatMap(
            plant ->
                cause(plant, causeId)
                    .map(
                        cause ->
                            CarePlan.first(
                                cause, plant.now(knowledge), scope.today(), scope.latitude())));
  }

  /** What is known for the plant as it lives today. */
  private Lore lore(PlantView plant) {
    return plant.now(knowledge).lore(scope.today(), scope.latitude());
  }

  private Optional<Cause> cause(PlantView plant, String causeId) {
    return lore(plant).cause(causeId);
  }

  /**
   * Opens a case on a suspected cause and makes its first change.
   *
   * @throws IllegalStateException when the plant has an open case already
   */
  public Optional<CaseView> open(Long plantId, String causeId) {
    Optional<PlantView> plant = plants.find(plantId);
    Optional<CarePlan> plan = plan(plantId, causeId);
    if (plant.isEmpty() || plan.isEmpty()) {
      return Optional.empty();
    }
    if (cases.openOf(plantId).isPresent()) {
      throw new IllegalStateException("This plant has an open case; close it first.");
    }
    double probability = probability(plantId, causeId);
    Long look = diagnose.finish(plantId).orElse(null);
    PlantCase opened =
        cases.save(
            new PlantCase(
                cases.lastNumber() + 1, plantId, look, causeId, probability, scope.today()));
    CaseChange change =
        changes.save(
            new CaseChange(
                opened.id(), plan.get().change().id(), scope.today(), plan.get().lookOn(), ""));
    write(
        CaseActed.Act.OPENED,
        opened,
        change,
        WORDS.say(
            "opened",
            opened.number(),
            plan.get().cause().label(),
            Decibans.percent(probability),
            plan.get().change().label()));
    return Optional.of(views.of(opened, List.of(change), plant.get()));
  }

  private double probability(Long plantId, String causeId) {
    return diagnose
        .state(plantId)
        .map(LookState::diagnosis)
        .flatMap(d -> d.of(causeId))
        .map(RankedCause::probability)
        .orElse(0.0);
  }

  /** Writes down how the plant answered, and what that does to the suspicion. */
  public Optional<Entry> respond(Long caseId, Response.Outcome outcome) {
    Optional<PlantCase> found = cases.byId(caseId).filter(PlantCase::open);
    Optional<CaseChange> waiting =
        found.flatMap(c -> changes.of(c.id()).stream().filter(CaseChange::waiting).findFirst());
    if (waiting.isEmpty()) {
      return Optional.empty();
    }
    PlantCase open = found.get();
    CaseChange change = waiting.get();
    diagnose.finish(open.plantId()).ifPresent(open::lookedAgain);
    change.answer(outcome, scope.today());
    changes.flush();
    double after = probability(open.plantId(), open.causeId());
    change.suspect(after);

    return Optional.of(
        write(
            CaseActed.Act.ANSWERED,
            open,
            change,
            WORDS.say(
                "answered",
                outcome.name(),
                knowledge.changes().find(change.changeId()).orElseThrow().label(),
                knowledge.causes().find(open.causeId()).orElseThrow().label(),
                Decibans.percent(after),
                Words.yes(change.confoundedBy() != null))));
  }

  /** Keeps the change on and looks again after another window. */
  public Optional<CaseView> keep(Long caseId) {
    Optional<CaseView> found = find(caseId).filter(CaseView::open);
    boolean answered = found.map(CaseView::current).filter(CaseView.Step::toDecide).isPresent();
    return answered ? next(caseId, null, "") : found;
  }

  /**
   * Makes the next change, or keeps the present one when changeId is null.
   *
   * @throws WindowOpen when the present change is still under test and no reason is given
   * @throws IllegalArgumentException when the reason is too long
   */
  public Optional<CaseView> next(Long caseId, String changeId, String reason) {
    Optional<PlantCase> found = cases.byId(caseId).filter(PlantCase::open);
    if (found.isEmpty()) {
      return Optional.empty();
    }
    PlantCase open = found.get();
    PlantView plant = plants.find(open.plantId()).orElseThrow();
    CaseChange present =
        changes.of(open.id()).stream().filter(CaseChange::current).reduce((a, b) -> b).orElse(null);
    String wanted = changeId == null && present != null ? present.changeId() : changeId;
    Optional<Change> change = knowledge.changes().find(wanted);
    if (change.isEmpty()) {
      return Optional.empty();
    }
    String why = within(reason == null ? "" : reason.strip(), LONGEST_WHY);
    boolean confounds =
        present != null && present.waiting() && present.window().confoundedBy(scope.today());
    if (confounds && why.isEmpty()) {
      throw new WindowOpen(present, knowledge.changes().find(present.changeId()).orElseThrow());
    }
    if (present != null) {
      present.end();
    }
    Cause cause = knowledge.causes().find(open.causeId()).orElseThrow();
    CarePlan plan =
        CarePlan.of(cause, change.get(), plant.now(knowledge), scope.today(), scope.latitude());
    CaseChange made =
        changes.save(
            new CaseChange(open.id(), plan.change().id(), scope.today(), plan.lookOn(), why));
    Entry written =
        write(
            changeId == null ? CaseActed.Act.KEPT : CaseActed.Act.CHANGED,
            open,
            made,
            because(changeId == null ? "kept" : "changed", plan.change().label(), why));
    if (confounds) {
      present.confound(WORDS.say("confounded", plan.change().label(), why), written.root());
    }
    return Optional.of(views.of(open, changes.of(open.id()), plant));
  }

  private static String because(String key, String change, String why) {
    return why.isEmpty() ? WORDS.say(key, change) : WORDS.say(key + "-because", change, why);
  }

  /**
   * A text as long as it may be.
   *
   * @throws IllegalArgumentException when it is longer
   */
  private static String within(String text, int most) {
    if (text.length() > most) {
      throw new IllegalArgumentException(WORDS.say("long", most, text.length()));
    }
    return text;
  }

  /** Takes the present change out of the plant's care again. */
  public Optional<CaseView> undoChange(Long caseId) {
    return cases
        .byId(caseId)
        .filter(PlantCase::open)
        .map(
            open -> {
              changes.of(open.id()).stream()
                  .filter(CaseChange::current)
                  .forEach(
                      change -> {
                        change.undo(scope.today());
                        write(
                            CaseActed.Act.UNDONE,
                            open,
                            change,
                            WORDS.say(
                                "undone",
                                knowledge.changes().find(change.changeId()).orElseThrow().label()));
                      });
              return views.of(open);
            });
  }

  /**
   * Closes a case.
   *
   * @throws IllegalArgumentException when what was learned is too long
   */
  public Optional<CaseView> close(Long caseId, Outcome outcome, String learned) {
    return cases
        .byId(caseId)
        .filter(PlantCase::open)
        .map(
            open -> {
              String lesson = within(learned == null ? "" : learned.strip(), LONGEST_LESSON);
              changes.of(open.id()).forEach(CaseChange::end);
              open.close(scope.today(), outcome, lesson);
              write(
                  CaseActed.Act.CLOSED,
                  open,
                  null,
                  lesson.isEmpty()
                      ? WORDS.say("closed", open.number(), outcome.label())
                      : WORDS.say("closed-learned", open.number(), outcome.label(), lesson));
              return views.of(open);
            });
  }

  /** Notes that something else was done to the plant inside the window, and why. */
  public void confound(Entry entry, String why) {
    waitingIn(entry.plantId())
        .filter(change -> change.window().confoundedBy(scope.day(entry.at())))
        .ifPresent(change -> change.confound(entry.text() + ": " + why, entry.root()));
  }

  /** The change under test on this plant today, if another change would confound it. */
  @Transactional(readOnly = true)
  public Optional<CaseView.Step> openWindow(Long plantId) {
    return cases
        .openOf(plantId)
        .map(views::of)
        .map(CaseView::current)
        .filter(CaseView.Step::waiting)
        .filter(step -> scope.today().isBefore(step.window().lookOn()));
  }

  private Optional<CaseChange> waitingIn(Long plantId) {
    return cases
        .openOf(plantId)
        .flatMap(c -> changes.of(c.id()).stream().filter(CaseChange::waiting).findFirst());
  }

  private Entry write(CaseActed.Act act, PlantCase theCase, CaseChange change, String text) {
    CaseActed note = new CaseActed(act, theCase.id(), change == null ? null : change.id());
    return journal.write(new Entry(theCase.plantId(), scope.now(), note, text));
  }

  /** What was corrected into something else confounds no longer, or does now. */
  @EventListener
  void corrected(EntryCorrected event) {
    if (!event.fresh().kind().changesCare()) {
      changes.confoundedBy(event.fresh().root()).forEach(CaseChange::clearConfound);
    } else if (!event.old().kind().changesCare()) {
      confound(event.fresh(), "by a correction");
    }
  }

  @Transactional(readOnly = true)
  public Optional<CaseView> find(Long caseId) {
    return cases.byId(caseId).map(views::of);
  }

  @Transactional(readOnly = true)
  public Optional<CaseView> openOf(Long plantId) {
    return cases.openOf(plantId).map(views::of);
  }

  /** All open cases, by plant id. */
  @Transactional(readOnly = true)
  public Map<Long, CaseView> open() {
    return memo.once(
        From.CASES,
        "open-cases",
        () ->
            views.of(cases.open()).stream()
                .collect(Collectors.toMap(CaseView::plantId, c -> c, (a, b) -> a)));
  }

  @Transactional(readOnly = true)
  public List<CaseView> all() {
    return memo.once(From.CASES, "cases", () -> views.of(cases.all()));
  }
}
