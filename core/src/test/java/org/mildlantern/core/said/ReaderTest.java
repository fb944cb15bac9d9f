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
        .containsExactlyInAnyOrder(
            "air-said=dry", "pets=yes", "moved=outdoors", "place-kind=outdoor");
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

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "the air is at 34 %|humidity=34",
        "the hygrometer shows 31|humidity=31",
        "the hygrometer over there shows 31|humidity=31",
        "I hung up a hygrometer 20 days ago|",
        "I have a hygrometer. 20 leaves fell|",
        "the hygrometer and the thermometer show 22|",
        "a hygrometer for my 20 plants|",
        "humidity for 10 months|",
        "20 german ivies|",
        "the water has 20 german degrees|water-hardness=20",
        "it's 23 in my living room|temperature=23,place-kind=indoor",
        "nights fall to 4 here|coldest=4",
        "36 degrees at noon|warmest=36",
        "29 degrees in the afternoon|warmest=29",
        "the flat was 31 during the day|warmest=31",
        "the greenhouse is at 16.|temperature=16",
        "the garage dropped to 5 degrees|coldest=5",
        "I give a cup each day|water-amount=237,watering-every=1",
        "it got a litre every week|water-amount=1000,watering-every=7",
        "30 % in the office|humidity=30,place-kind=indoor",
        "conductivity 0.7|water-ec=700",
        "half a cup of water every ten days|water-amount=118.5,watering-every=10",
        "2 l pot, given 1.5 litres of water|water-amount=1500",
        "5 ml of feed per litre|",
        "in a 6 inch pot|pot-width=15.2",
        "a pot of 9 cm|pot-width=9",
        "they fell within two days|",
        "nights fall to 50|",
        "50 degrees at night|",
        "95 at noon|",
        "50 °F at night|coldest=10",
        "it stands on a glass table and is watered weekly|watering-every=7,place-kind=indoor",
        "I water it in a cup|",
        "a quarter cup of water|water-amount=59.25",
        "5 ml of fertiliser in 1 litre of water|",
        "watered every 0 days|",
        "watered 0 times a week|",
        "I drench it every third day|watering-every=3",
        "it was 14 in here|temperature=14",
        "two leaves have wet blisters since Thursday|",
        "watered every third day|watering-every=3",
        "watered every day|watering-every=1",
        "RH 28%|humidity=28",
        "20 % of the leaves fell|loss=0.2",
        "it was 64 °F|temperature=17.8",
        "minus 4 degrees last night|coldest=-4",
        "maxima of 33 °C|warmest=33",
        "our water has 18 °dH|water-hardness=18",
        "water of 640 µS/cm|water-ec=640",
        "1,2 mS/cm water|water-ec=1200",
        "watered every other day|watering-every=2",
        "I watered on Monday|",
        "watered every Saturday|watering-every=7,watering-by=calendar",
        "feeding weekly|",
        "drops of water every morning|",
        "it stood at minus six|coldest=-6",
        "about five degrees in here|temperature=5",
        "fed a fortnight ago|days-since-feed=14",
        "fed two weeks ago|days-since-feed=14",
        "I got rid of it last month|",
        "I water it once a week|watering-every=7",
        "water twice a week|watering-every=3.5",
        "every two weeks it gets dusted|",
        "repotted three weeks ago|days-since-repot=21",
        "moved it five days ago|days-since-move=5",
        "I took it out of the terrarium last week|days-since-move=7",
        "hung it in the office a month ago|days-since-move=30,place-kind=indoor",
        "two days after it went on the terrace|days-since-move=2,place-kind=outdoor,moved=outdoors",
        "three weeks with us|days-since-arrival=21",
        "potted in bark five months ago|days-since-repot=150",
        "nobody soaked it for three weeks|days-since-watering=21",
        "I haven't soaked it for a month|days-since-watering=30",
        "no flowers since I moved it outside|moved=outdoors",
        "our lounge is 21 day and night|temperature=21,place-kind=indoor",
        "the thermometer says 22|temperature=22",
        "temps around 25|temperature=25",
        "hot, 28 on the sill|warmest=28,place-kind=indoor,warmth-said=hot",
        "30 plants, 12 on the sill|place-kind=indoor",
        "12 in the office died|place-kind=indoor",
        "it got up to 35 in the sun|warmest=35",
        "it reached 35 flowers|",
        "the vine reached 30|",
        "we had -5 on Tuesday night|coldest=-5",
        "size 3-5 on the label|",
        "it drops to 14 at night|coldest=14",
        "nights near zero|coldest=0",
        "about zero growth|",
        "gets 6 hours of direct sun|direct-hours=6,place-light=sun",
        "sitting in a puddle for two weeks|stood-for=14",
        "three weeks without water while we were away|days-since-watering=21",
        "same pot for four years|days-since-repot=1460",
        "I've had it for two years|days-since-arrival=730",
        "I got it two years ago|days-since-arrival=730",
        "it had spots for two years|",
        "watered it yesterday|days-since-watering=1",
        "watered a sip a day|watering-every=1",
        "I mist it every other day|mistings-in-14-days=7",
        "in flower for two months|days-in-flower=60",
        "lost a third of its leaves|loss=0.33",
        "20 % of its needles dropped|loss=0.2",
        "nights no lower than 21 °C|coldest=21",
        "day maxima of 31|warmest=31",
        "the minimum was 9 °C|coldest=9",
        "havent waterd it in 3 wks|days-since-watering=21",
        "waterd evry 3 days|watering-every=3",
        "5 days after delivry|days-since-arrival=5",
        "temprature 15, humidty 30|humidity=30,temperature=15",
        "it stands in a cold room|warmth-said=cold,place-kind=indoor",
        "a cold night|",
        "200 foot candles|light-lux=2153",
        "90 µmol at noon|light-ppfd=90"
      })
  void figuresComeInTheirFieldsUnit(String text, String wanted) {
    assertThat(String.join(",", told(text))).isEqualTo(wanted == null ? "" : wanted);
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "leaves fell to the floor at 22 degrees",
        "it lost 30 % in the last month",
        "mites went on the leaves two days ago",
        "I swapped its soil two weeks ago",
        "its leaves hung in the heat for two days",
        "this potted plant died back two weeks ago",
        "it stands by the balcony door"
      })
  void whatStandsBesideAFigureOrPlaceMakesItNoOther(String text) {
    assertThat(told(text))
        .noneMatch(one -> one.matches("(?:coldest|humidity|days-since-\\w+|place-kind=out).*"));
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
