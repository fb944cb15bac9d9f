package org.mildlantern.app.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.air.ClimateYear;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.light.Trust;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;

class UsualWindowTest {
  @ParameterizedTest
  @CsvSource({
    "LOW, INDOOR, 53",
    "MEDIUM, INDOOR, 53",
    "BRIGHT, INDOOR, 53",
    "SUN, INDOOR, 45",
    "LOW, INDOOR, -35",
    "MEDIUM, INDOOR, -35",
    "BRIGHT, INDOOR, -35",
    "SUN, INDOOR, -35",
    "LOW, INDOOR, 33",
    "MEDIUM, INDOOR, 33",
    "BRIGHT, INDOOR, 33",
    "LOW, OUTDOOR, 53",
    "MEDIUM, OUTDOOR, 53",
    "BRIGHT, OUTDOOR, 53",
    "SUN, OUTDOOR, 53",
    "MEDIUM, OUTDOOR, -35",
    "SUN, OUTDOOR, -35"
  })
  void givesWhatTheWordMeans(LightClass word, PlaceKind kind, double latitude) {
    Drawn drawn = Drawn.byWord(word, kind == PlaceKind.OUTDOOR, latitude);
    LitPlace lit =
        new LitPlace(
            kind == PlaceKind.OUTDOOR,
            drawn,
            LitPlace.At.usual(drawn),
            latitude,
            ClimateYear.at(latitude),
            ZoneOffset.UTC);
    double mean =
        IntStream.rangeClosed(1, 12)
            .mapToObj(month -> lit.on(LocalDate.of(2026, month, 15), Trust.BY_WORD))
            .mapToDouble(SpotLight::dli)
            .average()
            .orElseThrow();
    assertThat(LightClass.ofMean(mean)).as("%.2f", mean).isEqualTo(word);
    assertThat(lit.trust()).isEqualTo(Trust.BY_WORD);
  }
}
