package org.mildlantern.bench;

import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.concurrent.Future;
import java.util.stream.IntStream;

/**
 * Sends readings of places to the running app, one a minute and device, two senders at a time, and
 * prints how many were taken a second.
 *
 * <p>Arguments: address, token, how many.
 */
public final class PlaceReadings {
  private static final int BATCH = 5000;
  private static final int SENDERS = 2;

  /** Devices, each with as many minutes back as it takes. */
  private static final int DEVICES = 4;

  private PlaceReadings() {}

  public static void main(String[] arguments) throws Exception {
    int batches = Integer.parseInt(arguments[2]) / BATCH;
    Instant now = Instant.now().truncatedTo(ChronoUnit.MINUTES);
    List<String> bodies =
        IntStream.range(0, batches)
            .mapToObj(
                n ->
                    batch(
                        n % DEVICES,
                        now.minus(Duration.ofMinutes((long) BATCH * (n / DEVICES + 1)))))
            .toList();
    HttpClient client = HttpClient.newHttpClient();
    long begun = System.nanoTime();
    ExecutorService senders = Executors.newFixedThreadPool(SENDERS);
    List<Callable<Integer>> all = new ArrayList<>();
    for (String body : bodies) {
      all.add(() -> send(client, arguments[0], arguments[1], body));
    }
    int refused = 0;
    for (Future<Integer> one : senders.invokeAll(all)) {
      refused += one.get() == 200 ? 0 : 1;
    }
    senders.shutdown();
    double seconds = (System.nanoTime() - begun) / 1e9;
    System.out.printf(
        Locale.ROOT,
        "%d readings in %.1f s, %.0f a second%s%n",
        batches * BATCH,
        seconds,
        batches * BATCH / seconds,
        refused == 0 ? "" : ", " + refused + " batches refused");
  }

  private static String batch(int device, Instant from) {
    StringBuilder body = new StringBuilder("{\"device\":\"bench-" + device + "\",\"readings\":[");
    for (int i = 0; i < BATCH; i++) {
      body.append(i == 0 ? "" : ",")
          .append("{\"at\":\"")
          .append(from.plus(Duration.ofMinutes(i)))
          .append("\",\"kind\":\"temperature\",\"value\":")
          .append(String.format(Locale.ROOT, "%.1f}", 20 + 4 * Math.sin(i / 229.0)));
    }
    return body.append("]}").toString();
  }

  private static int send(HttpClient client, String app, String token, String body)
      throws Exception {
    HttpRequest request =
        HttpRequest.newBuilder(URI.create(app + "/api/v1/place-readings"))
            .header("Content-Type", "application/json")
            .header("Authorization", "Bearer " + token)
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    return client.send(request, HttpResponse.BodyHandlers.discarding()).statusCode();
  }
}
