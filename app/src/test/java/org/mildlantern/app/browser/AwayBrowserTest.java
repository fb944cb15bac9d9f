package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.FilePayload;
import com.microsoft.playwright.options.Media;
import com.microsoft.playwright.options.SelectOption;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.demo.SecondTollhouse;
import org.mildlantern.app.photos.Pictures;

/** An absence: planned and printed, a visitor on a phone without a line, the return. */
class AwayBrowserTest extends BrowserCase {

  @Test
  void aTripIsPlannedAVisitorAnswersWithoutALineAndTheReturnIsChecked() throws Exception {
    String email = enterOwnDemo();
    page.navigate("/away");
    page.fill("#until", "20 Dec 2026");
    page.fill("#visits", "2");
    page.fill("#minutes", "10");
    button("Plan it").click();
    page.fill("#call", "Ada Brook 0555 0134");
    page.fill("#cup", "250");
    button("Keep it").click();
    assertThat(page).hasURL(Pattern.compile(".*/away/trips/\\d+"));
    String trip = page.url();
    link("Sheet").click();
    assertThat(page.locator(".visitor")).containsText("Ada Brook");
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.PRINT));
    assertThat(page.locator("header.ribbon")).isHidden();
    assertThat(page.locator(".visitor").first()).isVisible();
    page.emulateMedia(new Page.EmulateMediaOptions().setMedia(Media.SCREEN));
    page.navigate(trip);
    button("Make the link").click();
    String address = page.locator(".link-text").textContent();

    openWithWorker(390, 844);
    page.clock().setFixedTime(Keepers.NOW.toString());
    expected.addAll(List.of("ERR_INTERNET_DISCONNECTED", "status of 404"));
    page.navigate(address);
    assertThat(page.locator("h1")).hasText("Looking after the plants");
    assertThat((Boolean) page.evaluate("document.body.scrollWidth <= innerWidth")).isTrue();
    expectNothingForAxe("the visitor's page");
    page.waitForFunction(
        "caches.has('pages').then(has => has && caches.open('pages').then(c => c.keys()).then(keys => keys.length > 0))");
    cutLine(true);
    page.reload();
    assertThat(page.locator("h1")).hasText("Looking after the plants");
    Locator first = page.locator(".task").first();
    String name = first.locator("b").textContent();
    first.locator("[value=DONE]").click();
    assertThat(first).hasAttribute("data-state", "DONE");
    page.selectOption("#about", new SelectOption().setIndex(1));
    page.fill("#text", "its leaves hang");
    page.setInputFiles("#file", new FilePayload("a.jpg", "image/jpeg", Pictures.jpeg(80, 60)));
    page.locator("#told .btn-k").click();
    assertThat(page.locator("#line")).containsText("2 answers are kept in this phone");
    cutLine(false);
    assertThat(page.locator("#told")).containsText("its leaves hang");
    assertThat(page.locator(".task").first()).hasAttribute("data-state", "DONE");

    open(1280, 800);
    page.navigate("/sign-in");
    page.fill("[name=email]", email);
    page.fill("[name=password]", SecondTollhouse.PASSWORD);
    button("Sign in").click();
    assertThat(page.locator("#round"))
        .containsText("Your visitor about " + name + ": its leaves hang");
    page.navigate(trip);
    expectNothingForAxe("an absence");
    assertThat(page.locator("#messages img")).isVisible();
    button("Seen").click();
    assertThat(button("Seen")).hasCount(0);
    button("I am back").click();
    assertThat(page.locator("main")).containsText("Back: look in this order");
    page.locator(".returned button").nth(1).click();
    assertThat(page.locator(".returned .picked").first()).containsText("Limp");
    page.navigate(address);
    assertThat(page.locator("body")).not().containsText("Looking after the plants");
  }
}
