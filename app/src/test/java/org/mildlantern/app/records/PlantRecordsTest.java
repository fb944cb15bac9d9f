package org.mildlantern.app.records;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Set;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class PlantRecordsTest {
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final PlantRecords records =
      PlantRecords.of(
          new Records()
              .number("medium-age", 20.0, "in its medium since 2025")
              .number("medium-life", 24.0, "Bark mix")
              .number("humidity", null, "nowhere")
              .choice("water-used", "tap", "noted for the plant")
              .yesNo("near-glass", true, "noted for Sill")
              .neighbours(
                  "neighbour-causes",
                  Set.of("thrips"),
                  "open cases in its place, or on plants that lately stood with it"),
          null);

  private String sourceOf(String field) {
    ContextField known = knowledge.fields().find(field).orElseThrow();
    return records.sourceOf(known);
  }

  @Test
  void whatIsNotKnownIsNotThere() {
    assertThat(records.circumstances().numbers()).containsOnlyKeys("medium-age", "medium-life");
    assertThat(sourceOf("humidity")).isEmpty();
    assertThat(sourceOf("humidity-short")).isEmpty();
  }

  @Test
  void aDerivedFieldNamesAllItIsWorkedOutFrom() {
    assertThat(sourceOf("medium-share")).isEqualTo("in its medium since 2025; Bark mix");
    assertThat(sourceOf("season")).isEmpty();
  }

  @Test
  void choicesAndNeighboursAreKept() {
    assertThat(records.circumstances().choices())
        .containsEntry("water-used", "tap")
        .containsEntry("near-glass", "yes");
    assertThat(records.circumstances().neighbourCauses()).containsExactly("thrips");
    assertThat(sourceOf("neighbour-causes"))
        .isEqualTo("open cases in its place, or on plants that lately stood with it");
  }
}
