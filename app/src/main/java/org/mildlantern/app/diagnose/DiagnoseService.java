package org.mildlantern.app.diagnose;

import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.PlantRecords;
import org.mildlantern.app.records.RecordService;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps looks with their findings and asks the core what fits. */
@Service
@Transactional
public class DiagnoseService {
  private static final Words WORDS = Words.of(DiagnoseService.class);

  private final LookRepository looks;
  private final FindingRepository findings;
  private final OverruleRepository overrules;
  private final PlantService plants;
  private final JournalService journal;
  private final RecordService records;
  private final OpenCases cases;
  private final Knowledge knowledge;
  private final Diagnostician diagnostician;
  private final Scope scope;

  DiagnoseService(
      LookRepository looks,
      FindingRepository findings,
      OverruleRepository overrules,
      PlantService plants,
      JournalService journal,
      RecordService records,
      OpenCases cases,
      Knowledge knowledge,
      Diagnostician diagnostician,
      Scope scope) {
    this.looks = looks;
    this.findings = findings;
    this.overrules = overrules;
    this.plants = plants;
    this.journal = journal;
    this.records = records;
    this.cases = cases;
    this.knowledge = knowledge;
    this.diagnostician = diagnostician;
    this.scope = scope;
  }

  /** What is known now: the open look, or that of the open case, or nothing yet. */
  @Transactional(readOnly = true)
  public Optional<LookState> state(Long plantId) {
    return plants.find(plantId).map(this::state);
  }

  /** The signs that stand marked on the plant now, without asking what fits. */
  @Transactional(readOnly = true)
  public List<Node> marked(Long plantId) {
    return rows(lookId(looks.openOf(plantId), () -> cases.openCase(plantId))).stream()
        .filter(FindingRow::present)
        .map(row -> knowledge.node(row.finding().key()).orElseThrow())
        .toList();
  }

  private List<FindingRow> rows(Optional<Long> look) {
    return look.map(findings::of).orElse(List.of());
  }

  /** The open look, or else the one on which the open case stands. */
  private static Optional<Long> lookId(
      Optional<Look> open, Supplier<Optional<OpenCases.OpenCase>> kase) {
    return open.map(Look::id).or(() -> kase.get().map(OpenCases.OpenCase::lookId));
  }

  private LookState state(PlantView plant) {
    Optional<Look> open = looks.openOf(plant.id());
    Optional<OpenCases.OpenCase> kase = cases.openCase(plant.id());
    Optional<Long> look = lookId(open, () -> kase);
    List<FindingRow> rows = rows(look);
    List<LookState.Noted> noted =
        rows.stream().map(r -> new LookState.Noted(r.finding(), r.detail())).toList();
    Set<String> overruled =
        look.map(overrules::of).orElse(List.of()).stream()
            .map(Overrule::condition)
            .collect(Collectors.toCollection(LinkedHashSet::new));
    PlantRecords read = records.read(plant);
    Diagnosis diagnosis =
        diagnostician.diagnose(
            new Question(
                plant.kind(),
                scope.today(),
                scope.latitude(),
                rows.stream().map(FindingRow::finding).toList(),
                read.circumstances().overruling(overruled),
                kase.map(OpenCases.OpenCase::responses).orElse(List.of()),
                cases.experience()));
    return new LookState(plant, noted, open.isPresent(), diagnosis, read, overruled, kase);
  }

  /**
   * Marks a sign on the plant.
   *
   * @param present true for there, false for looked and absent, null for not looked
   * @throws IllegalArgumentException when the sign cannot occur on this plant
   */
  public Optional<LookState> mark(Long plantId, String nodeId, Boolean present) {
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(p -> mark(p, node(p, nodeId), present));
    return plant.map(this::state);
  }

  private Node node(PlantView plant, String nodeId) {
    return knowledge
        .node(nodeId)
        .filter(n -> knowledge.occursOn(n, plant.form()))
        .orElseThrow(
            () -> new IllegalArgumentException("This sign cannot be marked on this plant."));
  }

  private void mark(PlantView plant, Node node, Boolean present) {
    Long look = openLook(plant).id();
    Optional<FindingRow> row = findings.one(look, node.sign().id(), node.pattern().id());
    if (present == null) {
      row.ifPresent(findings::delete);
    } else {
      FindingRow found =
          row.orElseGet(() -> new FindingRow(look, node.sign().id(), node.pattern().id()));
      found.set(present);
      findings.save(found);
    }
  }

  /**
   * Says that a condition of the records does not hold in this look, or takes that back.
   *
   * @throws IllegalArgumentException when there is no such condition
   */
  public Optional<LookState> overrule(Long plantId, String condition, boolean counts) {
    knowledge
        .conditions()
        .find(condition)
        .orElseThrow(() -> new IllegalArgumentException("There is no such record."));
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(
        p -> {
          Long look = openLook(p).id();
          Optional<Overrule> row =
              overrules.of(look).stream().filter(o -> o.condition().equals(condition)).findFirst();
          if (counts) {
            row.ifPresent(overrules::delete);
          } else if (row.isEmpty()) {
            overrules.save(new Overrule(look, condition));
          }
        });
    return plant.map(this::state);
  }

  /** Notes how many or which leaves a marked sign is on. */
  public Optional<LookState> note(Long plantId, String nodeId, String detail) {
    String text = detail == null ? "" : detail.strip();
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(
        p -> {
          Node node = node(p, nodeId);
          findings
              .one(openLook(p).id(), node.sign().id(), node.pattern().id())
              .ifPresent(row -> row.note(text));
        });
    return plant.map(this::state);
  }

  /** The open look; a new one begins with the findings of the open case, to be looked at again. */
  private Look openLook(PlantView plant) {
    return looks
        .openOf(plant.id())
        .orElseGet(
            () -> {
              Look look = looks.saveAndFlush(new Look(plant.id(), scope.now()));
              cases
                  .openCase(plant.id())
                  .map(OpenCases.OpenCase::lookId)
                  .ifPresent(old -> carryOver(old, look.id()));
              return look;
            });
  }

  private void carryOver(Long old, Long look) {
    findings.of(old).forEach(row -> findings.save(row.copyTo(look)));
    overrules.of(old).forEach(row -> overrules.save(new Overrule(look, row.condition())));
  }

  /** Finishes the open look, writes it down and gives its id; empty when nothing was marked. */
  public Optional<Long> finish(Long plantId) {
    return looks
        .openOf(plantId)
        .map(
            look -> {
              look.finish(scope.now());
              journal.write(
                  new Entry(
                      plantId,
                      scope.now(),
                      new Looked(Looked.What.FINDINGS, look.id()),
                      summary(findings.of(look.id()))));
              return look.id();
            });
  }

  /** Forgets what was marked since the last finished look. */
  public void discard(Long plantId) {
    looks
        .openOf(plantId)
        .ifPresent(
            look -> {
              findings.deleteAll(findings.of(look.id()));
              overrules.deleteAll(overrules.of(look.id()));
              findings.flush();
              looks.delete(look);
            });
  }

  @Transactional(readOnly = true)
  public Set<Long> plantsWithOpenLook() {
    return looks.plantsWithOpenLook();
  }

  private String summary(List<FindingRow> rows) {
    String there = labels(rows, true);
    String notThere = labels(rows, false);
    if (there.isEmpty() && notThere.isEmpty()) {
      return WORDS.say("looked-nothing");
    }
    if (notThere.isEmpty()) {
      return WORDS.say("looked-present", there);
    }
    return there.isEmpty()
        ? WORDS.say("looked-absent", notThere)
        : WORDS.say("looked-both", there, notThere);
  }

  private String labels(List<FindingRow> rows, boolean present) {
    return rows.stream()
        .filter(r -> r.present() == present)
        .map(
            r -> {
              String label = knowledge.node(r.finding().key()).map(Node::label).orElse("?");
              return r.detail().isEmpty() ? label : WORDS.say("detail", label, r.detail());
            })
        .collect(Collectors.joining("; "));
  }
}
