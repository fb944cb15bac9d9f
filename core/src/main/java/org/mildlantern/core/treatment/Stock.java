package org.mildlantern.core.treatment;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * A way to measure less of a product than any measure shows: more of it into so much water, and
 * part of that into the mix.
 *
 * @param product into the stock, ml or g
 * @param by what measures it
 * @param ml of stock in all
 * @param take ml of it into the mix
 * @param takenBy what measures that
 * @param error of both roundings, as a share of the exact amount
 */
public record Stock(double product, Gauge by, double ml, double take, Gauge takenBy, double error) {
  private static final double[] SIZES = {20, 50, 100, 200, 500, 1000};

  /** Errors at or above this are no measuring. Rule of thumb. */
  static final double ROUGH = 0.1;

  /**
   * The one that leaves least of the product over, with an error below a tenth.
   *
   * @param exact amount of the product for the mix
   * @param limit what the label allows at most for it
   * @param mixMl of the whole mix
   */
  static Optional<Stock> of(
      double exact, double limit, double mixMl, boolean solid, List<Gauge> owned) {
    return owned.stream()
        .filter(gauge -> gauge.solid() == solid)
        .flatMap(
            by ->
                Arrays.stream(SIZES)
                    .boxed()
                    .flatMap(ml -> taken(by, ml, exact, limit, mixMl, owned).stream()))
        .filter(stock -> Math.abs(stock.error) < ROUGH)
        .min(
            Comparator.comparingDouble(Stock::product)
                .thenComparingDouble(stock -> Math.abs(stock.error))
                .thenComparingDouble(Stock::ml));
  }

  private static Optional<Stock> taken(
      Gauge by, double ml, double exact, double limit, double mixMl, List<Gauge> owned) {
    double product = by.least();
    if (product >= ml / 2 || product <= exact) {
      return Optional.empty();
    }
    double wanted = exact / product * ml;
    double most = Math.min(limit / product * ml, mixMl);
    return Gauge.nearest(owned, false, wanted, most).stream()
        .filter(gauge -> gauge.rounded(wanted, most) > 0)
        .findFirst()
        .map(
            gauge -> {
              double take = gauge.rounded(wanted, most);
              return new Stock(product, by, ml, take, gauge, take / wanted - 1);
            });
  }
}
