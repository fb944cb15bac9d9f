package org.mildlantern.app.mixing;

import java.io.Serializable;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.treatment.Dose;

/**
 * A bottle or bag as pages show it.
 *
 * @param means what kind of means it is, or null
 * @param says how often its label allows it
 */
public record CabinetView(
    Long id,
    String name,
    Means means,
    Stock stock,
    Kept kept,
    String notes,
    Says says,
    List<Rate> rates) {
  /**
   * How often the label allows it; null for what it does not say.
   *
   * @param days between two uses at least
   * @param most uses in a year
   */
  public record Says(Integer days, Integer most) {}

  /**
   * What is in it.
   *
   * @param left in words, with the unit
   */
  public record Stock(Double stockPercent, double amountLeft, String unit, String left) {}

  /** Since when and until when. */
  public record Kept(LocalDate openedOn, LocalDate expiresOn, boolean expired, boolean away) {}

  /**
   * A rate of the label.
   *
   * @param rate as it was read, or null while that is not sure
   * @param use what the label gives it for, or null while that was not said
   */
  public record Rate(Long id, String usedFor, String printed, LabelRate rate, LabelUse use) {
    boolean covers(String as, boolean outdoors, String pest) {
      return rate != null && use != null && use.covers(as, outdoors, pest);
    }
  }

  /** What the bottle is counted in tells what the product is. */
  Product product() {
    return Product.countedIn(stock.unit());
  }

  public Optional<Rate> rate(Long rateId) {
    return rates.stream().filter(r -> r.id().equals(rateId)).findFirst();
  }

  /**
   * A dose from this bottle, or why there is none.
   *
   * @param rate null when the label lists no such use
   * @param dose null with a problem
   * @param problem for the keeper, or null
   */
  public record Dosed(CabinetView item, Rate rate, Dose dose, String problem) {
    /** The mix in one line, for example {@code 4 ml in 796 ml of water}. */
    public String words() {
      return dose == null ? "" : dose.words();
    }
  }

  /** A batch that was mixed; it travels in a session. */
  public record Mixed(Long id, String name, String usedFor, String words, LocalDate on)
      implements Serializable {}
}
