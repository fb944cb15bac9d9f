package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.WaitForSelectorState;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;

/** Walks rounds by keyboard alone, and without a line. */
class RoundBrowserTest extends BrowserCase {
  private static final String DUE = ".row-i:not(.done):not(.waiting):has([data-answer])";

  private Locator row(String id) {
    return page.locator("[id='" + id + "']");
  }

  /** Ids of rows that wait for an answer, in the order of the walk. */
  private List<String> due() {
    return ((List<?>) page.locator(DUE).evaluateAll("rows => rows.map(row => row.id)"))
        .stream().map(String.class::cast).toList();
  }

  /** Steps to a row with j and k alone, and answers with a digit. */
  private void answer(String id, String digit) {
    int steps =
        (Integer)
            page.evaluate(
                "id => { const all = [...document.querySelectorAll('[data-row]')];"
                    + " return all.findIndex(r => r.id === id)"
                    + " - all.findIndex(r => r.classList.contains('next')); }",
                id);
    for (int step = 0; step < Math.abs(steps); step++) {
      page.keyboard().press(steps > 0 ? "j" : "k");
    }
    assertThat(current()).isEqualTo(id);
    page.keyboard().press(digit);
    row(id)
        .and(page.locator(DUE))
        .waitFor(new Locator.WaitForOptions().setState(WaitForSelectorState.DETACHED));
  }

  private String current() {
    Locator next = page.locator(".row-i.next");
    return next.count() == 0 ? "" : next.getAttribute("id");
  }

  @Test
  void aWeekOfRoundsByKeyboardAlone() {
    enterOwnDemo();
    int answered = 0;
    for (int day = 0; day < 7; day++) {
      int before = page.locator(".row-i.done").count();
      int today = 0;
      for (List<String> due = due(); !due.isEmpty(); due = due()) {
        String id = due.get(0);
        answer(id, id.startsWith("water-") ? "4" : id.startsWith("case-") ? "2" : "1");
        today++;
        assertThat(today).as("answers of day " + day).isLessThan(80);
      }
      assertThat(page.locator(".row-i.done").count()).isGreaterThanOrEqualTo(before + today);
      answered += today;
      if (day == 3 && today > 0) {
        page.keyboard().press("u");
        assertThat(page.locator(DUE)).hasCount(1);
        answer(due().get(0), "1");
      }
      clock.forward(Duration.ofDays(1));
      page.reload();
    }
    assertThat(answered).isGreaterThan(30);
    page.keyboard().press("/");
    page.keyboard().type("Hoya carnosa");
    page.locator("#found a").first().waitFor();
    page.keyboard().press("Enter");
    assertThat(page.locator("main")).containsText("Hoya carnosa");
  }

  /** Waits until the page that is open is kept for when the line is cut. */
  private void keptByTheWorker() {
    page.evaluate(
        "async () => { const kept = async () => navigator.serviceWorker.controller"
            + " && await (await caches.open('pages')).match(location.href);"
            + " while (!await kept()) await new Promise(r => setTimeout(r, 50)); }");
  }

  @Test
  void answersWaitWhileTheLineIsCutAndGoOutOnce() {
    expected.addAll(List.of("ERR_INTERNET_DISCONNECTED", "status of 409"));
    openWithWorker(1280, 800);
    page.clock().setFixedTime(Keepers.NOW.toString());
    String email = enterOwnDemo();
    keptByTheWorker();
    List<String> pots = due().stream().filter(id -> id.startsWith("water-")).toList();
    String first = pots.get(0);
    String second = pots.get(1);
    String third = pots.get(2);

    cutLine(true);
    answer(first, "2");
    assertThat(row(first)).hasClass(Pattern.compile(".*waiting.*"));
    assertThat(page.locator("#no-line")).containsText("No line to the server");
    page.reload();
    assertThat(row(first)).containsText("“Damp” kept here");
    answer(second, "1");
    answer(third, "3");
    page.keyboard().press("u");
    assertThat(row(third)).not().hasClass(Pattern.compile(".*waiting.*"));
    assertThat(page.locator("#no-line")).containsText("2 answers are kept");
    expectNothingForAxe("the round without a line");

    Page other = anotherWindow(email);
    other
        .locator("[id='" + second + "']")
        .getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Watered"))
        .click();
    other.locator(".toast-l").waitFor();
    other.context().close();

    cutLine(false);
    Locator both = page.locator("[data-both]");
    assertThat(both).containsText("Both of you answered");
    assertThat(both).containsText("Watered");
    assertThat(row(first).and(page.locator(DUE))).hasCount(0);
    assertThat(page.locator("#no-line")).isHidden();
    both.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Keep both")).click();
    assertThat(both).hasCount(0);

    page.navigate("/plants/" + second.replace("water-", ""));
    assertThat(page.locator(".timeline").first()).containsText("Felt dry");
    assertThat(page.locator(".timeline").first()).containsText("Watered");
    page.navigate("/plants/" + first.replace("water-", ""));
    assertThat(
            page.locator(".timeline li")
                .filter(new Locator.FilterOptions().setHasText("Felt damp"))
                .first())
        .containsText("23 Nov");
    int taken =
        page.locator(".timeline li")
            .filter(new Locator.FilterOptions().setHasText("23 Nov"))
            .filter(new Locator.FilterOptions().setHasText("Felt damp"))
            .count();
    assertThat(taken).isEqualTo(1);
  }

  @Test
  void aLateServerLeavesThePageAsItWasUntilItAnswers() {
    openWithWorker(1280, 800);
    enterOwnDemo();
    keptByTheWorker();
    Locator line = page.locator("#no-line");

    page.clock().setFixedTime("2026-11-24T08:00:00Z");
    clock.hold();
    page.navigate("/today");
    assertThat(line)
        .containsText("The server takes long to answer: this page is as it was on Mon 23 Nov at");
    assertThat(page.locator("main h1")).hasText("Monday’s round");
    clock.forward(Duration.ofDays(1));
    clock.release();
    assertThat(line).isHidden();
    assertThat(page.locator("main h1")).hasText("Tuesday’s round");

    clock.hold();
    page.navigate("/today");
    assertThat(line).containsText("takes long");
    page.locator("#find").pressSequentially("ho");
    clock.release();
    assertThat(line).containsText("a newer one is here");
    assertThat(page.locator("#find")).hasValue("ho");
    link("Load it anew").click();
    assertThat(line).isHidden();
  }
}
