package org.mildlantern.app.mixing;

import java.io.Serializable;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.treatment.Dose;
import org.mildlantern.core.treatment.LabelRate;
import org.mildlantern.core.words.Words;

/**
 * A bottle or bag as pages show it.
 *
 * @param means what kind of means it is, or null
 */
public record CabinetView(
    Long id, String name, Means means, Stock stock, Kept kept, String notes, List<Rate> rates) {
  /**
   * What is in it.
   *
   * @param left in words, with the unit
   */
  public record Stock(Double stockPercent, double amountLeft, String unit, String left) {}

  /** Since when and until when. */
  public record Kept(LocalDate openedOn, LocalDate expiresOn, boolean expired, boolean away) {}

  private static final Words WORDS = Words.of(CabinetView.class);

  /** A rate of the label, read. */
  public record Rate(Long id, String usedFor, LabelRate rate) {}

  public Optional<Rate> rate(Long rateId) {
    return rates.stream().filter(r -> r.id().equals(rateId)).findFirst();
  }

  /** A dose from this bottle. */
  public record Dosed(CabinetView item, Rate rate, Dose dose) {

    /** The mix in one line, for example {@code 4 ml in 796 ml of water}. */
    public String words() {
      return WORDS.say(
          "dosed",
          Dose.amount(dose.measured(), dose.rate().unit()),
          Dose.amount(dose.waterMl(), "ml"));
    }
  }

  /** A batch that was mixed; it travels in a session. */
  public record Mixed(Long id, String name, String usedFor, String words, LocalDate on)
      implements Serializable {}
}
