package org.mildlantern.core.diagnosis;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.function.DoubleUnaryOperator;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

/**
 * How probable it is to see what was seen, as a function of the set of causes at work.
 *
 * <p>A sum of terms; each is a number times the product, over the causes of the set, of the chance
 * that the cause leaves something unshown. Not there is one term, {@code leakNo × Π no}; there is
 * one less that. A sign with traits of its own takes more terms: spots without a ring are “no ring”
 * less “no spot”.
 */
final class Likelihood {
  /**
   * One product.
   *
   * @param factor its sign, times the chance that nothing is shown without any cause
   * @param no for each cause the chance that it does not show it
   */
  record Term(double factor, double[] no) {}

  /** Nothing was seen. */
  static final Likelihood NOTHING = new Likelihood(1, List.of());

  private final double constant;
  private final List<Term> terms;

  private Likelihood(double constant, List<Term> terms) {
    this.constant = constant;
    this.terms = terms;
  }

  /** A sum of terms; those that no cause changes are its constant. */
  static Likelihood of(List<Term> terms) {
    Map<Boolean, List<Term>> bySort =
        terms.stream()
            .collect(
                Collectors.partitioningBy(term -> Arrays.stream(term.no).anyMatch(no -> no < 1)));
    return new Likelihood(
        bySort.get(false).stream().mapToDouble(Term::factor).sum(), bySort.get(true));
  }

  static Likelihood of(boolean present, double leakNo, double[] no) {
    return new Likelihood(present ? 1 : 0, List.of(new Term(present ? -leakNo : leakNo, no)));
  }

  /** Under exactly this set of causes. */
  double under(int... set) {
    double sum = constant;
    for (Term term : terms) {
      double product = term.factor;
      for (int cause : set) {
        product *= term.no[cause];
      }
      sum += product;
    }
    return sum;
  }

  /** On any such plant, by the prior chance of each cause. */
  double inGeneral(double[] prior) {
    double sum = constant;
    for (Term term : terms) {
      double product = term.factor;
      for (int cause = 0; cause < prior.length; cause++) {
        product *= 1 - prior[cause] * (1 - term.no[cause]);
      }
      sum += product;
    }
    return sum;
  }

  /**
   * Of what may not have been meant: it is then what is sure without it, and as likely as on any
   * such plant (Pearl 1988, virtual evidence).
   *
   * @param sure how likely it was meant, 0 to 1
   * @param without what was seen besides at the same place
   */
  Likelihood heard(double sure, Likelihood without, double[] prior) {
    double unmeant = (1 - sure) * inGeneral(prior) / without.inGeneral(prior);
    return new Likelihood(
        sure * constant + unmeant * without.constant,
        Stream.concat(times(sure), without.times(unmeant)).toList());
  }

  private Stream<Term> times(double share) {
    return terms.stream().map(term -> new Term(share * term.factor, term.no));
  }

  /** Whether the cause changes it. */
  boolean tells(int cause) {
    return terms.stream().anyMatch(term -> term.no[cause] < 1);
  }

  /** How much a cause alone changes the chance that nothing is shown, at most. */
  double least(int cause) {
    return terms.stream().mapToDouble(term -> term.no[cause]).min().orElse(1);
  }

  Interactions log(int[] causes) {
    return interactions(causes, Math::log, constant == 0 && terms.size() == 1);
  }

  /** A function of it, as a sum over the subsets of these causes. */
  Interactions interactions(int[] causes, DoubleUnaryOperator function) {
    return interactions(causes, function, false);
  }

  private Interactions interactions(
      int[] causes, DoubleUnaryOperator function, boolean withoutPairs) {
    int[] told = IntStream.range(0, causes.length).filter(i -> tells(causes[i])).toArray();
    double[] factors = terms.stream().mapToDouble(Term::factor).toArray();
    double[][] no = new double[told.length][factors.length];
    for (int i = 0; i < told.length; i++) {
      for (int t = 0; t < factors.length; t++) {
        no[i][t] = terms.get(t).no[causes[told[i]]];
      }
    }
    return new Interactions(
        told, factors, no, sum -> function.applyAsDouble(constant + sum), withoutPairs);
  }
}
