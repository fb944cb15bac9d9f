package org.mildlantern.app.archive;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.function.UnaryOperator;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;

/** What is added to what is there, and what is refused with nothing changed. */
class ArchiveMergeTest extends ArchiveCase {
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
}
