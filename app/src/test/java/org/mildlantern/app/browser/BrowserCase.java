package org.mildlantern.app.browser;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;
import static org.assertj.core.api.Assertions.assertThat;

import com.deque.html.axecore.args.AxeRunOptions;
import com.deque.html.axecore.playwright.AxeBuilder;
import com.deque.html.axecore.results.Rule;
import com.microsoft.playwright.Browser;
import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Playwright;
import com.microsoft.playwright.assertions.PlaywrightAssertions;
import com.microsoft.playwright.options.AriaRole;
import com.microsoft.playwright.options.ServiceWorkerPolicy;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.TestClock;
import org.mildlantern.app.demo.SecondTollhouse;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.context.ApplicationContext;

/** Opens pages in a real browser, and expects no complaint on its console. */
@AppTest
abstract class BrowserCase {
  private static final List<String> FLAGS =
      List.of("--no-sandbox", "--disable-gpu", "--disable-background-networking");

  private static Playwright playwright;
  private static Browser browser;

  @LocalServerPort int port;
  @Autowired TestClock clock;
  @Autowired ApplicationContext application;

  private BrowserContext context;

  /** Parts of console messages that a test brings about on purpose. */
  protected final List<String> expected = new ArrayList<>(List.of("status of 422"));

  protected Page page;
  private final List<String> complaints = new ArrayList<>();

  @BeforeAll
  static void launch() {
    // The first answer of a day works every pot out; a busy machine takes its time over it.
    PlaywrightAssertions.setDefaultAssertionTimeout(30_000);
    playwright =
        Playwright.create(
            new Playwright.CreateOptions()
                .setEnv(java.util.Map.of("PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD", "1")));
    browser =
        playwright
            .chromium()
            .launch(
                new BrowserType.LaunchOptions()
                    .setExecutablePath(Path.of("/usr/bin/chromium"))
                    .setArgs(FLAGS));
  }

  @AfterAll
  static void quit() {
    browser.close();
    playwright.close();
  }

  @BeforeEach
  void open() {
    open(1280, 800);
  }

  /** A browser that keeps no pages and waits for the server, however busy the machine is. */
  protected void open(int width, int height) {
    open(width, height, ServiceWorkerPolicy.BLOCK);
    context.addInitScript(
        "addEventListener('load', () => { if (window.htmx) htmx.config.timeout = 60000; })");
  }

  /** A browser that keeps pages, and lays them when the line is cut or the server is late. */
  protected void openWithWorker(int width, int height) {
    open(width, height, ServiceWorkerPolicy.ALLOW);
  }

  private void open(int width, int height, ServiceWorkerPolicy workers) {
    if (context != null) {
      context.close();
    }
    context =
        browser.newContext(
            new Browser.NewContextOptions()
                .setViewportSize(width, height)
                .setServiceWorkers(workers)
                .setBaseURL("http://127.0.0.1:" + port));
    page = context.newPage();
    page.onConsoleMessage(
        m -> {
          if (m.type().equals("error") && expected.stream().noneMatch(m.text()::contains)) {
            complaints.add(m.text());
          }
        });
    page.onPageError(complaints::add);
  }

  /** Cuts the line to the server, or brings it back. */
  protected void cutLine(boolean cut) {
    context.setOffline(cut);
  }

  /** Opens a demo collection of the test's own, and returns the address that signs in to it. */
  protected String enterOwnDemo() {
    String email = SecondTollhouse.furnish(application);
    signIn(page, email);
    return email;
  }

  /** Another window of the same collection. */
  protected Page anotherWindow(String email) {
    Page other =
        browser
            .newContext(new Browser.NewContextOptions().setBaseURL("http://127.0.0.1:" + port))
            .newPage();
    signIn(other, email);
    return other;
  }

  private static void signIn(Page window, String email) {
    window.navigate("/sign-in");
    window.fill("[name=email]", email);
    window.fill("[name=password]", SecondTollhouse.PASSWORD);
    window.locator("form[action='/sign-in'] button").click();
    window.waitForURL("**/today");
  }

  @AfterEach
  void noComplaints() {
    context.close();
    clock.reset();
    assertThat(complaints).as("browser console").isEmpty();
  }

  protected void enterDemo() {
    page.navigate("/sign-in");
    button("Open the demo collection").click();
    assertThat(page).hasURL(java.util.regex.Pattern.compile(".*/today"));
    // A key that is pressed before the page has all its scripts is lost.
    page.waitForLoadState();
  }

  /** Makes an account and signs in with it. */
  protected void register(String name) {
    String email = name.toLowerCase(Locale.ROOT) + System.nanoTime() + "@example.org";
    page.navigate("/register");
    page.fill("#name", name);
    page.fill("#email", email);
    page.fill("#password", "long enough words");
    button("Make the account").click();
    assertThat(page.locator("main")).containsText("If the address was new");
    page.fill("#email", email);
    page.fill("#password", "long enough words");
    button("Sign in").click();
    assertThat(page.locator("main")).containsText("Where shall we begin?");
  }

  protected Locator button(String name) {
    return page.getByRole(
        AriaRole.BUTTON, new Page.GetByRoleOptions().setName(name).setExact(true));
  }

  protected Locator link(String name) {
    return page.getByRole(AriaRole.LINK, new Page.GetByRoleOptions().setName(name));
  }

  protected void markChip(String node) {
    page.locator("[id='chip-" + node + "']")
        .evaluate(
            "chip => { const family = chip.closest('details'); if (family) family.open = true; }");
    page.locator("[id='chip-" + node + "']").click();
    assertThat(page.locator("[id='chip-" + node + "']"))
        .hasClass(java.util.regex.Pattern.compile(".*present.*"));
  }

  /** Leaves a page without ribbon, parts and shelf, which are alike on all and looked at on one. */
  protected void takeFrameAway() {
    page.evaluate(
        "document.querySelectorAll('.shelf, header.ribbon, nav.rooms').forEach(e => e.remove())");
  }

  protected void expectNothingForAxe(String where) {
    AxeRunOptions violationsOnly = new AxeRunOptions();
    violationsOnly.setResultTypes(List.of("violations"));
    List<String> found =
        new AxeBuilder(page)
                .setLegacyMode(true) // pages hold no frames
                .options(violationsOnly)
                .analyze()
                .getViolations()
                .stream()
                .map(r -> r.getId() + ": " + nodes(r))
                .toList();
    assertThat(found).as(where).isEmpty();
  }

  private static String nodes(Rule rule) {
    return rule.getNodes().stream().limit(3).map(n -> n.getHtml()).toList().toString();
  }
}
