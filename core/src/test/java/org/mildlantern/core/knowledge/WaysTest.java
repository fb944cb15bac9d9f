package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Predicate;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.season.Stage;

/** What is advised in each way of life, for every cause that can strike there. */
class WaysTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final double NORTH = 53;
  private static final double SOUTH = -35;
  private static final LocalDate NOVEMBER = LocalDate.of(2026, 11, 25);
  private static final LocalDate JULY = LocalDate.of(2026, 7, 10);

  /** One line of the matrix: a kind at a stage with what it is told about a cause. */
  private record Line(Kind kind, Lore lore, Cause cause, Advice advice) {
    boolean lives(String... ways) {
      return lore.living().isOneOf(List.of(ways));
    }

    /** What is done now and later, in lower case. */
    String words() {
      String later = advice.later() == null ? "" : " " + advice.later().how();
      return (advice.how() + later).toLowerCase(Locale.ROOT);
    }

    boolean does(String... changes) {
      List<String> all = List.of(changes);
      return all.contains(advice.change().id())
          || advice.later() != null && all.contains(advice.later().change().id());
    }

    @Override
    public String toString() {
      return kind.name() + " as " + lore.living().now().id() + ": " + cause.id() + " → " + words();
    }
  }

  /** One kind for each way of living at each stage that it can have. */
  private static List<Kind> kinds() {
    Map<String, Kind> kinds = new LinkedHashMap<>();
    for (Usual one : KNOWLEDGE.usual()) {
      kinds.put(one.id(), KNOWLEDGE.kind(one));
    }
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      Kind kind = KNOWLEDGE.kind(taxon);
      kinds.putIfAbsent(
          kind.form().id() + kind.way().id() + kind.habits().rest().as() + kind.water(), kind);
    }
    return List.copyOf(kinds.values());
  }

  private static List<Line> matrix(LocalDate day, double latitude) {
    List<Line> lines = new ArrayList<>();
    for (Kind kind : kinds()) {
      for (Stage stage : Stage.values()) {
        Lore lore = KNOWLEDGE.lore(kind, stage, day, latitude);
        for (Cause cause : lore.causes()) {
          lines.add(new Line(kind, lore, cause, lore.advice(cause, day, latitude)));
        }
      }
    }
    return lines;
  }

  private static final List<Line> SUMMER = matrix(JULY, NORTH);
  private static final List<Line> WINTER = matrix(NOVEMBER, NORTH);

  private static void never(String why, Predicate<Line> wrong) {
    for (List<Line> lines : List.of(SUMMER, WINTER)) {
      assertThat(lines.stream().filter(wrong)).as(why).isEmpty();
    }
  }

  @Test
  void everyKindHasOneWayAtEveryStageAndItsRestNeverWettens() {
    for (Taxon taxon : KNOWLEDGE.taxa()) {
      Kind kind = KNOWLEDGE.kind(taxon);
      assertThat(kind.way().is(Way.At.GROWTH)).as(taxon.id()).isTrue();
      Living resting = KNOWLEDGE.lore(kind, Stage.REST, true).living();
      assertThat(resting.resting()).as(taxon.id()).isEqualTo(resting.now() != kind.way());
      assertThat(!kind.habits().rest().any() || resting.resting()).as(taxon.id()).isTrue();
      Living young = KNOWLEDGE.lore(kind, Stage.SEEDLING, false).living();
      assertThat(young.now().id().endsWith("seedling"))
          .as(taxon.id())
          .isNotEqualTo(young.isOneOf(List.of("potless")));
    }
  }

  @Test
  void nothingDriesOutWhatMustNotDry() {
    never(
        "dries a bog plant or a seedling",
        line ->
            (line.lives("bog", "wet") || line.lives("seedling", "trap-seedling"))
                && !line.lives("dry-at-rest")
                && (line.does("let-dry", "dry-gnats")
                    || line.words().contains("let the top two")
                    || line.words().contains("further apart")
                    || line.words().contains("a sip")
                    || line.words().contains("barely moist")));
    never(
        "takes the water from a plant that rests damp",
        line ->
            line.lives("bog-at-rest", "tree-at-rest", "damp-at-rest")
                && (line.words().contains("little or no water")
                    || line.words().contains("no water at all")
                    || line.does("rest-it", "let-dry", "sip-at-rest")));
    never(
        "keeps an evergreen or a tree dry in its rest",
        line ->
            line.lives("conifer", "hardy-tree", "some-tree")
                && !line.lives("seedling")
                && line.does("rest-it", "sip-at-rest"));
  }

  @Test
  void seedlingsAreNeitherDriedNorTreatedAsGrownPlants() {
    never(
        "a seedling has no store",
        line ->
            line.lives("seedling", "trap-seedling")
                && line.words()
                    .matches(
                        ".*(dry through|bone dry|keep it dry|first drink after|newspaper"
                            + "|alcohol up to|at label strength|horticultural soap).*"));
  }

  @Test
  void whatRestsDryIsNotWatered() {
    never(
        "no drink before it grows",
        line ->
            line.lives("dry-at-rest")
                && line.advice()
                    .how()
                    .toLowerCase(Locale.ROOT)
                    .matches(
                        ".*(water from below|water at the rim|soak (it|the)|stand the pot in"
                            + "|water from above).*"));
  }

  @Test
  void noTrayOrFloodForTrapPlantsThatDrown() {
    never(
        "these never stand in water",
        line ->
            line.lives("pitcher-vine", "dry-trap", "moist-trap")
                && !line.lives("trap-seedling")
                && line.words().matches(".*(tray|flood the|to the rim for an hour).*"));
  }

  @Test
  void whatFloatsIsAdvisedAsWhatFloats() {
    never(
        "it has neither pot nor root",
        line ->
            line.lives("floating", "floating-at-rest")
                && line.words().matches(".*\\b(pot|pots|tray|medium|roots?|repot|drain)\\b.*"));
  }

  @Test
  void noMineralsReachABogPlant() {
    never(
        "feeds a trap plant at the root",
        line ->
            line.lives("trap", "carnivore")
                && line.does("feed-balanced", "feed-iron", "feed-magnesium", "feed-calcium"));
    never(
        "gives a bog plant tap water as a habit or fed medium",
        line ->
            line.lives("trap", "carnivore")
                && !line.lives("dry-at-rest")
                && (line.does("repot-fresh", "pot-on", "cut-rot-repot", "clear-leftovers")
                    && !line.words().contains("mineral-free")
                    && !line.words().contains("sphagnum")
                    && !line.words().contains("peat")));
    never(
        "softens by salt",
        line ->
            line.does("soft-water")
                && !line.words().contains("never from a salt softener")
                && !line.words().contains("pure water"));
    never(
        "soaps or dusts a trap plant",
        line ->
            line.lives("trap", "carnivore")
                && line.words().matches(".*(soapy|with alcohol|on a swab|dust it).*"));
  }

  @Test
  void rootsOfTreesAreLeftUntilTheirSeason() {
    never(
        "bare-roots a conifer",
        line ->
            line.lives("conifer")
                && (line.does("cut-rot-repot", "repot-fresh", "pot-on", "repot-rootbug")
                    || line.does("hunt-weevils", "smaller-pot", "unpot-dry")));
    for (List<Line> lines : List.of(SUMMER, WINTER)) {
      assertThat(
              lines.stream()
                  .filter(
                      line ->
                          line.lives("conifer", "hardy-tree", "some-tree")
                              && !line.lives("seedling")
                              && List.of("root-prune", "mend-roots-in-season", "root-flare")
                                  .contains(line.advice().change().id())))
          .isEmpty();
    }
    never(
        "pots a bonsai on",
        line -> line.lives("tree") && line.advice().change().id().equals("pot-on"));
  }

  @Test
  void theSeasonOfRootsIsTurnedRoundInTheSouth() {
    Kind maple = Kinds.taxon("acer-palmatum");
    Cause bound = KNOWLEDGE.causes().find("root-bound").orElseThrow();
    Lore asleep = KNOWLEDGE.lore(maple, Stage.REST, NOVEMBER, NORTH);
    Advice north = asleep.advice(bound, NOVEMBER, NORTH);
    assertThat(north.change().id()).isEqualTo("wait-for-season");
    assertThat(north.later().change().id()).isEqualTo("root-prune");
    assertThat(north.later().from()).isEqualTo(LocalDate.of(2027, 2, 1));
    assertThat(north.later().cue()).contains("buds swell");
    LocalDate august = LocalDate.of(2026, 8, 20);
    Lore waking = KNOWLEDGE.lore(maple, Stage.GROWTH, august, SOUTH);
    assertThat(waking.advice(bound, august, SOUTH).change().id()).isEqualTo("root-prune");
  }

  @Test
  void aTreeIsPrunedInItsSeasonOnly() {
    Cause late = KNOWLEDGE.causes().find("flower-bud-cut").orElseThrow();
    Kind azalea = Kinds.taxon("rhododendron-indicum");
    Advice autumn =
        KNOWLEDGE.lore(azalea, Stage.GROWTH, NOVEMBER, NORTH).advice(late, NOVEMBER, NORTH);
    assertThat(autumn.change().id()).isEqualTo("spare-buds");
    assertThat(autumn.later().from()).isEqualTo(LocalDate.of(2027, 3, 1));
    assertThat(
            KNOWLEDGE
                .lore(azalea, Stage.GROWTH, NOVEMBER, SOUTH)
                .advice(late, NOVEMBER, SOUTH)
                .later())
        .isNull();
    assertThat(SUMMER.stream().filter(line -> line.lives("conifer") && line.does("thin-crown")))
        .isNotEmpty()
        .allMatch(line -> line.advice().later() != null);
  }

  @Test
  void warmthAndColdAreForThoseThatWishThem() {
    never(
        "warms a plant whose rest needs cold",
        line -> line.lives("cold", "tree-at-rest", "bog-at-rest") && line.does("warmer-place"));
    never(
        "chills a tender kind",
        line ->
            line.does("cold-rest")
                && !line.lives("cold", "die-back-orchid", "some-tree", "cold-bog"));
  }

  @Test
  void nothingIsPouredIntoACrownOrTrap() {
    never(
        "dunks traps, pitchers or a crown",
        line ->
            line.lives("trap", "carnivore", "monopodial-orchid", "storage", "succulent-rosette")
                && line.words().contains("submerge the whole"));
  }

  @Test
  void eachCauseIsAdvisedOnOnceAndFits() {
    for (List<Line> lines : List.of(SUMMER, WINTER)) {
      for (Line line : lines) {
        assertThat(line.lore().unfit(line.advice().change())).as(line.toString()).isFalse();
        assertThat(line.advice().how()).as(line.toString()).isNotBlank();
        if (line.advice().later() != null) {
          assertThat(line.advice().later().from()).isAfter(JULY);
          assertThat(line.lore().unfit(line.advice().later().change())).isFalse();
        }
      }
    }
  }

  @Test
  void everySayingByWayIsSaidToSomebody() {
    List<Living> all = SUMMER.stream().map(line -> line.lore().living()).distinct().toList();
    List<Living> more = WINTER.stream().map(line -> line.lore().living()).distinct().toList();
    for (Change change : KNOWLEDGE.changes()) {
      for (String name : change.on().keySet()) {
        assertThat(
                java.util.stream.Stream.concat(all.stream(), more.stream())
                    .anyMatch(living -> living.isOneOf(List.of(name))))
            .as(change.id() + " on " + name)
            .isTrue();
      }
    }
  }
}
