package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;

import com.fasterxml.jackson.databind.node.ObjectNode;
import java.nio.charset.StandardCharsets;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;

/** Everything out and in again, compared field by field. */
class ArchiveTest extends ArchiveCase {
  private static final Set<String> OF_PLANTS =
      Set.of("plant", "look", "plant_case", "treatment_course", "treatment_visit");

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
