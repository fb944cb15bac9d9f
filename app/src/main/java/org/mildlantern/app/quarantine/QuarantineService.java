package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.Quarantine;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps plants apart, takes their looks, and runs the clock that each find starts again. */
@Service
@Transactional
public class QuarantineService {
  private static final Words WORDS = Words.of(QuarantineService.class);

  private static final int MOST = 100_000;

  private final IsolationRepository isolations;
  private final PestLookRepository looks;
  private final CaseService cases;
  private final PlantService plants;
  private final PlantNotes notes;
  private final JournalService journal;
  private final ChoiceService choices;
  private final Knowledge knowledge;
  private final Remedies remedies;
  private final Scope scope;

  QuarantineService(
      IsolationRepository isolations,
      PestLookRepository looks,
      CaseService cases,
      PlantService plants,
      PlantNotes notes,
      JournalService journal,
      ChoiceService choices,
      Knowledge knowledge,
      Remedies remedies,
      Scope scope) {
    this.isolations = isolations;
    this.looks = looks;
    this.cases = cases;
    this.plants = plants;
    this.notes = notes;
    this.journal = journal;
    this.choices = choices;
    this.knowledge = knowledge;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** A plant's quarantine, if it is in one. */
  @Transactional(readOnly = true)
  public Optional<QuarantineView> of(PlantView plant) {
    return isolations.openOf(plant.id()).map(i -> view(i, plant, looks.of(plant.id()), rule()));
  }

  /** Whether a plant stands apart. */
  @Transactional(readOnly = true)
  public boolean apart(Long plantId) {
    return isolations.openOf(plantId).isPresent();
  }

  /** All quarantines of kept plants. */
  @Transactional(readOnly = true)
  public List<QuarantineView> all(List<PlantView> kept) {
    List<Isolation> open = isolations.open();
    if (open.isEmpty()) {
      return List.of();
    }
    var byPlant =
        looks.since(open.get(0).beganOn()).stream()
            .collect(Collectors.groupingBy(PestLook::plantId));
    Quarantine.Rule rule = rule();
    return open.stream()
        .flatMap(
            i ->
                kept.stream()
                    .filter(p -> p.id().equals(i.plantId()))
                    .map(p -> view(i, p, byPlant.getOrDefault(p.id(), List.of()), rule)))
        .toList();
  }

  private Quarantine.Rule rule() {
    return Quarantine.Rule.valueOf(
        choices.all().getOrDefault("quarantine", Quarantine.Rule.LONGER.name()));
  }

  private QuarantineView view(
      Isolation isolation, PlantView plant, List<PestLook> ofPlant, Quarantine.Rule rule) {
    List<PestLook> during =
        ofPlant.stream().filter(l -> !l.lookedOn().isBefore(isolation.beganOn())).toList();
    LocalDate lastFind =
        during.stream().filter(PestLook::found).map(PestLook::lookedOn).findFirst().orElse(null);
    LocalDate today = scope.today();
    Quarantine clock =
        Quarantine.of(
            isolation.beganOn(),
            lastFind,
            isolation.pest() == null ? null : remedies.pests().find(isolation.pest()).orElse(null),
            plant.place().warmth(),
            rule);
    return new QuarantineView(
        plant.id(),
        new QuarantineView.Apart(
            isolation.beganOn(),
            isolation.why(),
            isolation.pest() == null
                ? null
                : knowledge.causes().find(isolation.pest()).map(Cause::label).orElse(null)),
        clock,
        new QuarantineView.Remaining(clock.daysLeft(today), Math.round(100 * clock.passed(today))),
        during.stream().anyMatch(l -> l.lookedOn().equals(today)),
        during.stream().map(l -> look(l, isolation.pest())).toList());
  }

  /** Looks at a plant for a pest, or for anything, the newest first. */
  @Transactional(readOnly = true)
  public List<QuarantineView.Look> looks(Long plantId, String pest) {
    return looks.of(plantId).stream()
        .filter(l -> l.pest().equals(pest) || l.pest().equals(PestLook.ANYTHING))
        .map(l -> look(l, pest))
        .toList();
  }

  private static QuarantineView.Look look(PestLook look, String pest) {
    return new QuarantineView.Look(look.lookedOn(), look.counted(), look.pest().equals(pest));
  }

  /**
   * Sets a plant apart, and moves it when a place is given. The pest is that of its open case.
   *
   * @throws IllegalStateException when it stands apart already, or is in the archive
   * @throws IllegalArgumentException when the reason is missing or too long
   */
  public Optional<Entry> begin(Long plantId, String why, Long placeId) {
    Optional<PlantView> plant = plants.find(plantId);
    plant.ifPresent(
        p -> {
          if (p.archived()) {
            throw new IllegalStateException("The plant is in the archive; bring it back first.");
          }
          if (isolations.openOf(plantId).isPresent()) {
            throw new IllegalStateException("It is in quarantine already.");
          }
        });
    String reason = reason(why, "Say why it is set apart.");
    return plant.map(
        p -> {
          if (placeId != null) {
            notes.move(plantId, placeId, "");
          }
          String pest =
              cases
                  .openOf(plantId)
                  .filter(c -> c.cause().catching())
                  .map(c -> c.cause().id())
                  .orElse(null);
          Entry entry =
              write(
                  plantId,
                  new Recorded(Recorded.What.QUARANTINE_BEGUN),
                  WORDS.say("begun", reason));
          isolations.save(new Isolation(plantId, pest, reason, scope.today(), entry.id()));
          return entry;
        });
  }

  private static String reason(String why, String missing) {
    String reason = why.strip();
    if (reason.isEmpty()) {
      throw new IllegalArgumentException(missing);
    }
    if (reason.length() > 200) {
      throw new IllegalArgumentException("At most 200 characters.");
    }
    return reason;
  }

  /**
   * Lets a plant out.
   *
   * @throws IllegalArgumentException when it is early and no reason is given
   */
  public Optional<Entry> leave(Long plantId, String why) {
    return plants
        .find(plantId)
        .flatMap(
            plant ->
                isolations
                    .openOf(plantId)
                    .map(
                        isolation -> {
                          boolean early =
                              !view(isolation, plant, looks.of(plantId), rule()).mayLeave();
                          String reason =
                              early ? reason(why, "It is early; say why it must be.") : why.strip();
                          Entry entry =
                              write(
                                  plantId,
                                  new Recorded(Recorded.What.QUARANTINE_ENDED),
                                  early ? WORDS.say("ended-early", reason) : WORDS.say("ended"));
                          isolation.end(scope.today(), reason, entry.id());
                          return entry;
                        }));
  }

  /**
   * Notes a look for a pest with what was counted.
   *
   * @param causeId what was looked for; null means what the plant is in quarantine for, or anything
   * @throws IllegalArgumentException when the count is out of range or nothing of that name is
   *     known
   */
  public Optional<Entry> looked(Long plantId, String causeId, int counted) {
    if (counted < 0 || counted > MOST) {
      throw new IllegalArgumentException(WORDS.say("counts", MOST));
    }
    if (causeId != null && knowledge.causes().find(causeId).isEmpty()) {
      throw new IllegalArgumentException("Nothing of that name is known.");
    }
    return plants
        .find(plantId)
        .map(
            plant -> {
              String pest = causeId;
              if (pest == null) {
                pest = isolations.openOf(plantId).map(Isolation::pest).orElse(null);
              }
              String what =
                  pest == null
                      ? "none"
                      : knowledge
                          .causes()
                          .find(pest)
                          .map(c -> c.label().toLowerCase())
                          .orElse(pest);
              Entry entry =
                  write(
                      plantId,
                      new Looked(Looked.What.PEST, null),
                      WORDS.say("looked", what, counted));
              looks.save(
                  new PestLook(
                      plantId,
                      pest == null ? PestLook.ANYTHING : pest,
                      scope.today(),
                      counted,
                      entry.id()));
              return entry;
            });
  }

  private Entry write(Long plantId, Note note, String text) {
    return journal.write(new Entry(plantId, scope.now(), note, text));
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    Long entry = event.entry().root();
    looks.byEntry(entry).ifPresent(looks::delete);
    isolations.byEntry(entry).ifPresent(isolations::delete);
    isolations
        .endedBy(entry)
        .filter(isolation -> isolations.openOf(isolation.plantId()).isEmpty())
        .ifPresent(isolation -> isolation.end(null, null, null));
  }
}
