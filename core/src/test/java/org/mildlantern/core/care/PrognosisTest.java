package org.mildlantern.core.care;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import org.junit.jupiter.api.Test;
import org.mildlantern.core.care.Remains.Share;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Rescue;

class PrognosisTest {
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Rescue rescue = Library.shipped().rescue();
  private final Salvage salvage = new Salvage(rescue);

  private Prognosis of(String cause, String form, Remains remains) {
    return Prognosis.of(
        rescue,
        knowledge.causes().find(cause).orElseThrow(),
        knowledge.forms().find(form).orElseThrow(),
        remains);
  }

  @Test
  void aSingleStemmedOrchidWithoutItsCrownIsOverUnlessLeavesAreLeft() {
    Prognosis gone =
        of("crown-rot", "monopodial-orchid", new Remains(false, 0, null, null, null, Share.FEW));
    Prognosis leaves =
        of("crown-rot", "monopodial-orchid", new Remains(false, 4, null, null, null, Share.MOST));
    Prognosis sound =
        of("crown-rot", "monopodial-orchid", new Remains(true, 4, null, null, null, Share.MOST));
    assertThat(gone.mostLikelyLost()).isTrue();
    assertThat(leaves.probability()).isBetween(0.3, 0.8);
    assertThat(sound.probability()).isGreaterThan(0.9);
  }

  @Test
  void greenWoodAndFirmBulbsDecide() {
    assertThat(wood(Share.MOST)).isGreaterThan(wood(Share.FEW));
    assertThat(wood(Share.FEW)).isGreaterThan(wood(Share.NONE));
    assertThat(wood(Share.NONE)).isLessThan(0.2);
    assertThat(bulbs(4)).isGreaterThan(bulbs(1));
    assertThat(bulbs(1)).isGreaterThan(bulbs(0));
  }

  private double wood(Share green) {
    return of("frost", "broadleaf-bonsai", new Remains(null, null, null, green, null, null))
        .probability();
  }

  private double bulbs(int firm) {
    return of("stem-rot", "pseudobulb-orchid", new Remains(null, null, firm, null, null, null))
        .probability();
  }

  @Test
  void theLinesAddUpToTheOdds() {
    Prognosis prognosis =
        of("root-rot", "leafy-stem", new Remains(true, 5, null, null, true, Share.FEW));
    double sum =
        prognosis.working().steps().stream()
            .mapToDouble(s -> Double.parseDouble(s.value().replace("−", "-").replace(" dB", "")))
            .sum();
    assertThat(prognosis.probability())
        .isEqualTo(Math.pow(10, sum / 10) / (1 + Math.pow(10, sum / 10)));
    assertThat(prognosis.words()).isNotBlank();
  }

  @Test
  void aLineSaysWhatWasFoundInItsOwnWords() {
    Prognosis one =
        of("stem-rot", "pseudobulb-orchid", new Remains(null, 1, 0, null, true, Share.NONE));
    assertThat(one.working().steps())
        .extracting(step -> step.name())
        .contains("1 working leaf", "No firm bulb", "Base firm", "No live root");
    assertThat(one.words()).isEqualTo("it is most likely lost");
  }

  @Test
  void aSucculentWithoutRootsMayRootAgain() {
    Remains rootless = new Remains(null, null, null, null, true, Share.NONE);
    assertThat(of("root-rot", "succulent-rosette", rootless).probability())
        .isGreaterThan(of("root-rot", "leafy-stem", rootless).probability() + 0.2);
  }

  @Test
  void numbersOutOfRangeAreNamed() {
    assertThatThrownBy(() -> new Remains(null, -1, null, null, null, null))
        .hasMessageContaining("leaves: between 0 and 200");
  }

  @Test
  void adviceFitsTheCauseAndTheForm() {
    var rot = knowledge.causes().find("stem-rot").orElseThrow();
    var burn = knowledge.causes().find("sunburn").orElseThrow();
    var cattleya = knowledge.forms().find("pseudobulb-orchid").orElseThrow();
    var echeveria = knowledge.forms().find("succulent-rosette").orElseThrow();
    assertThat(salvage.of(rot, cattleya, Rescue.Do.CUT))
        .anyMatch(t -> t.contains("one slice more"))
        .noneMatch(t -> t.contains("finger's width"))
        .anyMatch(t -> t.contains("Green leafless ones stay"));
    assertThat(salvage.of(rot, cattleya, Rescue.Do.BIN))
        .anyMatch(t -> t.contains("Never on the compost"));
    assertThat(salvage.of(burn, cattleya, Rescue.Do.BIN)).isEmpty();
    assertThat(salvage.of(burn, echeveria, Rescue.Do.SEAL))
        .anyMatch(t -> t.contains("a week or more"));
    assertThat(salvage.of(burn, echeveria, Rescue.Do.AFTER)).hasSize(4);
  }

  @Test
  void aCauseWithItsOwnRuleIsNotTreatedLikeItsFamily() {
    var leafy = knowledge.forms().find("leafy-stem").orElseThrow();
    var virus = knowledge.causes().find("virus").orElseThrow();
    var grey = knowledge.causes().find("grey-mould").orElseThrow();
    assertThat(salvage.of(virus, leafy, Rescue.Do.CUT))
        .containsExactly(
            "Cutting does not help: the virus is in every part. Keep it alone for good, or let it go.");
    assertThat(salvage.of(grey, leafy, Rescue.Do.CUT)).anyMatch(t -> t.contains("Spent"));
  }
}
