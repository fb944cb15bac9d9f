package org.mildlantern.app.raising;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.seasons.YearSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.growth.Organ;
import org.mildlantern.core.journal.Grew;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.raising.Raised;
import org.mildlantern.core.raising.RaisingWay;
import org.mildlantern.core.raising.Ready;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** When an offset is big enough, by what was measured of it and of its mother. */
@Component
class PupMarks implements YearSource {
  private static final Words WORDS = Words.of(PupMarks.class);

  private static final int YEARS = 2;

  private final JournalService journal;
  private final PlantService plants;
  private final Raising raising;
  private final CollectionMemo memo;
  private final Scope scope;

  PupMarks(
      JournalService journal,
      PlantService plants,
      Raising raising,
      CollectionMemo memo,
      Scope scope) {
    this.journal = journal;
    this.plants = plants;
    this.raising = raising;
    this.memo = memo;
    this.scope = scope;
  }

  @Override
  public Map<Long, List<Mark>> marks(List<PlantView> those) {
    Map<Long, List<Mark>> marks = new HashMap<>();
    for (PlantView plant : those) {
      ready(plant)
          .flatMap(ready -> offsets(plant).map(works -> mark(ready, works)))
          .ifPresent(mark -> marks.put(plant.id(), List.of(mark)));
    }
    return marks;
  }

  private Mark mark(Ready ready, Raised.Works works) {
    LocalDate day = works.months().next(scope.today(), scope.latitude());
    return new Mark(
        day,
        WORDS.say("mark-pup"),
        WORDS.say(
            "line-pup",
            ready.state() == Ready.State.READY ? "ready" : "small",
            ready.words(),
            Days.near(day)));
  }

  /** Empty where offsets are not how it is raised. */
  private Optional<Raised.Works> offsets(PlantView plant) {
    return raising
        .of(plant.kind())
        .flatMap(
            raised -> raised.ways().stream().filter(w -> w.way() == RaisingWay.OFFSET).findFirst());
  }

  /** By its newest shoot and its newest leaf; empty where either was not measured. */
  Optional<Ready> ready(PlantView plant) {
    List<Grew> grown = grown().getOrDefault(plant.id(), List.of());
    Optional<Double> pup = newest(grown, Organ.SHOOT);
    Optional<Double> mother = newest(grown, Organ.LEAF);
    return pup.isEmpty() || mother.isEmpty() || offsets(plant).isEmpty()
        ? Optional.empty()
        : Optional.of(Ready.offset(pup.get(), mother.get(), false));
  }

  private static Optional<Double> newest(List<Grew> grown, Organ organ) {
    return grown.stream().filter(one -> one.organ() == organ).reduce((a, b) -> b).map(Grew::cm);
  }

  private Map<Long, List<Grew>> grown() {
    return memo.once("grown-lately", this::read);
  }

  private Map<Long, List<Grew>> read() {
    List<Long> ids = plants.kept().stream().map(PlantView::id).toList();
    Map<Long, List<Grew>> grown = new HashMap<>();
    if (!ids.isEmpty()) {
      journal
          .since(ids, scope.today().minusYears(YEARS), Set.of(NoteKind.GREW))
          .forEach(
              (plant, entries) ->
                  grown.put(
                      plant, entries.stream().map(Entry::note).map(Grew.class::cast).toList()));
    }
    return grown;
  }
}
