package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.mildlantern.core.knowledge.load.Fault;

/** What a horticulturist is told of a slip: file, line, entry and field, once. */
class FaultsTest {
  private static List<Fault> faults(String file, UnaryOperator<String> slip) {
    KnowledgeException thrown =
        Assertions.catchThrowableOfType(
            KnowledgeException.class, () -> Library.load(KnowledgeTest.SHIPPED.with(file, slip)));
    assertThat(thrown).as("no fault was found").isNotNull();
    return thrown.faults();
  }

  private static Fault only(String file, UnaryOperator<String> slip) {
    List<Fault> faults = faults(file, slip);
    assertThat(faults).hasSize(1);
    assertThat(faults.get(0).file()).isEqualTo(file);
    assertThat(faults.get(0).line()).isPositive();
    return faults.get(0);
  }

  private static int lineOf(String file, String words) {
    List<String> lines = KnowledgeTest.SHIPPED.texts().get(file).lines().toList();
    for (int i = 0; i < lines.size(); i++) {
      if (lines.get(i).contains(words)) {
        return i + 1;
      }
    }
    throw new AssertionError(words);
  }

  @Test
  void aDanglingReferenceIsNamedByItsLine() {
    Fault fault =
        only("signs.yaml", text -> text.replaceFirst("check: step-back", "check: lean-in"));
    assertThat(fault.entry()).isEqualTo("limp-leaves");
    assertThat(fault.what()).isEqualTo("check: there is no check “lean-in”");
  }

  @Test
  void aKindThatTakesFromNowhereIsNamed() {
    Fault fault =
        only(
            "taxa/orchid.yaml",
            text -> text.replaceFirst("like: masdevallia,", "like: masdevalia,"));
    assertThat(fault.line()).isEqualTo(lineOf("taxa/orchid.yaml", "like: masdevallia,"));
    assertThat(fault.what()).contains("there is no kind “masdevalia”");
  }

  @Test
  void aWishForLightNamesWhatIsKnownAndIsABand() {
    Fault unknown = only("light.yaml", text -> text.replaceFirst("Masdevallia", "Masdevalia"));
    assertThat(unknown.toString()).contains("light.yaml", "Masdevalia");
    Fault turned = only("light.yaml", text -> text.replaceFirst("\\[3, 6\\]", "[6, 3]"));
    assertThat(turned.toString()).contains("a wish is a band");
    Fault twice = only("light.yaml", text -> text.replaceFirst("Lycaste", "Phalaenopsis"));
    assertThat(twice.toString()).contains("stands in two lines");
  }

  @Test
  void aWordOutsideTheSevenIsOneFaultAndNoEcho() {
    Fault fault = only("causes/water.yaml", text -> text.replaceFirst("nearly always", "mostly"));
    assertThat(fault.entry()).isEqualTo("too-wet");
    assertThat(fault.what()).contains("signs");
  }

  @Test
  void aSignThatIsMisspeltWhereItIsDefinedIsOneFault() {
    List<Fault> faults =
        faults("signs.yaml", text -> text.replaceFirst("id: stipple,", "id: stippel,"));
    assertThat(faults).hasSize(1);
    Fault fault = faults.get(0);
    assertThat(fault.what()).contains("there is no sign “stipple” (and in");
    assertThat(
            KnowledgeTest.SHIPPED.texts().get(fault.file()).lines().toList().get(fault.line() - 1))
        .contains("stipple");
  }

  @Test
  void aWrongWordInAGenusIsNotSaidAgainForItsSpecies() {
    Fault fault =
        only(
            "taxa/carnivorous.yaml",
            text -> text.replaceFirst("water: wet-feet", "water: wet-foot"));
    assertThat(fault.entry()).isEqualTo("sarracenia");
    assertThat(fault.what()).contains("water");
  }

  @Test
  void aWrongUsualWordIsNotSaidAgainForEveryKind() {
    Fault fault = only("usual.yaml", text -> text.replaceFirst("feed: weak", "feed: week"));
    assertThat(fault.entry()).isEqualTo("monopodial-orchid");
  }

  @Test
  void anUnknownFieldAndAMissingOneAreNamed() {
    List<Fault> faults = faults("media.yaml", text -> text.replaceFirst("life-months", "lifetime"));
    assertThat(faults)
        .hasSize(2)
        .allMatch(fault -> fault.file().equals("media.yaml") && fault.line() > 0)
        .extracting(Fault::what)
        .anyMatch(what -> what.contains("lifetime"))
        .anyMatch(what -> what.contains("life-months"));
  }

  @Test
  void anIdThatStandsTwiceIsRefused() {
    Fault fault =
        only(
            "media.yaml",
            text ->
                text
                    + "\n"
                    + text.lines()
                        .filter(l -> l.startsWith("- {id: mount"))
                        .findFirst()
                        .orElseThrow());
    assertThat(fault.toString()).contains("mount: id: stands twice");
  }

  @Test
  void aKeyThatStandsTwiceIsRefusedWithItsLine() {
    Fault fault =
        only(
            "causes/water.yaml",
            text -> text.replaceFirst("\n  family: water\n", "\n  family: water\n  family: air\n"));
    assertThat(fault.what()).isEqualTo("family: stands twice");
    assertThat(fault.line()).isGreaterThan(1);
  }

  @Test
  void aSentenceThatIsNoPatternOrAsksForAnUnknownFigureIsNamed() {
    Fault open = only("water/how.yaml", text -> text.replaceFirst("\\{air} air", "{air air"));
    assertThat(open.what()).startsWith("say: ");
    assertThat(open.line()).isEqualTo(lineOf("water/how.yaml", "id: dries-in-hours"));
    Fault unknown =
        only("water/how.yaml", text -> text.replaceFirst("\\{cm, number", "{mm, number"));
    assertThat(unknown.entry()).isEqualTo("fill-the-tray");
    assertThat(unknown.what()).isEqualTo("say: there is no figure “mm”");
  }

  @Test
  void rulesOfRescueNameFamiliesFormsAndCausesThatExist() {
    assertThat(only("care/salvage.yaml", text -> text.replace("[pest]", "[pests]")).what())
        .contains("there is no family “pests”");
    assertThat(
            only("care/odds.yaml", text -> text.replaceFirst("forms: \\[woody", "forms: [wooden"))
                .what())
        .contains("there is no growth form “wooden”");
  }

  @Test
  void aWaterHabitHasOneWishAndNoneIsWithout() {
    assertThat(only("water/wishes.yaml", text -> text.replace("cup, soak]", "cup]")).what())
        .isEqualTo("for: nothing is for soak");
    assertThat(only("water/wishes.yaml", text -> text.replace("for: []", "for: [cup]")).what())
        .isEqualTo("for: cup has a wish already");
  }

  @Test
  void theDeskSaysWhatItHoldsOrWhereItIsWrong(@TempDir Path folder) throws IOException {
    for (Map.Entry<String, String> file : KnowledgeTest.SHIPPED.texts().entrySet()) {
      Path to = folder.resolve(file.getKey());
      Files.createDirectories(to.getParent());
      Files.writeString(to, file.getValue());
    }
    ByteArrayOutputStream said = new ByteArrayOutputStream();
    assertThat(Desk.check(folder, new PrintStream(said))).isZero();
    assertThat(said.toString()).contains("no faults");
    Path media = folder.resolve("media.yaml");
    Files.writeString(media, Files.readString(media) + "\n- {id: x, label: [}\n");
    said.reset();
    assertThat(Desk.check(folder, new PrintStream(said))).isEqualTo(1);
    assertThat(said.toString()).contains("media.yaml:").contains("1 fault");
  }

  @Test
  void aSyntaxFaultNamesItsFileAndLineAndNothingElse() {
    List<Fault> faults =
        faults("signs.yaml", text -> text.replaceFirst("patterns: \\[", "patterns: [" + "["));
    assertThat(faults).hasSize(1);
    assertThat(faults.get(0).file()).isEqualTo("signs.yaml");
    assertThat(faults.get(0).line()).isPositive();
    assertThat(faults.get(0).what()).startsWith("cannot be read");
  }

  @Test
  void aKindThatLivesInNoWayOrInTwoIsNamed() {
    List<Fault> none =
        faults("ways.yaml", text -> text.replace("forms: [hanging-pitcher]", "forms: [fern]"));
    assertThat(none).extracting(Fault::entry).contains("nepenthes", "adiantum");
    assertThat(none)
        .extracting(Fault::what)
        .anyMatch(what -> what.contains("no way of life while it grows"))
        .anyMatch(what -> what.contains("the ways pitcher-vine and moist-foliage"));
  }

  @Test
  void changesThatSendEachOtherRoundAreNamed() {
    Fault fault =
        faults(
                "changes.yaml",
                text ->
                    text.replace(
                        "- id: empty-tray\n", "- id: empty-tray\n  unfit: {wet: let-dry}\n"))
            .get(0);
    assertThat(fault.entry()).isIn("empty-tray", "let-dry");
    assertThat(fault.what()).contains("nothing is fit for");
  }

  @Test
  void whatCannotStrikeAKindIsNothingThatItIsProneTo() {
    List<Fault> faults =
        faults(
            "taxa/carnivorous.yaml",
            text -> text.replaceFirst("prone: \\{dormancy: for}", "prone: {too-wet: for}"));
    assertThat(faults).extracting(Fault::entry).contains("sarracenia", "sarracenia-flava");
    assertThat(faults).extracting(Fault::what).containsOnly("prone: too-wet cannot strike it");
  }

  @Test
  void conditionsThatShouldContradictCannotBothHold() {
    List<Fault> faults =
        faults(
            "context.yaml",
            text ->
                text.replace("field: light-over, at-most: -0.5", "field: light-over, at-most: 1"));
    assertThat(faults)
        .extracting(Fault::what)
        .anyMatch(what -> what.contains("can hold together with light-above-wish"));
  }

  @Test
  void aGenusWithoutAnEntryAboutPetsIsNamed() {
    List<Fault> faults = faults("pets.yaml", text -> text.replace("genera: [Malus, ", "genera: ["));
    assertThat(faults).extracting(Fault::entry).contains("malus");
  }

  @Test
  void sayingsForWaysThatAreNotThereAreNamed() {
    Fault fault =
        only("changes.yaml", text -> text.replaceFirst("\\n    dry-store: ", "\n    dry-stone: "));
    assertThat(fault.what()).contains("there is no way of life “dry-stone”");
  }
}
