package org.mildlantern.app.rot;

import java.time.LocalDate;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Treated;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.Rot;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Cases of rots, and the looks at them. */
@Service
@Transactional
class RotService {
  private static final Words WORDS = Words.of(RotService.class);

  private final CaseService cases;
  private final JournalService journal;
  private final Remedies remedies;
  private final Scope scope;

  RotService(CaseService cases, JournalService journal, Remedies remedies, Scope scope) {
    this.cases = cases;
    this.journal = journal;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** The rot of a case, if it is one. */
  Optional<Rot> rot(CaseView kase) {
    return remedies.rots().find(kase.cause().id());
  }

  /** Looks at the rots of cases, and cuts, since these were opened, by plant, the first first. */
  @Transactional(readOnly = true)
  Map<Long, List<Entry>> looks(Collection<CaseView> rots) {
    Map<Long, LocalDate> opened = new HashMap<>();
    rots.forEach(kase -> opened.merge(kase.plantId(), kase.openedOn(), RotService::earlier));
    if (opened.isEmpty()) {
      return Map.of();
    }
    LocalDate first = opened.values().stream().min(LocalDate::compareTo).orElseThrow();
    Map<Long, List<Entry>> looks =
        new HashMap<>(
            journal.since(opened.keySet(), first, Set.of(NoteKind.LOOKED, NoteKind.TREATED)));
    looks.replaceAll(
        (plant, entries) -> entries.stream().filter(e -> isCut(e) || isLook(e)).toList());
    return looks;
  }

  private static LocalDate earlier(LocalDate one, LocalDate other) {
    return one.isBefore(other) ? one : other;
  }

  /**
   * The next day on which to look; empty when the last look is made. A new cut begins the looks
   * anew.
   *
   * @param looks at this rot
   */
  Optional<LocalDate> next(CaseView kase, List<Entry> looks) {
    LocalDate from =
        looks.stream()
            .filter(RotService::isCut)
            .map(look -> scope.day(look.at()))
            .reduce(kase.openedOn(), RotService::later);
    LocalDate last =
        looks.stream().map(look -> scope.day(look.at())).reduce(from, RotService::later);
    return rot(kase).orElseThrow().nextLook(from, last);
  }

  private static LocalDate later(LocalDate one, LocalDate other) {
    return one.isAfter(other) ? one : other;
  }

  private static boolean isLook(Entry entry) {
    return entry.as(Looked.class).filter(l -> l.what() == Looked.What.ROT).isPresent();
  }

  private static boolean isCut(Entry entry) {
    return entry.as(Treated.class).filter(t -> t.act() == Treated.Act.TREATED).isPresent();
  }

  /** Notes a look; empty when there is no such open case of a rot. */
  Optional<Entry> look(Long caseId, Edge edge) {
    return cases
        .find(caseId)
        .filter(kase -> kase.open() && rot(kase).isPresent())
        .map(
            kase ->
                journal.write(
                    new Entry(
                        kase.plantId(),
                        scope.now(),
                        edge == Edge.CUT
                            ? new Treated(Treated.Act.TREATED, caseId)
                            : new Looked(Looked.What.ROT, null),
                        WORDS.say("looked", edge.word()))));
  }
}
