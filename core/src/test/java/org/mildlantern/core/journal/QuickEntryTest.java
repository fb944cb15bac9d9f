package org.mildlantern.core.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class QuickEntryTest {
  private static final List<String> PLACES = List.of("North gallery", "South bay");

  @ParameterizedTest
  @CsvSource({
    "watered 240, WATER, 240",
    "Watered 0.5 l, WATER, 500",
    "'water 1,5 l', WATER, 1500",
    "watered 240 ml through, WATER, 240",
  })
  void readsTheVolumeOfAWatering(String line, EntryKind kind, double ml) {
    QuickEntry entry = QuickEntry.read(line, PLACES);
    assertThat(entry.kind()).isEqualTo(kind);
    assertThat(entry.volumeMl()).isEqualTo(ml);
  }

  @Test
  void readsTheOtherKinds() {
    assertThat(QuickEntry.read("watered", PLACES).volumeMl()).isNull();
    assertThat(QuickEntry.read("fed 60 ppm", PLACES).ppm()).isEqualTo(60);
    assertThat(QuickEntry.read("probe: dry, damp damp", PLACES).moisture())
        .isEqualTo(Moisture.DAMP);
    assertThat(QuickEntry.read("moved to south BAY", PLACES).place()).isEqualTo("South bay");
    assertThat(QuickEntry.read("repotted", PLACES).kind()).isEqualTo(EntryKind.REPOT);
    assertThat(QuickEntry.read("looked, nothing new", PLACES).kind()).isEqualTo(EntryKind.LOOK);
    assertThat(QuickEntry.read("waterlily next door in bloom", PLACES).kind())
        .isEqualTo(EntryKind.NOTE);
  }

  @Test
  void readsWhatStoodInWaterAndWhatFell() {
    assertThat(QuickEntry.read("stood in water, 2 cm", PLACES).kind()).isEqualTo(EntryKind.STOOD);
    QuickEntry loss = QuickEntry.read("Lost 3 of 12 leaves after the move", PLACES);
    assertThat(loss.kind()).isEqualTo(EntryKind.LOSS);
    assertThat(loss.lost()).isEqualTo(0.25);
    assertThat(QuickEntry.read("lost its label", PLACES).kind()).isEqualTo(EntryKind.NOTE);
  }

  @Test
  void theTextIsKeptAsASentence() {
    assertThat(QuickEntry.read("  new root tip ", PLACES).text()).isEqualTo("New root tip");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "   ",
        "watered -3",
        "watered 900000",
        "probe sideways",
        "moved to Mars",
        "lost 9 of 3",
        "lost 0 of 8"
      })
  void badLinesAreRefusedWithAMessage(String line) {
    assertThatThrownBy(() -> QuickEntry.read(line, PLACES))
        .isInstanceOf(IllegalArgumentException.class)
        .message()
        .isNotBlank();
  }

  @Test
  void aVeryLongLineIsRefused() {
    assertThatThrownBy(() -> QuickEntry.read("x".repeat(501), PLACES)).hasMessageContaining("500");
  }

  @org.junit.jupiter.params.ParameterizedTest
  @org.junit.jupiter.params.provider.CsvSource({
    "weighed 412, weight 412.0",
    "'weighed 1,2 kg', weight 1200.0",
    "weighed 430 just drained, weight-drained 430.0",
    "'weighs 300 g, dry', weight-dry 300.0",
    "meter 4, meter 4.0",
    "lifted light, lift-light",
    "felt heavy, lift-heavy",
    "wilted by noon, wilted",
    "probe dry damp wet, probe dry damp wet",
    "watered 200 no run-off, no-run-off",
    "watered until it ran through, ran-through",
    "'watered, ran straight through', ran-past",
    "skewer dry damp, skewer dry damp",
    "touched dry, touched dry",
    "roots silver, clear-pot dry",
    "'clear pot: drops on the wall', clear-pot wet",
    "filled the tray 200 ml, filled",
    "tray empty, level 0.0",
    "reservoir half, level 0.5",
  })
  void potsAreReadInWordsAndKeptAsNotes(String line, String kept) {
    QuickEntry entry = QuickEntry.read(line, List.of());
    assertThat(entry.pot().text()).isEqualTo(kept);
    assertThat(PotNote.parse(kept)).isEqualTo(entry.pot());
  }

  @Test
  void aFlushIsAnEntryOfItsOwnAndAFillADrink() {
    assertThat(QuickEntry.read("flushed the cup", List.of()).kind()).isEqualTo(EntryKind.FLUSH);
    QuickEntry filled = QuickEntry.read("filled 300", List.of());
    assertThat(filled.kind()).isEqualTo(EntryKind.WATER);
    assertThat(filled.volumeMl()).isEqualTo(300);
  }

  @Test
  void aWateringThatSaysNothingMoreHasNoNote() {
    assertThat(QuickEntry.read("watered 240", List.of()).pot()).isNull();
    assertThat(PotNote.parse(null)).isNull();
  }

  @org.junit.jupiter.params.ParameterizedTest
  @org.junit.jupiter.params.provider.ValueSource(
      strings = {"weighed 0", "weighed 900 kg", "meter 14"})
  void figuresOutOfScaleAreRefused(String line) {
    org.assertj.core.api.Assertions.assertThatThrownBy(() -> QuickEntry.read(line, List.of()))
        .isInstanceOf(IllegalArgumentException.class);
  }
}
