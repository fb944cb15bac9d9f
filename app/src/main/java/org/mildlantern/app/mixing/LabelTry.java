package org.mildlantern.app.mixing;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.label.Region;
import org.mildlantern.core.treatment.Dose;
import org.mildlantern.core.treatment.Gauge;

/**
 * A rate read without a bottle, and what it comes to in a jug.
 *
 * @param lines a reading each; more than one when it must be asked which is meant
 * @param refused why there is none, or null
 */
public record LabelTry(
    String label, Product product, Region region, String volume, List<Line> lines, String refused) {
  /**
   * A reading.
   *
   * @param dose for the jug, in words; empty without a jug
   * @param problem why there is no dose, or null
   */
  public record Line(LabelRate rate, String dose, String problem) {}

  /** Whether the keeper must say which is meant. */
  public boolean asked() {
    return lines.size() > 1;
  }

  /**
   * Reads a label.
   *
   * @param litres of the jug, or null for none
   */
  static LabelTry of(
      String label,
      Product product,
      Region region,
      String volume,
      Double litres,
      List<Gauge> owned) {
    if (label.isBlank()) {
      return new LabelTry("", product, region, volume, List.of(), null);
    }
    LabelReading reading = LabelReader.read(label, product, region);
    List<Line> lines = new ArrayList<>();
    for (LabelRate rate : reading.rates()) {
      lines.add(line(rate, litres, owned));
    }
    String refused = reading instanceof LabelReading.Refused none ? none.why() : null;
    return new LabelTry(label, product, region, volume, lines, refused);
  }

  private static Line line(LabelRate rate, Double litres, List<Gauge> owned) {
    if (!rate.possible()) {
      return new Line(rate, "", "That would be more product than mix.");
    }
    if (litres == null || !rate.mixed()) {
      return new Line(rate, "", null);
    }
    try {
      return new Line(rate, Dose.of(rate, litres, owned).words(), null);
    } catch (IllegalArgumentException e) {
      return new Line(rate, "", e.getMessage());
    }
  }
}
