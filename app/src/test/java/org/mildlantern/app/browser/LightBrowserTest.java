package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.BoundingBox;
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

  private void drawTheRoomOfASill() {
    addSill();
    link("Its light").click();
    pill("south");
    pill("on the sill");
    pill("open sky");
    button("Work out its light").click();
    link("Draw the room").click();
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
    // The page scrolls to its readings once it is loaded: what is clicked would move away.
    page.waitForLoadState();
    button("strike out").click();
    assertThat(page.locator("#readings")).not().containsText("1500 lux");

    page.waitForLoadState();
    link("Its air").click();
    page.fill("#volume", "40");
    page.selectOption("#airing", "USUAL");
    button("Reckon").click();
    assertThat(page.locator(".gains tr")).hasCount(7);
    assertThat(page.locator("main")).containsText("a tray of wet stones");
    expectNothingForAxe("air at " + width);
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void aStandIsAddedAndDraggedAndMovedByKeys(int width) {
    open(width, 844);
    register("Room");
    drawTheRoomOfASill();
    page.fill("#name", "shelf");
    page.fill("#across", "150 cm");
    page.fill("#back", "200 cm");
    button("Add the stand").click();
    Locator shelf = page.locator(".room [data-spot]");
    assertThat(shelf).hasCount(1);
    expectNothingForAxe("a room at " + width);
    String dim = light();
    for (int i = 0; i < 15; i++) {
      shelf.press("ArrowUp");
    }
    shelf.press("Enter");
    assertThat(page.locator("main")).containsText("the light is worked out anew");
    assertThat(page.locator(".stands > li").nth(1)).not().containsText(dim);
    String bright = light();

    shelf.scrollIntoViewIfNeeded();
    BoundingBox from = page.locator(".room [data-spot]").boundingBox();
    page.mouse().move(from.x + from.width / 2, from.y + 10);
    page.mouse().down();
    page.mouse().move(from.x + from.width / 2 + 4, from.y + 90);
    page.mouse().up();
    assertThat(page.locator(".stands > li").nth(1)).not().containsText(bright);
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void aHouseOppositeIsDraggedHigherAndWidenedByKeys(int width) {
    open(width, 844);
    register("Skyline");
    drawTheRoomOfASill();
    page.getByText("Add a part").click();
    page.fill("#begins", "150");
    page.fill("#ends", "210");
    page.fill("#up", "10");
    page.locator("form[action$='/skyline'] button").click();
    Locator house = page.locator(".horizon [data-part]");
    assertThat(house).hasAttribute("data-up", "10.0");
    expectNothingForAxe("a skyline at " + width);
    house.press("Shift+ArrowRight");
    house.press("ArrowUp");
    house.press("Enter");
    assertThat(page.locator(".horizon [data-ends='215.0']")).hasCount(1);

    Locator rect = page.locator(".horizon [data-part] rect").first();
    rect.scrollIntoViewIfNeeded();
    String before = page.locator(".horizon [data-part]").getAttribute("data-up");
    BoundingBox box = rect.boundingBox();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2);
    page.mouse().down();
    page.mouse().move(box.x + box.width / 2, box.y + box.height / 2 - 25);
    page.mouse().up();
    assertThat(page.locator("main")).containsText("the light is worked out anew");
    assertThat(page.locator(".horizon [data-part]")).not().hasAttribute("data-up", before);
  }

  /** What is said of the light of the stand that was added. */
  private String light() {
    String words = page.locator(".stands > li").nth(1).innerText();
    return words.substring(words.indexOf("shelf") + 5, words.indexOf("mol")).strip();
  }
}
