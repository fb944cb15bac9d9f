package org.mildlantern.app.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.care.CarePlan;
import org.mildlantern.core.diagnosis.Subject;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.season.Season;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.support.GeneratedKeyHolder;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;
import org.yaml.snakeyaml.Yaml;

/**
 * Furnishes the invented collection from {@code demo/tollhouse.yaml} and writes a year of records.
 */
@Component
class Tollhouse {
  private static final double LATITUDE = 53;
  private static final String ZONE = "Europe/London";
  private static final int YEAR = 365;

  /** The same year of records each time. */
  private static final long SEED = 1859;

  private final KeeperService keepers;
  private final JdbcClient jdbc;
  private final Knowledge knowledge;
  private final Scope scope;
  private final Map<String, Long> places = new HashMap<>();
  private final Map<String, Long> plants = new HashMap<>();

  Tollhouse(KeeperService keepers, JdbcClient jdbc, Knowledge knowledge, Scope scope) {
    this.keepers = keepers;
    this.jdbc = jdbc;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  SignedIn makeKeeper() {
    SignedIn made =
        keepers.register(DemoDoor.EMAIL, "Tollhouse keeper", UUID.randomUUID().toString());
    return scope.as(made, () -> keepers.describeCollection("Tollhouse collection", LATITUDE, ZONE));
  }

  @Transactional
  void furnish(SignedIn keeper) {
    Map<String, Object> demo = read();
    long collection = keeper.collectionId();
    Random random = new Random(SEED);
    int position = 0;
    for (Map<String, Object> place : list(demo, "places")) {
      places.put(
          text(place, "id"),
          insert(
              "place",
              Map.of(
                  "collection_id",
                  collection,
                  "name",
                  text(place, "name"),
                  "kind",
                  text(place, "kind"),
                  "temperature",
                  number(place, "temperature"),
                  "humidity",
                  number(place, "humidity"),
                  "position",
                  position++)));
    }
    for (Map<String, Object> plant : list(demo, "plants")) {
      addPlant(collection, plant, random);
    }
    int number = 1;
    for (Map<String, Object> story : list(demo, "cases")) {
      addCase(collection, number++, story);
    }
    for (Map<String, Object> entry : list(demo, "entries")) {
      entry(
          collection,
          plants.get(text(entry, "plant")),
          (int) number(entry, "ago"),
          17,
          text(entry, "kind"),
          text(entry, "text"),
          text(entry, "moisture"),
          null,
          null,
          null);
    }
  }

  private void addPlant(long collection, Map<String, Object> plant, Random random) {
    LocalDate today = scope.today();
    String name = text(plant, "name");
    Taxon taxon =
        knowledge
            .taxonNamed(text(plant, "taxon") == null ? name : text(plant, "taxon"))
            .orElse(null);
    String form = taxon == null ? text(plant, "form") : taxon.form();
    Map<String, Object> row = new HashMap<>();
    row.put("collection_id", collection);
    row.put("code", text(plant, "code"));
    row.put("taxon_id", taxon == null ? null : taxon.id());
    row.put("name", name);
    row.put("form_id", form);
    row.put("place_id", places.get(text(plant, "place")));
    row.put("pot_shape", plant.getOrDefault("shape", "ROUND"));
    row.put("pot_cm", plant.get("cm"));
    row.put("pot_material", plant.getOrDefault("material", "PLASTIC"));
    row.put("pot_holes", true);
    row.put("outer_pot", Boolean.TRUE.equals(plant.get("outer")));
    row.put("medium_id", text(plant, "medium"));
    int mediumDays = (int) Math.round(number(plant, "months") * 30.44);
    row.put("medium_since", today.minusDays(mediumDays));
    row.put("water_used", plant.getOrDefault("water", "RAIN"));
    row.put("stage", plant.getOrDefault("stage", "GROWTH"));
    int arrived = Math.max((int) number(plant, "arrived"), mediumDays);
    row.put(
        "arrived_on",
        today.minusDays(plant.containsKey("new") ? (int) number(plant, "arrived") : arrived));
    row.put("notes", plant.getOrDefault("notes", ""));
    long id = insert("plant", row);
    plants.put(text(plant, "code"), id);
    GrowthForm known = knowledge.form(form).orElseThrow();
    records(collection, id, taxon, known, plant, mediumDays, random);
  }

  /** Waterings, readings and feeds over the year, at the pace of the kind. */
  private void records(
      long collection,
      long plant,
      Taxon taxon,
      GrowthForm form,
      Map<String, Object> given,
      int mediumDays,
      Random random) {
    LocalDate today = scope.today();
    int first = Math.min(YEAR, given.containsKey("new") ? (int) number(given, "arrived") : YEAR);
    int last = given.containsKey("lastWater") ? (int) number(given, "lastWater") : -1;
    int stop = given.containsKey("dryRest") ? (int) number(given, "dryRest") : 0;
    int ago = first - random.nextInt(3);
    while (ago > Math.max(stop, Math.max(last, 0))) {
      String how =
          form.id().equals("tank-bromeliad") ? "Cup topped up, medium watered" : "Watered through";
      entry(collection, plant, ago, 8 + random.nextInt(3), "WATER", how, null, null, null, null);
      Season season = Season.of(today.minusDays(ago), LATITUDE);
      int interval = taxon == null ? 6 : taxon.checkDaysIn(season);
      if (interval > 3 && random.nextInt(4) == 0) {
        int felt = ago - interval + 1;
        if (felt > Math.max(stop, Math.max(last, 2))) {
          entry(collection, plant, felt, 9, "MOISTURE", "Felt damp", "DAMP", null, null, null);
        }
      }
      boolean growing = season == Season.SPRING || season == Season.SUMMER;
      if (growing && !form.tags().contains("carnivore") && random.nextInt(4) == 0) {
        entry(
            collection,
            plant,
            ago,
            11,
            "FEED",
            "Fed 60 ppm N with the water",
            null,
            null,
            null,
            null);
      }
      ago -= Math.max(1, interval + random.nextInt(3) - 1);
    }
    if (last >= 0) {
      entry(collection, plant, last, 9, "WATER", "Watered through", null, null, null, null);
    }
    if (mediumDays < YEAR && !given.containsKey("new")) {
      entry(
          collection,
          plant,
          mediumDays,
          14,
          "REPOT",
          "Repotted into fresh medium",
          null,
          null,
          null,
          null);
    }
  }

  private void addCase(long collection, int number, Map<String, Object> story) {
    LocalDate today = scope.today();
    long plant = plants.get(text(story, "plant"));
    int opened = (int) number(story, "opened");
    long look =
        insert(
            "look",
            nullable(
                "collection_id",
                collection,
                "plant_id",
                plant,
                "started_at",
                at(opened, 10),
                "finished_at",
                at(opened, 10).plusSeconds(600)));
    StringBuilder seen = new StringBuilder("Looked: ");
    for (Map<String, Object> finding : list(story, "findings")) {
      Node node = knowledge.node(text(finding, "node")).orElseThrow();
      boolean present = !Boolean.FALSE.equals(finding.get("present"));
      insert(
          "finding",
          Map.of(
              "collection_id",
              collection,
              "look_id",
              look,
              "sign",
              node.sign().id(),
              "pattern",
              node.pattern().id(),
              "present",
              present,
              "detail",
              finding.getOrDefault("detail", "")));
      if (present) {
        seen.append(seen.length() > 8 ? "; " : "").append(node.label());
      }
    }
    entry(collection, plant, opened, 10, "LOOK", seen.toString(), null, look, null, null);
    Integer closed = story.get("closed") == null ? null : (Integer) story.get("closed");
    var cause = knowledge.cause(text(story, "cause")).orElseThrow();
    long id =
        insert(
            "plant_case",
            nullable(
                "collection_id",
                collection,
                "number",
                number,
                "plant_id",
                plant,
                "look_id",
                look,
                "cause_id",
                cause.id(),
                "probability",
                number(story, "probability"),
                "opened_on",
                today.minusDays(opened),
                "closed_on",
                closed == null ? null : today.minusDays(closed),
                "outcome",
                text(story, "outcome"),
                "learned",
                story.getOrDefault("learned", "")));
    entry(
        collection,
        plant,
        opened,
        11,
        "CASE",
        "Case " + number + " opened: " + cause.label(),
        null,
        look,
        id,
        null);
    for (Map<String, Object> step : list(story, "changes")) {
      Change change = knowledge.change(text(step, "change")).orElseThrow();
      int made = (int) number(step, "made");
      Integer responded = (Integer) step.get("responded");
      LocalDate lookOn =
          step.containsKey("look")
              ? today.minusDays((int) number(step, "look"))
              : planned(plant, cause.id(), change, today.minusDays(made));
      long changeId =
          insert(
              "case_change",
              nullable(
                  "collection_id",
                  collection,
                  "case_id",
                  id,
                  "change_id",
                  change.id(),
                  "made_on",
                  today.minusDays(made),
                  "look_on",
                  lookOn,
                  "reason",
                  step.getOrDefault("reason", ""),
                  "confounded_by",
                  text(step, "confounded"),
                  "response",
                  text(step, "response"),
                  "responded_on",
                  responded == null ? null : today.minusDays(responded),
                  "probability_after",
                  step.get("after"),
                  "undone_on",
                  null,
                  "ended",
                  closed != null || Boolean.TRUE.equals(step.get("ended"))));
      if (made != opened) {
        entry(
            collection,
            plant,
            made,
            12,
            "CASE",
            "Next change: " + change.label(),
            null,
            look,
            id,
            changeId);
      }
      if (responded != null) {
        entry(
            collection,
            plant,
            responded,
            13,
            "CASE",
            text(step, "response").charAt(0)
                + text(step, "response").substring(1).toLowerCase()
                + " after “"
                + change.label()
                + "”",
            null,
            look,
            id,
            changeId);
      }
    }
    if (closed != null) {
      entry(
          collection,
          plant,
          closed,
          15,
          "CASE",
          "Case " + number + " closed. " + story.getOrDefault("learned", ""),
          null,
          look,
          id,
          null);
    }
  }

  private LocalDate planned(long plant, String cause, Change change, LocalDate made) {
    Map<String, Object> row =
        jdbc.sql("select taxon_id, form_id from plant where id = :id")
            .param("id", plant)
            .query()
            .singleRow();
    Taxon taxon =
        row.get("taxon_id") == null
            ? null
            : knowledge.taxon((String) row.get("taxon_id")).orElseThrow();
    GrowthForm form = knowledge.form((String) row.get("form_id")).orElseThrow();
    return CarePlan.of(
            knowledge.cause(cause).orElseThrow(), change, new Subject(form, taxon), made, LATITUDE)
        .lookOn();
  }

  private void entry(
      long collection,
      long plant,
      int ago,
      int hour,
      String kind,
      String text,
      String moisture,
      Long look,
      Long theCase,
      Long change) {
    insert(
        "entry",
        nullable(
            "collection_id",
            collection,
            "plant_id",
            plant,
            "at",
            at(ago, hour),
            "kind",
            kind,
            "text",
            text,
            "moisture",
            moisture,
            "look_id",
            look,
            "case_id",
            theCase,
            "change_ref",
            change,
            "superseded",
            false));
  }

  /** An instant some days ago, never ahead of now. */
  private java.time.OffsetDateTime at(int ago, int hour) {
    Instant wanted =
        scope.today().minusDays(ago).atTime(LocalTime.of(hour, 0)).atZone(scope.zone()).toInstant();
    Instant latest = scope.now().minus(Duration.ofMinutes(1));
    return (wanted.isAfter(latest) ? latest : wanted).atOffset(java.time.ZoneOffset.UTC);
  }

  private static Map<String, Object> nullable(Object... pairs) {
    Map<String, Object> map = new HashMap<>();
    for (int i = 0; i < pairs.length; i += 2) {
      map.put((String) pairs[i], pairs[i + 1]);
    }
    return map;
  }

  private long insert(String table, Map<String, Object> row) {
    List<String> columns = row.keySet().stream().sorted().toList();
    GeneratedKeyHolder key = new GeneratedKeyHolder();
    jdbc.sql(
            "insert into "
                + table
                + " ("
                + String.join(", ", columns)
                + ") values (:"
                + String.join(", :", columns)
                + ")")
        .params(row)
        .update(key, "id");
    return key.getKey().longValue();
  }

  private static Map<String, Object> read() {
    try (InputStream in = Tollhouse.class.getResourceAsStream("/demo/tollhouse.yaml")) {
      return new Yaml().load(in);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @SuppressWarnings("unchecked")
  private static List<Map<String, Object>> list(Map<String, Object> map, String key) {
    return (List<Map<String, Object>>) map.getOrDefault(key, List.of());
  }

  private static String text(Map<String, Object> map, String key) {
    Object value = map.get(key);
    return value == null ? null : value.toString();
  }

  private static double number(Map<String, Object> map, String key) {
    return ((Number) map.get(key)).doubleValue();
  }
}
