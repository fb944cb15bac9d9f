package org.mildlantern.app.feed;

import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotNull;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.feed.SaltReading;
import org.mildlantern.core.journal.SaltsRead;
import org.mildlantern.core.words.Units;

/**
 * What is said of the salts that were read in a pot.
 *
 * @param salts as the meter shows them
 */
record SaltForm(
    @NotNull(message = "How was it read?") SaltReading method,
    @NotNull(message = "What did it read?")
        @InUnits(Units.Measure.PLAIN)
        @DecimalMin(value = "0", message = "0 or more.")
        @DecimalMax(value = "50000", message = "At most 50,000.")
        Double salts,
    @NotNull(message = "In what does your meter read? ppm is not the same on all.")
        MeterShows saltsIn) {
  static final SaltForm EMPTY = new SaltForm(null, null, null);

  /**
   * As it is noted.
   *
   * @throws IllegalArgumentException where no pot holds so much
   */
  SaltsRead note() {
    double msCm = saltsIn.usCm(salts) / 1000;
    if (msCm > SaltsRead.MOST) {
      throw new IllegalArgumentException("No pot holds so much; is it in another unit?");
    }
    return new SaltsRead(method, Math.round(msCm * 1000) / 1000.0);
  }
}
