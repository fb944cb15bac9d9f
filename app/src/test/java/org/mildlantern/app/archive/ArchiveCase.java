package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.StringReader;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import javax.sql.DataSource;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVRecord;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
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

/** Collections full of odd text, their archives, and how these are compared field by field. */
@AppTest
abstract class ArchiveCase {
  static final Merge.Choice CAREFUL = new Merge.Choice(false, false, null, false);

  static final List<String> ODD =
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
  @Autowired ArchiveIntake intake;
  @Autowired DataSource dataSource;
  @Autowired JdbcClient jdbc;
  @Autowired ObjectMapper json;
  @Autowired Knowledge knowledge;

  byte[] out(SignedIn keeper) {
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

  Merge in(SignedIn keeper, byte[] zip, Merge.Choice choice, boolean preview) {
    return keepers.as(
        keeper,
        () -> {
          try {
            return intake.read(new ByteArrayInputStream(zip), choice, preview);
          } catch (IOException e) {
            throw new IllegalStateException(e);
          }
        });
  }

  static Map<String, byte[]> entries(byte[] zip) throws IOException {
    Map<String, byte[]> entries = new LinkedHashMap<>();
    try (ZipInputStream in = new ZipInputStream(new ByteArrayInputStream(zip))) {
      for (ZipEntry entry = in.getNextEntry(); entry != null; entry = in.getNextEntry()) {
        entries.put(entry.getName(), in.readAllBytes());
      }
    }
    return entries;
  }

  static byte[] zip(Map<String, byte[]> entries) throws IOException {
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
  Map<String, Map<String, List<String>>> told(byte[] zip) throws IOException {
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

  static String noted(String note, Map<String, Map<String, String>> uids) {
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

  void sameAs(byte[] second, byte[] first) throws IOException {
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

  List<String> texts(SignedIn keeper) {
    return jdbc.sql("select text from entry where collection_id = ? order by id")
        .param(keeper.collectionId())
        .query(String.class)
        .list();
  }

  /** A keeper whose records are full of odd text. */
  SignedIn odd(long seed) {
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
}
