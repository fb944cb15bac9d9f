package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.SunYear.Clear;

class SunYearTest {
  private static final LightWish SHADE = new LightWish(2, 6);
  private static final LightWish SUN = new LightWish(14, 30);

  private static SunYear under(Setting setting) {
    LitSpot spot = new LitSpot(setting);
    return new SunYear(
        SunYear.days(2026).stream().map(day -> spot.clear(day, 53, Trust.DRAWN)).toList());
  }

  private static Setting south(Skyline skyline) {
    Opening window = new Opening(180, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    return Setting.behind(
        List.of(new Setting.Seen(window, new Spot(0.2, 0, 1.1))), skyline, List.of());
  }

  private static LocalDate day(int month, int day) {
    return LocalDate.of(2026, month, day);
  }

  @Test
  void theSunComesOverTheHouseOppositeInSpring() {
    SunYear year = under(south(new Skyline(List.of(new Skyline.Part(90, 270, 25, 0)))));
    assertThat(year.at(day(1, 5)).directHours()).isZero();
    SunYear.Change change = year.comes(SHADE, day(1, 20), day(4, 1)).orElseThrow();
    assertThat(change.day()).isBetween(day(2, 10), day(3, 12));
    assertThat(change.after().directHours()).isGreaterThan(change.before().directHours());
  }

  @Test
  void whatLovesSunNeedsNoThought() {
    SunYear year = under(south(Skyline.OPEN));
    assertThat(year.comes(SUN, day(1, 1), day(12, 31))).isEmpty();
  }

  @Test
  void aWindowThatSunNeverReachesBringsNoChange() {
    Opening north = new Opening(0, 1.4, 1.2, 0.9, Glass.DOUBLE, Opening.Over.NONE, Blind.NONE);
    SunYear year =
        under(
            Setting.behind(
                List.of(new Setting.Seen(north, new Spot(1.5, 0, 1.1))), Skyline.OPEN, List.of()));
    assertThat(year.comes(SHADE, day(9, 1), day(12, 31))).isEmpty();
  }

  @Test
  void leavesThatHadSunBearMore() {
    Clear none = new Clear(1, 0, 100);
    Clear used = new Clear(4, 2, 400);
    Clear strong = new Clear(5, 1.2, 300);
    assertThat(SunYear.burns(SHADE, none, strong)).isTrue();
    assertThat(SunYear.burns(SHADE, used, strong)).isFalse();
  }

  @Test
  void neitherBrightnessNorLengthBurnsAlone() {
    LightWish.Burn burn = SHADE.burn();
    assertThat(burn.exceeded(burn.ppfd() + 500, 0)).isFalse();
    assertThat(burn.exceeded(50, 8)).isFalse();
    assertThat(burn.exceeded(burn.ppfd() + 1, burn.hours() + 0.1)).isTrue();
  }

  @Test
  void refusesWhatIsNoYear() {
    assertThatIllegalArgumentException().isThrownBy(() -> new SunYear(List.of()));
  }
}
