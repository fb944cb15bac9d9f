package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.VisitChecks.Patch;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Begins patch tests, puts them on the round on their day, and reads them. */
@Service
@Transactional
@Order(4)
class PatchTests implements RoundSource {
  private static final Words WORDS = Words.of(PatchTests.class);

  private final PatchTestRepository tests;
  private final PlantService plants;
  private final JournalService journal;
  private final Remedies remedies;
  private final Scope scope;

  PatchTests(
      PatchTestRepository tests,
      PlantService plants,
      JournalService journal,
      Remedies remedies,
      Scope scope) {
    this.tests = tests;
    this.plants = plants;
    this.journal = journal;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** How a test stands, and when it is to be read. */
  record Tried(Patch state, LocalDate readOn) {}

  /** How the patch tests of plants stand, by plant and means; the latest test counts. */
  @Transactional(readOnly = true)
  Map<Long, Map<String, Tried>> states(Collection<Long> plantIds) {
    Map<Long, Map<String, Tried>> states = new HashMap<>();
    if (!plantIds.isEmpty()) {
      tests
          .of(plantIds)
          .forEach(
              test ->
                  states
                      .computeIfAbsent(test.plantId(), id -> new HashMap<>())
                      .put(test.means(), new Tried(test.state(), readOn(test))));
    }
    return states;
  }

  private LocalDate readOn(PatchTest test) {
    return test.begunOn()
        .plusDays(remedies.means().find(test.means()).map(Means::patchDays).orElse(0));
  }

  /**
   * Begins a test; empty when there is no such plant.
   *
   * @throws IllegalArgumentException when the means is none that is tried on a leaf first
   */
  Optional<Entry> begin(Long plantId, String meansId) {
    Means means =
        remedies
            .means()
            .find(meansId)
            .filter(m -> m.use().patch())
            .orElseThrow(() -> new IllegalArgumentException("This is not tried on a leaf first."));
    return plants
        .find(plantId)
        .map(
            plant -> {
              Entry entry =
                  write(plantId, WORDS.say("patch-begun", means.label().toLowerCase(Locale.ROOT)));
              tests.save(new PatchTest(plantId, meansId, scope.today(), entry.id()));
              return entry;
            });
  }

  /** Reads a test; empty when there is none to read. */
  Optional<Entry> read(Long testId, boolean clean) {
    return tests
        .byId(testId)
        .filter(test -> test.state() == Patch.WAITING)
        .map(
            test -> {
              Entry entry =
                  write(
                      test.plantId(),
                      WORDS.say(
                          "patch-read",
                          remedies
                              .means()
                              .find(test.means())
                              .orElseThrow()
                              .label()
                              .toLowerCase(Locale.ROOT),
                          Words.yes(clean)));
              test.read(clean ? Patch.PASSED : Patch.FAILED, entry.id());
              return entry;
            });
  }

  private Entry write(Long plantId, String text) {
    return journal.write(
        new Entry(plantId, scope.now(), new Looked(Looked.What.PATCH, null), text));
  }

  @Override
  @Transactional(readOnly = true)
  public List<Due> due(Ground ground) {
    return tests.waiting().stream()
        .flatMap(test -> ground.plant(test.plantId()).map(plant -> due(test, plant)).stream())
        .toList();
  }

  private Due due(PatchTest test, PlantView plant) {
    String action = "/patch-tests/" + test.id();
    return Due.on(
        readOn(test),
        RoundItem.due(
                "patch-" + test.id(),
                Work.LOOK,
                plant,
                "read the patch test",
                remedies.means().find(test.means()).orElseThrow().label().toLowerCase(Locale.ROOT))
            .answered(
                List.of(
                    new RoundItem.Answer("Clean", action, "clean", "true"),
                    new RoundItem.Answer("Marked", action, "clean", "false"))));
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    Long entry = event.entry().root();
    tests.readBy(entry).ifPresent(test -> test.read(null, null));
    tests.begunBy(entry).ifPresent(tests::delete);
  }
}
