package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.assertions.LocatorAssertions;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** The first hour of a stranger, counted in taps and characters. */
class JourneyTest extends BrowserCase {
  private static final int[] WIDTHS = {1280, 390};

  /** What a stranger would write where the list holds nonsense. */
  private static final Map<String, String> MENDED =
      Map.of(
          "Plant name", "Monstera deliciosa",
          "Pot", "10 cm",
          "Bought", "May 2024",
          "Last repotted", "2025",
          "No.", "");

  private int taps;
  private int characters;

  private void tap(Locator what) {
    what.click();
    taps++;
  }

  private void type(Locator field, String text) {
    field.fill(text);
    characters += text.length();
  }

  private void nothingRunsOutOfThePage(String where) {
    assertThat((Boolean) page.evaluate("document.documentElement.scrollWidth <= innerWidth"))
        .as(where)
        .isTrue();
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void aDroopingPeaceLilyFromAnEmptyPage(int width) {
    open(width, 844);
    register("Lily");
    expectNothingForAxe("the doors at " + width);
    nothingRunsOutOfThePage("the doors at " + width);
    assertThat(page.locator("#text")).isFocused();
    type(page.locator("#text"), "my peace lily droops, the soil is wet, the pot has no hole");
    tap(button("What is it?"));
    assertThat(page.locator("#who")).containsText("Spathiphyllum");
    assertThat(page.locator(".cause").first()).containsText("wet");
    assertThat(taps).isLessThanOrEqualTo(4);
    if (width == 390) {
      staysInSight(page.locator(".foot"));
      page.mouse().wheel(0, 1500);
      staysInSight(page.locator(".foot"));
      page.locator(".asked button").first().click();
      staysInSight(page.locator(".foot"));
    }
  }

  /** The whole of it lies within the window, above the thumb row. */
  private void staysInSight(Locator what) {
    assertThat(what).isInViewport(new LocatorAssertions.IsInViewportOptions().setRatio(0.99));
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void aTableOfEightyWithThirtyFaults(int width) {
    open(width, 844);
    register("Eighty");
    tap(link("Bring it in"));
    page.setInputFiles("#file", Path.of("src/test/resources/imports/eighty.csv"));
    taps++;
    tap(button("Read it"));
    assertThat(page.locator("#count")).containsText("80 rows");
    expectNothingForAxe("a list at " + width);
    nothingRunsOutOfThePage("a list at " + width);
    tap(page.getByLabel("cm"));
    type(page.locator("#newRest"), "Spare shelf");
    tap(button("Read it so"));
    assertThat(page.locator("#count")).containsText("50 will do · 30 need a word");
    tap(button("Add the 50 plants that will do"));
    assertThat(page.locator("main")).containsText("50 plants added");
    mendEachRow();
    assertThat(page.locator("#tab-good")).hasText("Will do (30)");
    tap(button("Add the 30 plants that will do"));
    assertThat(page.locator("main")).containsText("80 plants of this list are in the collection");
    assertThat(taps).isLessThanOrEqualTo(60);
    assertThat(characters).isLessThanOrEqualTo(300);

    tap(button("Take the whole import back"));
    assertThat(page.locator("main")).containsText("its rows are a draft again");
    page.navigate("/plants");
    assertThat(page.locator("main")).containsText("I have a list");
  }

  private void mendEachRow() {
    // A busy browser is still reading the page when its first words stand.
    assertThat(page.locator(".sheet-row")).hasCount(30);
    List<String> rows =
        page.locator(".sheet-row").all().stream().map(row -> row.getAttribute("id")).toList();
    for (String id : rows) {
      Locator row = page.locator("#" + id);
      for (int i = 0; i < 4 && row.locator(".field .fault").count() > 0; i++) {
        Locator field = row.locator(".field").first();
        Locator choices = field.locator(".choices button");
        page.waitForResponse(Pattern.compile(".*/rows/\\d+"), () -> mend(field, choices));
        page.waitForCondition(
            () -> page.locator("#" + id + ".htmx-request, #" + id + ".htmx-swapping").count() == 0);
      }
      assertThat(row.locator("header")).containsText("will do");
    }
  }

  private void mend(Locator field, Locator choices) {
    if (choices.count() > 0) {
      tap(choices.first());
    } else {
      Locator input = field.locator("input");
      type(input, MENDED.get(field.locator("label").first().innerText()));
      input.dispatchEvent("change");
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void notesOfEarlierDaysForOneAndForMany(int width) {
    open(width, 844);
    enterOwnDemo();
    page.navigate("/plants?q=Guzmania");
    link("Guzmania").last().click();
    nothingRunsOutOfThePage("a plant at " + width);
    type(page.locator("#line"), "watered 200");
    type(page.locator("#day"), "20 Nov 2026");
    tap(button("Write"));
    assertThat(page.locator("#log")).containsText("Fri 20 Nov");
    assertThat(page.locator("#log")).containsText("for Fri 20 Nov");

    page.navigate("/plants?q=north+gallery");
    assertThat(page.locator(".head").first()).containsText("9 of 38 plants");
    expectNothingForAxe("the list of plants at " + width);
    nothingRunsOutOfThePage("the list of plants at " + width);
    page.locator("[name=plant]").first().click();
    page.locator("[name=plant]")
        .nth(3)
        .click(
            new Locator.ClickOptions()
                .setModifiers(List.of(com.microsoft.playwright.options.KeyboardModifier.SHIFT)));
    assertThat(page.locator(".many [data-count]")).hasText("4 chosen");
    type(page.locator("#many-line"), "fed 40 ppm");
    type(page.locator("#many-day"), "21 Nov 2026");
    tap(button("Note for each"));
    assertThat(page.locator("main")).containsText("Noted for 4 plants: fed 40 ppm");
    tap(button("Undo").first());
    assertThat(page.locator("main")).containsText("Taken back for 4 plants");
  }

  @ParameterizedTest
  @ValueSource(ints = {1280, 390})
  void threePlantsWithMealybugsAndOneJug(int width) {
    open(width, 844);
    enterOwnDemo();
    page.navigate("/plants?q=Masdevallia");
    link("Masdevallia").last().click();
    page.navigate(page.url() + "/cases/new?cause=mealybugs");
    page.locator("main form button").last().click();
    assertThat(page).hasURL(Pattern.compile(".*/cases/\\d+"));
    page.navigate(page.url() + "/treatment");
    tap(page.getByText("Treat other plants with it"));
    Locator others = page.locator("input[name=with]:enabled");
    tap(others.nth(0));
    tap(others.nth(2));
    tap(button("Work it out"));
    assertThat(page.locator("main"))
        .containsText("2 more treated with it: one visit list, one jug");
    nothingRunsOutOfThePage("a treatment at " + width);
    tap(button("Take this course").first());
    assertThat(page.locator(".toast-l")).containsText("3 courses begun");

    page.navigate("/today");
    Locator row =
        page.locator(".together").filter(new Locator.FilterOptions().setHasText("treat 3"));
    nothingRunsOutOfThePage("the round at " + width);
    expectNothingForAxe("the round with plants together at " + width);
    tap(row.getByText("Open visit"));
    assertThat(page.locator("main")).containsText("One jug for 3 plants");
    expectNothingForAxe("a visit to three at " + width);
    tap(page.locator("input[name=but]").last());
    tap(button("Done on all but those ticked"));
    assertThat(page.locator(".toast-l")).containsText("2 plants treated");
    assertThat(taps).isLessThanOrEqualTo(10);
  }

  @Test
  void aCollectionToBeShownRoundInIsThrownAway() {
    register("Round");
    tap(button("Show me round"));
    assertThat(page.locator("main")).containsText("You are being shown round");
    assertThat(page.locator("#shelf")).containsText("Masdevallia");
    tap(button("Back to my plants"));
    assertThat(page.locator("main")).containsText("Where shall we begin?");
    assertThat(page.locator("main")).containsText("what you tried is gone");
  }

  @Test
  void whatIsNotThereHasAPageWithAWayOn() {
    expected.add("status of 4");
    enterDemo();
    for (int width : WIDTHS) {
      page.setViewportSize(width, 844);
      for (String path :
          List.of("/plants/999999", "/no/such/page", "/plants/many", "/today?day=2026-99-99")) {
        page.navigate(path);
        assertThat(link("To today’s round")).isVisible();
        assertThat(page.locator("main")).not().containsText("{");
        nothingRunsOutOfThePage(path + " at " + width);
      }
    }
    expectNothingForAxe("a page that is not there");
    page.navigate("/plants/walk");
    assertThat(page).hasURL(Pattern.compile(".*/places"));
    page.navigate("/today?day=2026-12-30");
    assertThat(page.locator("main")).not().containsText("in 9 days");
  }
}
