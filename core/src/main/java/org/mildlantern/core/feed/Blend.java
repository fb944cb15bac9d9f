package org.mildlantern.core.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Waters mixed to a conductivity. Salts add up as the parts do, conductivity very nearly.
 *
 * @param parts share of each water by name, 0 to 1; those that are not used are 0
 * @param ecUsCm of the blend
 * @param alkalinity of the blend, mg/l as CaCO₃
 */
public record Blend(Map<String, Double> parts, double ecUsCm, double alkalinity) {
  private static final double SAME = 1e-9;

  /** Nobody measures less of a water into a can. */
  private static final double SPLASH = 0.05;

  /**
   * A water.
   *
   * @param ecUsCm conductivity at 25 °C
   * @param alkalinity mg/l as CaCO₃, 0 where it is not known
   * @param cost of a litre, in whatever money; 0 where it costs nothing
   */
  public record Of(String name, double ecUsCm, double alkalinity, double cost) {
    public Of {
      if (!(ecUsCm >= 0 && ecUsCm <= 100_000 && alkalinity >= 0 && cost >= 0)) {
        throw new IllegalArgumentException("water has 0 to 100,000 µS/cm");
      }
    }
  }

  public Blend {
    parts = java.util.Collections.unmodifiableMap(new LinkedHashMap<>(parts));
  }

  /**
   * The blend that comes closest to a conductivity with an alkalinity that is not above a limit; of
   * several, the cheapest, then the one with the least alkalinity.
   *
   * @param waters one at least, each name once
   * @param mostAlkalinity mg/l as CaCO₃, or null for any
   */
  public static Blend to(List<Of> waters, double ecUsCm, Double mostAlkalinity) {
    if (waters.isEmpty()) {
      throw new IllegalArgumentException("there is no water to blend");
    }
    List<Blend> all = new ArrayList<>();
    for (Of one : waters) {
      all.add(of(waters, one, one, 1));
      for (Of other : waters) {
        if (Math.abs(one.ecUsCm - other.ecUsCm) > SAME) {
          double share = (ecUsCm - other.ecUsCm) / (one.ecUsCm - other.ecUsCm);
          all.add(of(waters, one, other, Math.max(0, Math.min(1, share))));
          if (mostAlkalinity != null && Math.abs(one.alkalinity - other.alkalinity) > SAME) {
            double soft = (mostAlkalinity - other.alkalinity) / (one.alkalinity - other.alkalinity);
            all.add(of(waters, one, other, Math.max(0, Math.min(1, soft))));
          }
        }
      }
    }
    double most = mostAlkalinity == null ? Double.POSITIVE_INFINITY : mostAlkalinity + 1e-6;
    return all.stream()
        .min(
            Comparator.comparingDouble((Blend blend) -> Math.max(0, blend.alkalinity - most))
                .thenComparingDouble(blend -> Math.rint(Math.abs(blend.ecUsCm - ecUsCm) * 1e6))
                .thenComparingDouble(blend -> blend.cost(waters))
                .thenComparingDouble(Blend::alkalinity))
        .orElseThrow();
  }

  /**
   * The cheapest blend that is not above two limits; where none is, the one that is least above
   * them.
   *
   * @param mostUsCm conductivity
   * @param mostAlkalinity mg/l as CaCO₃
   */
  public static Blend within(List<Of> waters, double mostUsCm, double mostAlkalinity) {
    if (waters.isEmpty()) {
      throw new IllegalArgumentException("there is no water to blend");
    }
    List<Blend> all = new ArrayList<>();
    for (Of one : waters) {
      all.add(of(waters, one, one, 1));
      for (Of other : waters) {
        for (double share :
            new double[] {
              share(mostUsCm, one.ecUsCm, other.ecUsCm),
              share(mostAlkalinity, one.alkalinity, other.alkalinity)
            }) {
          if (share >= SPLASH && share <= 1 - SPLASH) {
            all.add(of(waters, one, other, share));
          }
        }
      }
    }
    return all.stream()
        .min(
            Comparator.comparingDouble((Blend blend) -> blend.over(mostUsCm, mostAlkalinity))
                .thenComparingDouble(blend -> blend.cost(waters))
                .thenComparingDouble(Blend::ecUsCm))
        .orElseThrow();
  }

  /** How much of one makes such a mean with another, 0 to 1. */
  private static double share(double wished, double one, double other) {
    return Math.abs(one - other) < SAME
        ? 1
        : Math.max(0, Math.min(1, (wished - other) / (one - other)));
  }

  /** By how much of the limits it is above them; 0 when it is not. */
  public double over(double mostUsCm, double mostAlkalinity) {
    double salts = Math.max(0, ecUsCm / Math.max(1, mostUsCm) - 1);
    double lime = Math.max(0, alkalinity / Math.max(1, mostAlkalinity) - 1);
    double over = salts + lime;
    return over < 1e-6 ? 0 : over;
  }

  private static Blend of(List<Of> waters, Of one, Of other, double share) {
    Map<String, Double> parts = new LinkedHashMap<>();
    waters.forEach(water -> parts.put(water.name, 0.0));
    parts.merge(one.name, share, Double::sum);
    if (other != one) {
      parts.merge(other.name, 1 - share, Double::sum);
    }
    return new Blend(
        parts,
        share * one.ecUsCm + (1 - share) * other.ecUsCm,
        share * one.alkalinity + (1 - share) * other.alkalinity);
  }

  private double cost(List<Of> waters) {
    return waters.stream().mapToDouble(water -> water.cost * parts.get(water.name)).sum();
  }
}
