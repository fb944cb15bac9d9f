package org.mildlantern.app.diagnose;

import java.util.List;
import java.util.Map;
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
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps looks with their findings and asks the core what fits. */
@Service
@Transactional
public class DiagnoseService {
  private static final Words WORDS = Words.of(DiagnoseService.class);

  private final LookRepository looks;
  private final LookRows rows;
  private final PlantService plants;
  private final JournalService journal;
  private final RecordService records;
  private final OpenCases cases;
  private final Knowledge knowledge;
  private final Diagnostician diagnostician;
  private final Scope scope;

  DiagnoseService(
      LookRepository looks,
      LookRows rows,
      PlantService plants,
      JournalService journal,
      RecordService records,
      OpenCases cases,
      Knowledge knowledge,
      Diagnostician diagnostician,
      Scope scope) {
    this.looks = looks;
    this.rows = rows;
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

  /** What would be known if this, which is not kept yet, belonged to the look. */
  @Transactional(readOnly = true)
  public LookState state(PlantView plant, InWords words) {
    return state(plant, Optional.of(words));
  }

  /** The keeper's words of the look that counts now. */
  @Transactional(readOnly = true)
  public Optional<Spoken> spoken(Long plantId) {
    return lookId(looks.openOf(plantId), () -> cases.openCase(plantId))
        .flatMap(looks::byId)
        .map(Look::spoken)
        .filter(spoken -> !spoken.text().isEmpty());
  }

  /** What stands seen on the plant now, without asking what fits. */
  @Transactional(readOnly = true)
  public List<Finding> marked(Long plantId) {
    return lookId(looks.openOf(plantId), () -> cases.openCase(plantId))
        .map(rows::findings)
        .orElse(List.of())
        .stream()
        .map(LookState.Noted::finding)
        .filter(Finding::present)
        .toList();
  }

  /** The open look, or else the one on which the open case stands. */
  private static Optional<Long> lookId(
      Optional<Look> open, Supplier<Optional<OpenCases.OpenCase>> kase) {
    return open.map(Look::id).or(() -> kase.get().map(OpenCases.OpenCase::lookId));
  }

  private LookState state(PlantView plant) {
    return state(plant, Optional.empty());
  }

  private LookState state(PlantView plant, Optional<InWords> words) {
    Optional<Look> open = looks.openOf(plant.id());
    Optional<OpenCases.OpenCase> kase = cases.openCase(plant.id());
    Optional<Long> look = lookId(open, () -> kase);
    List<LookState.Noted> kept = look.map(rows::findings).orElse(List.of());
    List<LookState.Told> keptTold = look.map(rows::told).orElse(List.of());
    List<LookState.Noted> noted = words.map(more -> more.beside(kept)).orElse(kept);
    List<LookState.Told> told = words.map(more -> more.besideTold(keptTold)).orElse(keptTold);
    Set<String> overruled = look.map(rows::overruled).orElse(Set.of());
    PlantRecords read = telling(records.read(plant), told);
    Diagnosis diagnosis =
        diagnostician.diagnose(
            new Question(
                plant.kind(),
                scope.today(),
                scope.latitude(),
                noted.stream().map(LookState.Noted::finding).toList(),
                read.circumstances().overruling(overruled),
                kase.map(OpenCases.OpenCase::responses).orElse(List.of()),
                cases.experience()));
    return new LookState(
        plant,
        open.or(() -> look.flatMap(looks::byId)).map(one -> one.spoken().text()).orElse(""),
        noted,
        open.isPresent(),
        diagnosis,
        read,
        overruled,
        kase);
  }

  private static PlantRecords telling(PlantRecords records, List<LookState.Told> told) {
    Map<String, String> from =
        told.stream()
            .collect(
                Collectors.toMap(
                    LookState.Told::field,
                    one ->
                        one.quote().isEmpty()
                            ? WORDS.say("told")
                            : WORDS.say("quoted", one.quote())));
    return records.telling(InWords.of(told), from);
  }

  /** Takes what was said into the open look; where the same sign was marked, it replaces that. */
  public void keep(PlantView plant, InWords words) {
    Look look = openLook(plant);
    look.say(words.spoken());
    rows.take(look.id(), words);
  }

  /**
   * Marks a sign on the plant.
   *
   * @param key the sign with its place, or one that was said without a place
   * @param present true for there, false for looked and absent, null for not looked
   * @throws IllegalArgumentException when the sign cannot occur on this plant
   */
  public Optional<LookState> mark(Long plantId, String key, Boolean present) {
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(
        p -> {
          Finding finding = finding(p, key, Boolean.TRUE.equals(present));
          Long look = openLook(p).id();
          if (present == null) {
            rows.unmark(look, finding);
          } else {
            rows.mark(look, finding);
          }
        });
    return plant.map(this::state);
  }

  private Finding finding(PlantView plant, String key, boolean present) {
    Finding finding = present ? Finding.present(key) : Finding.absent(key);
    if (!knowledge.occurs(finding.sign(), finding.pattern(), plant.form())) {
      throw new IllegalArgumentException("This sign cannot be marked on this plant.");
    }
    return finding;
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
    plant.ifPresent(p -> rows.overrule(openLook(p).id(), condition, counts));
    return plant.map(this::state);
  }

  /** Notes how many or which leaves a marked sign is on. */
  public Optional<LookState> note(Long plantId, String key, String detail) {
    String text = detail == null ? "" : detail.strip();
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(p -> rows.note(openLook(p).id(), finding(p, key, true), text));
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
                  .ifPresent(old -> rows.copy(old, look.id()));
              return look;
            });
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
                      summary(rows.findings(look.id()))));
              return look.id();
            });
  }

  /** Forgets what was marked since the last finished look. */
  public void discard(Long plantId) {
    looks
        .openOf(plantId)
        .ifPresent(
            look -> {
              rows.forget(look.id());
              looks.delete(look);
            });
  }

  @Transactional(readOnly = true)
  public Set<Long> plantsWithOpenLook() {
    return looks.plantsWithOpenLook();
  }

  private String summary(List<LookState.Noted> noted) {
    String there = labels(noted, true);
    String notThere = labels(noted, false);
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

  private String labels(List<LookState.Noted> noted, boolean present) {
    return noted.stream()
        .filter(one -> one.finding().present() == present)
        .map(
            one -> {
              String label = knowledge.label(one.finding().sign(), one.finding().pattern());
              return one.detail().isEmpty() ? label : WORDS.say("detail", label, one.detail());
            })
        .collect(Collectors.joining("; "));
  }
}
