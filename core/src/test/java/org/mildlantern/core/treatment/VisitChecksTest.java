package org.mildlantern.core.treatment;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Kinds;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.treatment.VisitChecks.Patch;
import org.mildlantern.core.treatment.VisitChecks.Used;

class VisitChecksTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Remedies REMEDIES = Library.shipped().remedies();
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 23);

  private Double celsius = 20.0;
  private Double humidity = 60.0;
  private boolean sun;
  private boolean flowering;
  private boolean outdoors;
  private boolean soft;
  private boolean weak;
  private boolean pets;
  private boolean fish;
  private final List<Used> earlier = new ArrayList<>();
  private final List<Used> elsewhere = new ArrayList<>();
  private final Map<String, Means.Bounds> labels = new HashMap<>();
  private final Map<String, Patch> patches = new HashMap<>();

  private static Means means(String id) {
    return REMEDIES.means().find(id).orElseThrow();
  }

  private List<VisitCheck> checks(String kind, String... ids) {
    Patient patient = Patient.of(Kinds.taxon(kind), REMEDIES);
    List<Means> means = new ArrayList<>();
    for (String id : ids) {
      means.add(means(id));
      patches.putIfAbsent(id, Patch.PASSED);
    }
    return VisitChecks.of(
        patient,
        means,
        new VisitChecks.Day(
            TODAY,
            new VisitChecks.Day.Air(celsius, humidity, sun),
            new VisitChecks.Day.Growth(flowering, outdoors, soft, weak),
            new VisitChecks.Day.Around(pets, fish),
            new VisitChecks.Day.History(earlier, elsewhere, labels, patches, 18)));
  }

  private void blocks(String words, String kind, String... ids) {
    assertThat(checks(kind, ids)).anyMatch(c -> c.blocks() && c.reason().contains(words));
  }

  private void warns(String words, String kind, String... ids) {
    assertThat(checks(kind, ids)).anyMatch(c -> !c.blocks() && c.reason().contains(words));
  }

  @Test
  void aGoodEveningHasNothingAgainstSoapOnAPlantThatBearsIt() {
    assertThat(checks("coleus", "wash-off")).isEmpty();
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
  }

  @Test
  void kindsAreSparedWhatHurtsThem() {
    blocks("hurt by copper", "masdevallia", "copper");
    blocks("traps", "dionaea", "soap");
    blocks("bloom", "echeveria", "oil");
    blocks("thin or hairy", "saintpaulia", "swab-alcohol");
    blocks("feet wet", "dionaea", "dry-medium");
    warns("thin or hairy", "coleus", "soap");
  }

  @Test
  void whatIsEatenTakesNoSystemicWithoutALabel() {
    blocks("eaten", "ocimum", "systemic");
    warns("days to wait", "ocimum", "soil-bacteria");
  }

  @Test
  void heatSunColdAndDampAreMinded() {
    celsius = 32.0;
    blocks("Too warm at 32", "monstera-deliciosa", "soap");
    celsius = 6.0;
    warns("Too cold at 6", "monstera-deliciosa", "soap");
    blocks("Too cold", "monstera-deliciosa", "predatory-mites");
    celsius = 12.0;
    warns("dry slowly", "monstera-deliciosa", "soap");
    celsius = 20.0;
    humidity = 40.0;
    warns("wants 60", "monstera-deliciosa", "predatory-mites");
    sun = true;
    blocks("shade", "monstera-deliciosa", "soap");
  }

  @Test
  void beesFishAndPetsAreMinded() {
    flowering = true;
    warns("flowers", "hibiscus", "soap");
    outdoors = true;
    blocks("bees", "hibiscus", "pyrethrum");
    fish = true;
    pets = true;
    warns("fish", "hibiscus", "pyrethrum");
    warns("pets", "hibiscus", "pyrethrum");
    warns("bait out of reach", "hibiscus", "slug-bait");
  }

  @Test
  void softAndWeakPlantsAreSpared() {
    soft = true;
    weak = true;
    warns("new growth", "monstera-deliciosa", "oil");
    warns("weak", "monstera-deliciosa", "oil");
    assertThat(checks("monstera-deliciosa", "wipe")).isEmpty();
  }

  @Test
  void aPatchTestComesFirst() {
    for (Patch patch : List.of(Patch.NONE, Patch.WAITING)) {
      patches.put("oil", patch);
      patches.put("soap", patch);
      blocks("atch test", "monstera-deliciosa", "oil");
      warns("atch test", "monstera-deliciosa", "soap");
      blocks("atch test", "coleus", "soap");
    }
    patches.put("soap", Patch.FAILED);
    blocks("marked the leaf", "monstera-deliciosa", "soap");
    patches.put("soap", Patch.PASSED);
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
  }

  @Test
  void soapRestsAfterThreeUsesOneAfterTheOther() {
    for (int days : new int[] {6, 12}) {
      earlier.add(new Used(means("soap"), TODAY.minusDays(days)));
    }
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
    earlier.add(new Used(means("soap"), TODAY.minusDays(18)));
    blocks("14 days without it", "monstera-deliciosa", "soap");
    earlier.clear();
    for (int days : new int[] {14, 20, 26}) {
      earlier.add(new Used(means("soap"), TODAY.minusDays(days)));
    }
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
  }

  @Test
  void aGroupIsCountedOverTheWholeHome() {
    for (int days : new int[] {0, 40, 80, 80, 120}) {
      elsewhere.add(new Used(means("avermectin"), TODAY.minusDays(days)));
    }
    assertThat(checks("monstera-deliciosa", "avermectin"))
        .as("today's round and three days before it")
        .noneMatch(check -> check.reason().contains("in this home"));
    elsewhere.add(new Used(means("avermectin"), TODAY.minusDays(160)));
    blocks("4 days within a year in this home", "monstera-deliciosa", "avermectin");
    assertThat(checks("monstera-deliciosa", "spinosyn")).isEmpty();
  }

  @Test
  void aLabelThatIsStricterCounts() {
    earlier.add(new Used(means("soap"), TODAY.minusDays(8)));
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
    labels.put("soap", means("soap").bounds().within(10, 1));
    blocks("10 days at least", "monstera-deliciosa", "soap");
    blocks("within a year", "monstera-deliciosa", "soap");
  }

  @Test
  void sulphurAndOilStayAMonthApartWhicheverComesFirst() {
    earlier.add(new Used(means("sulphur"), TODAY.minusDays(20)));
    blocks("30 must lie between", "monstera-deliciosa", "oil");
    earlier.clear();
    earlier.add(new Used(means("oil"), TODAY.minusDays(29)));
    blocks("30 must lie between", "monstera-deliciosa", "sulphur");
    earlier.set(0, new Used(means("oil"), TODAY.minusDays(30)));
    assertThat(checks("monstera-deliciosa", "sulphur")).isEmpty();
    blocks("Never together", "monstera-deliciosa", "sulphur", "oil");
  }

  @Test
  void twoProductsTooNearEachOtherAreMinded() {
    earlier.add(new Used(means("soap"), TODAY.minusDays(2)));
    blocks("2 days ago; 7 must lie between", "monstera-deliciosa", "pyrethrum");
    earlier.set(0, new Used(means("soap"), TODAY.minusDays(7)));
    assertThat(checks("monstera-deliciosa", "pyrethrum")).isEmpty();
    blocks("Never together", "monstera-deliciosa", "spinosyn", "pyrethrum");
    assertThat(checks("monstera-deliciosa", "soap", "wash-off")).isEmpty();
  }

  @Test
  void whatIsUsedAgainTooSoonOrTooOftenInAYearIsStopped() {
    earlier.add(new Used(means("soap"), TODAY.minusDays(3)));
    blocks("used 3 days ago; 5 days at least", "monstera-deliciosa", "soap");
    earlier.set(0, new Used(means("soap"), TODAY.minusDays(5)));
    assertThat(checks("monstera-deliciosa", "soap")).isEmpty();
    earlier.clear();
    earlier.add(new Used(means("avermectin"), TODAY.minusDays(300)));
    earlier.add(new Used(means("avermectin"), TODAY.minusDays(200)));
    blocks("2 times within a year", "monstera-deliciosa", "avermectin");
    earlier.set(0, new Used(means("avermectin"), TODAY.minusDays(365)));
    assertThat(checks("monstera-deliciosa", "avermectin")).noneMatch(c -> c.blocks());
  }

  @Test
  void predatorsAreNotReleasedOntoResiduesNorKilledUnsaid() {
    earlier.add(new Used(means("avermectin"), TODAY.minusDays(10)));
    blocks("kills what you release for 28 days", "monstera-deliciosa", "predatory-mites");
    earlier.set(0, new Used(means("predatory-mites"), TODAY.minusDays(10)));
    warns("were released 10 days ago", "monstera-deliciosa", "soap");
    assertThat(checks("monstera-deliciosa", "wipe")).isEmpty();
  }

  @Test
  void oneGroupForMoreThanAGenerationIsTooLong() {
    earlier.add(new Used(means("avermectin"), TODAY.minusDays(18)));
    assertThat(checks("monstera-deliciosa", "avermectin"))
        .noneMatch(c -> c.reason().contains("Group"));
    earlier.add(new Used(means("avermectin"), TODAY.minusDays(19)));
    warns("Group IRAC 6 has been used for 19 days", "monstera-deliciosa", "avermectin");
    assertThat(checks("monstera-deliciosa", "soap")).noneMatch(c -> c.reason().contains("Group"));
  }

  @Test
  void safetyNamesGearAirFireAndTheLabelFirst() {
    Safety safety = Safety.of(List.of(means("swab-alcohol"), means("avermectin")));
    assertThat(safety.lines().get(0)).startsWith("The label and the law");
    assertThat(safety.gear()).contains("waterproof gloves", "a mask against mist");
    assertThat(safety.shutHours()).isEqualTo(24);
    assertThat(safety.lines())
        .anyMatch(l -> l.contains("Flammable"))
        .anyMatch(l -> l.contains("professional"))
        .anyMatch(l -> l.contains("24 hours"))
        .anyMatch(l -> l.contains("own bottle"));
    assertThat(Safety.of(List.of(means("wash-off"))).lines()).isEmpty();
    assertThat(safety.lines())
        .anyMatch(line -> line.contains("poison centre"))
        .anyMatch(line -> line.contains("rinse for 15 minutes"))
        .noneMatch(line -> line.contains("A cat that"));
    assertThat(Safety.of(List.of(means("pyrethrum"))).lines())
        .anyMatch(line -> line.contains("to the vet at once"));
  }

  @Test
  void firstAidAndKeepingAreThoseOfEachHazard() {
    assertThat(aid("oil")).contains("gets into the lungs").doesNotContain("Burns");
    assertThat(aid("swab-alcohol")).contains("Burns: cool", "Below 25 °C", "Swallowed: rinse");
    assertThat(aid("sulphur")).contains("fresh air").doesNotContain("A pet that");
    assertThat(aid("slug-bait")).contains("A pet that licked").doesNotContain("lungs");
    assertThat(aid("thiophanate")).contains("Not for pregnant people", "Not kept at home");
    assertThat(aid("nematodes")).contains("about 5 °C").doesNotContain("own bottle");
    for (Means means : REMEDIES.means()) {
      String lines = aid(means.id());
      assertThat(lines.contains("poison centre or emergency number"))
          .as(means.id())
          .isEqualTo(means.product());
      assertThat(lines).as(means.id()).doesNotContain("{");
    }
  }

  private static String aid(String id) {
    return String.join(" ", Safety.of(List.of(means(id))).lines());
  }
}
