package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.lang.reflect.RecordComponent;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import org.junit.jupiter.api.Test;
import org.springframework.core.MethodParameter;
import org.springframework.http.HttpMethod;
import org.springframework.http.MediaType;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/**
 * Sends hostile values to every field of every route, and expects never to be told that something
 * broke. {@code -Dfuzz.inputs=20000} sends more; {@code -Dfuzz.seed} sends others.
 */
class FuzzTest extends EveryRoute {
  private static final int INPUTS = Integer.getInteger("fuzz.inputs", 400);
  private static final long SEED = Long.getLong("fuzz.seed", 20261125);

  private static final List<String> HOSTILE =
      List.of(
          "",
          " ",
          "\u0000",
          "a\u0000b",
          "\ud83c",
          "\u202e\u0301",
          "NaN",
          "Infinity",
          "-Infinity",
          "1e309",
          "1e-400",
          "0x1p3",
          "-1",
          "0",
          "9".repeat(400),
          "9223372036854775808",
          "99999999999",
          "1,000",
          "1.000,5",
          "½",
          "2026-02-30",
          "0000-01-01",
          "-0001-01-01",
          "+99999-01-01",
          "9999-12-31",
          "2026-11-20",
          "25:61",
          "<script>alert(1)</script>",
          "'; drop table plant; --",
          "${7*7}",
          "#{T(java.lang.Runtime)}",
          "../../etc/passwd",
          "%00%ff",
          "\r\nSet-Cookie: a=b",
          "true",
          "false",
          "x".repeat(5000),
          "🪴".repeat(700),
          "watered 240",
          "weighed 1e9 kg",
          "fed 20-20-20 at 1 g/l",
          "5 ml/2 L",
          "SOME",
          "DRY",
          "BETTER",
          "soap",
          "Phalaenopsis",
          "leafy-stem",
          "limp-leaves@all-leaves",
          "name\tplace\nA\tB");

  private static final List<String> JSON =
      List.of(
          "",
          "null",
          "[]",
          "{",
          "[".repeat(3000),
          "{\"readings\": %s}",
          "{\"readings\": [%s]}",
          "{\"readings\": [{\"id\": %s, \"plant\": %s, \"kind\": \"METER\", \"value\": %s, \"at\": %s}]}",
          "{\"taxon\": %s, \"findings\": [{\"sign\": %s, \"state\": %s}]}",
          "{\"form\": \"leafy-stem\", \"date\": %s, \"latitude\": %s, \"context\": {\"wet-days\": %s}}");

  private static final List<String> PLAIN =
      List.of("7", "-1e400", "null", "true", "[]", "{}", "\"\"", "\"\\u0000\"", "\"phalaenopsis\"");

  private final Random random = new Random(SEED);

  @Test
  void nothingBreaksWhateverIsSent() throws Exception {
    SignedIn keeper = keepers.make();
    Map<Of, Long> own = furnish(keeper, "Own plant", "Own place");
    String visitor = visitorsPath(keeper);
    String token = keepers.as(keeper, () -> accounts.makeToken("fuzz", TokenScope.RECORDS, null));
    List<Route> all =
        allRoutes().stream().filter(route -> !route.path().contains("everywhere")).toList();
    Map<String, String> broken = new TreeMap<>();
    for (int i = 0; i < INPUTS; i++) {
      Route route = all.get(i % all.size());
      MockHttpServletRequestBuilder call =
          route.path().startsWith("/api")
              ? toApi(route, own, token)
              : toPage(route, own, visitor).with(user(keeper)).with(csrf());
      try {
        int status = web.perform(call).andReturn().getResponse().getStatus();
        if (status >= 500) {
          broken.put(route.method() + " " + route.path(), "status " + status);
        }
      } catch (Exception e) {
        broken.put(route.method() + " " + route.path(), last(e).toString());
      }
    }
    assertThat(broken).isEmpty();
  }

  private MockHttpServletRequestBuilder toApi(Route route, Map<Of, Long> own, String token) {
    String body = pick(JSON);
    while (body.contains("%s")) {
      body = body.replaceFirst("%s", java.util.regex.Matcher.quoteReplacement(pick(PLAIN)));
    }
    String path = route.path().replace("{id}", own.get(Of.PLANT).toString());
    return request(HttpMethod.valueOf(route.method().name()), path)
        .header("Idempotency-Key", pick(PLAIN).replaceAll("\\W", ""))
        .header("Authorization", "Bearer " + token)
        .contentType(MediaType.APPLICATION_JSON)
        .content(body);
  }

  private MockHttpServletRequestBuilder toPage(Route route, Map<Of, Long> own, String visitor) {
    List<String> ids = new ArrayList<>(own.values().stream().map(String::valueOf).toList());
    ids.addAll(List.of("0", "-1", "9223372036854775807", "99999999999999999999", "x"));
    String path = route.path().replace("/visitor/{secret}", visitor);
    while (path.contains("{")) {
      path = path.replaceFirst("\\{[^}]+}", pick(ids));
    }
    MockHttpServletRequestBuilder call = request(HttpMethod.valueOf(route.method().name()), path);
    for (String field : fields(route)) {
      if (random.nextInt(8) > 0) {
        boolean id = field.endsWith("Id") || field.equals("place") || field.equals("order");
        call.param(field, id && random.nextBoolean() ? pick(ids) : pick(HOSTILE));
      }
    }
    if (random.nextInt(3) == 0) {
      call.header("HX-Request", "true");
    }
    if (random.nextInt(5) == 0) {
      for (String field : List.of("key", "plant", "seen", "at", "work", "instead")) {
        call.param(field, pick(HOSTILE));
      }
    }
    return call;
  }

  private static List<String> fields(Route route) {
    List<String> names = new ArrayList<>();
    for (MethodParameter parameter : route.handler().getMethodParameters()) {
      RequestParam field = parameter.getParameterAnnotation(RequestParam.class);
      if (field != null) {
        parameter.initParameterNameDiscovery(
            new org.springframework.core.DefaultParameterNameDiscoverer());
        names.add(field.name().isEmpty() ? parameter.getParameterName() : field.name());
      } else if (parameter.hasParameterAnnotation(ModelAttribute.class)) {
        components("", parameter.getParameterType(), names);
      }
    }
    return names;
  }

  private static void components(String path, Class<?> of, List<String> names) {
    for (RecordComponent part : of.getRecordComponents()) {
      if (part.getType().isRecord()) {
        components(path + part.getName() + ".", part.getType(), names);
      } else {
        names.add(path + part.getName());
      }
    }
  }

  private <T> T pick(List<T> from) {
    return from.get(random.nextInt(from.size()));
  }

  private static Throwable last(Throwable e) {
    return e.getCause() == null ? e : last(e.getCause());
  }
}
