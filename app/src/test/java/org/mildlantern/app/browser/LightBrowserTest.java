package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import java.util.regex.Pattern;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A keeper without any device finds out how light a place is, and how dry. */
class LightBrowserTest extends BrowserCase {
  private void pill(String words) {
    page.locator("label.pill")
        .filter(new Locator.FilterOptions().setHasText(Pattern.compile("^\\s*" + words + "\\s*$")))
        .click();
  }

  private void addSill() {
    page.navigate("/places/new");
    page.fill("#name", "East sill");
    page.selectOption("#kind", "INDOOR");
    page.locator("main form button.btn-k").first().click();
    assertThat(page.locator("main")).containsText("East sill");
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void threeTapsTellTheLightAndTwoAnswersTheAir(int width) {
    open(width, 844);
    register("Light");
    addSill();
    link("Its light").click();
    assertThat(page.locator("main")).containsText("Three taps tell roughly");
    expectNothingForAxe("asked at " + width);
    pill("east");
    pill("on the sill");
    pill("houses across the street");
    button("Work out its light").click();
    assertThat(page.locator("main")).containsText("Light through the year");
    assertThat(page.locator("main")).containsText("mol a day at this season");
    assertThat(page.locator(".sky .way")).hasCount(3);
    expectNothingForAxe("worked out at " + width);

    page.fill("#value", "9999999");
    page.fill("#day", "20 Nov 2026");
    page.fill("#time", "11:00");
    button("Add the reading").click();
    assertThat(page.locator("#readings .fault")).containsText("brighter than any daylight");
    assertThat(page.locator("#value")).hasValue("9999999");
    page.fill("#value", "1500");
    button("Add the reading").click();
    assertThat(page.locator("#readings")).containsText("1500 lux");
    button("strike out").click();
    assertThat(page.locator("#readings")).not().containsText("1500 lux");

    link("Its air").click();
    page.fill("#volume", "40");
    page.selectOption("#airing", "USUAL");
    button("Reckon").click();
    assertThat(page.locator(".gains tr")).hasCount(6);
    assertThat(page.locator("main")).containsText("a tray of wet stones");
    expectNothingForAxe("air at " + width);
  }
}
