package org.mildlantern.app.gate;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.BufferedReader;
import java.io.IOException;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.net.Socket;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.web.server.LocalServerPort;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** What is refused or answered before a page has any work, over a real line. */
class GateTest extends WebCase {
  @LocalServerPort int port;
  @Autowired Assets assets;

  /** Sends the head of a request and some of its body, and gives the line of the status. */
  private String statusOf(String type, String path, long length, String body) throws IOException {
    try (Socket line = send(type, path, length, body)) {
      line.setSoTimeout(20_000);
      return new BufferedReader(new InputStreamReader(line.getInputStream())).readLine();
    }
  }

  private Socket send(String type, String path, long length, String body) throws IOException {
    Socket line = new Socket("127.0.0.1", port);
    OutputStream out = line.getOutputStream();
    String head =
        "POST %s HTTP/1.1\r\nHost: localhost\r\nContent-Type: %s\r\nContent-Length: %d\r\n\r\n%s";
    out.write(head.formatted(path, type, length, body).getBytes(StandardCharsets.US_ASCII));
    out.flush();
    return line;
  }

  private static MockHttpServletRequestBuilder fetch(String path) {
    return MockMvcRequestBuilders.get(path);
  }

  @Test
  void theAppCanBeInstalled() throws Exception {
    web.perform(fetch(assets.path("/manifest.webmanifest")))
        .andExpect(status().isOk())
        .andExpect(header().string("Content-Type", "application/manifest+json"));
  }

  @Test
  void bodiesThatAreTooLargeAreRefusedUnread() throws Exception {
    long large = 60L << 20;
    assertThat(statusOf("application/json", "/api/v1/diagnose", large, "{")).contains("413");
    assertThat(statusOf("application/json", "/api/v1/readings", 3 << 20, "{")).contains("413");
    assertThat(statusOf("application/x-www-form-urlencoded", "/sign-in", large, "a="))
        .contains("413");
    assertThat(statusOf("multipart/form-data; boundary=x", "/plants/1/photos", 200L << 20, "--x"))
        .contains("413");
  }

  @Test
  void halfSentBodiesDoNotKeepOthersOut() throws Exception {
    List<Socket> half = new ArrayList<>();
    try {
      for (int i = 0; i < 300; i++) {
        half.add(send("application/x-www-form-urlencoded", "/sign-in", 1000, "email="));
      }
      web.perform(fetch("/sign-in")).andExpect(status().isOk());
      try (Socket line = new Socket("127.0.0.1", port)) {
        line.getOutputStream()
            .write(
                "GET /sign-in HTTP/1.1\r\nHost: localhost\r\n\r\n"
                    .getBytes(StandardCharsets.US_ASCII));
        assertThat(new BufferedReader(new InputStreamReader(line.getInputStream())).readLine())
            .contains("200");
      }
    } finally {
      for (Socket socket : half) {
        socket.close();
      }
    }
  }

  @Test
  void partsOfPagesAreKeptForGoodAndPackedOnce() throws Exception {
    String path = assets.path("/css/base.css");
    web.perform(fetch(path).header("Accept-Encoding", "gzip"))
        .andExpect(status().isOk())
        .andExpect(header().string("Cache-Control", "public, max-age=31536000, immutable"))
        .andExpect(header().string("Content-Encoding", "gzip"))
        .andExpect(header().doesNotExist("Set-Cookie"));
    web.perform(fetch(path)).andExpect(header().doesNotExist("Content-Encoding"));
    web.perform(fetch(path.replaceFirst("/a/[0-9a-f]+", "/a/0123456789ab")))
        .andExpect(status().isOk())
        .andExpect(header().string("Cache-Control", "no-cache"));
    web.perform(fetch("/a/0123456789ab/css/none.css")).andExpect(status().isNotFound());
    web.perform(fetch("/sw.js")).andExpect(header().string("Cache-Control", "no-cache"));
  }
}
