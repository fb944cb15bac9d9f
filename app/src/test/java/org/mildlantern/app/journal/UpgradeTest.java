package org.mildlantern.app.journal;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.OffsetDateTime;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.flywaydb.core.Flyway;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.journal.CaseActed;
import org.mildlantern.core.journal.Fed;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Filled;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.Levelled;
import org.mildlantern.core.journal.Lifted;
import org.mildlantern.core.journal.Looked;
import org.mildlantern.core.journal.LostLeaves;
import org.mildlantern.core.journal.Metered;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.journal.Remark;
import org.mildlantern.core.journal.Repotted;
import org.mildlantern.core.journal.Skipped;
import org.mildlantern.core.journal.StoodInWater;
import org.mildlantern.core.journal.Strength;
import org.mildlantern.core.journal.TakenBack;
import org.mildlantern.core.journal.Treated;
import org.mildlantern.core.journal.Watered;
import org.mildlantern.core.journal.Weighed;
import org.mildlantern.core.journal.Wilted;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.jdbc.datasource.DriverManagerDataSource;
import org.springframework.jdbc.support.GeneratedKeyHolder;

/** A database that was begun with the first version keeps every row, and each says what it said. */
class UpgradeTest {
  private static final String SCHEMA = "upgrade_" + System.nanoTime();
  private static final OffsetDateTime AT = OffsetDateTime.parse("2026-11-01T10:00:00Z");
  private static final LocalDate DAY = AT.toLocalDate();
  private static final Map<Long, Note> EXPECTED = new LinkedHashMap<>();
  private static JdbcClient jdbc;
  private static long collection;
  private static long plant;
  private static long theCase;
  private static long change;
  private static long corrected;
  private static long correctedTwice;
  private static int written;

  private static void migrate(String target) {
    Flyway.configure()
        .dataSource(source(null))
        .schemas(SCHEMA)
        .locations("classpath:db/migration")
        .target(target)
        .load()
        .migrate();
  }

  private static DriverManagerDataSource source(String schema) {
    String url = System.getProperty("DATABASE_URL");
    return new DriverManagerDataSource(
        schema == null ? url : url + "?currentSchema=" + schema,
        System.getenv("DATABASE_USER"),
        System.getenv("DATABASE_PASSWORD"));
  }

  @BeforeAll
  static void writeWithEachVersionAndUpgrade() {
    migrate("1");
    jdbc = JdbcClient.create(source(SCHEMA));
    firstVersion();
    migrate("9");
    laterVersions();
    written = jdbc.sql("select count(*) from entry").query(Integer.class).single();
    migrate("latest");
  }

  @AfterAll
  static void dropTheSchema() {
    jdbc.sql("drop schema " + SCHEMA + " cascade").update();
  }

  private static void firstVersion() {
    long keeper =
        row("keeper")
            .with("email", "old@example.org")
            .with("name", "Old")
            .with("password_hash", "x")
            .with("created_at", AT)
            .save();
    collection =
        row("collection")
            .with("keeper_id", keeper)
            .with("name", "Old")
            .with("latitude", 53.0)
            .with("zone", "UTC")
            .save();
    long sill =
        owned("place").with("name", "Sill").with("kind", "INDOOR").with("position", 0).save();
    long bench =
        owned("place").with("name", "Bench").with("kind", "OUTDOOR").with("position", 1).save();
    plant =
        owned("plant")
            .with("code", "2024-001")
            .with("name", "Coleus")
            .with("form_id", "leafy-stem")
            .with("place_id", sill)
            .with("pot_shape", "ROUND")
            .with("pot_holes", true)
            .with("outer_pot", false)
            .with("stage", "GROWTH")
            .with("notes", "")
            .save();
    long look = ofPlant("look").with("started_at", AT).save();
    theCase =
        ofPlant("plant_case")
            .with("number", 3)
            .with("look_id", look)
            .with("cause_id", "too-dry")
            .with("probability", 0.5)
            .with("opened_on", DAY)
            .with("learned", "")
            .save();
    change =
        owned("case_change")
            .with("case_id", theCase)
            .with("change_id", "soak")
            .with("made_on", DAY)
            .with("look_on", DAY)
            .with("reason", "")
            .with("ended", false)
            .with("confounded_by", "Fed 60 ppm N with the water: it was in bloom")
            .save();
    Watered drink = new Watered(null, Watered.RunOff.NOT_SAID);
    entry("WATER", "Watered 240").with("volume_ml", 240).says(new Watered(240.0, drink.runOff()));
    entry("WATER", "Water 1,5 l").with("volume_ml", 1500).says(new Watered(1500.0, drink.runOff()));
    entry("WATER", "Watered 8 oz").with("volume_ml", 8).says(drink);
    entry("WATER", "Watered 1/2 l").with("volume_ml", 1).says(drink);
    entry("FEED", "Fed 60 ppm N with the water").with("ppm", 60).says(fed(60.0));
    entry("FEED", "Fed 20-20-20 at 1 g/l").with("ppm", 20).says(fed(null));
    entry("FEED", "Fed 300 ml of 60 ppm").with("ppm", 300).says(fed(null));
    entry("MOISTURE", "Felt wet").with("moisture", "WET").says(Felt.probe(Moisture.WET));
    entry("MOVE", "Moved")
        .with("from_place_id", sill)
        .with("place_id", bench)
        .says(new Moved(sill, bench));
    entry("REPOT", "Repotted")
        .with("medium_before", "bark")
        .with("medium_since_before", DAY)
        .says(new Repotted(null, new Repotted.Before("bark", DAY, null)));
    entry("REPOT", "Repotted into fresh medium").says(new Repotted(null, null));
    entry("LOOK", "Looked: webbing")
        .with("look_id", look)
        .says(new Looked(Looked.What.FINDINGS, look));
    entry("LOOK", "Looked, nothing new").says(new Looked(Looked.What.OVER, null));
    entry("NOTE", "New root tip").says(new Remark());
    entry("NOTE", "Put into the archive").says(new Recorded(Recorded.What.ARCHIVED));
    acted("Case 3 opened: Thirst, 50 %. Soak").says(case_(CaseActed.Act.OPENED));
    acted("Better after “Soak”. Thirst now 80 %").says(case_(CaseActed.Act.ANSWERED));
    acted("Next change: Shade").says(case_(CaseActed.Act.CHANGED));
    acted("Kept on: Shade").says(case_(CaseActed.Act.KEPT));
    acted("Change undone: Shade").says(case_(CaseActed.Act.UNDONE));
    acted("Case 3 closed: Healed").says(case_(CaseActed.Act.CLOSED));
    long first = acted("Case 3 opened: Thirst, 50 %. Soak").save();
    corrected = acted("We thought of thirst").superseding(first).says(case_(CaseActed.Act.OPENED));
    correctedTwice =
        acted("It was closed: dry").superseding(corrected).says(case_(CaseActed.Act.OPENED));
    long slip = entry("NOTE", "A slip").save();
    entry("RETRACTION", "Taken back: A slip").superseding(slip).says(new TakenBack());
  }

  private static void laterVersions() {
    entry("STOOD", "Stood in water").says(new StoodInWater());
    entry("LOSS", "Lost 3 of 12 leaves").with("lost", 0.25).says(new LostLeaves(0.25));
    entry("FLUSH", "Flushed").says(new Flushed(null));
    treated("Course begun: soap", Treated.Act.BEGUN);
    treated("Treated: soap", Treated.Act.TREATED);
    treated("Visit skipped: soap", Treated.Act.SKIPPED);
    treated("Course ended", Treated.Act.ENDED);
    pot("weight 412.0", new Weighed(412, Weighed.State.AS_IT_WAS));
    pot("weight-drained 430.5", new Weighed(430.5, Weighed.State.DRAINED));
    pot("weight-dry 300.0", new Weighed(300, Weighed.State.DRY));
    pot("meter 4.0", new Metered(4));
    pot("lift-heavy", new Lifted(true));
    pot("wilted", new Wilted());
    pot("level 0.5", new Levelled(0.5));
    pot("skewer dry damp", new Felt(Felt.How.SKEWER, List.of(Moisture.DRY, Moisture.DAMP)));
    pot("clear-pot wet", new Felt(Felt.How.CLEAR_POT, List.of(Moisture.WET)));
    entry("MOISTURE", "Not looked at: no time")
        .with("pot_note", "skipped")
        .says(new Skipped("no time"));
    entry("WATER", "Filled 300")
        .with("volume_ml", 300)
        .with("pot_note", "filled")
        .says(new Filled(300.0));
    entry("WATER", "Filled").with("pot_note", "filled").says(new Filled(null));
    entry("WATER", "Watered 200 ml no run-off")
        .with("volume_ml", 200)
        .with("pot_note", "no-run-off")
        .says(new Watered(200.0, Watered.RunOff.NONE));
    entry("WATER", "Ran straight through")
        .with("pot_note", "ran-past")
        .says(new Watered(null, Watered.RunOff.PAST));
    long photo = entry("NOTE", "Photo: the crown").save();
    ofPlant("photo")
        .with("taken_on", DAY)
        .with("caption", "the crown")
        .with("width", 10)
        .with("height", 10)
        .with("image", new byte[] {1})
        .with("thumbnail", new byte[] {1})
        .with("entry_id", photo)
        .save();
    entry("NOTE", "The crown in May").superseding(photo).says(new Recorded(Recorded.What.PHOTO));
    long spot = entry("NOTE", "Measured leaf 3: 8.0 mm").says(new Recorded(Recorded.What.SPOT));
    ofPlant("spot_measure")
        .with("spot", "leaf 3")
        .with("measured_on", DAY)
        .with("mm", 8.0)
        .with("error_mm", 0.5)
        .with("entry_id", spot)
        .save();
    long begun = entry("NOTE", "Test begun: soak").says(new Recorded(Recorded.What.TEST_BEGUN));
    long ended = entry("LOOK", "Test read: yes").says(new Looked(Looked.What.TEST, null));
    ofPlant("waiting_test")
        .with("check_id", "soak")
        .with("node", "n@n")
        .with("started_on", DAY)
        .with("due_on", DAY)
        .with("begun_by", begun)
        .with("ended_by", ended)
        .with("ended_on", DAY)
        .save();
    long pest = entry("LOOK", "Looked for mites: 3 found").says(new Looked(Looked.What.PEST, null));
    ofPlant("pest_look")
        .with("pest", "spider-mites")
        .with("looked_on", DAY)
        .with("counted", 3)
        .with("entry_id", pest)
        .save();
    long apart =
        entry("NOTE", "Quarantine begun").says(new Recorded(Recorded.What.QUARANTINE_BEGUN));
    long out = entry("NOTE", "Quarantine ended").says(new Recorded(Recorded.What.QUARANTINE_ENDED));
    ofPlant("isolation")
        .with("why", "new")
        .with("began_on", DAY)
        .with("entry_id", apart)
        .with("end_entry_id", out)
        .with("ended_on", DAY)
        .save();
  }

  private static Fed fed(Double ppm) {
    return new Fed(null, ppm, null, Strength.NOT_SAID);
  }

  private static CaseActed case_(CaseActed.Act act) {
    return new CaseActed(act, theCase, change);
  }

  private static Row acted(String text) {
    return entry("CASE", text).with("case_id", theCase).with("change_ref", change);
  }

  private static void treated(String text, Treated.Act act) {
    entry("TREAT", text).with("case_id", theCase).says(new Treated(act, theCase));
  }

  private static void pot(String kept, Note note) {
    entry("MOISTURE", note.words()).with("pot_note", kept).says(note);
  }

  private static Row entry(String kind, String text) {
    return ofPlant("entry")
        .with("at", AT)
        .with("kind", kind)
        .with("text", text)
        .with("superseded", false);
  }

  private static Row ofPlant(String table) {
    return owned(table).with("plant_id", plant);
  }

  private static Row owned(String table) {
    return row(table).with("collection_id", collection);
  }

  private static Row row(String table) {
    return new Row(table, new LinkedHashMap<>(), new ArrayList<>());
  }

  private record Row(String table, Map<String, Object> columns, List<Long> superseded) {
    Row with(String column, Object value) {
      columns.put(column, value);
      return this;
    }

    Row superseding(long old) {
      superseded.add(old);
      return with("supersedes_id", old);
    }

    long says(Note note) {
      long id = save();
      EXPECTED.put(id, note);
      return id;
    }

    long save() {
      superseded.forEach(
          old -> jdbc.sql("update entry set superseded = true where id = ?").param(old).update());
      GeneratedKeyHolder key = new GeneratedKeyHolder();
      String names = String.join(", ", columns.keySet());
      String values = String.join(", :", columns.keySet());
      jdbc.sql("insert into %s (%s) values (:%s)".formatted(table, names, values))
          .params(columns)
          .update(key, "id");
      return key.getKey().longValue();
    }
  }

  private record Kept(long id, NoteKind kind, String note, Long root) {}

  private static List<Kept> kept() {
    return jdbc.sql("select id, kind, note::text as note, root_id as root from entry order by id")
        .query(
            (r, n) ->
                new Kept(
                    r.getLong("id"),
                    NoteKind.valueOf(r.getString("kind")),
                    r.getString("note"),
                    (Long) r.getObject("root")))
        .list();
  }

  @Test
  void everyRowIsKeptAndSaysWhatItSaid() {
    assertThat(kept()).hasSize(written).hasSizeGreaterThan(50);
    for (Kept row : kept()) {
      Note read = Notes.read(row.kind(), row.note());
      assertThat(read.kind()).isEqualTo(row.kind());
      assertThat(read).isEqualTo(EXPECTED.getOrDefault(row.id(), read));
    }
  }

  @Test
  void correctionsShareTheRootOfTheirFirstRow() {
    Map<Long, Long> roots = new LinkedHashMap<>();
    kept().forEach(row -> roots.put(row.id(), row.root()));
    assertThat(roots.get(corrected)).isNotNull().isEqualTo(roots.get(correctedTwice));
    assertThat(roots.get(roots.get(corrected))).isNull();
  }

  @Test
  void whatConfoundedAChangeIsFoundAgain() {
    String text =
        jdbc.sql(
                "select e.text from case_change c join entry e on e.id = c.confounded_root"
                    + " where c.id = ?")
            .param(change)
            .query(String.class)
            .single();
    assertThat(text).isEqualTo("Fed 60 ppm N with the water");
  }
}
