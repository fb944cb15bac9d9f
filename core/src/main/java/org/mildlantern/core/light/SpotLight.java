package org.mildlantern.core.light;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.working.Working;

/**
 * The light of a day at a spot, onto leaves that lie level.
 *
 * @param dli photons, mol/m² on the mean day of the season
 * @param low eight days in ten of such a season's mean lie above this, with {@code high}
 * @param direct when the sun reaches the spot if it shines, by solar time
 * @param peakPpfd µmol/m²/s at the brightest moment of a clear day, with the lamps
 */
public record SpotLight(
    LocalDate day,
    double dli,
    double low,
    double high,
    List<Span> direct,
    double peakPpfd,
    Working working) {
  /** What the sky is like when something is read. */
  public enum Sky {
    CLEAR("clear sky", Clearness.CLEAR),
    BROKEN("sun and clouds", 0.5),
    COVERED("covered", 0.22),
    /** By night, or behind drawn blinds. */
    LAMP("only the lamp", 0);

    private final String label;
    final double clearness;

    Sky(String label, double clearness) {
      this.label = label;
      this.clearness = clearness;
    }

    public String label() {
      return label;
    }
  }

  /** A span of solar time, in hours. */
  public record Span(double from, double to) {
    public double hours() {
      return to - from;
    }
  }

  /** Hours in which the sun reaches the spot if it shines. */
  public double directHours() {
    return direct.stream().mapToDouble(Span::hours).sum();
  }
}
