package org.mildlantern.core.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.util.Locale;
import org.junit.jupiter.api.Test;

class EpwFileTest {
  private static final LocalDate JULY = LocalDate.of(2026, 7, 16);
  private static final LocalDate JANUARY = LocalDate.of(2026, 1, 16);

  /** A year of made-up hours: warm by the month, warmer by day, lit from 6 to 18. */
  static String file(double latitude) {
    StringBuilder text =
        new StringBuilder("LOCATION,Tollhouse,-,GBR,made up,0," + latitude + ",-1,0,50\n");
    text.append("x\n".repeat(7));
    for (int month = 1; month <= 12; month++) {
      for (int day = 1; day <= LocalDate.of(2025, month, 1).lengthOfMonth(); day++) {
        for (int hour = 1; hour <= 24; hour++) {
          double warm = month + (hour == 5 ? -4 : hour == 15 ? 4 : 0);
          int light = hour > 6 && hour <= 18 ? 200 : 0;
          text.append(
              String.format(
                  Locale.ROOT,
                  "2025,%d,%d,%d,0,?,%.1f,5,70,101000,0,0,300,%d,0,0\n",
                  month,
                  day,
                  hour,
                  warm,
                  light));
        }
      }
    }
    return text.toString();
  }

  @Test
  void monthsAreTheMeansOfTheirHours() {
    EpwFile read = EpwFile.read(file(53));
    assertThat(read.place()).isEqualTo("Tollhouse");
    assertThat(read.latitude()).isEqualTo(53);
    assertThat(read.year().air(JULY).celsius()).isCloseTo(7, within(0.05));
    assertThat(read.year().air(JULY).humidity()).isCloseTo(70, within(0.01));
    assertThat(read.year().months().get(6).low()).isCloseTo(3, within(1e-9));
    assertThat(read.year().coldNight(JULY)).isCloseTo(0, within(0.05));
    // 200 W/m² for twelve hours are 8.6 MJ a day; above the air there are 3 in January, 41 in June.
    assertThat(read.year().clearness(JULY)).isBetween(0.15, 0.3);
    assertThat(read.year().clearness(JANUARY)).isGreaterThan(read.year().clearness(JULY));
  }

  @Test
  void whatIsMissingIsLeftOutAndWhatIsWrongIsSaidByItsLine() {
    String missing = file(53).replaceFirst("(2025,3,1,1,0,\\?,)3.0", "$199.9");
    assertThat(EpwFile.read(missing).year().months().get(2).celsius()).isCloseTo(3, within(0.01));
    assertThatThrownBy(() -> EpwFile.read("")).hasMessageContaining("LOCATION");
    assertThatThrownBy(() -> EpwFile.read("LOCATION,a,b")).hasMessageContaining("too few");
    assertThatThrownBy(() -> EpwFile.read("LOCATION,a,b,c,d,e,f,g\n"))
        .hasMessageContaining("latitude is no number");
    assertThatThrownBy(() -> EpwFile.read("LOCATION,a,b,c,d,e,53,g\n"))
        .hasMessageContaining("month 1 has too few hours");
    assertThatThrownBy(() -> EpwFile.read(file(53).replaceFirst("2025,1,1,2,", "2025,13,1,2,")))
        .hasMessageContaining("line 10: month cannot be 13");
  }

  @Test
  void byLatitudeItIsWhatClimateAndClearnessSay() {
    ClimateYear here = ClimateYear.at(53);
    assertThat(here.air(JULY).celsius()).isCloseTo(Climate.of(53, JULY).celsius(), within(0.3));
    assertThat(here.coldNight(JULY)).isLessThan(here.air(JULY).celsius() - 5);
  }
}
