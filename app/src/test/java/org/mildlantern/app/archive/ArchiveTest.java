package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;

/** Everything out and in again, compared field by field. */
@AppTest
class ArchiveTest {
  private static final Merge.Choice CAREFUL = new Merge.Choice(false, false, null, false);

  private static final Set<String> OF_PLANTS =
      Set.of("plant", "look", "plant_case", "treatment_course", "treatment_visit");

  private static final List<String> ODD =
      List.of(
          "=1+2",
          "+49 30",
          "-3 °C",
          "@home",
          "'quoted",
          "''",
          "\tindented",
          "a\r\nb",
          "a\nb",
          "say \"hi\", twice",
          ",;|",
          "🌱 sprout",
          "שלום \u202eabc",
          "مرحبا",
          "ñandú e\u0301",
          "\\N",
          "\\.",
          "NULL",
          " ",
          "");

  @Autowired Keepers keepers;
  @Autowired KeeperService accounts;
  @Autowired PlantService plants;
  @Autowired PhotoService photos;
  @Autowired ArchiveService archives;
  @Autowired DataSource dataSource;
  @Autowired JdbcClient jdbc;
  @Autowired ObjectMapper json;
  @Autowired Knowledge knowledge;

  private byte[] out(SignedIn keeper) {
    return keepers.as(
        keeper,
        () -> {
          ByteArrayOutputStream bytes = new ByteArrayOutputStream();
          try {
            archives.stream(bytes);
          } catch (IOException e) {
            throw new IllegalStateException(e);
          }
          return bytes.toByteArray();
        });
  }

  private Merge in(SignedIn keeper, byte[] zip, Merge.Choice choice, boolean preview) {
    return keepers.as(
        keeper,
        () -> {
          try {
            return archives.read(new ByteArrayInputStream(zip), choice, preview);
          } catch (IOException e) {
            throw new IllegalStateException(e);
          }
        });
  }

  private static Map<String, byte[]> entries(byte[] zip) throws IOException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        entries.put(entry.getName(), in.readAllBytes());
      }
    }
    return entries;
  }

  private static byte[] zip(Map<String, byte[]> entries) throws IOException {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (ZipOutputStream out = new ZipOutputStream(bytes)) {
      for (Map.Entry<String, byte[]> entry : entries.entrySet()) {
        out.putNextEntry(new ZipEntry(entry.getKey()));
        out.write(entry.getValue());
      }
    }
    return bytes.toByteArray();
  }

  /** All fields of an archive, with each reference told by the uid of what it leads to. */
  private Map<String, Map<String, List<String>>> told(byte[] zip) throws IOException {
    Map<String, byte[]> entries = entries(zip);
    Manifest manifest = json.readValue(entries.get(Manifest.NAME), Manifest.class);
    Map<String, Map<String, String>> uids = new TreeMap<>();
    Map<String, List<CSVRecord>> rows = new LinkedHashMap<>();
    for (Manifest.Told table : manifest.tables()) {
      String csv = new String(entries.get(Manifest.file(table.name())), StandardCharsets.UTF_8);
      List<CSVRecord> all =
          CSVFormat.RFC4180
              .builder()
              .setHeader()
              .setSkipHeaderRecord(true)
              .get()
              .parse(new StringReader(csv))
              .getRecords();
      assertThat(all).as(table.name()).hasSize((int) table.rows());
      rows.put(table.name(), all);
      for (CSVRecord row : all) {
        if (row.isMapped("uid")) {
          uids.computeIfAbsent(table.name(), t -> new TreeMap<>())
              .put(row.get("id"), row.get("uid"));
        }
      }
    }
    Map<String, Map<String, List<String>>> told = new TreeMap<>();
    for (Manifest.Told table : manifest.tables()) {
      Map<String, List<String>> its = told.computeIfAbsent(table.name(), t -> new TreeMap<>());
      for (CSVRecord row : rows.get(table.name())) {
        List<String> fields = new ArrayList<>();
        for (Tables.Column column : table.columns()) {
          String value = row.get(column.name());
          Map<String, String> to = column.refers() == null ? null : uids.get(column.refers());
          if (to != null && !value.isEmpty()) {
            value = to.get(value);
            assertThat(value).as(table.name() + "." + column.name()).isNotNull();
          }
          if (column.name().equals("note")) {
            value = noted(value, uids);
          }
          if (!column.name().equals("id") && !column.name().equals("uid")) {
            fields.add(column.name() + "=" + value);
          }
        }
        its.put(row.isMapped("uid") ? row.get("uid") : fields.toString(), fields);
      }
    }
    return told;
  }

  private static final Pattern ID = Pattern.compile("\"(to|from|caseId|changeId|lookId)\": (\\d+)");

  private static String noted(String note, Map<String, Map<String, String>> uids) {
    Map<String, String> tables =
        Map.of(
            "to",
            "place",
            "from",
            "place",
            "caseId",
            "plant_case",
            "changeId",
            "case_change",
            "lookId",
            "look");
    return ID.matcher(note)
        .replaceAll(
            found ->
                Matcher.quoteReplacement(
                    found.group(1)
                        + " "
                        + uids.getOrDefault(tables.get(found.group(1)), Map.of())
                            .getOrDefault(found.group(2), "gone")));
  }

  private void sameAs(byte[] second, byte[] first) throws IOException {
    Map<String, Map<String, List<String>>> a = told(first);
    Map<String, Map<String, List<String>>> b = told(second);
    assertThat(b.keySet()).isEqualTo(a.keySet());
    for (String table : a.keySet()) {
      assertThat(b.get(table)).as(table).isEqualTo(a.get(table));
    }
    Map<String, byte[]> pictures = entries(first);
    Map<String, byte[]> again = entries(second);
    pictures.keySet().removeIf(name -> !name.startsWith("files/"));
    again.keySet().removeIf(name -> !name.startsWith("files/"));
    assertThat(again.keySet()).isEqualTo(pictures.keySet());
    pictures.forEach((name, bytes) -> assertThat(again.get(name)).isEqualTo(bytes));
  }

  @Test
  void theDemoComesBackAsItWasInAnEmptyCollection() throws Exception {
    SignedIn demo = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    byte[] first = out(demo);
    SignedIn other = keepers.make();
    Merge merge = in(other, first, CAREFUL, false);
    assertThat(merge.empty()).isTrue();
    assertThat(merge.counts()).allMatch(count -> count.same() == 0 && count.other() == 0);
    sameAs(out(other), first);
    assertThat(accounts.byEmail(other.email()).orElseThrow().collectionName())
        .isEqualTo(demo.collectionName());
    assertThat(keepers.as(other, plants::kept)).hasSameSizeAs(keepers.as(demo, plants::kept));
  }

  @Test
  void readTwiceNothingIsTwofold() throws Exception {
    SignedIn demo = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    byte[] zip = out(demo);
    SignedIn other = keepers.make();
    in(other, zip, CAREFUL, false);
    byte[] once = out(other);
    Merge again = in(other, zip, CAREFUL, false);
    assertThat(again.fresh()).isZero();
    assertThat(again.counts()).allMatch(count -> count.other() == 0);
    sameAs(out(other), once);
  }

  @Test
  void oddTextComesBackToTheLetterAndNoFormulaIsLeft() throws Exception {
    SignedIn keeper = odd(7);
    byte[] zip = out(keeper);
    String csv = new String(entries(zip).get("tables/entry.csv"), StandardCharsets.UTF_8);
    assertThat(csv).contains("\"'=1+2\"", "\"''quoted\"", "\r\n").doesNotContain(",\"=", ",\"@");
    SignedIn other = keepers.make();
    in(other, zip, CAREFUL, false);
    sameAs(out(other), zip);
    assertThat(texts(other)).isEqualTo(texts(keeper));
  }

  private List<String> texts(SignedIn keeper) {
    return jdbc.sql("select text from entry where collection_id = ? order by id")
        .param(keeper.collectionId())
        .query(String.class)
        .list();
  }

  /** A keeper whose records are full of odd text. */
  private SignedIn odd(long seed) {
    Random random = new Random(seed);
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "=Sill " + seed, PlaceKind.INDOOR);
    keepers.place(keeper, "בית", PlaceKind.CASE);
    for (int i = 0; i < 4; i++) {
      PlantView plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
      for (String text : ODD) {
        jdbc.sql(
                "insert into entry (collection_id, plant_id, at, kind, text, superseded, note)"
                    + " values (?, ?, now() - make_interval(secs => ?), 'REMARK', ?, false, '{}')")
            .params(keeper.collectionId(), plant.id(), random.nextInt(1_000_000), text)
            .update();
      }
      keepers.note(keeper, plant.id(), "moved to בית");
      keepers.as(
          keeper,
          () -> photos.add(plant.id(), Pictures.jpeg(30 + random.nextInt(9), 20), null, "@ \"x\""));
    }
    return keeper;
  }

  @Test
  void randomCollectionsComeBackAsTheyWere() throws Exception {
    for (long seed = 1; seed <= 3; seed++) {
      byte[] zip = out(odd(seed));
      SignedIn other = keepers.make();
      in(other, zip, CAREFUL, false);
      sameAs(out(other), zip);
    }
  }

  @Test
  void plantsOfNoKnownKindComeBackHoweverTheyLive() throws Exception {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    List<String> ways = knowledge.usual().stream().map(usual -> usual.id()).toList();
    for (String way : ways) {
      keepers.as(keeper, () -> plants.add(Keepers.form(sill, "Gift of " + way, way)));
    }
    byte[] zip = out(keeper);
    SignedIn other = keepers.make();
    in(other, zip, CAREFUL, false);
    sameAs(out(other), zip);
    assertThat(keepers.as(other, plants::kept)).hasSameSizeAs(ways);
  }

  @Test
  void aMoveLeadsToThePlaceAsItIsCalledHere() throws Exception {
    byte[] zip = out(odd(5));
    SignedIn other = keepers.make();
    in(other, zip, CAREFUL, false);
    assertThat(
            jdbc.sql(
                    "select count(*) from entry e join place p on p.id = (e.note->>'to')::bigint and"
                        + " p.collection_id = e.collection_id where e.collection_id = ? and e.kind ="
                        + " 'MOVED'")
                .param(other.collectionId())
                .query(Long.class)
                .single())
        .isEqualTo(4);
  }

  @Test
  void aPreviewChangesNothing() throws Exception {
    byte[] zip = out(odd(9));
    SignedIn other = keepers.make();
    Merge merge = in(other, zip, CAREFUL, true);
    assertThat(merge.fresh()).isGreaterThan(80);
    assertThat(keepers.as(other, plants::kept)).isEmpty();
  }

  @Test
  void whatWasDeletedComesBackAndWhatDiffersStaysUnlessChosen() throws Exception {
    SignedIn keeper = odd(11);
    byte[] zip = out(keeper);
    List<PlantView> all = keepers.as(keeper, plants::kept);
    jdbc.sql("delete from plant where id = ?").param(all.get(0).id()).update();
    jdbc.sql("update plant set name = 'Mine now' where id = ?").param(all.get(1).id()).update();
    keepers.note(keeper, all.get(2).id(), "watered 90");
    Merge careful = in(keeper, zip, CAREFUL, false);
    assertThat(careful.empty()).isFalse();
    assertThat(count(careful, "plant")).isEqualTo(new Merge.Count("plant", 1, 2, 1));
    assertThat(careful.others()).contains("Mine now");
    assertThat(keepers.as(keeper, plants::kept))
        .hasSize(4)
        .extracting(PlantView::name)
        .contains("Mine now");
    in(keeper, zip, new Merge.Choice(true, false, null, false), false);
    assertThat(keepers.as(keeper, plants::kept))
        .extracting(PlantView::name)
        .doesNotContain("Mine now");
    assertThat(texts(keeper)).anyMatch("watered 90"::equalsIgnoreCase);
    jdbc.sql("update photo set image = thumbnail where collection_id = ?")
        .param(keeper.collectionId())
        .update();
    List<String> mine = images(keeper);
    in(keeper, zip, CAREFUL, false);
    assertThat(images(keeper)).isEqualTo(mine);
    in(keeper, zip, new Merge.Choice(true, false, null, false), false);
    assertThat(images(keeper)).doesNotContainAnyElementsOf(mine).hasSameSizeAs(mine);
  }

  private List<String> images(SignedIn keeper) {
    return jdbc.sql(
            "select encode(sha256(image), 'hex') from photo where collection_id = ? order by id")
        .param(keeper.collectionId())
        .query(String.class)
        .list();
  }

  private static Merge.Count count(Merge merge, String table) {
    return merge.counts().stream().filter(c -> c.table().equals(table)).findFirst().orElseThrow();
  }

  @Test
  void anothersCollectionIsAddedWithCodesOfItsOwnOrToTheSamePlants() throws Exception {
    byte[] zip = out(odd(13));
    SignedIn other = odd(14);
    Merge merge = in(other, zip, CAREFUL, true);
    assertThat(count(merge, "plant").fresh()).isEqualTo(4);
    assertThat(merge.twins()).hasSize(4);
    assertThat(merge.renamed()).hasSize(4).allMatch(name -> name.endsWith("-2"));
    assertThat(count(merge, "place").same()).isEqualTo(1);
    in(other, zip, CAREFUL, false);
    assertThat(keepers.as(other, plants::kept)).hasSize(8);
    SignedIn third = odd(15);
    int before = texts(third).size();
    Merge same = in(third, zip, new Merge.Choice(false, true, null, false), false);
    assertThat(count(same, "plant")).isEqualTo(new Merge.Count("plant", 0, 4, 0));
    assertThat(keepers.as(third, plants::kept)).hasSize(4);
    assertThat(texts(third)).hasSizeGreaterThan(before + 80);
  }

  @Test
  void aDamagedArchiveChangesNothingAndSaysWhy() throws Exception {
    byte[] zip = out(odd(17));
    Map<String, UnaryOperator<String>> tables =
        Map.of(
            "rows", csv -> csv.substring(0, csv.lastIndexOf("\r\n", csv.length() - 3) + 2),
            "damaged", csv -> csv.replace("\"REMARK\"", "\"NO SUCH KIND\""),
            "damaged: ", csv -> csv.replace("\"{}\"", "\"{\"\n\"\"}\""));
    for (UnaryOperator<String> broken : tables.values()) {
      refused(changed(zip, "tables/entry.csv", broken));
    }
    refused(changed(zip, "tables/plant.csv", csv -> csv.replace("leafy-stem", "no-such-form")));
    refused(changed(zip, "tables/plant.csv", csv -> csv.replaceFirst("\"ROUND\"", "\"OVAL\"")));
    refused(
        changed(zip, Manifest.NAME, text -> text.replace("\"version\" : 1", "\"version\" : 9")));
    refused(
        changed(
            zip,
            Manifest.NAME,
            text -> text.replace("\"name\" : \"plant\"", "\"name\" : \"tractor\"")));
    refused(changed(zip, Manifest.NAME, text -> "{"));
    for (String hollow :
        List.of("null", "[null]", "[{}]", "[{\"name\": \"plant\", \"columns\": [null]}]")) {
      refused(
          changed(
              zip,
              Manifest.NAME,
              text ->
                  "{\"format\": \"mild-lantern-archive\", \"version\": 1, \"collection\": {}, \"tables\": "
                      + hollow
                      + "}"));
    }
    refused("no zip at all".getBytes());
    refused(java.util.Arrays.copyOf(zip, zip.length / 2));
    Map<String, byte[]> pictures = entries(zip);
    String picture =
        pictures.keySet().stream().filter(n -> n.startsWith("files/")).findFirst().orElseThrow();
    pictures.get(picture)[40] ^= 1;
    refused(zip(pictures));
    pictures.remove(picture);
    refused(zip(pictures));
  }

  private static byte[] changed(byte[] zip, String name, Function<String, String> change)
      throws IOException {
    Map<String, byte[]> entries = entries(zip);
    String before = new String(entries.get(name), StandardCharsets.UTF_8);
    String after = change.apply(before);
    assertThat(after).as(name).isNotEqualTo(before);
    entries.put(name, after.getBytes(StandardCharsets.UTF_8));
    return zip(entries);
  }

  private void refused(byte[] zip) {
    SignedIn other = keepers.make();
    assertThatThrownBy(() -> in(other, zip, CAREFUL, false))
        .isInstanceOf(ArchiveFault.class)
        .extracting(Throwable::getMessage)
        .asString()
        .isNotBlank();
    assertThat(keepers.as(other, plants::kept)).isEmpty();
  }

  @Test
  void aSpreadsheetThatUnpacksToFarTooMuchIsNotRead() throws Exception {
    byte[] zip = out(odd(19));
    Map<String, byte[]> entries = entries(zip);
    String csv = new String(entries.get("tables/entry.csv"), StandardCharsets.UTF_8);
    byte[] swollen =
        csv.concat(csv.substring(csv.indexOf("\r\n") + 2).repeat(9000))
            .getBytes(StandardCharsets.UTF_8);
    entries.put("tables/entry.csv", swollen);
    assertThatThrownBy(() -> in(keepers.make(), zip(entries), CAREFUL, true))
        .hasMessageContaining("unpacks to far more");
  }

  /** Nothing that belongs to a collection is left out, and what can clash is thought of. */
  @Test
  void allTablesAreInTheArchiveAndAllThatMustBeUniqueIsMatched() throws SQLException {
    Tables tables;
    try (Connection connection = dataSource.getConnection()) {
      tables = Tables.of(connection);
    }
    assertThat(tables.all())
        .extracting(Tables.Table::name)
        .contains("plant", "entry", "air_reading", "trip_task");
    assertThat(tables.all()).filteredOn(Tables.Table::owned).allMatch(Tables.Table::numbered);
    assertThat(tables.find("trip").orElseThrow().has("link_hash")).isFalse();
    assertThat(tables.all())
        .filteredOn(
            table ->
                table.columns().stream()
                    .anyMatch(one -> one.refers() != null && OF_PLANTS.contains(one.refers())))
        .allMatch(
            table ->
                Selection.OF_PLANT.contains(table.name())
                    || Selection.STAYS.contains(table.name()));
    List<String> unique =
        jdbc.sql(
                "select distinct c.relname from pg_index i join pg_class c on c.oid = i.indrelid"
                    + " where i.indisunique and not i.indisprimary and c.relnamespace ="
                    + " current_schema()::regnamespace")
            .query(String.class)
            .list();
    assertThat(unique)
        .filteredOn(name -> tables.find(name).filter(Tables.Table::numbered).isPresent())
        .isNotEmpty()
        .allMatch(name -> Natural.knows(name) || name.equals("trip"));
  }

  @Test
  void theManifestDescribesItself() throws Exception {
    Map<String, byte[]> entries = entries(out(odd(21)));
    ObjectNode manifest = (ObjectNode) json.readTree(entries.get(Manifest.NAME));
    assertThat(manifest.get("format").asText()).isEqualTo("mild-lantern-archive");
    assertThat(manifest.get("files").asInt())
        .isEqualTo(
            (int) entries.keySet().stream().filter(name -> name.startsWith("files/")).count());
    assertThat(new String(entries.get("README.txt"), StandardCharsets.UTF_8))
        .contains("RFC 4180", "SHA-256");
    entries.forEach(
        (name, bytes) -> {
          if (name.startsWith("files/")) {
            assertThat(name).isEqualTo("files/" + ArchiveReader.sha256(bytes) + ".jpg");
          }
        });
  }
}
