package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.options.AriaRole;
import java.time.Duration;
import java.util.List;
import java.util.regex.Pattern;
import org.junit.jupiter.api.Test;

/** Goes through the app as a keeper would, in a real browser. */
class BrowserTest extends BrowserCase {
  @Test
  void fromAWorryToItsResultAndBack() {
    enterDemo();
    page.locator(".shelf").getByText("Coleus scutellarioides").click();
    link("Look at it").click();

    page.locator("#pin-mid circle.dot").click();
    assertThat(page.locator(".chips h2")).hasText("Middle leaves");
    markChip("limp-leaves@all-leaves");
    assertThat(page.locator("#pin-mid")).hasClass(Pattern.compile(".*marked.*"));

    page.locator("#pin-medium").focus();
    page.keyboard().press("Enter");
    assertThat(page.locator(".chips h2")).hasText("Medium surface");
    markChip("medium-soggy@medium");

    assertThat(page.locator(".cause").first()).containsText("Roots kept too wet");
    assertThat(page.locator(".cause").first()).containsText("for it");
    assertThat(page.locator(".ledger")).containsText(new String[] {"Medium wet two fingers deep"});
    page.locator(".cause .pc").first().click();
    assertThat(page.locator("dialog[open]")).containsText("Henrion 1989");
    page.keyboard().press("Escape");

    link("Open a case").click();
    assertThat(page.locator("main")).containsText("Let the medium dry");
    assertThat(page.locator("main")).containsText("no feed");
    button("Open the case with this change").click();
    assertThat(page).hasURL(Pattern.compile(".*/cases/\\d+"));
    assertThat(page.locator("main")).containsText("Mon 7 Dec");

    clock.forward(Duration.ofDays(14));
    page.navigate("/today");
    Locator row =
        page.locator(".row-i")
            .filter(new Locator.FilterOptions().setHasText("Coleus"))
            .filter(new Locator.FilterOptions().setHasText("look again"));
    row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Better")).click();
    assertThat(page.locator(".toast-l")).containsText("Roots kept too wet now");
    page.keyboard().press("u");
    assertThat(row).hasCount(1);
    row.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Better")).click();
    assertThat(page.locator(".toast-l")).containsText("Better after");

    page.locator(".row-i.done")
        .filter(new Locator.FilterOptions().setHasText("Coleus"))
        .getByRole(AriaRole.LINK, new Locator.GetByRoleOptions().setName("Case"))
        .first()
        .click();
    assertThat(page.locator("main")).containsText("Decide what next");
    page.selectOption("#outcome", "HEALED");
    page.fill("#learned", "It stood too wet after the move indoors.");
    button("Close").last().click();
    assertThat(page.locator("main")).containsText("healed");

    link("Coleus scutellarioides").first().click();
    assertThat(page.locator(".timeline").first()).containsText("closed: healed");
  }

  @Test
  void fromNothingWithOnesOwnPlant() {
    register("Ann");
    expectNothingForAxe("empty today");

    page.navigate("/plants");
    link("Add the first place").click();
    page.fill("#name", "Kitchen sill");
    page.fill("#temperature", "warm");
    button("Save").click();
    assertThat(page.locator(".fault")).containsText("A number, please");
    assertThat(page.locator("#name")).hasValue("Kitchen sill");
    page.fill("#temperature", "19");
    button("Save").click();

    page.navigate("/plants/new");
    page.fill("#kind", "Grandmother's lily");
    button("Save").click();
    assertThat(page.locator(".fault")).containsText("pick how the plant is built");
    page.selectOption("#formId", "strap-clump");
    button("Save").click();
    assertThat(page.locator("h1")).hasText("Grandmother's lily");

    page.fill("#line", "probe sideways");
    button("Write").click();
    assertThat(page.locator(".fault")).containsText("dry, damp or wet");
    assertThat(page.locator("#line")).hasValue("probe sideways");
    page.fill("#line", "watered 240");
    button("Write").click();
    assertThat(page.locator(".timeline").first()).containsText("Watered 240");

    link("Look at it").click();
    page.locator("#part-joint").click();
    markChip("cotton@joints");
    assertThat(page.locator(".cause").first()).containsText("Mealybugs");
    link("Open a case").click();
    assertThat(page.locator("main")).containsText("Catching");
    button("Open the case with this change").click();
    assertThat(page.locator("main")).containsText("swab with alcohol");
  }

  @Test
  void theRoundByKeyboardAlone() {
    enterOwnDemo();
    page.waitForLoadState();
    Locator due = page.locator(".row-i:not(.done)");
    int before = due.count();
    assertThat(page.locator(".row-i.next")).hasCount(1);
    page.keyboard().press("2");
    assertThat(page.locator(".toast-l")).isVisible();
    assertThat(due).hasCount(before - 1);
    page.keyboard().press("u");
    assertThat(due).hasCount(before);
    page.keyboard().press("/");
    page.keyboard().type("Goudaea");
    assertThat(page.locator("#found")).containsText("Vriesea ospinae");
    page.keyboard().press("Escape");
    page.keyboard().press("?");
    assertThat(page.locator("#keys")).isVisible();
  }

  @Test
  void aSecondChangeWarnsTakesAReasonAndConfounds() {
    enterDemo();
    page.locator(".shelf").getByText("Alocasia reginula").click();
    page.fill("#line", "fed 60 ppm");
    button("Write").click();
    assertThat(
            page.locator("[role=alert]")
                .filter(new Locator.FilterOptions().setHasText("under test")))
        .isVisible();
    page.fill("#reason", "it looked hungry");
    button("Write").click();
    assertThat(page.locator(".timeline").first()).containsText("Fed 60 ppm");
    page.reload();
    assertThat(page.locator("main")).containsText("Confounded");
    page.locator(".timeline details").first().locator("summary").click();
    button("Undo this entry").first().click();
    assertThat(page.locator("main")).not().containsText("Confounded");
  }

  @Test
  void recordsAreOverruledTestsBegunAndSpotsMeasured() {
    open(1280, 800);
    enterDemo();
    page.navigate("/diagnose");
    page.locator("main a").filter(new Locator.FilterOptions().setHasText("Ludisia")).click();
    page.locator(".ledger button")
        .filter(new Locator.FilterOptions().setHasText("not so"))
        .first()
        .click();
    assertThat(page.locator("main")).containsText("you said this does not hold");
    page.locator(".ledger button")
        .filter(new Locator.FilterOptions().setHasText("it does"))
        .first()
        .click();
    assertThat(page.locator("main")).not().containsText("you said this does not hold");

    page.locator("a").filter(new Locator.FilterOptions().setHasText("Measure a spot")).click();
    page.locator("#spot").fill("second leaf");
    page.locator("#mm").fill("7");
    button("Keep the measure").click();
    assertThat(page.locator("main")).containsText("One measure so far");

    page.navigate("/know/compare");
    page.locator("#a").selectOption("spider-mites");
    page.locator("#b").selectOption("thrips");
    button("Compare").click();
    assertThat(page.locator("main")).containsText("scraped streaks with black specks are thrips");

    page.navigate("/cases/experience");
    button("Do not count it").click();
    assertThat(page.locator("main")).containsText("It does not count now.");
    button("Let it count").click();
    assertThat(page.locator("main")).containsText("It counts now.");
  }

  /** Pages that lie otherwise on a phone than on a desk; the rest is only narrower. */
  private static final List<String> UNLIKE =
      List.of(
          "/today",
          "/seasons",
          "/raising",
          "/plants",
          "/plants/1",
          "/plants/1/diagnose",
          "/visits/4",
          "/mixing/1");

  @Test
  void axeFindsNothingAndNothingOverflows() {
    expected.add("status of 404");
    open(1280, 800);
    enterDemo();
    for (String path :
        List.of(
            "/today",
            "/plants",
            "/plants/new",
            "/plants/imports/new",
            "/places",
            "/places/new",
            "/plants/walk?place=2",
            "/diagnose",
            "/plants/1",
            "/plants/1/diagnose",
            "/plants/21/diagnose?part=oldest",
            "/cases",
            "/cases/4",
            "/settings",
            "/treatments",
            "/cases/4/treatment",
            "/visits/4",
            "/mixing",
            "/mixing/1",
            "/mixing/new",
            "/seasons",
            "/seasons/air",
            "/plants/17/year",
            "/plants/6/bloom?day=2027-01-20",
            "/repotting",
            "/repotting/weekend?day=2031-03-06",
            "/plants/17/repotting/size?roots=18",
            "/raising",
            "/raising/1",
            "/away",
            "/away/plan?from=2031-03-06&until=2031-03-16&risk=10&visits=1&minutes=30&coin=5",
            "/plants/11/raising",
            "/find?q=mite",
            "/diagnose/shared",
            "/plants/10/spots",
            "/plants/2/sheet",
            "/cases/5/saved",
            "/cases/experience",
            "/know",
            "/know/reliability",
            "/know/compare?a=too-wet&b=root-rot",
            "/know/causes/too-wet",
            "/know/signs/stipple",
            "/know/causes/thrips",
            "/know/compare?a=soft-scale&b=oedema",
            "/know/plates",
            "/know/ways",
            "/know/ways/conifer",
            "/know/pets",
            "/know/changes/let-dry",
            "/know/means/soap",
            "/today/month",
            "/plants/1/edit",
            "/places/1/edit",
            "/places/2/light",
            "/places/4/light",
            "/places/2/air",
            "/places/2/room",
            "/places/4/room",
            "/places/standing",
            "/places/2/readings",
            "/devices",
            "/weather",
            "/carriage?kind=&outside=-8",
            "/plants/labels?plant=1,2",
            "/nowhere",
            "/know/taxa/phalaenopsis")) {
      page.navigate(path);
      for (int width : new int[] {390, 1280}) {
        page.setViewportSize(width, 800);
        expectNoOverflow(path + " at " + width);
        if (path.equals("/today")) {
          expectNothingForAxe(path + " and its frame at " + width);
        }
      }
      takeFrameAway();
      expectNothingForAxe(path + " at 1280");
      if (UNLIKE.contains(path)) {
        page.setViewportSize(390, 800);
        expectNothingForAxe(path + " at 390");
      }
    }
    for (int width : new int[] {1280, 390}) {
      page.setViewportSize(width, 800);
      page.navigate("/know/taxa/phalaenopsis");
      if (width == 390) {
        page.locator("[data-more]").click();
      }
      page.locator("[data-theme]").click();
      expectNothingForAxe("dark theme at " + width);
      page.locator("[data-theme]").click();
    }
  }

  private void expectNoOverflow(String where) {
    int over =
        (Integer)
            page.evaluate(
                "document.documentElement.scrollWidth - document.documentElement.clientWidth");
    assertThat(over).as(where + " overflows").isLessThanOrEqualTo(0);
  }
}
