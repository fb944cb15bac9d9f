package org.mildlantern.bench;

import java.io.IOException;
import java.io.Writer;
import java.net.CookieManager;
import java.net.URI;
import java.net.URLEncoder;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * Keepers who write one note after the other while the app or its database is killed: each is sent
 * again under its key until it is acknowledged, and then put down in a file.
 *
 * <p>Arguments: address of the app, directory, how many keepers. They stop when the directory holds
 * a file {@code stop}, after the note under way.
 */
public final class Writers {
  private static final Duration PATIENCE = Duration.ofSeconds(5);
  private static final long PAUSE = 200;

  private final String app;
  private final Path directory;
  private final AtomicInteger again = new AtomicInteger();

  private Writers(String app, Path directory) {
    this.app = app;
    this.directory = directory;
  }

  public static void main(String[] arguments) throws Exception {
    Writers writers = new Writers(arguments[0], Path.of(arguments[1]));
    List<Thread> keepers = new ArrayList<>();
    for (int i = 0; i < Integer.parseInt(arguments[2]); i++) {
      int number = i;
      Thread keeper = new Thread(() -> writers.write(number));
      keepers.add(keeper);
      keeper.start();
    }
    for (Thread keeper : keepers) {
      keeper.join();
    }
    System.out.println("notes that had to be sent again: " + writers.again);
  }

  private void write(int number) {
    try (Writer acknowledged =
        Files.newBufferedWriter(
            directory.resolve("acknowledged-" + number),
            StandardOpenOption.CREATE,
            StandardOpenOption.APPEND)) {
      Keeper keeper = new Keeper("kills" + number + "-" + UUID.randomUUID() + "@example.org");
      String plant = keeper.begin();
      for (int note = 0; !Files.exists(directory.resolve("stop")); note++) {
        String words = "Seen n" + number + "x" + note + "x";
        String key = UUID.randomUUID().toString();
        while (!keeper.note(plant, words, key)) {
          again.incrementAndGet();
          Thread.sleep(PAUSE);
        }
        acknowledged.write(words + "\n");
        acknowledged.flush();
      }
    } catch (IOException | InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }

  /** A browser of one keeper. */
  private final class Keeper {
    private static final String PASSWORD = "long enough words";

    private final String email;
    private final CookieManager cookies = new CookieManager();
    private final HttpClient client =
        HttpClient.newBuilder().cookieHandler(cookies).connectTimeout(PATIENCE).build();
    private String token;

    Keeper(String email) {
      this.email = email;
    }

    String begin() throws InterruptedException {
      until(
          "/register", Map.of("email", email, "name", "Ann", "password", PASSWORD), ".*/sign-in.*");
      until("/sign-in", Map.of("email", email, "password", PASSWORD), ".*/today.*");
      until("/places/new", Map.of("name", "Sill", "kind", "INDOOR"), ".*/places");
      String plant =
          until(
              "/plants/new",
              Map.of(
                  "kind",
                  "Phalaenopsis",
                  "placeId",
                  place(),
                  "pot.shape",
                  "ROUND",
                  "stage",
                  "GROWTH"),
              ".*/plants/\\d+");
      return plant.replaceFirst(".*/plants/", "");
    }

    private String place() throws InterruptedException {
      Matcher id = Pattern.compile("/places/(\\d+)/edit").matcher(read("/places"));
      if (!id.find()) {
        throw new IllegalStateException("no place was made");
      }
      return id.group(1);
    }

    /** Whether the note is acknowledged. */
    boolean note(String plant, String words, String key) throws InterruptedException {
      String to = post("/plants/" + plant + "/entries", Map.of("line", words, "key", key));
      return to.matches(".*/plants/" + plant);
    }

    private String until(String path, Map<String, String> fields, String where)
        throws InterruptedException {
      for (int i = 0; i < 300; i++) {
        String to = post(path, fields);
        if (to.matches(where)) {
          return to;
        }
        Thread.sleep(PAUSE);
      }
      throw new IllegalStateException(path + " did not lead to " + where);
    }

    /** Where a form leads, or nothing when it was not taken. */
    private String post(String path, Map<String, String> fields) throws InterruptedException {
      if (token == null) {
        Matcher there =
            Pattern.compile("name=\"_csrf\" value=\"([^\"]+)\"").matcher(read("/sign-in"));
        token = there.find() ? there.group(1) : null;
      }
      if (token == null) {
        return "";
      }
      String body =
          fields.entrySet().stream()
                  .map(
                      e ->
                          e.getKey()
                              + "="
                              + URLEncoder.encode(e.getValue(), StandardCharsets.UTF_8))
                  .collect(Collectors.joining("&"))
              + "&_csrf="
              + URLEncoder.encode(token, StandardCharsets.UTF_8);
      HttpResponse<String> answer =
          send(
              HttpRequest.newBuilder(URI.create(app + path))
                  .header("Content-Type", "application/x-www-form-urlencoded")
                  .POST(HttpRequest.BodyPublishers.ofString(body)));
      if (answer == null) {
        return "";
      }
      if (answer.statusCode() == 403) {
        token = null;
      }
      return answer.statusCode() / 100 == 3
          ? answer.headers().firstValue("Location").orElse("")
          : "";
    }

    private String read(String path) throws InterruptedException {
      HttpResponse<String> answer = send(HttpRequest.newBuilder(URI.create(app + path)));
      return answer == null ? "" : answer.body();
    }

    private HttpResponse<String> send(HttpRequest.Builder request) throws InterruptedException {
      try {
        return client.send(request.timeout(PATIENCE).build(), HttpResponse.BodyHandlers.ofString());
      } catch (IOException e) {
        return null;
      }
    }
  }
}
