package org.mildlantern.app.keeper;

import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.csrf;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.request.MockMvcRequestBuilders.multipart;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.WaitingTestService;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mock.web.MockMultipartFile;
import org.springframework.web.bind.annotation.RequestMethod;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerMapping;

/** All routes of the app, and keepers who have one object of every kind that a route can name. */
abstract class EveryRoute extends WebCase {
  /** Everything that a route can name. */
  enum Of {
    PLACE("place"),
    PLANT("plant"),
    ENTRY("entry"),
    CASE("plant_case"),
    VISIT("treatment_visit"),
    PATCH_TEST("patch_test"),
    WAITING_TEST("waiting_test"),
    PHOTO("photo"),
    BOTTLE("cabinet_item"),
    RATE("cabinet_rate"),
    MIX("mix"),
    TRAP("trap_count"),
    LIGHT_READING("light_reading"),
    WINDOW("place_window"),
    SPOT("place_spot"),
    SKYLINE("place_skyline"),
    THING("place_thing"),
    WATER("own_water"),
    FEED("feed_product"),
    BATCH("raising_batch"),
    TRIP("trip"),
    TRIP_MESSAGE("trip_message"),
    DEVICE("device"),
    LOGGER_FILE("logger_file"),
    IMPORT("plant_import"),
    LOG_IMPORT("log_import"),
    VIEW("saved_view"),
    ARCHIVE_OUT("archive_out"),
    ARCHIVE_IN("archive_in"),
    TOKEN("api_token");

    final String table;

    Of(String table) {
      this.table = table;
    }
  }

  /** A window in the left wall of a usual room. */
  static final String[] ROOM_WINDOW = {
    "wall", "LEFT", "along", "200", "width", "140", "height", "130", "sill", "90"
  };

  static final String[] FEED = {
    "name", "Green", "convention", "OXIDE", "n", "20", "p", "10", "k", "20"
  };

  @Autowired PlantService plants;
  @Autowired DiagnoseService diagnose;
  @Autowired CaseService cases;
  @Autowired WaitingTestService tests;
  @Autowired KeeperService accounts;
  @Autowired JdbcClient jdbc;

  @Autowired
  @Qualifier("requestMappingHandlerMapping")
  RequestMappingHandlerMapping routes;

  Map<Of, Long> furnish(SignedIn keeper, String name, String placeName) throws Exception {
    PlaceView place = keepers.place(keeper, placeName, PlaceKind.INDOOR);
    PlantView plant = keepers.as(keeper, () -> plants.add(Keepers.form(place, name, "leafy-stem")));
    String ofPlant = "/plants/" + plant.id();
    Long entry = keepers.note(keeper, plant.id(), "watered 200").id();
    keepers.as(keeper, () -> diagnose.mark(plant.id(), "stipple@old-leaves", true));
    Long kase = keepers.as(keeper, () -> cases.open(plant.id(), "spider-mites")).orElseThrow().id();
    post(keeper, "/cases/" + kase + "/treatment", "school", "soap-and-water", "size", "SOME");
    String light = "/places/" + place.id() + "/light";
    post(keeper, light, "faces", "180", "distance", "15 cm", "outside", "OPEN");
    post(
        keeper,
        light + "/readings",
        "value",
        "2000",
        "sky",
        "COVERED",
        "day",
        "22 Nov 2026",
        "time",
        "10:30");
    post(keeper, "/places/" + place.id() + "/windows", ROOM_WINDOW);
    String skyline = "/places/" + place.id() + "/skyline";
    post(keeper, skyline, "begins", "150", "ends", "180", "up", "25");
    post(keeper, "/waters", "name", "tap", "kind", "TAP");
    post(keeper, "/feed/products", FEED);
    post(keeper, "/raising", "kind", name, "way", "CUTTING", "taken", "9");
    String trip =
        post(
                keeper,
                "/away/trips",
                "from",
                "2026-11-24",
                "until",
                "2027-01-20",
                "risk",
                "1",
                "visits",
                "3",
                "minutes",
                "1",
                "coin",
                "5")
            .andReturn()
            .getResponse()
            .getRedirectedUrl();
    jdbc.sql(
            "insert into trip_message (collection_id, trip_id, at, text, urgent, image)"
                + " values (?, ?, now(), 'see', false, '\\xff')")
        .param(keeper.collectionId())
        .param(Long.valueOf(trip.replaceAll("\\D", "")))
        .update();
    String things = "/places/" + place.id() + "/things";
    post(keeper, things, "kind", "RADIATOR", "wall", "FRONT", "along", "200");
    String spots = "/places/" + place.id() + "/spots";
    post(keeper, spots, "name", "shelf", "across", "200", "back", "100");
    jdbc.sql(
            "insert into logger_file (collection_id, place_id, name, body, opened)"
                + " values (?, ?, 'bay.csv', E'when,temp\\n2026-11-20 08:00,20', now())")
        .param(keeper.collectionId())
        .param(place.id())
        .update();
    jdbc.sql("insert into device (collection_id, key, name) values (?, 'bench', 'Bench')")
        .param(keeper.collectionId())
        .update();
    post(keeper, ofPlant + "/patch-tests", "means", "soap");
    keepers.as(keeper, () -> tests.begin(plant.id(), "soak-test", "firm-after-soak@whole"));
    web.perform(
        multipart(ofPlant + "/photos")
            .file(new MockMultipartFile("files", "a.jpg", "image/jpeg", Pictures.jpeg(40, 30)))
            .with(user(keeper))
            .with(csrf()));
    soapBottle(keeper, 50, () -> newest(Of.BOTTLE, keeper));
    Long bottle = newest(Of.BOTTLE, keeper);
    post(
        keeper,
        "/mixing/" + bottle + "/mix",
        "rate",
        newest(Of.RATE, keeper).toString(),
        "volume",
        "500");
    post(
        keeper,
        "/places/" + place.id() + "/traps",
        "traps",
        "2",
        "counted",
        "9",
        "day",
        "2026-11-22");
    post(keeper, "/plants/imports/new", "table", "name,place\n" + name + "," + placeName);
    post(keeper, "/plants/logs/new", "table", "day,plant,what\n2026-05-03," + name + ",fed");
    Path archive = Files.createTempFile("archive", ".zip");
    jdbc.sql(
            "insert into archive_out (collection_id, made_at, by_whom, state, bytes, file)"
                + " values (?, now(), 'PAGE', 'READY', 1, ?)")
        .params(keeper.collectionId(), archive.toString())
        .update();
    jdbc.sql(
            "insert into archive_in (collection_id, came_at, name, file) values (?, now(), 'a.zip', ?)")
        .params(keeper.collectionId(), archive.toString())
        .update();
    post(keeper, "/plants/views?q=" + name, "name", name);
    keepers.as(keeper, () -> accounts.makeToken("for a scale", TokenScope.ALL, null));
    Map<Of, Long> all = new EnumMap<>(Of.class);
    for (Of of : Of.values()) {
      all.put(of, of == Of.ENTRY ? entry : newest(of, keeper));
    }
    return all;
  }

  /** The path that leads a visitor to the keeper's absence. */
  String visitorsPath(SignedIn keeper) throws Exception {
    Object link =
        post(keeper, "/away/trips/" + newest(Of.TRIP, keeper) + "/link")
            .andReturn()
            .getFlashMap()
            .get("link");
    return link.toString().replaceFirst("http://[^/]+", "");
  }

  Long newest(Of of, SignedIn keeper) {
    boolean token = of == Of.TOKEN;
    return jdbc.sql(
            "select max(id) from %s where %s = ?"
                .formatted(of.table, token ? "keeper_id" : "collection_id"))
        .param(token ? keeper.keeperId() : keeper.collectionId())
        .query(Long.class)
        .single();
  }

  record Route(RequestMethod method, String path, HandlerMethod handler) {}

  List<Route> allRoutes() {
    List<Route> all = new ArrayList<>();
    routes
        .getHandlerMethods()
        .forEach(
            (info, handler) -> {
              if (handler.getBeanType().getName().startsWith("org.mildlantern")) {
                for (String path : info.getPatternValues()) {
                  for (RequestMethod method : info.getMethodsCondition().getMethods()) {
                    all.add(new Route(method, path, handler));
                  }
                }
              }
            });
    return all;
  }
}
