package org.mildlantern.app.repot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.seasons.PlantSeasons;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Worked;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.repot.BonsaiYear;
import org.mildlantern.core.repot.TreeWork;
import org.mildlantern.core.repot.WireWatch;
import org.mildlantern.core.season.Months;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The work on small trees. */
@Service
@Transactional(readOnly = true)
class TreeService {
  private static final Words WORDS = Words.of(TreeService.class);

  /** Works so far back count. */
  private static final int BACK_YEARS = 6;

  private static final List<TreeWork> SHOWN =
      List.of(TreeWork.ROOTS_CUT, TreeWork.HARD_PRUNED, TreeWork.DEFOLIATED, TreeWork.WIRED);

  private final JournalService journal;
  private final PlantSeasons seasons;
  private final Repots repots;
  private final Scope scope;

  TreeService(JournalService journal, PlantSeasons seasons, Repots repots, Scope scope) {
    this.journal = journal;
    this.seasons = seasons;
    this.repots = repots;
    this.scope = scope;
  }

  /** Empty for what is no small tree, or of which it is not known. */
  Optional<TreeView> of(PlantView plant) {
    return repots
        .bonsai(plant.kind())
        .map(
            tree -> {
              List<TreeWork.Done> done = done(List.of(plant)).getOrDefault(plant.id(), List.of());
              return new TreeView(
                  tree.say(),
                  tree.pinch(),
                  wire(plant, tree, done).map(TreeService::words).orElse(""),
                  SHOWN.stream().map(work -> row(work, tree, done)).toList());
            });
  }

  /**
   * What was done on trees, by plant, the first first; a tree that was repotted had its roots cut.
   */
  Map<Long, List<TreeWork.Done>> done(Collection<PlantView> trees) {
    List<Long> ids = trees.stream().map(PlantView::id).toList();
    if (ids.isEmpty()) {
      return Map.of();
    }
    LocalDate from = scope.today().minusYears(BACK_YEARS);
    Map<Long, List<TreeWork.Done>> done = new HashMap<>();
    journal
        .since(ids, from, Set.of(NoteKind.WORKED, NoteKind.REPOTTED))
        .forEach(
            (plant, entries) -> {
              List<TreeWork.Done> works = new ArrayList<>();
              for (Entry entry : entries) {
                LocalDate day = scope.day(entry.at());
                works.add(
                    new TreeWork.Done(
                        entry.as(Worked.class).map(Worked::deed).orElse(TreeWork.ROOTS_CUT), day));
              }
              done.put(plant, works);
            });
    return done;
  }

  /** When the wire that is on is looked at; empty where none is on. */
  Optional<WireWatch> wire(PlantView plant, BonsaiYear tree, List<TreeWork.Done> done) {
    return done.stream()
        .filter(one -> one.work() == TreeWork.WIRED || one.work() == TreeWork.UNWIRED)
        .max(Comparator.comparing(TreeWork.Done::on).thenComparing(done::lastIndexOf))
        .filter(last -> last.work() == TreeWork.WIRED)
        .map(last -> WireWatch.of(tree, seasons.course(plant), last.on(), scope.latitude()));
  }

  static String words(WireWatch watch) {
    return WORDS.say("wire", Days.near(watch.look()), Days.near(watch.bites()));
  }

  private TreeView.Row row(TreeWork work, BonsaiYear tree, List<TreeWork.Done> done) {
    LocalDate today = scope.today();
    Optional<Months> months = work.months(tree);
    Optional<TreeWork.Done> before = work.waitsFor(done, today);
    boolean season = months.map(m -> m.contain(today, scope.latitude())).orElse(false);
    String when =
        !work.borneBy(tree)
            ? WORDS.say("not-borne")
            : before.isPresent()
                ? WORDS.say("one-a-year", before.get().work().label(), Days.full(before.get().on()))
                : months.map(m -> WORDS.say("months", m.words(scope.latitude()))).orElse("");
    String share =
        work == TreeWork.ROOTS_CUT
            ? WORDS.say(
                "share",
                100 * tree.share().get(0),
                100 * tree.share().get(1),
                tree.years().get(0),
                tree.years().get(1))
            : work == TreeWork.HARD_PRUNED && tree.leave() != null
                ? WORDS.say("leave", tree.leave())
                : "";
    return new TreeView.Row(
        work.name(), work.label(), when + share, season && before.isEmpty() && work.borneBy(tree));
  }
}
