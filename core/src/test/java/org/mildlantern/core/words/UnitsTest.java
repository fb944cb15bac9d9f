package org.mildlantern.core.words;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Locale;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.words.Units.Measure;

class UnitsTest {
  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          Below 14 °C leave it dry.            | Below 57 °F leave it dry.
          at 18 to 24 °C, light                | at 64 to 75 °F, light
          nights of 15–18 °C                   | nights of 59–64 °F
          nights of 15-18 °C                   | nights of 59-64 °F
          down to −5 °C                        | down to 23 °F
          −18 to 0 °C                          | 0 to 32 °F
          counted from 9.7 °C                  | counted from 49 °F
          a 13 cm clay pot                     | a 5.1 in clay pot
          20 × 15 × 8 cm                       | 7.9 × 5.9 × 3.1 in
          2 to 4 cm wider                      | 0.8 to 1.6 in wider
          about 300 ml                         | about 10 fl oz
          120 ml a day                         | 4.1 fl oz a day
          holds 0.50 L                         | holds 17 fl oz
          mix 5000 ml                          | mix 1.3 gal
          watered 300 ml of 60 ppm             | watered 10 fl oz of 60 ppm
          """)
  void figuresAreSaidInTheKeepersUnits(String metric, String own) {
    assertThat(Units.CUSTOMARY.shown(metric)).isEqualTo(own);
    assertThat(Units.METRIC.shown(metric)).isEqualTo(metric);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          5 ml/l
          40 ml per litre
          40 ml a litre
          800 µS/cm
          300 cm²
          draw 2.4 ml
          5 ml syringe
          Usual temperature, °C
          Lot 12 cmx
          v1.20 Later
          20 minutes
          """)
  void ratesDosesAndWhatIsNoFigureStay(String text) {
    assertThat(Units.CUSTOMARY.shown(text)).isEqualTo(text);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      textBlock =
          """
          WARMTH | CUSTOMARY | 68     | 20
          WARMTH | CUSTOMARY | 20 °C  | 20
          WARMTH | METRIC    | 20     | 20
          WARMTH | METRIC    | 68F    | 20
          WARMTH | METRIC    | 68 °f  | 20
          WARMTH | METRIC    | 19,5   | 19.5
          WARMTH | METRIC    | −3.5   | -3.5
          WARMTH | METRIC    | -40 degrees F | -40
          WIDTH  | CUSTOMARY | 5      | 12.7
          WIDTH  | CUSTOMARY | 13 cm  | 13
          WIDTH  | METRIC    | 4\"     | 10.16
          WIDTH  | METRIC    | 13     | 13
          """)
  void aFieldIsReadInTheKeepersUnitsUnlessItSaysAnother(
      Measure measure, Units units, String typed, double metric) {
    assertThat(units.read(measure, typed)).hasValue(metric);
  }

  @ParameterizedTest
  @CsvSource({"warm", "''", "20 ml", "20 x", "1e9", "NaN", "20 20", "1234567"})
  void whatIsNoFigureIsNotRead(String typed) {
    for (Units units : Units.values()) {
      assertThat(units.read(Measure.WARMTH, typed)).isEmpty();
      assertThat(units.read(Measure.WIDTH, typed)).isEmpty();
    }
  }

  @Test
  void whatAFieldShowsIsReadBackAsItWas() {
    for (int tenths = -400; tenths <= 600; tenths++) {
      double value = tenths / 10.0;
      String shown = Units.CUSTOMARY.written(Measure.WARMTH, value);
      assertThat(Units.CUSTOMARY.read(Measure.WARMTH, shown)).as(shown).hasValue(value);
      String wide = Units.CUSTOMARY.written(Measure.WIDTH, Math.abs(value));
      assertThat(Units.CUSTOMARY.read(Measure.WIDTH, wide)).as(wide).hasValue(Math.abs(value));
    }
  }

  @ParameterizedTest
  @CsvSource({"WARMTH, 400", "WARMTH, 68.5", "WIDTH, 4.5", "WIDTH, 4.75", "WIDTH, 6"})
  void whatWasTypedIsShownAgain(Measure measure, String typed) {
    double metric = Units.CUSTOMARY.read(measure, typed).orElseThrow();
    assertThat(Units.CUSTOMARY.written(measure, metric)).isEqualTo(typed);
  }

  @Test
  void anyTextIsTaken() {
    Random random = new Random(7);
    String letters = "0129.,-−–°CcmlLx/ to and\u00a0\"<µ";
    for (int n = 0; n < 20_000; n++) {
      StringBuilder text = new StringBuilder();
      random
          .ints(random.nextInt(30), 0, letters.length())
          .forEach(i -> text.append(letters.charAt(i)));
      assertThat(Units.CUSTOMARY.shown(text.toString()).toLowerCase(Locale.ROOT)).isNotNull();
      Units.CUSTOMARY.read(Measure.WARMTH, text.toString());
    }
  }
}
