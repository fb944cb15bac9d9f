package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Download;
import com.microsoft.playwright.Route;
import java.nio.file.Path;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Records out and in again, a plant from one keeper to another, over a line that breaks. */
class ArchiveBrowserTest extends BrowserCase {

  @Test
  void anArchiveGoesOutAndComesBackOverALineThatBreaks() {
    enterOwnDemo();
    page.navigate("/archive");
    button("Make an archive").click();
    link("Download").first().waitFor();
    expectNothingForAxe("out and in");
    Download saved = page.waitForDownload(() -> link("Download").first().click());
    Path file = saved.path();
    // The line is down for the first part; then its answer is lost.
    AtomicInteger part = new AtomicInteger();
    page.route(
        "**/parts?at=*",
        route -> {
          int now = part.incrementAndGet();
          if (now == 1) {
            route.abort("failed");
          } else if (now == 2) {
            route.fetch();
            route.abort("failed");
          } else {
            route.resume(new Route.ResumeOptions());
          }
        });
    expected.add("ERR_FAILED");
    page.setInputFiles("#file", file);
    button("Look into it").first().click();
    page.waitForURL(Pattern.compile(".*/archive/in/\\d+"));
    assertThat(part.get()).isGreaterThan(2);
    assertThat(page.locator("#page")).containsText("Nothing has been changed yet");
    button("Leave it").click();
    assertThat(page).hasURL(Pattern.compile(".*/archive$"));
  }

  @Test
  void aPlantIsHandedOverByALinkAndTakenInOnAPhone() {
    enterOwnDemo();
    page.navigate("/plants");
    String plant = page.locator(".latin[href^='/plants/']").first().getAttribute("href");
    page.navigate(plant);
    String name = page.locator("h1").first().textContent().strip();
    link("Hand over").click();
    button("Make the link").click();
    String link = page.locator(".link-text").textContent();
    expectNothingForAxe("hand over");

    open(390, 844);
    page.navigate(link);
    assertThat(page.locator("h1")).hasText(name);
    assertThat((Boolean) page.evaluate("document.body.scrollWidth <= innerWidth")).isTrue();
    expectNothingForAxe("a plant that is handed over");

    enterOwnDemo();
    page.navigate(link);
    page.getByText("read it in").click();
    button("Look into it").last().click();
    assertThat(page.locator("#page")).containsText("A plant that was handed over");
    button("Read it in").click();
    assertThat(page).hasURL(Pattern.compile(".*/plants/\\d+"));
    assertThat(page.locator("#page")).containsText(name);
  }
}
