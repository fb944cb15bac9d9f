package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Random;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

class ReaderTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Reader READER = new Reader(KNOWLEDGE);
  private static final GrowthForm LEAFY = KNOWLEDGE.forms().find("leafy-stem").orElseThrow();

  private static List<String> seen(String text) {
    return READER.read(text, LEAFY).seen().stream()
        .map(
            one ->
                (one.present() ? "" : "no ")
                    + one.sign()
                    + (one.pattern() == null ? "" : "@" + one.pattern()))
        .toList();
  }

  private static List<String> told(String text) {
    return READER.read(text, null).told().stream()
        .map(one -> one.field() + "=" + one.value())
        .toList();
  }

  @Test
  void aSentenceGivesWhatItSaysAndNoMore() {
    String text = "Edges going brown and crispy, no webs that I can see, the soil is bone dry.";
    Reading reading = READER.read(text, LEAFY);
    assertThat(seen(text))
        .containsExactly("crisp-margins@margins", "no webbing", "medium-dust-dry@medium");
    Reading.Span edges = reading.seen().get(0).span();
    assertThat(text.substring(edges.from(), edges.to())).startsWith("Edges").contains("brown");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "no spots, no insects|no insects",
        "I can't see any webs|no webbing",
        "insects I did not find|no insects",
        "crown rot ruled out|no soft-crown",
        "leaves are not yellow|no yellowing",
        "the webs are gone|no webbing",
        "the webs are gone since Monday|no webbing",
        "the crown has gone soft|soft-crown",
        "free of webs|no webbing",
        "I don't think there are webs|no webbing"
      })
  void whatWasLookedForInVainIsNotThere(String text, String wanted) {
    assertThat(
            READER.read(text, null).seen().stream()
                .map(one -> (one.present() ? "" : "no ") + one.sign()))
        .contains(wanted);
  }

  @Test
  void aPartIsWhatIsSpokenOf() {
    assertThat(seen("the soil is wet and the leaves are limp"))
        .contains("medium-soggy@medium")
        .noneMatch(one -> one.startsWith("medium-dust-dry"));
    assertThat(seen("dry soil, wet leaves")).contains("medium-dust-dry@medium");
    assertThat(seen("oldest leaf yellow")).containsExactly("yellowing@oldest-only");
    assertThat(seen("new leaves are yellow")).containsExactly("yellowing@new-leaves");
  }

  @Test
  void whatIsSaidOfBudsIsNoSignOfLeaves() {
    assertThat(seen("the buds turned yellow and dropped"))
        .anyMatch(one -> one.startsWith("bud-drop"))
        .noneMatch(one -> one.startsWith("leaf-fall") || one.startsWith("fallen-yellow"));
    assertThat(seen("the leaves turned yellow and dropped"))
        .anyMatch(one -> one.startsWith("leaf-fall"))
        .noneMatch(one -> one.startsWith("bud-drop"));
  }

  @Test
  void wordsFarFromEachOtherDoNotBelongTogether() {
    assertThat(seen("in the heart of the house a purple flower came out"))
        .noneMatch(one -> one.startsWith("heart-pulls"));
  }

  @Test
  void whatNoPhraseSaysIsReadByWhatWasLearned() {
    GrowthForm tank = KNOWLEDGE.forms().find("tank-bromeliad").orElseThrow();
    String text = "nobody has refilled the vase for weeks";
    assertThat(new Reader(KNOWLEDGE, Learned.nothing()).read(text, tank).seen()).isEmpty();
    Reading.Seen read = READER.read(text, tank).seen().get(0);
    assertThat(read.sign()).isEqualTo("cup-empty");
    assertThat(read.span().of(text)).contains("vase");
    assertThat(READER.read("Did nobody refill the vase?", tank).seen()).isEmpty();
  }

  @Test
  void aQuestionTellsNothing() {
    assertThat(seen("Is it too wet?")).isEmpty();
    assertThat(seen("Why are the leaves yellow?")).isNotEmpty();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "last year it had sticky leaves",
        "I hope it is not root rot",
        "I don't know if there are webs",
        "the rest looks fine"
      })
  void anOldStoryAWishAndWhatNobodyKnowsTellNothing(String text) {
    assertThat(seen(text)).isEmpty();
  }

  @Test
  void aNoReachesNoFurtherThanItsOwnThing() {
    assertThat(seen("no webs and the leaves are limp")).contains("no webbing").hasSize(2);
    assertThat(seen("not only the old leaves are yellow")).containsExactly("yellowing@old-leaves");
    assertThat(seen("leaf no 2 is yellow")).anyMatch(one -> one.startsWith("yellowing"));
    assertThat(told("the pot has no drainage holes")).containsExactly("holes=no");
    assertThat(told("low humidity, cat, since it went outside"))
        .containsExactlyInAnyOrder("air-said=dry", "pets=yes", "moved=outdoors");
  }

  @Test
  void whatIsLeftOutIsNotWhereItSits() {
    assertThat(seen("all but the newest leaf are yellow")).containsExactly("yellowing@all-leaves");
    assertThat(seen("brown tips and edges"))
        .containsExactlyInAnyOrder("brown-tips@tips", "crisp-margins@margins");
  }

  @Test
  void aWordStandsForItsLikeInEveryPhrase() {
    assertThat(seen("the fronds are flaccid")).containsExactly("limp-leaves");
    assertThat(seen("mustard leaves at the bottom")).containsExactly("yellowing@old-leaves");
    assertThat(seen("my lemon tree stands outside")).isEmpty();
    assertThat(seen("golden pothos, limp")).containsExactly("limp-leaves");
  }

  @Test
  void whatItIsLikenedToIsNoPlace() {
    assertThat(seen("leaves wrinkled like an old hand")).contains("wrinkled-leaves");
    assertThat(seen("old leaves wrinkled")).contains("wrinkled-leaves@old-leaves");
  }

  @Test
  void whereOnALeafTellsMoreThanOnWhich() {
    assertThat(seen("new leaves have fine pale dots along the midrib"))
        .containsExactly("stipple@along-veins");
    assertThat(seen("the leaves are limp on one side only"))
        .anyMatch(one -> one.endsWith("@one-side") || one.startsWith("limb-wilt"));
  }

  @Test
  void theyAreWhatWasLastSpokenOf() {
    assertThat(seen("I looked at the roots. They are brown and mushy."))
        .containsExactly("roots-rotten@roots");
    assertThat(READER.read("the crown is soft, water stood in it", null).seen())
        .extracting(Reading.Seen::sign)
        .contains("soft-crown", "water-in-crown");
    assertThat(seen("I looked at the roots. Brown tips too."))
        .noneMatch(one -> one.startsWith("roots"));
  }

  @Test
  void andINowTellsSomethingElse() {
    assertThat(seen("no webs and I see limp leaves")).contains("no webbing", "limp-leaves");
  }

  @Test
  void aDoubtIsLessSure() {
    assertThat(READER.read("not sure if there are webs", LEAFY).seen().get(0).sure()).isLessThan(1);
    assertThat(READER.read("maybe some webs", LEAFY).seen().get(0).sure()).isLessThan(1);
    assertThat(READER.read("some webs", LEAFY).seen().get(0).sure()).isEqualTo(1);
  }

  @Test
  void anAndNoKeepsWordsApart() {
    assertThat(seen("leaves turned yellow and no new ones come")).contains("yellowing");
    assertThat(seen("a brown soft end and no root at all"))
        .noneMatch(one -> one.startsWith("no root"));
  }

  @Test
  void anOpenWordComesWithWhatItCanMean() {
    Reading.Seen open = READER.read("there are brown spots", LEAFY).seen().get(0);
    assertThat(open.sign()).isEqualTo("brown-spots");
    assertThat(open.alternatives()).contains("dark-spots", "dry-spots");
  }

  @Test
  void aTraitSaysItsSignToo() {
    assertThat(seen("it drops green leaves"))
        .anyMatch(one -> one.startsWith("fallen-green"))
        .anyMatch(one -> one.startsWith("leaf-fall"));
  }

  @Test
  void soilLevelIsAHeightAndNotThePartThatIsSpokenOf() {
    assertThat(seen("at soil level it is brown, and it has a fishy odour"))
        .anyMatch(one -> one.startsWith("foul-smell"));
  }

  @Test
  void whatIsCutShortOrMisspeltIsReadAsMeant() {
    String text = "brwon spts on the leavs, stiky; lvs hang n webbing btwn them";
    assertThat(READER.read(text, LEAFY).seen())
        .extracting(Reading.Seen::sign)
        .contains("brown-spots", "honeydew", "limp-leaves", "webbing");
    assertThat(READER.read("leaves stiky", LEAFY).seen().get(0).span().of("leaves stiky"))
        .endsWith("stiky");
    assertThat(READER.read("the N window", LEAFY).seen()).isEmpty();
    Reading.Told told = READER.read("havent waterd it in 3 wks!", LEAFY).told().get(0);
    assertThat(told.span().of("havent waterd it in 3 wks!")).endsWith("3 wks");
  }

  @ParameterizedTest
  @ValueSource(strings = {"no bigger than last week", "no smell since I repotted it"})
  void aNoBeforeAComparisonIsANo(String text) {
    assertThat(READER.read(text, LEAFY).seen()).noneMatch(Reading.Seen::present);
  }

  @Test
  void whatAPlantBesideItHasIsNotItsOwn() {
    assertThat(told("the plant next to it has mites"))
        .containsExactly("neighbour-causes=spider-mites");
    assertThat(told("its neighbour has scale"))
        .containsExactly("neighbour-causes=soft-scale|armoured-scale");
    assertThat(seen("the orchid beside it has mealybugs")).isEmpty();
    assertThat(told("the plant next to it has no mites")).isEmpty();
    assertThat(told("mites on it")).isEmpty();
    assertThat(READER.read("its neighbour has scale", null).circumstances().neighbourCauses())
        .containsExactlyInAnyOrder("soft-scale", "armoured-scale");
  }

  @Test
  void aKindGoesBeforeANameOfSeveralAndGoodsNameNone() {
    assertThat(READER.read("my orchid, a cattleya, is limp", null).kind().taxon())
        .isEqualTo("cattleya");
    assertThat(READER.read("my orchid is limp", null).kind().taxon()).isNull();
    assertThat(READER.read("it stands in orchid bark", null).kind()).isNull();
    assertThat(READER.read("moth orchd", null).kind().taxon()).isEqualTo("phalaenopsis");
  }

  @Test
  void aKindIsFoundInTheText() {
    assertThat(READER.read("My peace lily droops", null).kind().taxon()).isEqualTo("spathiphyllum");
    assertThat(READER.read("My cymbidium's buds droop", null).kind().taxon())
        .isEqualTo("cymbidium");
    assertThat(READER.read("my birds nest fern", null).kind().taxon()).isEqualTo("asplenium-nidus");
    assertThat(READER.read("it droops", null).kind()).isNull();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "the room is 85F and the soil is dry",
        "the room is warm, the soil is dry",
      })
  void whatIsSaidOfThePotIsNotSaidOfTheRoom(String text) {
    Reading reading = READER.read(text, LEAFY);
    assertThat(reading.told())
        .extracting(Reading.Told::field)
        .doesNotContain("humidity", "air-said");
    assertThat(reading.seen()).extracting(Reading.Seen::sign).isNotEmpty();
  }

  @Test
  void aNameOfSeveralKindsIsNeverGuessed() {
    String text = "my money plant drops leaves";
    Reading.Named kind = READER.read(text, null).kind();
    assertThat(kind.several()).isTrue();
    assertThat(kind.span().of(text)).isEqualTo("money plant");
  }

  @ParameterizedTest
  @CsvSource({
    "my calathia has brown edges, goeppertia",
    "phaleonopsis with limp leaves, phalaenopsis-hybrid",
    "the peace lilly droops, spathiphyllum",
    "orchard in the bathroom,",
    "a succulent in the kitchen window,"
  })
  void aKindIsFoundThoughItIsMisspelt(String text, String wanted) {
    Reading.Named kind = READER.read(text, null).kind();
    assertThat(kind == null ? null : kind.taxon()).isEqualTo(wanted);
  }

  @Test
  void whatIsNotUnderstoodIsGivenBack() {
    String text = "Leaves are limp, my sister says it hates me.";
    Reading reading = READER.read(text, LEAFY);
    assertThat(reading.unread())
        .extracting(span -> text.substring(span.from(), span.to()))
        .containsExactly("my sister says it hates me");
  }

  @Test
  void hostileTextIsReadLikeAnyOther() {
    Random random = new Random(3);
    StringBuilder noise = new StringBuilder();
    for (int i = 0; i < 100_000; i++) {
      noise.append((char) random.nextInt(0xd800));
    }
    for (String text :
        List.of(
            "",
            " ",
            noise.toString(),
            "x".repeat(100_000),
            "1% ".repeat(40_000),
            "no ".repeat(40_000),
            "\u202eyellow\u202c leaves",
            "\u0000\u0007 yellow leaves")) {
      Reading reading = READER.read(text, LEAFY);
      int end = Math.min(text.length(), Reader.LONGEST);
      assertThat(reading.seen()).allMatch(one -> one.span().to() <= end);
      assertThat(reading.unread()).allMatch(span -> span.from() < span.to() && span.to() <= end);
    }
  }
}
