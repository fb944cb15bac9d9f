package org.mildlantern.core.journal;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.ZoneId;
import java.time.ZonedDateTime;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.feed.SaltReading;
import org.mildlantern.core.growth.Organ;
import org.mildlantern.core.repot.TreeWork;
import org.mildlantern.core.season.Stage;

class QuickLineTest {
  /** A Wednesday evening. */
  private static final ZonedDateTime NOW =
      ZonedDateTime.of(2026, 11, 25, 18, 0, 0, 0, ZoneId.of("Europe/London"));

  private static final Setting SETTING =
      new Setting(NOW, Map.of("North gallery", 1L, "South bay", 2L, "Shelf 2", 3L), false, false);

  private static QuickLine read(String line) {
    return QuickLine.read(line, SETTING);
  }

  /** What a line is read as: kind, figures, time, and figures that nothing was made of. */
  private static String told(String line) {
    try {
      QuickLine read = read(line);
      return Stream.of(
              read.note().kind().name(),
              String.join(", ", read.note().figures()),
              read.dated() ? read.at().toLocalDateTime().toString() : "",
              read.unread().isEmpty() ? "" : "unread " + read.unread())
          .filter(part -> !part.isEmpty())
          .collect(Collectors.joining(" | "));
    } catch (IllegalArgumentException asked) {
      return "ASK " + asked.getMessage();
    }
  }

  static List<String> lines() throws IOException {
    try (InputStream file = QuickLineTest.class.getResourceAsStream("/journal/lines.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8).lines().toList();
    }
  }

  @ParameterizedTest
  @MethodSource("lines")
  void oddLinesStoreNoFigureThatTheyDoNotSay(String row) {
    String line = row.substring(0, row.indexOf(" => "));
    assertThat(told(line)).isEqualTo(row.substring(row.indexOf(" => ") + 4));
  }

  @Test
  void thereAreManyOddLines() throws IOException {
    assertThat(lines()).hasSizeGreaterThan(200).doesNotHaveDuplicates();
  }

  @Test
  void movesNameThePlace() {
    assertThat(read("moved to south BAY").note()).isEqualTo(new Moved(null, 2L));
    assertThat(read("moved from South bay to the Shelf 2").note()).isEqualTo(new Moved(null, 3L));
    assertThat(read("Moved from North gallery to South bay: brighter").note())
        .isEqualTo(new Moved(null, 2L));
  }

  @Test
  void aPlaceNamedLikeADayIsNoDay() {
    Setting odd = new Setting(NOW, Map.of("Monday bench", 7L, "12:30 shelf", 8L), false, false);
    QuickLine moved = QuickLine.read("moved to Monday bench", odd);
    assertThat(moved.dated()).isFalse();
    assertThat(QuickLine.read("moved to 12:30 shelf", odd).note()).isEqualTo(new Moved(null, 8L));
  }

  @Test
  void toppingUpWhatStandsInWaterFillsIt() {
    Setting stands = new Setting(NOW, Map.of(), true, false);
    assertThat(QuickLine.read("topped up 240", stands).note()).isEqualTo(new Filled(240.0));
    assertThat(read("topped up 240").note()).isEqualTo(new Watered(240.0, Watered.RunOff.NOT_SAID));
  }

  @ParameterizedTest
  @CsvSource({
    "pour-through 900 µS/cm, POUR_THROUGH, 0.9",
    "squeezed 1.2 mS, SQUEEZE, 1.2",
    "slurry 450 µS, ONE_TO_TWO, 0.45",
    "saturated paste 2 dS/m, SATURATED_PASTE, 2",
    "salts probe 1.1 mS/cm, PROBE, 1.1",
  })
  void saltsAreReadByTheirMethod(String line, SaltReading method, double msCm) {
    assertThat(read(line.replace("saturated ", "")).note()).isEqualTo(new SaltsRead(method, msCm));
  }

  @Test
  void saltsWithoutAUnitOrAMethodAreAsked() {
    assertThatThrownBy(() -> read("pour-through 900 ppm")).hasMessageContaining("In what");
    assertThatThrownBy(() -> read("pour-through 1.8")).hasMessageContaining("In what");
    assertThatThrownBy(() -> read("salts 1.8 mS/cm")).hasMessageContaining("How was it read");
  }

  @Test
  void whatGrewIsMeasured() {
    assertThat(read("new pseudobulb 4 cm").note()).isEqualTo(new Grew(Organ.PSEUDOBULB, 4));
    assertThat(read("newest pitcher is 60 mm").note()).isEqualTo(new Grew(Organ.PITCHER, 6));
    assertThat(read("new leaf 2 inches").note()).isEqualTo(new Grew(Organ.LEAF, 5.08));
    assertThat(read("new leaf coming").note()).isInstanceOf(Remark.class);
    assertThatThrownBy(() -> read("new leaf 14")).hasMessageContaining("How long");
  }

  @Test
  void grainsAreStrewnByTheirLabel() {
    assertThat(read("granules 5 g of 15-9-12, 6 months").note())
        .isEqualTo(new Strewn(5, "15-9-12", 6));
    assertThatThrownBy(() -> read("granules 5 g")).hasMessageContaining("months");
  }

  @Test
  void theTextIsKeptAsASentence() {
    assertThat(read("  new root tip ").text()).isEqualTo("New root tip");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "   "})
  void anEmptyLineIsRefusedWithAMessage(String line) {
    assertThatThrownBy(() -> read(line)).hasMessageContaining("watered 240");
  }

  @Test
  void aVeryLongLineIsRefused() {
    assertThatThrownBy(() -> read("x".repeat(501))).hasMessageContaining("500");
  }

  static Stream<Note> notes() {
    return Stream.of(
        new Watered(null, Watered.RunOff.NOT_SAID),
        new Watered(240.0, Watered.RunOff.PAST),
        new Watered(1500.0, Watered.RunOff.NONE),
        new Filled(300.0),
        new Flushed(null),
        new Flushed(1500.0, 0.02),
        new Fed(300.0, 60.0, null, Strength.NOT_SAID),
        new Fed(null, null, "3-1-2", new Strength(0.5, null, null, null)),
        new Weighed(412, Weighed.State.AS_IT_WAS),
        new Weighed(430.5, Weighed.State.DRAINED),
        new Weighed(300, Weighed.State.DRY),
        new Metered(4),
        new Lifted(true),
        Felt.probe(Moisture.DRY, Moisture.DAMP, Moisture.WET),
        new Felt(Felt.How.SKEWER, List.of(Moisture.DAMP)),
        new Felt(Felt.How.TOUCHED, List.of(Moisture.DRY)),
        new Felt(Felt.How.CLEAR_POT, List.of(Moisture.WET)),
        new Levelled(0.5),
        new Misted(),
        new Wilted(),
        new Skipped("no time"),
        new StoodInWater(),
        new Repotted(12.0, null),
        new Sprayed(null, new Strength(null, 5.0, null, null)),
        new SaltsRead(SaltReading.POUR_THROUGH, 1.8),
        new SaltsRead(SaltReading.ONE_TO_TWO, 0.45),
        new SaltsRead(SaltReading.DRAIN, 2),
        new Grew(Organ.LEAF, 14.5),
        new Grew(Organ.SPIKE, 40),
        new Strewn(5, "15-9-12", 6),
        new Staged(Stage.BUD),
        new Staged(Stage.FLOWER),
        new Staged(Stage.AFTER_FLOWER),
        new Staged(Stage.GROWTH),
        new Staged(Stage.REST),
        new Worked(TreeWork.ROOTS_CUT, 0.3),
        new Worked(TreeWork.WIRED, null),
        new Worked(TreeWork.UNWIRED, null),
        new Worked(TreeWork.HARD_PRUNED, null),
        new Worked(TreeWork.DEFOLIATED, null),
        new Worked(TreeWork.PINCHED, null),
        new Looked(Looked.What.OVER, null));
  }

  @Test
  void workOnATreeIsNotedWithItsShare() {
    assertThat(read("root pruned a third").note())
        .isEqualTo(new Worked(TreeWork.ROOTS_CUT, 1 / 3.0));
    assertThat(read("cut the roots, 25 %").note()).isEqualTo(new Worked(TreeWork.ROOTS_CUT, 0.25));
    assertThat(read("took the wire off yesterday").note())
        .isEqualTo(new Worked(TreeWork.UNWIRED, null));
    assertThatThrownBy(() -> read("root pruned 120 %")).hasMessageContaining("120");
  }

  @ParameterizedTest
  @CsvSource({
    "new lead, GROWTH",
    "new roots on the front bulb, GROWTH",
    "new roots, GROWTH",
    "Spike on the left, BUD",
    "in bud since yesterday, BUD",
    "first flower open, FLOWER",
    "last flower dropped, AFTER_FLOWER",
    "flowers over, AFTER_FLOWER",
    "at rest, REST",
    "spike rotted, REMARK",
    "buds dropped, REMARK",
    "'buds, all fell', REMARK",
    "no spike, REMARK",
    "spike mites, REMARK",
    "flowering last year, REMARK",
    "leaves falling, REMARK",
    "leaf fall for the winter, REMARK"
  })
  void aPointOfItsYearIsNoted(String line, String stage) {
    Note note = read(line).note();
    assertThat(note instanceof Staged staged ? staged.stage().name() : "REMARK").isEqualTo(stage);
  }

  @Test
  void fallingLeavesAreARestWhereTheKindShedsForIt() {
    Setting sheds = new Setting(NOW, Map.of(), false, true);
    assertThat(QuickLine.read("leaves falling", sheds).note()).isEqualTo(new Staged(Stage.REST));
    assertThat(QuickLine.read("leaves falling, yellow spots", sheds).note())
        .isInstanceOf(Remark.class);
  }

  @ParameterizedTest
  @MethodSource("notes")
  void aNoteInItsOwnWordsReadsAsItself(Note note) {
    assertThat(read(note.words()).note()).isEqualTo(note);
  }

  @Test
  void everyHintIsUnderstood() {
    assertThat(NoteKind.hints())
        .filteredOn(hint -> !hint.contains("…"))
        .hasSizeGreaterThan(20)
        .allSatisfy(
            hint -> {
              assertThat(read(hint).note()).isNotInstanceOf(Remark.class);
              assertThat(read(hint).unread()).isEmpty();
            });
  }

  @Test
  void noLineBreaksIt() {
    String[] bits = {
      "watered",
      "fed",
      "240",
      "1/0",
      "½",
      "ml",
      "l",
      "-",
      "/",
      ":",
      "3/4",
      "on",
      "20",
      "Nov",
      "at",
      "10:30",
      "x",
      "times",
      "ppm",
      "with",
      "1.000",
      "°",
      "\u0000",
      "٣",
      "😀",
      "of",
      "(",
      "\\",
      "20-20-20",
      "yesterday",
      "ago",
      "9999999999999",
      "weighed",
      "lost",
      "moved to",
      "repotted",
      "%",
      "29 Feb"
    };
    Random random = new Random(7);
    for (int i = 0; i < 6_000; i++) {
      String line =
          random
              .ints(1 + random.nextInt(7), 0, bits.length)
              .mapToObj(bit -> bits[bit])
              .collect(Collectors.joining(random.nextInt(4) == 0 ? "" : " "));
      assertThat(told(line)).as(line).isNotBlank();
    }
  }

  @Test
  void workFollowsFromTheKind() {
    assertThat(NoteKind.of(Work.POT))
        .contains(NoteKind.FELT, NoteKind.WEIGHED, NoteKind.SKIPPED, NoteKind.WATERED)
        .doesNotContain(NoteKind.LOOKED);
    assertThat(NoteKind.REMARK.work()).isEmpty();
    assertThat(Felt.probe(Moisture.WET).shape()).isEqualTo("drop");
    assertThat(new CaseActed(CaseActed.Act.ANSWERED, 1L, 2L).work()).contains(Work.LOOK);
    assertThat(new CaseActed(CaseActed.Act.OPENED, 1L, 2L).work()).contains(Work.TREAT);
  }
}
