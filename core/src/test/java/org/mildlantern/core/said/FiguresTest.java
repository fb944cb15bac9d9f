package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.Library;

class FiguresTest {
  private static final Reader READER = new Reader(Library.shipped().knowledge());

  private static List<String> told(String text) {
    return READER.read(text, null).told().stream()
        .map(one -> one.field() + "=" + one.value())
        .toList();
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
        "feeding weekly|feeds-in-90-days=13",
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
        "I mist daily|mistings-in-14-days=14",
        "I feed it every week and water daily|feeds-in-90-days=13,watering-every=1",
        "water twice a week and feed monthly|watering-every=3.5,feeds-in-90-days=3",
        "watered and fed every 7 days|feeds-in-90-days=13,watering-every=7",
        "fed once a month|feeds-in-90-days=3",
        "every two weeks it gets feed|feeds-in-90-days=6",
        "black spots after the cold night, 6 degrees|coldest=6",
        "it stands in the hall, 16 degrees|temperature=16,place-kind=indoor",
        "a nite at 5 c|coldest=5",
        "in the heatwave (35 on the landing) it suffered|warmest=35,place-kind=indoor",
        "water got into the fan on Sunday|",
        "fed with 100 ppm nitrogen|last-feed-ppm=100",
        "hardness 180 ppm|water-hardness=10.1",
        "our supply has 250 mg/l calcium carbonate|water-hardness=14",
        "alkalinity of 120 ppm|water-alkalinity=120",
        "tds of 350|water-ec=583",
        "my meter shows 180 ppm|water-ec=300",
        "feed at 350 ppm|",
        "CO2 at 900 ppm|",
        "moved it from the balcony to the bedroom|moved=indoors,place-kind=indoor",
        "I brought it from the cold greenhouse into the warm lounge|moved=indoors,place-kind=indoor,warmth-said=warm",
        "it went from the kitchen out to the terrace|moved=outdoors,place-kind=outdoor",
        "we moved it from the sill to a dark shelf|moved=elsewhere,place-kind=indoor",
        "moved it from the kitchen to the greenhouse|moved=outdoors,place-kind=outdoor",
        "a draught from the balcony into the room|place-kind=indoor",
        "I never moved it from the garden to the lounge|place-kind=indoor",
        "should I move it from the sill to the balcony|",
        "I want to move it to the balcony|",
        "do I water it every week or less|",
        "in front of the balcony window|place-kind=indoor",
        "I want to know if 14 at night is too cold|coldest=14",
        "in flower for two months|days-in-flower=60",
        "lost a third of its leaves|loss=0.33",
        "20 % of its needles dropped|loss=0.2",
        "half of the leaves have gone yellow|",
        "half the leaves lost their shine|",
        "half of its leaves are gone|loss=0.5",
        "it sat in the sun and got water two weeks ago|days-since-watering=14",
        "it was left in water for two weeks|stood-for=14",
        "water stood in the saucer for three days|stood-for=3",
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
}
