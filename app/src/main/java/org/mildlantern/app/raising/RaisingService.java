package org.mildlantern.app.raising;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.raising.Counts;
import org.mildlantern.core.raising.Cross;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps batches of new plants, and what is learned of them. */
@Service
@Transactional
class RaisingService {
  private static final Words WORDS = Words.of(RaisingService.class);

  private final RaisingBatchRepository batches;
  private final RaisingCountRepository counted;
  private final PlantOriginRepository origins;
  private final PlantService plants;
  private final Raising raising;
  private final Knowledge knowledge;
  private final CollectionMemo memo;
  private final Scope scope;

  RaisingService(
      RaisingBatchRepository batches,
      RaisingCountRepository counted,
      PlantOriginRepository origins,
      PlantService plants,
      Raising raising,
      Knowledge knowledge,
      CollectionMemo memo,
      Scope scope) {
    this.batches = batches;
    this.counted = counted;
    this.origins = origins;
    this.plants = plants;
    this.raising = raising;
    this.knowledge = knowledge;
    this.memo = memo;
    this.scope = scope;
  }

  /**
   * A batch with what was counted.
   *
   * @param parent from which it was taken, or null
   */
  record Batch(RaisingBatch row, List<RaisingCount> log, PlantView parent) {
    Counts counts() {
      Counts counts = Counts.NONE;
      for (RaisingCount one : log) {
        counts = counts.plus(one.step(), one.number());
      }
      return counts;
    }

    boolean open() {
      return row.closedOn() == null;
    }
  }

  /** All batches, open ones first. */
  @Transactional(readOnly = true)
  List<Batch> all() {
    return memo.once("raising", this::read);
  }

  private List<Batch> read() {
    List<RaisingBatch> rows = batches.all();
    if (rows.isEmpty()) {
      return List.of();
    }
    Map<Long, List<RaisingCount>> log =
        counted.of(rows.stream().map(RaisingBatch::id).toList()).stream()
            .collect(Collectors.groupingBy(RaisingCount::batchId));
    Map<Long, PlantView> parents = parents(rows);
    return rows.stream()
        .map(
            row ->
                new Batch(
                    row,
                    log.getOrDefault(row.id(), List.of()),
                    row.parentId() == null ? null : parents.get(row.parentId())))
        .toList();
  }

  /** Those that are kept are known already; others, such as archived ones, are looked up. */
  private Map<Long, PlantView> parents(List<RaisingBatch> rows) {
    Set<Long> ids =
        rows.stream()
            .map(RaisingBatch::parentId)
            .filter(Objects::nonNull)
            .collect(Collectors.toSet());
    Map<Long, PlantView> parents = new HashMap<>();
    for (PlantView plant : plants.kept()) {
      if (ids.remove(plant.id())) {
        parents.put(plant.id(), plant);
      }
    }
    parents.putAll(plants.find(ids));
    return parents;
  }

  @Transactional(readOnly = true)
  Optional<Batch> find(Long id) {
    return batches
        .byId(id)
        .map(
            row ->
                new Batch(
                    row,
                    counted.of(List.of(id)),
                    Optional.ofNullable(row.parentId()).flatMap(plants::find).orElse(null)));
  }

  /**
   * Begins a batch.
   *
   * @throws FieldFault where a field does not fit
   */
  Batch begin(BatchForm form) {
    LocalDate day = form.day() == null ? scope.today() : form.day();
    PlantView parent = parent(form, day);
    checkCross(form);
    String name = name(form, parent);
    kind(name)
        .flatMap(raising::of)
        .map(raised -> raised.no().get(form.way()))
        .ifPresent(
            why -> {
              throw new FieldFault("way", why);
            });
    RaisingBatch row =
        new RaisingBatch(
            batches.lastNumber() + 1, parent == null ? null : parent.id(), form, name, day);
    batches.saveAndFlush(row);
    RaisingCount taken = new RaisingCount(row.id(), Counts.Step.TAKEN, form.taken(), day);
    counted.save(taken);
    return new Batch(row, List.of(taken), parent);
  }

  private PlantView parent(BatchForm form, LocalDate day) {
    if (form.parent() == null) {
      return null;
    }
    PlantView parent =
        plants
            .find(form.parent())
            .orElseThrow(() -> new FieldFault("parent", WORDS.say("unknown-plant")));
    if (parent.arrivedOn() != null && day.isBefore(parent.arrivedOn())) {
      throw new FieldFault(
          "day", WORDS.say("before-arrival", parent.name(), Days.full(parent.arrivedOn())));
    }
    return parent;
  }

  private static void checkCross(BatchForm form) {
    if ((form.seed() == null) != (form.pollen() == null)) {
      throw new FieldFault(form.seed() == null ? "seed" : "pollen", WORDS.say("both-parents"));
    }
    if (form.grex() != null) {
      if (form.seed() == null) {
        throw new FieldFault("grex", WORDS.say("grex-needs-cross"));
      }
      Cross.faultOfGrex(form.grex())
          .ifPresent(
              fault -> {
                throw new FieldFault("grex", fault);
              });
    }
  }

  private static String name(BatchForm form, PlantView parent) {
    if (form.grex() != null) {
      return form.grex();
    }
    if (form.seed() != null) {
      String cross = new Cross(form.seed(), form.pollen()).words();
      return cross.length() <= 120 ? cross : cross.substring(0, 120);
    }
    if (parent != null) {
      return parent.name();
    }
    if (form.kind().isEmpty()) {
      throw new FieldFault("kind", WORDS.say("no-kind"));
    }
    return form.kind();
  }

  private Optional<Kind> kind(String name) {
    return knowledge.taxonNamed(name).map(knowledge::kind);
  }

  /** The kind of a batch, where it is known: of its parent, or by its name. */
  Optional<Kind> kind(Batch batch) {
    RaisingBatch row = batch.row();
    return Optional.ofNullable(batch.parent())
        .filter(parent -> row.way().sameAsParent() || row.cross().isEmpty())
        .map(PlantView::kind)
        .filter(kind -> kind.taxon().isPresent())
        .or(() -> kind(row.name()));
  }

  /**
   * Counts pieces.
   *
   * @return empty where there is no such batch
   * @throws FieldFault where the count cannot be
   */
  Optional<Batch> count(Long id, CountForm form) {
    return find(id).map(batch -> count(batch, form));
  }

  private Batch count(Batch batch, CountForm form) {
    LocalDate day = form.day() == null ? scope.today() : form.day();
    if (day.isBefore(batch.row().begunOn())) {
      throw new FieldFault("day", WORDS.say("day-before", Days.full(batch.row().begunOn())));
    }
    batch
        .counts()
        .plus(form.step(), form.number())
        .fault()
        .ifPresent(
            fault -> {
              throw new FieldFault("number", fault);
            });
    RaisingCount row = new RaisingCount(batch.row().id(), form.step(), form.number(), day);
    counted.save(row);
    List<RaisingCount> log = new ArrayList<>(batch.log());
    log.add(row);
    return new Batch(batch.row(), log, batch.parent());
  }

  /** Takes the last count of a batch back; whether there was one beside the first. */
  boolean takeBack(Long id) {
    return find(id)
        .filter(batch -> batch.log().size() > 1)
        .map(
            batch -> {
              batch.log().stream()
                  .reduce((a, b) -> a.id() > b.id() ? a : b)
                  .ifPresent(counted::delete);
              return true;
            })
        .orElse(false);
  }

  Optional<Batch> close(Long id, boolean closed) {
    return find(id)
        .map(
            batch -> {
              batch.row().close(closed ? scope.today() : null);
              return batch;
            });
  }

  /**
   * Makes plants of pieces that have rooted; those that were not counted as potted are so now.
   *
   * @throws FieldFault where there are not so many
   */
  Optional<Integer> make(Long id, NewPlantsForm form) {
    return find(id).map(batch -> make(batch, form));
  }

  private int make(Batch batch, NewPlantsForm form) {
    int made = origins.ofBatch(batch.row().id()).size();
    int unmade = Math.max(0, batch.counts().grown() - made);
    if (form.number() > unmade) {
      throw new FieldFault("number", WORDS.say("too-many", unmade));
    }
    int toPot = form.number() - (batch.counts().potted() - made);
    if (toPot > 0) {
      count(batch, new CountForm(Counts.Step.POTTED, toPot, null));
    }
    RaisingBatch row = batch.row();
    for (int i = 0; i < form.number(); i++) {
      PlantView plant = added(form(batch, form));
      origins.save(new PlantOrigin(plant.id(), row.parentId(), row.id()));
    }
    return form.number();
  }

  /** What the form of a plant cannot take is said at the fields of this one. */
  private PlantView added(PlantForm form) {
    try {
      return plants.add(form);
    } catch (FieldFault e) {
      throw new FieldFault(e.field().equals("placeId") ? "place" : "number", e.getMessage());
    }
  }

  private PlantForm form(Batch batch, NewPlantsForm form) {
    RaisingBatch row = batch.row();
    PlantView parent = batch.parent();
    boolean same = row.way().sameAsParent() && parent != null;
    boolean potted = same && parent.medium() != null;
    return new PlantForm(
        "",
        same ? parent.name() : row.name(),
        formId(batch),
        form.place(),
        Pot.unknown(form.pot()),
        potted ? parent.medium().id() : null,
        null,
        potted ? scope.today() : null,
        same ? parent.waterUsed() : null,
        row.way().sameAsParent() ? Stage.GROWTH : Stage.SEEDLING,
        scope.today(),
        WORDS.say(
            "origin-note",
            "B" + row.number(),
            raising.method(row.way()).label(),
            parent == null ? "" : WORDS.say("origin-parent", parent.code(), parent.name())));
  }

  /** How it is built: as its parent, as its kind, or as the seed parent of its cross. */
  private String formId(Batch batch) {
    return Optional.ofNullable(batch.parent())
        .map(PlantView::form)
        .or(() -> kind(batch).map(Kind::form))
        .or(() -> batch.row().cross().flatMap(cross -> kind(cross.seed())).map(Kind::form))
        .map(GrowthForm::id)
        .orElse(null);
  }
}
