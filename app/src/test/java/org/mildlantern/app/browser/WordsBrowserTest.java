package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.BoundingBox;
import com.microsoft.playwright.options.SelectOption;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** A plant in its keeper's own words, from an empty account to a case. */
class WordsBrowserTest extends BrowserCase {
  private static final String SPEECH =
      "My moth orchid: newest leaf is brown where it comes out, there are webs, rest looks fine, I"
          + " shower it on Sundays and it stands in a pretty pot without a hole";

  private Locator chip(String words) {
    return page.locator(".said-chips li").filter(new Locator.FilterOptions().setHasText(words));
  }

  private void beginWithPeaceLily(String keeper) {
    register(keeper);
    page.navigate("/diagnose");
    page.locator("#kind").fill("peace lily");
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void fromAnEmptyAccountToAnAnswerAPlantAndACase(int width) {
    open(width, 844);
    register("Wordy");
    page.navigate("/diagnose");
    page.locator("#text").fill(SPEECH);
    assertThat(page.locator("#who")).containsText("you wrote “moth orchid”");
    assertThat(chip("Newest leaf brown")).hasClass("there");
    assertThat(chip("Pot without holes")).hasClass("told");
    assertThat(page.locator("#marked")).hasText(SPEECH);
    chip("Fine webbing").locator("button").click();
    assertThat(chip("Fine webbing")).hasClass("not");
    assertThat(page.locator(".cause").first()).containsText("Crown rot");
    assertThat(page.locator(".cause").first())
        .containsText("because you said “newest leaf is brown where it comes out”");
    assertThat(page.locator("#understood")).containsText("First: Crown rot");
    assertThat(page.locator(".asked")).hasCount(1);
    expectNothingForAxe("words at " + width);
    assertThat((Boolean) page.evaluate("document.body.scrollWidth <= innerWidth")).isTrue();

    page.locator(".cause").first().locator("button[name=cause]").click();
    assertThat(page.locator("main")).containsText("is kept as");
    assertThat(page).hasURL(Pattern.compile(".*/cases/new\\?cause=crown-rot"));
    page.locator("main form button").last().click();
    assertThat(page).hasURL(Pattern.compile(".*/cases/\\d+"));
    page.navigate("/plants");
    assertThat(page.locator("main")).containsText("Phalaenopsis");
  }

  @Test
  void aSecondTapAndTheKeyboardDoTheSame() {
    beginWithPeaceLily("Keys");
    page.locator("#text").pressSequentially("limp leaves, no webs");
    chip("Limp leaves").locator("button").focus();
    page.keyboard().press("Enter");
    assertThat(chip("Limp leaves")).hasClass("not");
    assertThat(chip("Limp leaves").locator("button")).isFocused();
    page.keyboard().press("Enter");
    assertThat(chip("Limp leaves")).hasClass("out");
    page.keyboard().press("Enter");
    assertThat(chip("Limp leaves")).hasClass("there");
    page.locator("[id='where-chip-Slimp-leaves']").selectOption(new SelectOption().setIndex(1));
    assertThat(page.locator(".said-chips select").locator("option:checked")).hasCount(1);
  }

  /** The words of a peace lily's limp leaves stand there, and the answer to more is on its way. */
  private void typeMoreToALateServer(String keeper) {
    beginWithPeaceLily(keeper);
    page.locator("#text").fill("limp leaves");
    assertThat(chip("Limp leaves")).hasClass("there");
    page.route(
        "**/diagnose/words",
        route -> {
          page.waitForTimeout(900);
          route.resume();
        });
    page.waitForRequest(
        "**/diagnose/words", () -> page.locator("#text").fill("limp leaves, no webs"));
  }

  @Test
  void aTapWhileAnAnswerIsOnItsWayIsNotLost() {
    typeMoreToALateServer("Hasty");
    chip("Limp leaves").locator("button").click();
    assertThat(chip("Fine webbing")).hasClass("not");
    assertThat(chip("Limp leaves")).hasClass("not");
  }

  @Test
  void aPlaceChosenWhileAnAnswerIsOnItsWayIsNotLost() {
    typeMoreToALateServer("Hastier");
    Locator where = page.locator("[id='where-chip-Slimp-leaves']");
    String chosen = where.locator("option").nth(1).textContent();
    where.selectOption(new SelectOption().setLabel(chosen));
    assertThat(chip("Fine webbing")).hasClass("not");
    assertThat(chip("Limp leaves").locator("option[selected]")).hasText(chosen);
  }

  @Test
  void aPartOfTheDrawingIsTappedAndMarkedByKeysToo() {
    beginWithPeaceLily("Parts");
    page.locator("#text").pressSequentially("it looks odd");
    page.locator("#pin-oldest circle.none").click();
    page.locator("#shows button", new Page.LocatorOptions().setHasText("only the oldest one"))
        .first()
        .click();
    assertThat(chip("Yellowing")).hasClass("there");
    page.locator("#pin-newest").focus();
    page.keyboard().press("Enter");
    assertThat(page.locator("#shows h2")).containsText("what do you see there?");
    expectNothingForAxe("a part of the drawing");
  }

  @Test
  void whatLeadsAndWhatToAskLieUnderTheThumb() {
    open(390, 844);
    enterDemo();
    page.navigate("/diagnose");
    page.locator("#text").fill("calathea, edges of the leaves go brown, meter says 30 %");
    assertThat(page.locator("#who")).containsText("Goeppertia orbifolia");
    BoundingBox foot = page.locator(".foot").boundingBox();
    assertThat(foot.y + foot.height).isBetween(700.0, 800.0);
    page.locator(".asked button").last().click();
    assertThat(page.locator(".asked")).hasCount(1);
    assertThat(page.locator("#keep .btn-k")).hasText("Keep the look");
  }

  @Test
  void anUnknownPlantLeavesThePageAsWideAsThePhone() {
    open(390, 844);
    enterDemo();
    page.navigate("/diagnose");
    page.locator("#text").fill("the foliage rained down overnight");
    assertThat(page.locator("#who select[name=lives]")).isVisible();
    assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
        .isTrue();
  }
}
