package org.mildlantern.app.diagnose;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.knowledge.Check;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins tests that take days, and takes their answers as findings. */
@Service
@Transactional
public class WaitingTestService {
  private static final Words WORDS = Words.of(WaitingTestService.class);

  private final WaitingTestRepository tests;
  private final DiagnoseService diagnose;
  private final PlantService plants;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  WaitingTestService(
      WaitingTestRepository tests,
      DiagnoseService diagnose,
      PlantService plants,
      JournalService journal,
      Knowledge knowledge,
      Scope scope) {
    this.tests = tests;
    this.diagnose = diagnose;
    this.plants = plants;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** All tests under way. */
  @Transactional(readOnly = true)
  public List<WaitingTestView> open() {
    return tests.open().stream().map(this::view).toList();
  }

  /** The tests under way on a plant. */
  @Transactional(readOnly = true)
  public List<WaitingTestView> openOn(Long plantId) {
    return tests.openOn(plantId).stream().map(this::view).toList();
  }

  private WaitingTestView view(WaitingTest test) {
    return new WaitingTestView(
        test.id(),
        test.plantId(),
        knowledge.checks().find(test.checkId()).orElseThrow(),
        knowledge.node(test.node()).orElseThrow(),
        test.startedOn(),
        test.dueOn());
  }

  /**
   * Begins a test, or plans a look for tomorrow; one that is under way already stays as it is.
   * Empty when there is no such plant.
   *
   * @throws IllegalArgumentException when the check does not tell of the node
   */
  public Optional<Entry> begin(Long plantId, String checkId, String nodeId) {
    return plants
        .find(plantId)
        .map(
            plant -> {
              Check check =
                  knowledge
                      .checks()
                      .find(checkId)
                      .orElseThrow(() -> new IllegalArgumentException("There is no such test."));
              Node node =
                  knowledge.nodesOf(plant.form(), check).stream()
                      .filter(n -> n.id().equals(nodeId))
                      .findFirst()
                      .orElseThrow(
                          () -> new IllegalArgumentException("This test does not tell that."));
              Optional<WaitingTest> underWay = tests.openOn(plantId, nodeId);
              return underWay.isPresent()
                  ? journal.current(underWay.get().begunBy()).orElseThrow()
                  : begin(plantId, asHere(check, plant), node);
            });
  }

  /** With the days that it takes on such a plant. */
  private Check asHere(Check check, PlantView plant) {
    return check
        .in(plant.now(knowledge).lore(scope.today(), scope.latitude()).living())
        .orElse(check);
  }

  private Entry begin(Long plantId, Check check, Node node) {
    LocalDate due = scope.today().plusDays(Math.max(1, check.days()));
    WaitingTest test = new WaitingTest(plantId, check.id(), node.id(), scope.today(), due);
    Entry entry =
        journal.write(
            new Entry(
                plantId,
                scope.now(),
                new Recorded(Recorded.What.TEST_BEGUN),
                WORDS.say(
                    check.waits() ? "test-begun" : "look-planned", check.label(), Days.near(due))));
    test.begunBy(entry.id());
    tests.save(test);
    return entry;
  }

  /** Takes the answer as a finding of the plant's open look; empty when there is no such test. */
  public Optional<Entry> answer(Long testId, boolean there) {
    return tests
        .byId(testId)
        .filter(WaitingTest::open)
        .map(
            test -> {
              Node node = knowledge.node(test.node()).orElseThrow();
              diagnose.mark(test.plantId(), test.node(), there);
              Entry entry =
                  journal.write(
                      new Entry(
                          test.plantId(),
                          scope.now(),
                          new Looked(Looked.What.TEST, null),
                          WORDS.say("test-read", node.label(), Words.yes(there))));
              test.end(scope.today(), entry.id());
              return entry;
            });
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    tests
        .endedBy(event.entry().root())
        .ifPresent(
            test -> {
              test.end(null, null);
              diagnose.mark(test.plantId(), test.node(), null);
            });
    tests
        .begunBy(event.entry().root())
        .filter(WaitingTest::open)
        .ifPresent(test -> test.end(scope.today(), null));
  }
}
