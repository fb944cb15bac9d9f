package org.mildlantern.core.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

/**
 * Two or three products in one can, so that their elements come nearest to what is wished: least
 * squares of what is off, each element as a share of its wish, no product below nothing. Few enough
 * are mixed that all ways of leaving some out are tried, and the best is taken.
 *
 * @param grams in a litre, by product; those left out are not in it
 * @param feed what they give together, without the water
 * @param off how far it is from the wish: root of the mean square, as a share
 * @param clashes products that cannot be kept together as a stock
 */
public record Mixture(Map<String, Double> grams, Solution feed, double off, List<Clash> clashes) {
  public static final int MOST = 4;

  /** Of most feeds a litre of stock takes no more, g. Rule of thumb. */
  public static final double STOCK_TAKES = 150;

  /** Less of a product than this is not weighed out, g/l. */
  private static final double LEAST = 1e-6;

  /** A product of the shelf. */
  public record Of(String name, Label label) {}

  /** Two that fall out as gypsum or lime phosphate where they are strong. */
  public record Clash(String one, String other, Falls falls) {}

  /** What falls out. */
  public enum Falls {
    CALCIUM_SULPHATE,
    CALCIUM_PHOSPHATE
  }

  public Mixture {
    grams = new LinkedHashMap<>(grams);
    clashes = List.copyOf(clashes);
  }

  /**
   * The nearest mix.
   *
   * @param products one to {@value #MOST} of different names
   * @param wish ppm of each element that is wished for, above 0; what is not named is left as it
   *     comes
   * @param water what is in the water already
   */
  public static Mixture nearest(List<Of> products, Map<Element, Double> wish, Solution water) {
    if (products.isEmpty() || products.size() > MOST) {
      throw new IllegalArgumentException("one to four products are mixed");
    }
    if (wish.isEmpty() || wish.values().stream().anyMatch(ppm -> !(ppm > 0 && ppm <= 2000))) {
      throw new IllegalArgumentException("what is wished is above 0 and up to 2000 ppm");
    }
    List<Element> elements = List.copyOf(wish.keySet());
    double[] missing = new double[elements.size()];
    double[][] gives = new double[elements.size()][products.size()];
    for (int e = 0; e < missing.length; e++) {
      double ppm = wish.get(elements.get(e));
      missing[e] = 1 - water.of(elements.get(e)) / ppm;
      for (int p = 0; p < products.size(); p++) {
        gives[e][p] = products.get(p).label.of(elements.get(e)) * 10 / ppm;
      }
    }
    double[] best = new double[products.size()];
    double least = squares(missing, gives, best);
    for (int taken = 1; taken < 1 << products.size(); taken++) {
      double[] dose = LeastSquares.solve(gives, missing, taken);
      if (dose != null) {
        double off = squares(missing, gives, dose);
        if (off < least - 1e-12) {
          least = off;
          best = dose;
        }
      }
    }
    return of(products, best, Math.sqrt(least / missing.length));
  }

  private static double squares(double[] missing, double[][] gives, double[] dose) {
    double sum = 0;
    for (int e = 0; e < missing.length; e++) {
      double off = missing[e];
      for (int p = 0; p < dose.length; p++) {
        off -= gives[e][p] * dose[p];
      }
      sum += off * off;
    }
    return sum;
  }

  private static Mixture of(List<Of> products, double[] dose, double off) {
    Map<String, Double> grams = new LinkedHashMap<>();
    List<Of> taken = new ArrayList<>();
    Solution feed = new Solution(Map.of(), null, 0);
    for (int p = 0; p < dose.length; p++) {
      if (dose[p] > LEAST) {
        Of product = products.get(p);
        grams.put(product.name, dose[p]);
        taken.add(product);
        feed = taken.size() == 1 ? product.label.at(dose[p]) : feed.and(product.label.at(dose[p]));
      }
    }
    return new Mixture(grams, feed, off, clashes(taken));
  }

  /** What cannot be kept together as a stock. */
  static List<Clash> clashes(List<Of> products) {
    List<Clash> all = new ArrayList<>();
    for (Of one : products) {
      for (Of other : products) {
        if (one != other && one.label.of(Element.CA) > 0) {
          if (other.label.of(Element.S) > 0) {
            all.add(new Clash(one.name, other.name, Falls.CALCIUM_SULPHATE));
          } else if (other.label.of(Element.P) > 0) {
            all.add(new Clash(one.name, other.name, Falls.CALCIUM_PHOSPHATE));
          }
        }
      }
    }
    return all;
  }

  /** Products by the stocks in which they can be kept together. */
  public static List<List<Of>> tanks(List<Of> products) {
    List<List<Of>> tanks = new ArrayList<>();
    for (Of product : products) {
      List<Of> found =
          tanks.stream()
              .filter(
                  tank ->
                      tank.stream().allMatch(other -> clashes(List.of(product, other)).isEmpty()))
              .findFirst()
              .orElseGet(
                  () -> {
                    tanks.add(new ArrayList<>());
                    return tanks.get(tanks.size() - 1);
                  });
      found.add(product);
    }
    return tanks;
  }

  /** Products in the order in which they go into a can: what has calcium last. */
  public static List<String> order(List<Of> products) {
    return products.stream()
        .sorted(Comparator.comparingInt(one -> one.label.of(Element.CA) > 0 ? 1 : 0))
        .map(Of::name)
        .toList();
  }

  /**
   * Wishes for a ratio.
   *
   * @param nitrogen ppm
   * @param ratio N, P₂O₅ and K₂O, as parts
   */
  public static Map<Element, Double> wish(double nitrogen, List<Double> ratio) {
    Map<Element, Double> wish = new EnumMap<>(Element.class);
    wish.put(Element.N, nitrogen);
    double p = Element.P.ofOxide(nitrogen * ratio.get(1) / ratio.get(0));
    double k = Element.K.ofOxide(nitrogen * ratio.get(2) / ratio.get(0));
    if (p > 0) {
      wish.put(Element.P, p);
    }
    if (k > 0) {
      wish.put(Element.K, k);
    }
    return wish;
  }
}
