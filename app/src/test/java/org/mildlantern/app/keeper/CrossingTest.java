package org.mildlantern.app.keeper;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.request;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.springframework.http.HttpMethod;
import org.springframework.mock.web.MockHttpServletResponse;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.web.bind.annotation.RequestMethod;

/**
 * Walks every route that names an object with another keeper's object of that kind, and expects to
 * be told that there is none; the owner's own objects are there.
 */
class CrossingTest extends EveryRoute {
  private static final String SECRET = "Zzsecretplant";

  /** Routes that a secret in the address opens; {@link VisitorWalkTest} walks them. */
  private static final String BY_SECRET = "/(visitor|calendar|handed)/.*";

  private record Call(HttpMethod method, String path, Of of, String... params) {}

  private static Call get(String path, Of of, String... params) {
    return new Call(HttpMethod.GET, path, of, params);
  }

  private static Call post(String path, Of of, String... params) {
    return new Call(HttpMethod.POST, path, of, params);
  }

  private static final String NODE = "limp-leaves@all-leaves";

  private static final String[] PLANT_FORM = {
    "kind", "Coleus", "formId", "leafy-stem", "pot.shape", "ROUND", "stage", "GROWTH"
  };

  /** All routes that name an object, what undoes the others' ground last. */
  private static final List<Call> CALLS =
      List.of(
          get("/plants/{id}", Of.PLANT),
          get("/plants/{id}/edit", Of.PLANT),
          get("/plants/{id}/passport.pdf", Of.PLANT),
          get("/plants/{id}/hand-over", Of.PLANT),
          get("/plants/{id}/plant.zip", Of.PLANT),
          post("/plants/{id}/hand-over/link", Of.PLANT),
          post("/plants/{id}/hand-over/link/end", Of.PLANT),
          get("/plants/{id}/diagnose", Of.PLANT),
          get("/plants/{id}/sheet", Of.PLANT),
          get("/plants/{id}/sheet.txt", Of.PLANT),
          get("/plants/{id}/sheet.pdf", Of.PLANT),
          get("/plants/{id}/spots", Of.PLANT),
          get("/plants/{id}/photos", Of.PLANT),
          get("/plants/{id}/photos/compare", Of.PLANT),
          get("/plants/{plantId}/cases/new", Of.PLANT, "cause", "too-dry"),
          get("/photos/{id}", Of.PHOTO),
          get("/photos/{id}/small", Of.PHOTO),
          get("/places/{id}/edit", Of.PLACE),
          get("/cases/{id}", Of.CASE),
          get("/cases/{id}/saved", Of.CASE),
          get("/cases/{id}/treatment", Of.CASE),
          get("/cases/{id}/rot", Of.CASE),
          get("/visits/{id}", Of.VISIT),
          get("/plants/imports/{id}", Of.IMPORT),
          get("/plants/logs/{id}", Of.LOG_IMPORT),
          get("/plants/logs/{id}/open.csv", Of.LOG_IMPORT),
          post("/plants/logs/{id}/answers", Of.LOG_IMPORT),
          post("/plants/logs/{id}/save", Of.LOG_IMPORT),
          post("/plants/logs/{id}/back", Of.LOG_IMPORT),
          post("/plants/logs/{id}/drop", Of.LOG_IMPORT),
          get("/mixing/{id}", Of.BOTTLE),
          get("/mixing/{id}/edit", Of.BOTTLE),
          get("/mixing/{id}/reading", Of.BOTTLE),
          post("/plants/{id}/diagnose/mark", Of.PLANT, "node", NODE, "state", "present"),
          post("/plants/{id}/diagnose/note", Of.PLANT, "node", NODE, "detail", "three"),
          post(
              "/plants/{id}/diagnose/record",
              Of.PLANT,
              "condition",
              "long-resident",
              "counts",
              "false"),
          post("/plants/{id}/diagnose/save", Of.PLANT),
          post("/plants/{id}/diagnose/discard", Of.PLANT),
          post(
              "/plants/{id}/tests",
              Of.PLANT,
              "check",
              "soak-test",
              "node",
              "firm-after-soak@whole"),
          post("/plants/{id}/spots", Of.PLANT, "spot", "third leaf", "mm", "8", "error", "0.5"),
          post("/plants/{id}/photos", Of.PLANT),
          post("/plants/{id}/entries", Of.PLANT, "line", "watered 100"),
          post("/plants/{id}/patch-tests", Of.PLANT, "means", "soap"),
          post("/plants/{id}/pest-looks", Of.PLANT, "counted", "0"),
          post("/plants/{id}/quarantine", Of.PLANT, "why", "new"),
          post("/plants/{id}/quarantine/leave", Of.PLANT, "why", "in a hurry"),
          post("/today/plants/{id}/water", Of.PLANT, "answer", "damp"),
          post("/today/places/{id}/watered", Of.PLACE),
          post("/today/tests/{id}", Of.WAITING_TEST, "there", "true"),
          post("/patch-tests/on/{plant}", Of.PLANT, "means", "soap"),
          post("/patch-tests/{id}", Of.PATCH_TEST, "clean", "true"),
          post("/places/{id}/pest-looks", Of.PLACE, "cause", "spider-mites", "plants", "1"),
          get("/places/{id}/air", Of.PLACE),
          post("/places/{id}/air", Of.PLACE, "volume", "40", "airing", "USUAL"),
          get("/places/{id}/light", Of.PLACE),
          post("/places/{id}/light", Of.PLACE, "faces", "90", "distance", "15", "outside", "OPEN"),
          post(
              "/places/{id}/light/readings",
              Of.PLACE,
              "value",
              "2000",
              "day",
              "22 Nov 2026",
              "time",
              "10:30"),
          get("/places/{id}/room", Of.PLACE),
          post("/places/{id}/room", Of.PLACE, "width", "300", "depth", "400"),
          post("/places/{id}/windows", Of.PLACE, ROOM_WINDOW),
          post("/place-windows/{id}/at", Of.WINDOW, "along", "90"),
          post("/place-windows/{id}/remove", Of.WINDOW),
          post("/places/{id}/skyline", Of.PLACE, "begins", "9", "ends", "40", "up", "20"),
          post("/skyline-parts/{id}/at", Of.SKYLINE, "begins", "10", "ends", "40", "up", "9"),
          post("/skyline-parts/{id}/remove", Of.SKYLINE),
          post("/places/{id}/main-window/at", Of.PLACE, "along", "90"),
          post("/places/{id}/things", Of.PLACE, "kind", "DOOR", "wall", "BACK", "along", "90"),
          post("/place-things/{id}/at", Of.THING, "along", "90"),
          post("/place-things/{id}/remove", Of.THING),
          post("/places/{id}/light/changed", Of.PLACE, "real", "true"),
          post("/plants/{id}/seen-to-sun", Of.PLANT, "day", "2026-12-01"),
          post("/places/{id}/seen-to-sun", Of.PLACE, "day", "2026-12-01"),
          post("/places/{id}/spots", Of.PLACE, "name", "rack", "across", "90", "back", "90"),
          post("/spots/{id}/at", Of.SPOT, "across", "90", "back", "90"),
          post("/spots/{id}/remove", Of.SPOT),
          post("/plants/{id}/standing", Of.PLANT),
          post("/plants/{id}/safe", Of.PLANT, "day", "2026-12-01"),
          post("/places/{id}/safe", Of.PLACE, "day", "2026-12-01"),
          get("/plants/{id}/feed", Of.PLANT),
          post(
              "/plants/{id}/feed/salts",
              Of.PLANT,
              "method",
              "PROBE",
              "salts",
              "1",
              "saltsIn",
              "MS_CM"),
          post("/plants/{id}/feed/grains", Of.PLANT, "product", "1", "grams", "2"),
          post("/plants/{id}/feed/flushed", Of.PLANT, "ml", "900"),
          get("/plants/{id}/bloom", Of.PLANT),
          get("/plants/{id}/year", Of.PLANT),
          get("/plants/{id}/repotting", Of.PLANT),
          get("/plants/{id}/repotting/size", Of.PLANT, "roots", "8"),
          post(
              "/plants/{id}/repotting/put-off",
              Of.PLANT,
              "until",
              "2026-12-24",
              "reason",
              "no bark"),
          post("/plants/{id}/repotting/take-back", Of.PLANT),
          get("/plants/{id}/raising", Of.PLANT),
          get("/plants/{id}/raising/ready", Of.PLANT, "growths", "8", "leads", "2"),
          get("/raising/{id}", Of.BATCH),
          get("/raising/{id}/labels", Of.BATCH),
          post("/raising/{id}/counts", Of.BATCH, "step", "ROOTED", "number", "1"),
          post("/raising/{id}/take-back", Of.BATCH),
          post("/raising/{id}/plants", Of.BATCH, "number", "1", "place", "1"),
          post("/raising/{id}/close", Of.BATCH, "closed", "true"),
          get("/away/trips/{id}", Of.TRIP),
          get("/away/trips/{id}/sheet", Of.TRIP),
          get("/away/trips/{id}/sheet.pdf", Of.TRIP),
          post("/away/trips/{id}/link", Of.TRIP),
          post("/away/trips/{id}/link/end", Of.TRIP),
          get("/away/messages/{id}/picture", Of.TRIP_MESSAGE),
          post("/away/messages/{id}/seen", Of.TRIP_MESSAGE, "trip", "1"),
          post("/away/trips/{id}/back", Of.TRIP),
          post("/away/trips/{id}/found", Of.TRIP, "plants", "1", "found", "WELL"),
          post("/away/trips/{id}/drinks", Of.TRIP, "drinker", "1"),
          post("/away/trips/{id}/pests", Of.TRIP, "plants", "1"),
          post("/away/trips/{id}/remove", Of.TRIP),
          get("/plants/{id}/growth", Of.PLANT),
          post("/plants/{id}/growth", Of.PLANT, "organ", "LEAF", "cm", "9"),
          get("/archive/out/{id}", Of.ARCHIVE_OUT),
          get("/archive/in/{id}", Of.ARCHIVE_IN),
          get("/archive/in/{id}/reading", Of.ARCHIVE_IN),
          post("/archive/in/{id}", Of.ARCHIVE_IN),
          post("/archive/in/{id}/parts", Of.ARCHIVE_IN, "at", "0"),
          post("/archive/in/{id}/drop", Of.ARCHIVE_IN),
          get("/waters/{id}", Of.WATER),
          post("/waters/{id}", Of.WATER, "name", "well", "kind", "TAP"),
          post("/waters/{id}/remove", Of.WATER),
          get("/feed/products/{id}", Of.FEED),
          post("/feed/products/{id}", Of.FEED, FEED),
          post("/feed/products/{id}/remove", Of.FEED),
          get("/places/{id}/readings", Of.PLACE),
          get("/places/{id}/readings/data", Of.PLACE),
          post("/places/{id}/logger-files", Of.PLACE),
          get("/logger-files/{id}", Of.LOGGER_FILE),
          post("/logger-files/{id}", Of.LOGGER_FILE),
          post("/devices/{id}/place", Of.DEVICE, "place", "1"),
          post("/devices/{id}/name", Of.DEVICE, "name", "thermometer"),
          post("/devices/{id}/remove", Of.DEVICE),
          post("/light-readings/{id}/remove", Of.LIGHT_READING, "place", "1"),
          post("/places/{id}/traps", Of.PLACE, "traps", "2", "counted", "9", "day", "2026-11-20"),
          post("/traps/{id}/remove", Of.TRAP),
          post("/places/{id}/edit", Of.PLACE, "name", "Other words", "kind", "INDOOR"),
          post("/cases/{id}/carriers", Of.CASE, "carrier", "PETS"),
          post("/visits/{id}/move", Of.VISIT, "day", "2026-11-30"),
          post("/visits/{id}/mix", Of.VISIT, "means", "soap"),
          post("/visits/{id}/all", Of.VISIT, "but", "1"),
          post("/visits/{id}", Of.VISIT, "done", "false"),
          post("/cases/{id}/treatment/end", Of.CASE),
          post("/cases/{id}/treatment", Of.CASE, "school", "soap-and-water", "size", "SOME"),
          post("/today/cases/{id}", Of.CASE, "outcome", "BETTER"),
          post("/today/rots/{id}", Of.CASE, "edge", "STILL"),
          post("/cases/{id}/response", Of.CASE, "outcome", "BETTER"),
          post("/cases/{id}/keep", Of.CASE),
          post("/cases/{id}/undo-change", Of.CASE),
          post("/cases/{id}/next", Of.CASE, "change", "wash-mites", "reason", "it must be"),
          post("/cases/{id}/close", Of.CASE, "outcome", "HEALED"),
          post("/plants/{plantId}/cases/new", Of.PLANT, "cause", "too-dry"),
          post(
              "/mixing/{id}/rates",
              Of.BOTTLE,
              "usedFor",
              "outdoors",
              "printed",
              "20 ml/L",
              "as",
              "20 ml/l",
              "crop",
              "OUTDOORS",
              "method",
              "SPRAY"),
          post("/mixing/{id}/mix", Of.BOTTLE, "own", "1 ml/L", "volume", "500"),
          post("/mixing/mixes/{id}/undo", Of.MIX),
          post("/mixing/rates/{id}/remove", Of.RATE),
          post(
              "/mixing/{id}/edit",
              Of.BOTTLE,
              "name",
              "Soap",
              "means",
              "soap",
              "amountLeft",
              "9",
              "unit",
              "ml"),
          post("/mixing/{id}/away", Of.BOTTLE, "away", "true"),
          get("/entries/{id}/change", Of.ENTRY),
          get("/entries/{first}/to/{last}", Of.ENTRY),
          post("/entries/{id}/correct", Of.ENTRY, "text", "watered 210"),
          post("/entries/{id}/undo", Of.ENTRY),
          post("/settings/tokens/{id}/revoke", Of.TOKEN),
          post("/plants/{id}/archive", Of.PLANT, "away", "true"),
          post("/plants/imports/{id}/rows/{row}", Of.IMPORT, "c0", "Vanda"),
          post("/plants/imports/{id}/answers", Of.IMPORT, "unit", "CM"),
          post("/plants/imports/{id}/save", Of.IMPORT),
          post("/plants/imports/{id}/back", Of.IMPORT),
          post("/plants/imports/{id}/drop", Of.IMPORT),
          post("/plants/views/{id}/remove", Of.VIEW),
          post("/places/{id}/remove", Of.PLACE),
          post("/plants/{id}/edit", Of.PLANT, PLANT_FORM),
          post("/plants/{id}/remove", Of.PLANT));

  private SignedIn first;
  private SignedIn second;
  private Map<Of, Long> ofFirst;
  private Map<Of, Long> ofSecond;

  @BeforeEach
  void twoKeepersWithOneOfEverything() throws Exception {
    first = keepers.make();
    second = keepers.make();
    ofFirst = furnish(first, SECRET, "Zzsecretplace");
    ofSecond = furnish(second, "Own plant", "Own place");
  }

  @Test
  void everyRouteThatNamesAnObjectIsWalked() {
    Set<String> walked = new TreeSet<>();
    CALLS.forEach(call -> walked.add(call.method() + " " + call.path()));
    Set<String> there = new TreeSet<>();
    for (Route route : allRoutes()) {
      if (route.path().contains("{")
          && !route.path().startsWith("/know")
          && !route.path().startsWith("/archive/tables")
          && !route.path().startsWith("/api/")
          && !route.path().matches(BY_SECRET)) {
        there.add(route.method() + " " + route.path());
      }
    }
    assertThat(walked).isEqualTo(there).hasSize(CALLS.size());
    assertThat(ofFirst.values()).doesNotContainNull();
    assertThat(ofSecond.values()).doesNotContainNull();
  }

  @Test
  void nothingOfTheFirstIsThereForTheSecondAndAllTheirOwnIs() throws Exception {
    Map<Of, String> before = rows(first);
    for (Call call : CALLS) {
      MockHttpServletResponse answer = call(call, ofFirst, second);
      assertThat(answer.getStatus()).as("another's " + call.path()).isEqualTo(404);
      hidesTheSecret(answer, call.path());
      assertThat(call(call, ofSecond, second).getStatus())
          .as("one's own " + call.path())
          .isIn(200, 302, 409, 422);
    }
    assertThat(rows(first)).isEqualTo(before);
  }

  @Test
  void anotherKeepersObjectsAreNoWordsOfAForm() throws Exception {
    Map<Of, String> before = rows(first);
    String own = "/plants/" + ofSecond.get(Of.PLANT);
    String place = ofFirst.get(Of.PLACE).toString();
    String plant = ofFirst.get(Of.PLANT).toString();
    for (MockHttpServletResponse answer :
        List.of(
            send("/plants/new", plantIn(place)),
            send(own + "/edit", plantIn(place)),
            send(own + "/entries", "line", "moved to Zzsecretplace"),
            send("/plants/many", "plant", plant, "act", "WATERED"),
            send("/plants/many", "plant", plant, "act", "ARCHIVE"),
            send("/plants/many/undo", "plant", plant),
            send("/plants/many/undo", "entry", ofFirst.get(Of.ENTRY).toString()),
            send("/places/walk", "order", place),
            send("/plants/walk", "place", place, "order", plant),
            send("/plants/walk", "place", ofSecond.get(Of.PLACE).toString(), "order", plant),
            send(own + "/quarantine", "why", "new", "place", place))) {
      assertThat(answer.getStatus()).isIn(200, 302, 400, 404, 422);
      String said =
          answer
              .getContentAsString()
              .replace("moved to Zzsecretplace", "")
              .replace("Zzsecretplac\n", "");
      assertThat(said).doesNotContain(SECRET);
    }
    assertThat(rows(first)).isEqualTo(before);
    String standsIn =
        jdbc.sql("select p.name from plant t join place p on p.id = t.place_id where t.id = ?")
            .param(ofSecond.get(Of.PLANT))
            .query(String.class)
            .single();
    assertThat(standsIn).isEqualTo("Own place");
  }

  @Test
  void listsAndSearchesShowOnesOwn() throws Exception {
    for (Route route : allRoutes()) {
      if (route.method() == RequestMethod.GET && !route.path().contains("{")) {
        MockHttpServletResponse answer =
            web.perform(
                    request(HttpMethod.GET, route.path())
                        .param("q", "Zzsecret")
                        .param("a", "too-dry")
                        .param("b", "too-wet")
                        .with(user(second)))
                .andReturn()
                .getResponse();
        hidesTheSecret(answer, route.path());
        assertThat(answer.getStatus()).as(route.path()).isLessThan(500);
      }
    }
    for (String path : List.of("/plants", "/today", "/diagnose")) {
      assertThat(get(first, path).andReturn().getResponse().getContentAsString()).contains(SECRET);
    }
  }

  @Test
  void nobodyIsSentToTheDoorOnEveryRoute() throws Exception {
    for (Route route : allRoutes()) {
      boolean open =
          List.of("/sign-in", "/register", "/demo", "/forgotten", "/new-password")
                  .contains(route.path())
              || route.path().startsWith("/v3");
      String path = route.path().replaceAll("\\{[^}]+}", "1");
      MockHttpServletResponse answer =
          web.perform(request(HttpMethod.valueOf(route.method().name()), path).with(csrf()))
              .andReturn()
              .getResponse();
      if (route.path().startsWith("/api")) {
        assertThat(answer.getStatus()).as(route.toString()).isEqualTo(401);
      } else if (route.path().matches(BY_SECRET)) {
        assertThat(answer.getStatus()).as(route.toString()).isIn(404, 429);
      } else if (!open) {
        assertThat(answer.getStatus()).as(route.toString()).isEqualTo(302);
        assertThat(answer.getRedirectedUrl()).as(route.toString()).endsWith("/sign-in");
      }
    }
  }

  private static void hidesTheSecret(MockHttpServletResponse answer, String path) throws Exception {
    assertThat(answer.getContentAsString()).as(path).doesNotContain(SECRET, "Zzsecretplace");
  }

  private static String[] plantIn(String place) {
    return Stream.concat(Stream.of(PLANT_FORM), Stream.of("placeId", place)).toArray(String[]::new);
  }

  private MockHttpServletResponse send(String path, String... params) throws Exception {
    return post(second, path, params).andReturn().getResponse();
  }

  private MockHttpServletResponse call(Call call, Map<Of, Long> objects, SignedIn keeper)
      throws Exception {
    String path = call.path().replaceAll("\\{[^}]+}", objects.get(call.of()).toString());
    MockHttpServletRequestBuilder request =
        request(call.method(), path)
            .param("placeId", ofSecond.get(Of.PLACE).toString())
            .with(user(keeper))
            .with(csrf());
    for (int i = 0; i < call.params().length; i += 2) {
      request.param(call.params()[i], call.params()[i + 1]);
    }
    return web.perform(request).andReturn().getResponse();
  }

  /** How many rows of each kind a keeper has, and what tells whether one was changed. */
  private Map<Of, String> rows(SignedIn keeper) {
    Map<Of, String> rows = new EnumMap<>(Of.class);
    for (Of of : Of.values()) {
      boolean token = of == Of.TOKEN;
      String sum =
          jdbc.sql(
                  "select count(*) || ' ' || coalesce(md5(string_agg(t::text, '|' order by t.id)), '')"
                      + " from %s t where %s = ?"
                          .formatted(of.table, token ? "keeper_id" : "collection_id"))
              .param(token ? keeper.keeperId() : keeper.collectionId())
              .query(String.class)
              .single();
      rows.put(of, sum);
    }
    return rows;
  }
}
