package org.mildlantern.bench;

import java.io.IOException;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * Asks the running app for its pages with four clients at once and prints them side by side: rate,
 * times and size, each against the bare page, against an empty page in the frame, and against the
 * same page of the demo's forty plants. All pages are asked for in turn, over and over, so that a
 * noisy machine falls on all of them.
 *
 * <p>Arguments: address, then {@code account EMAIL}, {@code pages PID OTHERS SECONDS} or {@code
 * readings TOKEN HOW_MANY CODE}.
 */
public final class Pages {
  private static final String PASSWORD = "long enough words";
  private static final int CLIENTS = 4;
  private static final int TURNS = 8;
  private static final int BATCH = 1000;

  /** Keepers of the collections of 300 plants that ask. */
  private static final int ASKING = 20;

  private final String app;

  private Pages(String app) {
    this.app = app;
  }

  public static void main(String[] arguments) throws Exception {
    Pages pages = new Pages(arguments[0]);
    switch (arguments[1]) {
      case "account" -> pages.account(arguments[2]);
      case "pages" ->
          pages.measure(
              arguments[2], Integer.parseInt(arguments[3]), Integer.parseInt(arguments[4]));
      case "readings" -> pages.readings(arguments[2], Integer.parseInt(arguments[3]), arguments[4]);
      default -> throw new IllegalArgumentException(arguments[1]);
    }
  }

  private void account(String email) throws Exception {
    Browser browser = new Browser();
    browser.post("/register", Map.of("email", email, "name", "Many", "password", PASSWORD));
  }

  /** A page by its name, asked for by one of some browsers. */
  private record Asked(String name, List<Browser> by, List<String> paths) {}

  /** What was measured of a page. */
  private static final class Measured {
    private final List<Double> millis = Collections.synchronizedList(new ArrayList<>());
    private double seconds;
    private long ticks;
    private int size;

    double rate() {
      return millis.size() / seconds;
    }

    double at(double share) {
      List<Double> sorted = millis.stream().sorted().toList();
      return sorted.get((int) Math.min(sorted.size() - 1, share * sorted.size()));
    }

    /** Processor time of the app in ms a page; a tick is a hundredth of a second. */
    double work() {
      return 10.0 * ticks / millis.size();
    }
  }

  private void measure(String process, int others, int seconds) throws Exception {
    Browser demo = new Browser();
    demo.post("/demo", Map.of());
    Browser large = signedIn("many0@example.org");
    List<Browser> some = new ArrayList<>();
    for (int i = 1; i <= Math.min(ASKING, others); i++) {
      some.add(signedIn("many" + i + "@example.org"));
    }
    List<Asked> asked = new ArrayList<>();
    asked.add(new Asked("bare", List.of(new Browser()), List.of("/sign-in")));
    asked.addAll(pagesOf("40", List.of(demo)));
    asked.addAll(pagesOf("10,000", List.of(large)));
    if (!some.isEmpty()) {
      asked.addAll(pagesOf("200 × 300", some));
    }
    Map<Asked, Measured> measured = new LinkedHashMap<>();
    for (Asked page : asked) {
      measured.put(page, new Measured());
      long first = System.nanoTime();
      String body = page.by().get(0).read(page.paths().get(0));
      System.out.printf(
          Locale.ROOT,
          "first %-34s %6.0f ms %6d kB%n",
          page.name(),
          (System.nanoTime() - first) / 1e6,
          body.length() / 1000);
      run(page, 1.0, new Measured(), process);
      measured.get(page).size = body.length();
    }
    for (int turn = 0; turn < TURNS; turn++) {
      for (Asked page : asked) {
        run(page, (double) seconds / TURNS, measured.get(page), process);
      }
    }
    print(measured);
  }

  private static List<Asked> pagesOf(String plants, List<Browser> by) throws Exception {
    List<String> plant = new ArrayList<>();
    for (Browser browser : by) {
      Matcher found = Pattern.compile("href=\"/plants/(\\d+)\"").matcher(browser.read("/plants"));
      if (!found.find()) {
        throw new IllegalStateException("no plant on the list");
      }
      plant.add("/plants/" + found.group(1));
    }
    List<Asked> pages = new ArrayList<>();
    String far = "/today?day=" + LocalDate.now().plusDays(400);
    pages.add(same("frame alone", plants, by, far));
    for (String path :
        List.of(
            "/today",
            "/plants",
            "/plants/new",
            "/diagnose",
            "/cases",
            "/treatments",
            "/places",
            "/mixing",
            "/settings",
            "/find?q=paph")) {
      pages.add(same(path, plants, by, path));
    }
    pages.add(new Asked(plants + " plant", by, plant));
    pages.add(
        new Asked(
            plants + " plant/diagnose", by, plant.stream().map(p -> p + "/diagnose").toList()));
    pages.add(new Asked(plants + " plant/edit", by, plant.stream().map(p -> p + "/edit").toList()));
    return pages;
  }

  private static Asked same(String name, String plants, List<Browser> by, String path) {
    return new Asked(plants + " " + name, by, Collections.nCopies(by.size(), path));
  }

  private void run(Asked page, double seconds, Measured into, String process) throws Exception {
    ExecutorService clients = Executors.newFixedThreadPool(CLIENTS);
    long begun = System.nanoTime();
    long until = begun + (long) (seconds * 1e9);
    long ticks = ticks(process);
    List<Callable<Void>> work = new ArrayList<>();
    for (int i = 0; i < CLIENTS; i++) {
      int client = i;
      work.add(
          () -> {
            for (int n = client; System.nanoTime() < until; n += CLIENTS) {
              int which = n % page.by().size();
              long asked = System.nanoTime();
              page.by().get(which).read(page.paths().get(which));
              into.millis.add((System.nanoTime() - asked) / 1e6);
            }
            return null;
          });
    }
    for (Future<Void> done : clients.invokeAll(work)) {
      done.get();
    }
    clients.shutdown();
    into.seconds += (System.nanoTime() - begun) / 1e9;
    into.ticks += ticks(process) - ticks;
  }

  /** Processor time of a process so far, in hundredths of a second. */
  private static long ticks(String process) throws IOException {
    String[] fields =
        Files.readString(Path.of("/proc", process, "stat")).replaceFirst(".*\\) ", "").split(" ");
    return Long.parseLong(fields[11]) + Long.parseLong(fields[12]);
  }

  private static void print(Map<Asked, Measured> measured) {
    Measured bare = null;
    Measured frame = null;
    Map<String, Measured> ofForty = new LinkedHashMap<>();
    System.out.printf(
        "%-28s %7s %7s %7s %7s %6s %7s %7s %7s%n",
        "plants page", "a s", "p50 ms", "p99 ms", "cpu ms", "kB", "× bare", "× frame", "× 40");
    for (Map.Entry<Asked, Measured> entry : measured.entrySet()) {
      String name = entry.getKey().name();
      Measured page = entry.getValue();
      String kind = name.replaceFirst("^(40|10,000|200 × 300) ", "");
      bare = bare == null ? page : bare;
      frame = kind.equals("frame alone") ? page : frame;
      if (name.startsWith("40 ")) {
        ofForty.put(kind, page);
      }
      System.out.printf(
          Locale.ROOT,
          "%-28s %7.1f %7.0f %7.0f %7.1f %6d %7s %7s %7s%n",
          name,
          page.rate(),
          page.at(0.5),
          page.at(0.99),
          page.work(),
          page.size / 1000,
          times(bare, page),
          times(frame, page),
          times(ofForty.get(kind), page));
    }
  }

  /** How many times as long as another page, by rate. */
  private static String times(Measured other, Measured page) {
    return other == null ? "" : String.format(Locale.ROOT, "%.2f", other.rate() / page.rate());
  }

  private void readings(String token, int howMany, String code) throws Exception {
    HttpClient client = HttpClient.newHttpClient();
    long begun = System.nanoTime();
    for (int first = 0; first < howMany; first += BATCH) {
      StringBuilder batch = new StringBuilder("{\"readings\":[");
      for (int i = first; i < first + BATCH; i++) {
        batch.append(i == first ? "" : ",");
        batch.append(
            String.format(
                Locale.ROOT,
                "{\"id\":\"bench-%d\",\"plant\":\"%s\",\"kind\":\"METER\",\"value\":%d,\"at\":\"%s\"}",
                i,
                code,
                i % 9 + 1,
                Instant.now().minus(Duration.ofMinutes(howMany - i))));
      }
      HttpResponse<String> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(app + "/api/v1/readings"))
                  .header("Content-Type", "application/json")
                  .header("Authorization", "Bearer " + token)
                  .POST(HttpRequest.BodyPublishers.ofString(batch.append("]}").toString()))
                  .build(),
              HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200 || !answer.body().contains("stored")) {
        throw new IllegalStateException(answer.statusCode() + " " + answer.body());
      }
    }
    double seconds = (System.nanoTime() - begun) / 1e9;
    System.out.printf(
        Locale.ROOT,
        "%d readings taken in, a thousand at once: %.0f ms, %.0f a second%n",
        howMany,
        seconds * 1000,
        howMany / seconds);
  }

  private Browser signedIn(String email) throws Exception {
    Browser browser = new Browser();
    browser.post("/sign-in", Map.of("email", email, "password", PASSWORD));
    return browser;
  }

  /** A browser with its own cookies. */
  private final class Browser {
    private final HttpClient client =
        HttpClient.newBuilder()
            .version(HttpClient.Version.HTTP_1_1)
            .cookieHandler(new CookieManager())
            .build();

    String read(String path) throws IOException, InterruptedException {
      HttpResponse<String> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(app + path)).header("Accept", "text/html").build(),
              HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 200) {
        throw new IllegalStateException(path + ": " + answer.statusCode());
      }
      return answer.body();
    }

    void post(String path, Map<String, String> fields) throws IOException, InterruptedException {
      Matcher token =
          Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(read("/sign-in"));
      if (!token.find()) {
        throw new IllegalStateException("no token to post with");
      }
      StringBuilder body = new StringBuilder("_csrf=").append(token.group(1));
      fields.forEach(
          (name, value) ->
              body.append('&')
                  .append(name)
                  .append('=')
                  .append(URLEncoder.encode(value, StandardCharsets.UTF_8)));
      HttpResponse<String> answer =
          client.send(
              HttpRequest.newBuilder(URI.create(app + path))
                  .header("Content-Type", "application/x-www-form-urlencoded")
                  .POST(HttpRequest.BodyPublishers.ofString(body.toString()))
                  .build(),
              HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() != 302) {
        throw new IllegalStateException(path + ": " + answer.statusCode());
      }
    }
  }
}
