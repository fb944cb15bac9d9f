package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.time.LocalDate;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.core.reading.When;

/** From mites on one plant to clear, with its neighbour. */
class TreatmentBrowserTest extends BrowserCase {
  private LocalDate today = Keepers.TODAY;

  private void goTo(LocalDate day) {
    clock.forward(Duration.ofDays(java.time.temporal.ChronoUnit.DAYS.between(today, day)));
    today = day;
  }

  private void twoPlantsOnASill() {
    register("Bea");
    for (String[] place : new String[][] {{"Sill", "INDOOR"}, {"Apart", "QUARANTINE"}}) {
      page.navigate("/places/new");
      page.fill("#name", place[0]);
      page.selectOption("#kind", place[1]);
      page.fill("#temperature", "20");
      button("Save").click();
    }
    for (String kind : new String[] {"Monstera deliciosa", "Anthurium andraeanum"}) {
      page.navigate("/plants/new");
      page.fill("#kind", kind);
      button("Save").click();
      assertThat(page.locator("h1")).hasText(kind);
    }
  }

  private void soapIntoTheCabinet() {
    page.navigate("/mixing/new?means=soap");
    page.fill("#name", "Soap");
    page.fill("#amountLeft", "100");
    button("Save").click();
    page.fill("#usedFor", "indoors");
    page.fill("#printed", "15 ml/L");
    assertThat(page.locator("#reading")).containsText("15 ml in 1 l");
    button("Add the rate").click();
    assertThat(page.locator("#label")).containsText("15 ml/L for indoors");
  }

  private Locator row(String text) {
    return page.locator(".row-i:not(.done)")
        .filter(new Locator.FilterOptions().setHasText("Anthurium"))
        .filter(new Locator.FilterOptions().setHasText(text));
  }

  /** Answers the neighbour's look when it is due; says whether it was. */
  private boolean neighbourIsClean() {
    page.navigate("/today");
    Locator look = row("look for spider mites");
    if (look.count() == 0) {
      return false;
    }
    look.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Nothing")).click();
    assertThat(row("look for spider mites")).hasCount(0);
    return true;
  }

  @Test
  void mitesAreFoundIsolatedTreatedFoundAgainTreatedAndCleared() {
    twoPlantsOnASill();
    soapIntoTheCabinet();
    page.locator(".shelf").getByText("Monstera deliciosa").click();
    link("Look at it").click();
    String plant = page.url().replaceFirst(".*(/plants/\\d+).*", "$1");
    page.locator("#part-oldest").click();
    markChip("stipple@old-leaves");
    page.locator(".cause a").getByText("Spider mites").first().waitFor();
    page.navigate(plant + "/cases/new?cause=spider-mites");
    button("Open the case with this change").click();
    link("To the treatment").click();
    String course = page.url();

    page.selectOption(
        "#sill", new com.microsoft.playwright.options.SelectOption().setLabel("to Apart"));
    button("Begin quarantine").click();
    assertThat(page.locator("#quarantine")).containsText("28 days with nothing new");

    page.navigate(course);
    assertThat(page.locator(".offer").first()).containsText("Soap and water first");
    button("Take this course").first().click();
    assertThat(page.locator(".cal")).isVisible();
    int visits = page.locator(".visits:not(.tests) > li").count();
    link("Mix, check, do").click();
    assertThat(page.locator("main")).not().containsText("Horticultural soap");
    button("Done").click();
    assertThat(page.locator(".visits.tests")).containsText("Try horticultural soap on one leaf");
    button("Begun today").click();
    assertThat(page.locator(".visits.tests")).hasCount(0);
    assertThat(page.locator(".visits:not(.tests) > li.done")).hasCount(1);
    assertThat(neighbourIsClean()).isTrue();

    goTo(today.plusDays(2));
    page.navigate("/today");
    page.locator(".row-i:not(.done)")
        .filter(new Locator.FilterOptions().setHasText("read the patch test"))
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Clean"))
        .click();
    assertThat(page.locator("body")).containsText("the leaf is clean");
    page.navigate(course);
    page.fill("#count-now", "4");
    button("Note it").click();
    assertThat(page.locator("#quarantine")).containsText("Started again by the find of Wed 25 Nov");

    int looks = 0;
    boolean mixed = false;
    for (int visit = 1; visit < visits; visit++) {
      page.navigate(course);
      Locator next = page.locator(".visits:not(.tests) > li.planned").first();
      goTo(When.day(next.locator("[data-day]").getAttribute("value")));
      looks += neighbourIsClean() ? 1 : 0;
      page.navigate(course);
      link("Mix, check, do").click();
      if (button("Mixed it; draw it from the bottle").count() > 0 && !mixed) {
        assertThat(page.locator("main")).containsText("1.5 ml in 98.5 ml of water");
        button("Mixed it; draw it from the bottle").click();
        assertThat(page.locator("main")).containsText("Logged: 1.5 ml for 0.1 L");
        mixed = true;
      }
      button("Done").click();
    }
    assertThat(mixed).isTrue();
    assertThat(page.locator(".visits:not(.tests) > li.done")).hasCount(visits);
    goTo(LocalDate.of(2026, 12, 23));
    looks += neighbourIsClean() ? 1 : 0;
    assertThat(looks).isGreaterThanOrEqualTo(2);
    page.navigate(course);
    assertThat(page.locator(".chain")).containsText("clear");
    assertThat(page.locator("#quarantine svg")).containsText("clear");
    button("Let it out").click();
    assertThat(page.locator("main")).containsText("Quarantine ended, nothing found");
  }
}
