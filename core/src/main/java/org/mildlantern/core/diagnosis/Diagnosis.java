package org.mildlantern.core.diagnosis;

import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.stream.IntStream;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.working.Working;

/**
 * The answer to a question.
 *
 * @param ranking every cause that can strike the form, in the order of {@link RankedCause#order}
 * @param bestSet the single most probable set of causes, perhaps empty
 * @param records what the plant's records say that matters
 */
public record Diagnosis(
    List<RankedCause> ranking,
    List<Cause> bestSet,
    Fit fitting,
    List<RecordNote> records,
    List<NextCheck> nextChecks) {
  /**
   * How well the best set explains what was seen.
   *
   * @param fit how well the best set predicts what was seen: the geometric mean of the
   *     probabilities of the present findings under it, 1 when nothing is present
   * @param fitWorking each present finding with its probability under the best set
   * @param unexplained keys of present findings that more probably have no known cause
   * @param fitsNothing whether no set of causes explains the findings well
   */
  public record Fit(
      double fit, Working fitWorking, List<String> unexplained, boolean fitsNothing) {}

  public double fit() {
    return fitting.fit();
  }

  public Working fitWorking() {
    return fitting.fitWorking();
  }

  public List<String> unexplained() {
    return fitting.unexplained();
  }

  public boolean fitsNothing() {
    return fitting.fitsNothing();
  }

  /**
   * The number in the ranking of the first cause that is likelier than the one before it, since it
   * explains nothing of what was seen; -1 when there is none.
   */
  public int besides() {
    return likelier(one -> !one.explains());
  }

  /**
   * The number in the ranking of the first cause that is likelier than the one before it, since it
   * is natural and a fault goes first; -1 when there is none.
   */
  public int natural() {
    return likelier(RankedCause::explains);
  }

  private int likelier(Predicate<RankedCause> of) {
    return IntStream.range(1, ranking.size())
        .filter(i -> ranking.get(i).probability() > ranking.get(i - 1).probability())
        .filter(i -> of.test(ranking.get(i)))
        .findFirst()
        .orElse(-1);
  }

  public Optional<RankedCause> of(String causeId) {
    return ranking.stream().filter(r -> r.cause().id().equals(causeId)).findFirst();
  }
}
