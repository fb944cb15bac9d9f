package org.mildlantern.core.diagnosis;

import java.util.Collection;
import java.util.Map;
import org.mildlantern.core.knowledge.Cause;

/**
 * How often each cause was confirmed in a collection, which moves its base rates and no other's.
 *
 * <p>Shares of causes have a Dirichlet prior whose mean is the shipped base rates and whose weight
 * is {@value #WEIGHT} cases (rule of thumb); each confirmed case adds one to its cause. The factor
 * is the new expected share over the old one, and never beyond six times either way.
 *
 * <p>Example: of 20 confirmed cases ten were spider mites, whose shipped share is 3 %. The share
 * becomes (200 × 0.03 + 10) / (200 + 20) = 0.073, so the factor is 2.4.
 *
 * @param confirmed number of confirmed cases by cause id
 * @param shares shipped share of each cause, adding up to one
 */
public record Experience(Map<String, Integer> confirmed, Map<String, Double> shares) {
  public static final Experience NONE = new Experience(Map.of(), Map.of());

  private static final double WEIGHT = 200;
  private static final double MOST = 6;

  public Experience {
    confirmed = Map.copyOf(confirmed);
    shares = Map.copyOf(shares);
  }

  /** The experience of a collection with these confirmed cases. */
  public static Experience of(Map<String, Integer> confirmed, Collection<Cause> causes) {
    double all = causes.stream().mapToDouble(cause -> cause.rate().probability()).sum();
    return new Experience(
        confirmed,
        causes.stream()
            .collect(
                java.util.stream.Collectors.toMap(
                    Cause::id, cause -> cause.rate().probability() / all)));
  }

  public int total() {
    return confirmed.values().stream().mapToInt(Integer::intValue).sum();
  }

  /** What multiplies the odds of the cause; 1 when nothing was confirmed yet. */
  public double factor(String cause) {
    Double share = shares.get(cause);
    if (share == null || total() == 0) {
      return 1;
    }
    double updated = (WEIGHT * share + confirmed.getOrDefault(cause, 0)) / (WEIGHT + total());
    return Math.max(1 / MOST, Math.min(MOST, updated / share));
  }
}
