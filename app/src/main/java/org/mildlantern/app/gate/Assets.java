package org.mildlantern.app.gate;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;
import java.util.Map;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.zip.GZIPOutputStream;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.core.io.Resource;
import org.springframework.core.io.support.PathMatchingResourcePatternResolver;
import org.springframework.http.HttpHeaders;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Styles, scripts, fonts and pictures of the interface, read and compressed once at start. Their
 * addresses hold a fingerprint of all of them, so that browsers keep them for good; they need
 * neither session nor database.
 */
@Component
@Order(Ordered.HIGHEST_PRECEDENCE + 10)
public class Assets extends OncePerRequestFilter {
  private static final String KEPT_FOR_GOOD = "public, max-age=31536000, immutable";
  private static final String ASKED_EACH_TIME = "no-cache";
  private static final String WORKER = "/sw.js";

  private static final Map<String, String> SHELVES =
      Map.of(
          "classpath:/static/**/*.*", "/static/",
          "classpath*:/META-INF/resources/webjars/*/*/css/bootstrap.min.css", "/webjars/",
          "classpath*:/META-INF/resources/webjars/*/*/dist/htmx.min.js", "/webjars/",
          "classpath*:/META-INF/resources/webjars/uplot/*/dist/uPlot.iife.min.js", "/webjars/",
          "classpath*:/META-INF/resources/webjars/uplot/*/dist/uPlot.min.css", "/webjars/");

  private static final Map<String, String> TYPES =
      Map.of(
          "css", "text/css;charset=utf-8",
          "js", "text/javascript;charset=utf-8",
          "svg", "image/svg+xml",
          "webmanifest", "application/manifest+json",
          "woff2", "font/woff2",
          "txt", "text/plain;charset=utf-8");

  private final SortedMap<String, Asset> assets = new TreeMap<>();
  private final String root;

  private record Asset(String type, byte[] plain, byte[] gzip) {}

  Assets() {
    try {
      for (Map.Entry<String, String> shelf : SHELVES.entrySet()) {
        for (Resource file :
            new PathMatchingResourcePatternResolver().getResources(shelf.getKey())) {
          String url = file.getURL().toString();
          String name = url.substring(url.lastIndexOf('/') + 1);
          String path =
              shelf.getValue().equals("/static/")
                  ? url.substring(url.lastIndexOf("/static/") + "/static".length())
                  : "/lib/" + name;
          add(path, file);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    this.root = "/a/" + fingerprint();
  }

  private void add(String path, Resource file) throws IOException {
    String type = TYPES.get(path.substring(path.lastIndexOf('.') + 1));
    if (type == null) {
      return;
    }
    byte[] plain;
    try (InputStream in = file.getInputStream()) {
      plain = in.readAllBytes();
    }
    ByteArrayOutputStream packed = new ByteArrayOutputStream();
    try (GZIPOutputStream out = new GZIPOutputStream(packed)) {
      out.write(plain);
    }
    boolean smaller = packed.size() < plain.length * 0.9;
    assets.put(path, new Asset(type, plain, smaller ? packed.toByteArray() : null));
  }

  private String fingerprint() {
    try {
      MessageDigest digest = MessageDigest.getInstance("SHA-256");
      assets.forEach(
          (path, asset) -> {
            digest.update(path.getBytes(java.nio.charset.StandardCharsets.UTF_8));
            digest.update(asset.plain());
          });
      return HexFormat.of().formatHex(digest.digest(), 0, 6);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }

  /**
   * The address of a file.
   *
   * @param path such as {@code /css/base.css}
   * @throws IllegalArgumentException when there is no such file
   */
  public String path(String path) {
    if (!assets.containsKey(path)) {
      throw new IllegalArgumentException("no such file: " + path);
    }
    return root + path;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    String path = request.getRequestURI();
    return !path.startsWith("/a/") && !path.equals(WORKER);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String path = request.getRequestURI();
    boolean worker = path.equals(WORKER);
    // A page that is older than the app finds the files of today under its old address.
    Asset asset = assets.get(worker ? path : path.replaceFirst("^/a/[0-9a-f]+(?=/)", ""));
    if (asset == null) {
      response.setStatus(HttpServletResponse.SC_NOT_FOUND);
      return;
    }
    boolean current = path.startsWith(root + "/");
    response.setContentType(asset.type());
    response.setHeader(HttpHeaders.CACHE_CONTROL, current ? KEPT_FOR_GOOD : ASKED_EACH_TIME);
    response.setHeader("X-Content-Type-Options", "nosniff");
    byte[] body = asset.plain();
    if (asset.gzip() != null) {
      response.setHeader(HttpHeaders.VARY, HttpHeaders.ACCEPT_ENCODING);
      String accepted = request.getHeader(HttpHeaders.ACCEPT_ENCODING);
      if (accepted != null && accepted.contains("gzip")) {
        response.setHeader(HttpHeaders.CONTENT_ENCODING, "gzip");
        body = asset.gzip();
      }
    }
    response.setContentLength(body.length);
    if (!request.getMethod().equals("HEAD")) {
      response.getOutputStream().write(body);
    }
  }
}
