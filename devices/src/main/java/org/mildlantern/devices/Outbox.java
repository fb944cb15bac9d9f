package org.mildlantern.devices;

import java.io.IOException;
import java.net.URI;
import java.net.http.HttpClient;
import java.net.http.HttpRequest;
import java.net.http.HttpResponse;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Keeps readings until the app has taken them; what could not be sent, or was refused since the
 * plant is not there yet, goes again later.
 */
final class Outbox {
  private static final int BATCH = 500;
  private static final Duration PATIENCE = Duration.ofSeconds(10);

  private final HttpClient client = HttpClient.newBuilder().connectTimeout(PATIENCE).build();
  private final URI target;
  private final String token;
  private final String head;
  private final List<String> waiting = new ArrayList<>();

  /** For readings of pots. */
  Outbox(String app, String token) {
    this(URI.create(app + "/api/v1/readings"), token, "");
  }

  private Outbox(URI target, String token, String head) {
    this.target = target;
    this.token = token;
    this.head = head;
  }

  /** For what a device reads at its place. */
  static Outbox ofDevice(String app, String token, String device) {
    return new Outbox(
        URI.create(app + "/api/v1/place-readings"), token, "\"device\":\"" + device + "\",");
  }

  void add(List<String> readings) {
    waiting.addAll(readings);
  }

  int waiting() {
    return waiting.size();
  }

  /** Sends what waits, batch by batch; stops at the first batch that is not taken. */
  void send() throws InterruptedException {
    while (!waiting.isEmpty()) {
      List<String> batch = waiting.subList(0, Math.min(BATCH, waiting.size()));
      if (!taken(batch)) {
        return;
      }
      batch.clear();
    }
  }

  private boolean taken(List<String> batch) throws InterruptedException {
    String body = "{" + head + "\"readings\":[" + String.join(",", batch) + "]}";
    HttpRequest request =
        HttpRequest.newBuilder(target)
            .timeout(PATIENCE)
            .header("Authorization", "Bearer " + token)
            .header("Content-Type", "application/json")
            .POST(HttpRequest.BodyPublishers.ofString(body))
            .build();
    try {
      HttpResponse<String> answer = client.send(request, HttpResponse.BodyHandlers.ofString());
      if (answer.statusCode() == 200 && !answer.body().contains("\"state\":\"refused\"")) {
        return true;
      }
      System.err.println("not taken: " + answer.statusCode() + " " + answer.body());
    } catch (IOException e) {
      System.err.println("no line: " + e.getMessage());
    }
    return false;
  }
}
