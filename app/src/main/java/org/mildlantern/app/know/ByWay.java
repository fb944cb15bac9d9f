package org.mildlantern.app.know;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.knowledge.Advice;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Way;

/**
 * In what a cause differs in one way of life.
 *
 * @param advice null where it cannot occur
 */
record ByWay(Way way, Cause general, Advice advice) {
  /** A day in the middle of the season of repotting of most ways, so that little must wait. */
  private static final LocalDate SPRING = LocalDate.of(2026, 4, 10);

  private static final double NORTH = 53;

  public boolean cannot() {
    return advice == null;
  }

  /** What it asks for there, where that differs; else null. */
  public String verdict() {
    return cannot() || advice.cause().verdict() == general.verdict()
        ? null
        : advice.cause().verdict().label();
  }

  /** The words about it there, where they differ; else null. */
  public String what() {
    return cannot() || advice.cause().what().equals(general.what()) ? null : advice.cause().what();
  }

  private boolean differs(Change change) {
    return cannot()
        || verdict() != null
        || what() != null
        || !advice.change().equals(change)
        || !advice.how().equals(change.how());
  }

  /** The ways in which a cause differs, those in which it cannot occur last. */
  static List<ByWay> of(Cause cause, Knowledge knowledge) {
    List<ByWay> lines = new ArrayList<>();
    for (Way way : knowledge.ways().all()) {
      line(way, cause, knowledge).ifPresent(lines::add);
    }
    lines.sort(Comparator.comparing(ByWay::cannot));
    return lines;
  }

  /** The causes that differ in a way of life. */
  static List<ByWay> of(Way way, Knowledge knowledge) {
    return knowledge.causes().stream()
        .map(cause -> line(way, cause, knowledge))
        .flatMap(Optional::stream)
        .sorted(Comparator.comparing(ByWay::cannot))
        .toList();
  }

  /** By the first growth form of the way on which the cause occurs. */
  private static Optional<ByWay> line(Way way, Cause cause, Knowledge knowledge) {
    List<Lore> lives =
        knowledge.allLore().stream()
            .filter(lore -> lore.living().now().id().equals(way.id()))
            .filter(lore -> cause.strikes(lore.living().form()))
            .toList();
    if (lives.isEmpty() || !cause.ways().isEmpty() && !way.isOneOf(cause.ways())) {
      return Optional.empty();
    }
    Change change = knowledge.changes().find(cause.change()).orElseThrow();
    return lives.stream()
        .filter(lore -> lore.cause(cause.id()).isPresent())
        .findFirst()
        .map(lore -> new ByWay(way, cause, lore.advice(cause, SPRING, NORTH)))
        .or(() -> Optional.of(new ByWay(way, cause, null)))
        .filter(line -> line.differs(change));
  }
}
