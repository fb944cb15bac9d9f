package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;
import static org.assertj.core.api.Assertions.within;

import java.time.LocalDate;
import java.time.Month;
import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class SpotLightTest {
  private static final LocalDate MIDWINTER = LocalDate.of(2026, 12, 21);
  private static final LocalDate MIDSUMMER = LocalDate.of(2026, 6, 21);
  private static final Spot ON_THE_SILL = new Spot(0.15, 0, 1.1);

  private static Opening window(double faces) {
    return new Opening(faces, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
  }

  private static Setting indoors(double faces, Spot spot) {
    return behind(window(faces), Skyline.OPEN, spot);
  }

  private static Setting behind(Opening window, Skyline skyline, Spot spot) {
    return Setting.behind(List.of(new Setting.Seen(window, spot)), skyline, List.of());
  }

  private static Setting outdoors(Skyline skyline) {
    return Setting.outdoors(1, skyline, List.of());
  }

  private static SpotLight light(Setting setting, double latitude, LocalDate day) {
    return new LitSpot(setting).on(day, latitude, Trust.DRAWN);
  }

  @Test
  void theOpenSkyGivesWhatStationsReport() {
    // Monthly means at 51 to 53° north in lowland Europe: about 2 and 19 MJ/m² a day (rule of
    // thumb).
    assertThat(light(outdoors(Skyline.OPEN), 52, MIDWINTER).dli()).isBetween(2.5, 5.0);
    assertThat(light(outdoors(Skyline.OPEN), 52, MIDSUMMER).dli()).isBetween(34.0, 44.0);
    assertThat(Daylight.mean(0, LocalDate.of(2026, 3, 21)).dli()).isBetween(32.0, 40.0);
  }

  @Test
  void aNorthWindowHasNoSunInWinterAndASouthOneHas() {
    assertThat(light(indoors(0, ON_THE_SILL), 53, MIDWINTER).directHours()).isZero();
    assertThat(light(indoors(0, ON_THE_SILL), 53, MIDSUMMER).directHours()).isPositive();
    assertThat(light(indoors(180, ON_THE_SILL), 53, MIDWINTER).directHours()).isGreaterThan(4);
    assertThat(light(indoors(180, ON_THE_SILL), -35, MIDSUMMER).directHours()).isZero();
    assertThat(light(indoors(0, ON_THE_SILL), -35, MIDSUMMER).directHours()).isGreaterThan(4);
  }

  @ParameterizedTest
  @ValueSource(doubles = {-60, -35, 0, 20, 40, 53, 66})
  void eastAndWestAreAlikeAndTheSouthernYearIsTheNorthernTurned(double latitude) {
    for (LocalDate day : List.of(MIDWINTER, MIDSUMMER, LocalDate.of(2026, 10, 3))) {
      SpotLight east = light(indoors(90, ON_THE_SILL), latitude, day);
      SpotLight west = light(indoors(270, ON_THE_SILL), latitude, day);
      assertThat(east.dli()).isCloseTo(west.dli(), within(1e-6));
      assertThat(east.directHours()).isCloseTo(west.directHours(), within(1e-6));
      assertThat(east.peakPpfd()).isCloseTo(west.peakPpfd(), within(1e-6));
    }
    Sun north = new Sun(latitude, 20, 1);
    Sun south = new Sun(-latitude, -20, 1);
    for (double hour = 4; hour < 20; hour += 0.7) {
      assertThat(north.at(hour).up()).isCloseTo(south.at(hour).up(), within(1e-9));
    }
  }

  @ParameterizedTest
  @CsvSource({
    // At noon: 90 − latitude + declination.
    "53, 2026-12-21, 13.6, 180",
    "53, 2026-06-21, 60.4, 180",
    "0, 2026-03-21, 90, 0",
    "-35, 2026-12-21, 78.4, 0"
  })
  void theSunStandsWhereItMust(double latitude, LocalDate day, double up, double from) {
    Sun.Position noon = Sun.of(latitude, day).at(12);
    assertThat(noon.up()).isCloseTo(up, within(0.4));
    if (up < 89) {
      assertThat(Math.abs(noon.from() - from) % 360).isCloseTo(0, within(0.5));
    }
  }

  @Test
  void theDayHasNoEndInAPolarSummerAndNoBeginningInItsWinter() {
    assertThat(Sun.of(70, MIDSUMMER).hours()).isEqualTo(24);
    assertThat(Sun.of(70, MIDWINTER).hours()).isZero();
    assertThat(light(outdoors(Skyline.OPEN), 70, MIDWINTER).dli()).isZero();
    assertThat(light(outdoors(Skyline.OPEN), 70, MIDSUMMER).dli()).isBetween(25.0, 50.0);
    assertThat(light(outdoors(Skyline.OPEN), 90, MIDSUMMER).dli()).isPositive();
    LitSpot south = new LitSpot(indoors(180, ON_THE_SILL));
    for (int day = 1; day <= 365; day++) {
      for (double latitude : new double[] {-90, -67, -66.5, 66.5, 67, 89.95, 90}) {
        SpotLight any = south.on(LocalDate.ofYearDay(2026, day), latitude, Trust.DRAWN);
        assertThat(any.dli()).isBetween(0.0, 60.0);
        assertThat(any.peakPpfd()).isBetween(0.0, 2600.0);
      }
    }
  }

  @Test
  void lightFallsWithTheDistanceFromTheGlassAndBehindHousesAndCurtains() {
    double last = Double.MAX_VALUE;
    for (double distance : new double[] {0.1, 0.3, 0.6, 1, 1.5, 2, 3, 4}) {
      double here = light(indoors(90, new Spot(distance, 0, 1.1)), 53, MIDWINTER).dli();
      assertThat(here).isLessThan(last);
      last = here;
    }
    // Two metres from an east window in December: next to nothing.
    assertThat(light(indoors(90, new Spot(2, 0, 1)), 53, MIDWINTER).dli()).isLessThan(0.5);
    Skyline house = new Skyline(List.of(new Skyline.Part(90, 270, 30, 0)));
    Setting shaded = behind(window(180), house, ON_THE_SILL);
    assertThat(light(shaded, 53, MIDWINTER).directHours()).isZero();
    assertThat(light(shaded, 53, MIDSUMMER).dli())
        .isLessThan(light(indoors(180, ON_THE_SILL), 53, MIDSUMMER).dli());
    Opening drawn =
        new Opening(180, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.always(0.5));
    Setting curtain = behind(drawn, Skyline.OPEN, ON_THE_SILL);
    assertThat(light(curtain, 53, MIDWINTER).dli())
        .isCloseTo(light(indoors(180, ON_THE_SILL), 53, MIDWINTER).dli() / 2, within(1e-9));
  }

  @Test
  void aWindowThatSitsDeepInItsWallLetsLessSideLightIn() {
    Opening flush = new Opening(180, 1, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    Opening deep = new Opening(180, 1, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE, 0.4);
    SpotLight wide = light(behind(flush, Skyline.OPEN, new Spot(0.8, 0, 1.1)), 53, MIDWINTER);
    SpotLight narrow = light(behind(deep, Skyline.OPEN, new Spot(0.8, 0, 1.1)), 53, MIDWINTER);
    assertThat(narrow.dli()).isLessThan(wide.dli());
    assertThat(narrow.directHours()).isLessThan(wide.directHours());
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Opening(0, 1, 1, 1, Glass.SINGLE, Opening.Over.NONE, Blind.NONE, -1));
  }

  @Test
  void aRoofOverTheWindowKeepsTheHighSunOffAndNotTheLow() {
    Opening under =
        new Opening(180, 1.4, 1.2, 0.9, Glass.DOUBLE, new Opening.Over(1.2, 0.1), Blind.NONE);
    Setting balcony = behind(under, Skyline.OPEN, ON_THE_SILL);
    assertThat(light(balcony, 53, MIDSUMMER).directHours()).isZero();
    assertThat(light(balcony, 53, MIDWINTER).directHours())
        .isCloseTo(light(indoors(180, ON_THE_SILL), 53, MIDWINTER).directHours(), within(0.7));
  }

  @Test
  void theSkyThroughAWindowIsWhatATraceOfRaysFinds() {
    Random random = new Random(5);
    for (int n = 0; n < 12; n++) {
      Opening window =
          new Opening(
              random.nextInt(360),
              0.6 + random.nextDouble() * 2,
              0.6 + random.nextDouble() * 1.5,
              random.nextDouble() * 1.2,
              Glass.NONE,
              Opening.Over.NONE,
              Blind.NONE);
      Spot spot =
          new Spot(0.3 + random.nextDouble() * 2, random.nextDouble() * 2 - 1, random.nextDouble());
      Skyline skyline = new Skyline(List.of(new Skyline.Part(40, 160, 20, 0.25)));
      double seen = 0;
      double all = 60_000;
      for (int ray = 0; ray < all; ray++) {
        // By the cosine from straight up, as a level leaf takes it.
        double up = Math.toDegrees(Math.asin(Math.sqrt(1 - random.nextDouble())));
        Sun.Position there = new Sun.Position(up, random.nextDouble() * 360);
        seen += window.isSeenThrough(spot, there) ? skyline.passes(there) : 0;
      }
      assertThat(SeenSky.through(window, skyline, spot).even())
          .isCloseTo(seen / all, within(0.006 + 0.04 * seen / all));
    }
    assertThat(SeenSky.outdoors(Skyline.OPEN).even()).isCloseTo(1, within(1e-9));
    // A wall all round to 30°: cos² 30° of an even sky is left.
    Skyline wall = new Skyline(List.of(new Skyline.Part(0, 360, 30, 0)));
    assertThat(SeenSky.outdoors(wall).even()).isCloseTo(0.75, within(0.01));
  }

  @Test
  void aLampFallsWithTheSquareAndItsHours() {
    Lamp near = new Lamp(100, 120, 0.3, 12);
    Lamp far = new Lamp(100, 120, 0.6, 12);
    assertThat(near.ppfd()).isCloseTo(4 * far.ppfd(), within(1e-9));
    // A cone of 120° is π steradians: 100 / (π · 0.09).
    assertThat(near.ppfd()).isCloseTo(353.7, within(0.1));
    assertThat(near.dli()).isCloseTo(353.7 * 12 * 0.0036, within(0.01));
    Setting dark = Setting.behind(List.of(), Skyline.OPEN, List.of(far));
    SpotLight lit = light(dark, 53, MIDWINTER);
    assertThat(lit.dli()).isCloseTo(far.dli(), within(1e-9));
    assertThat(lit.peakPpfd()).isCloseTo(far.ppfd(), within(1e-9));
  }

  @Test
  void glassPassesLessOfWhatComesAslant() {
    for (Glass glass : Glass.values()) {
      double last = glass.passes(0);
      assertThat(last).isCloseTo(glass.straight(), within(1e-3));
      for (double aside = 5; aside <= 90; aside += 5) {
        double here = glass.passes(aside);
        assertThat(here).isLessThanOrEqualTo(last + 1e-12).isNotNegative();
        last = here;
      }
    }
    // At 60° a pane of glass throws back about 9 % at each face (Fresnel).
    assertThat(Glass.SINGLE.passes(60) / Glass.SINGLE.passes(0)).isCloseTo(0.92, within(0.02));
  }

  @Test
  void aLampMakesUpForWhatIsShortInItsHours() {
    Lamp any = new Lamp(100, 120, 0.3, 5);
    double hours = any.hoursFor(any.dli());
    assertThat(hours).isCloseTo(5, within(1e-9));
    assertThat(Lamp.BAR.hoursFor(2 * Lamp.BAR.dli())).isCloseTo(2, within(1e-9));
  }

  @Test
  void aMeterReadsDaylightInItsOwnUnit() {
    assertThat(Photometer.LUX.ppfd(10_000)).isCloseTo(185, within(1e-9));
    assertThat(Photometer.FOOT_CANDLES.ppfd(1_000)).isCloseTo(199.1, within(0.1));
    assertThat(Photometer.PPFD.ppfd(7)).isEqualTo(7);
  }

  @Test
  void aReadingThatCannotBeIsNotTaken() {
    assertThat(Trust.canBe(2000)).isTrue();
    for (double bad : new double[] {0, -1, 3000, Double.NaN, Double.POSITIVE_INFINITY}) {
      assertThat(Trust.canBe(bad)).isFalse();
    }
    assertThat(Trust.fits(100, 300)).isTrue();
    assertThat(Trust.fits(100, 5)).isFalse();
    assertThat(Trust.fits(100, 2000)).isFalse();
  }

  @Test
  void readingsNarrowTheBandAndMoveIt() {
    Trust first = Trust.DRAWN.after(100, 60, 0.2);
    assertThat(first.factor()).isBetween(0.6, 0.8);
    Trust second = first.after(100, 60, 0.2);
    assertThat(second.spread()).isLessThan(first.spread()).isLessThan(Trust.DRAWN.spread());
    assertThat(second.factor()).isLessThan(first.factor());
    LitSpot south = new LitSpot(indoors(180, ON_THE_SILL));
    double expected = south.at(MIDWINTER, 12, 53, SpotLight.Sky.CLEAR, Trust.DRAWN);
    assertThat(expected).isBetween(200.0, 900.0);
    assertThat(south.at(MIDWINTER, 2, 53, SpotLight.Sky.CLEAR, Trust.DRAWN)).isZero();
  }

  @Test
  void theBandHoldsTheMiddleAndTheYearRuns() {
    for (Month month : Month.values()) {
      SpotLight light = light(indoors(135, ON_THE_SILL), 53, LocalDate.of(2026, month, 15));
      assertThat(light.low()).isLessThan(light.dli());
      assertThat(light.high()).isGreaterThan(light.dli());
      assertThat(light.working().result()).contains("mol/m² a day");
    }
  }

  @Test
  void whatCannotBeIsRefused() {
    assertThatIllegalArgumentException().isThrownBy(() -> Sun.of(91, MIDWINTER));
    assertThatIllegalArgumentException().isThrownBy(() -> Sun.of(Double.NaN, MIDWINTER));
    assertThatIllegalArgumentException().isThrownBy(() -> new Spot(-1, 0, 0));
    assertThatIllegalArgumentException().isThrownBy(() -> new Lamp(1e9, 120, 1, 1));
    assertThatIllegalArgumentException()
        .isThrownBy(() -> new Opening(0, 0, 1, 1, Glass.SINGLE, Opening.Over.NONE, Blind.NONE));
  }
}
