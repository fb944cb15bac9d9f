package org.mildlantern.app.raising;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.TreeMap;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.raising.Cross;
import org.mildlantern.core.raising.Take;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Batches and families as pages show them. */
@Component
@Transactional(readOnly = true)
class BatchViews {
  private static final Words WORDS = Words.of(BatchViews.class);

  /** Of a batch of which nothing came yet one looks again after so many days. */
  private static final int AGAIN_DAYS = 14;

  private final RaisingService raised;
  private final Takes takes;
  private final PlantOriginRepository origins;
  private final PlantService plants;
  private final Raising raising;

  BatchViews(
      RaisingService raised,
      Takes takes,
      PlantOriginRepository origins,
      PlantService plants,
      Raising raising) {
    this.raised = raised;
    this.takes = takes;
    this.origins = origins;
    this.plants = plants;
    this.raising = raising;
  }

  /** When a batch is looked at; empty where nothing waits for roots or its weeks are not known. */
  Optional<LocalDate> look(RaisingService.Batch batch) {
    if (!batch.open() || batch.counts().waiting() == 0) {
      return Optional.empty();
    }
    LocalDate last =
        batch.log().stream()
            .map(RaisingCount::day)
            .max(LocalDate::compareTo)
            .orElse(batch.row().begunOn());
    return takes
        .works(batch)
        .map(works -> batch.row().begunOn().plusWeeks(works.weeks().get(0)))
        .map(
            first ->
                last.isBefore(first) || batch.log().size() == 1
                    ? first
                    : last.plusDays(AGAIN_DAYS));
  }

  BatchView view(RaisingService.Batch batch) {
    RaisingBatch row = batch.row();
    return new BatchView(
        row.id(),
        "B" + row.number(),
        row.name(),
        batch.parent(),
        raising.method(row.way()),
        Days.full(row.begunOn()),
        row.cross().map(Cross::words).orElse(""),
        row.notes(),
        batch.counts(),
        expected(batch),
        look(batch).map(day -> WORDS.say("look-roots", Days.near(day))).orElse(""),
        !batch.open(),
        batch.log().stream()
            .map(
                one ->
                    new BatchView.Line(
                        WORDS.say("count", Days.full(one.day()), one.number(), one.step().name())))
            .toList(),
        List.of());
  }

  BatchView whole(RaisingService.Batch batch) {
    BatchView view = view(batch);
    List<Long> ids = origins.ofBatch(batch.row().id()).stream().map(PlantOrigin::plantId).toList();
    Map<Long, PlantView> found = plants.find(ids);
    return new BatchView(
        view.id(),
        view.code(),
        view.name(),
        view.parent(),
        view.method(),
        view.begun(),
        view.cross(),
        view.notes(),
        view.counts(),
        view.expected(),
        view.next(),
        view.closed(),
        view.log(),
        ids.stream().map(found::get).filter(Objects::nonNull).toList());
  }

  private String expected(RaisingService.Batch batch) {
    int taken = batch.counts().taken();
    return raised
        .kind(batch)
        .flatMap(
            kind ->
                takes
                    .works(batch)
                    .map(
                        works -> {
                          Take take = takes.learned(kind, works).take();
                          return WORDS.say(
                              "expected",
                              taken,
                              Math.round(take.mean() * taken),
                              Math.floor(take.least() * taken),
                              Math.ceil(take.most() * taken),
                              take.takenFor(10));
                        }))
        .orElse("");
  }

  /**
   * Where a plant came from and what came of it.
   *
   * @param parent or null
   * @param batch or null
   */
  record Family(PlantView parent, BatchView batch, List<PlantView> children) {
    boolean any() {
      return parent != null || batch != null || !children.isEmpty();
    }
  }

  Family family(PlantView plant) {
    Optional<PlantOrigin> origin = origins.of(plant.id());
    List<Long> children = origins.from(plant.id()).stream().map(PlantOrigin::plantId).toList();
    Map<Long, PlantView> sorted = new TreeMap<>(plants.find(children));
    return new Family(
        origin.map(PlantOrigin::parentId).flatMap(plants::find).orElse(null),
        origin.map(PlantOrigin::batchId).flatMap(raised::find).map(this::view).orElse(null),
        List.copyOf(sorted.values()));
  }
}
