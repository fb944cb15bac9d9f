package org.mildlantern.core.label;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Random;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.mildlantern.core.label.LabelRate.Per;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.label.LabelReading.Ambiguous;
import org.mildlantern.core.label.LabelReading.Read;
import org.mildlantern.core.label.LabelReading.Refused;

class LabelReaderTest {
  record Line(String text, Product product, Region region, String expected) {}

  static Stream<Line> lines() throws IOException {
    String all =
        new String(
            LabelReaderTest.class.getResourceAsStream("/labels.txt").readAllBytes(),
            StandardCharsets.UTF_8);
    return all.lines()
        .filter(line -> !line.startsWith("#"))
        .map(line -> Arrays.stream(line.split("\\|", -1)).map(String::strip).toList())
        .map(
            part ->
                new Line(
                    part.get(0),
                    part.get(1).isEmpty() ? Product.UNKNOWN : product(part.get(1)),
                    part.get(2).isEmpty()
                        ? null
                        : Region.valueOf(part.get(2).toUpperCase(Locale.ROOT)),
                    part.get(3)));
  }

  private static Product product(String name) {
    return Product.valueOf(name.toUpperCase(Locale.ROOT));
  }

  private static void same(LabelRate rate, String expected) {
    String[] part = expected.strip().split(" ", expected.contains(" to ") ? 4 : 2);
    double least = Double.parseDouble(part[0]);
    double most = expected.contains(" to ") ? Double.parseDouble(part[2]) : least;
    assertThat(rate.least()).isCloseTo(least, within(1e-4 * least + 1e-9));
    assertThat(rate.most()).isCloseTo(most, within(1e-4 * most + 1e-9));
    assertThat(rate.perUnit()).isEqualTo(part[part.length - 1]);
  }

  @ParameterizedTest
  @MethodSource("lines")
  void aLineSaysWhatItSaysOrIsAskedBackOrRefused(Line line) {
    LabelReading reading = LabelReader.read(line.text(), line.product(), line.region());
    if (line.expected().startsWith("no ")) {
      assertThat(reading).isInstanceOf(Refused.class);
      assertThat(((Refused) reading).why()).contains(line.expected().substring(3));
    } else if (line.expected().startsWith("ask ")) {
      assertThat(reading).isInstanceOf(Ambiguous.class);
      List<LabelRate> rates = ((Ambiguous) reading).rates();
      String[] expected = line.expected().substring(4).split(";");
      assertThat(rates).hasSameSizeAs(expected);
      for (int i = 0; i < expected.length; i++) {
        same(rates.get(i), expected[i]);
      }
    } else {
      assertThat(reading).isInstanceOf(Read.class);
      LabelRate rate = ((Read) reading).rate();
      same(rate, line.expected());
      assertThat(rate.printed()).isEqualTo(line.text());
    }
  }

  @Test
  void anUnclearOunceOrGallonIsAskedWithEveryReading() {
    LabelReading reading = LabelReader.read("2 oz per gallon", Product.UNKNOWN, null);
    assertThat(((Ambiguous) reading).rates())
        .extracting(LabelRate::asRead)
        .containsExactlyInAnyOrder(
            "2 US fluid ounces in 1 US gallon",
            "2 ounces by weight in 1 US gallon",
            "2 imperial fluid ounces in 1 imperial gallon",
            "2 ounces by weight in 1 imperial gallon");
  }

  @Test
  void whatIsReadIsSaidAgain() {
    LabelRate rate = ((Read) LabelReader.read("5 ml/2 L", Product.LIQUID, null)).rate();
    assertThat(rate.asRead()).isEqualTo("5 ml in 2 l");
    assertThat(rate.words()).isEqualTo("2.5 ml in 1 l of mix");
  }

  @Test
  void aRatePrintedIsReadAgainAsTheSame() {
    Random random = new Random(14);
    for (int i = 0; i < 10_000; i++) {
      double least = rounded(Math.pow(10, -3 + 5 * random.nextDouble()));
      double most =
          random.nextInt(3) == 0 ? rounded(least * (1.1 + 2 * random.nextDouble())) : least;
      What what = What.values()[random.nextInt(What.values().length)];
      Per per = Per.values()[random.nextInt(Per.values().length)];
      LabelRate rate = new LabelRate("", "", least, most, what, per);
      LabelReading again =
          LabelReader.read(
              rate.plain(),
              Product.values()[random.nextInt(3)],
              random.nextInt(5) == 0 ? null : Region.values()[random.nextInt(4)]);
      assertThat(again).as(rate.plain()).isInstanceOf(Read.class);
      LabelRate read = ((Read) again).rate();
      assertThat(read.perUnit()).isEqualTo(rate.perUnit());
      assertThat(read.least()).as(rate.plain()).isCloseTo(least, within(1e-5 * least));
      assertThat(read.most()).as(rate.plain()).isCloseTo(most, within(1e-5 * most));
    }
  }

  private static double rounded(double value) {
    return Double.parseDouble(String.format(Locale.ROOT, "%.6g", value));
  }

  /** Units with what they are in ml or g and in litres, apart from the reader's own. */
  private record Said(String name, double size) {}

  private static final List<Said> AMOUNTS =
      List.of(
          new Said("ml", 1),
          new Said("cl", 10),
          new Said("US fl oz", 29.5735),
          new Said("US tsp", 4.92892),
          new Said("US tablespoons", 14.7868),
          new Said("l", 1000),
          new Said("g", 1),
          new Said("kg", 1000),
          new Said("lb", 453.592));

  private static final List<Said> HOLDERS =
      List.of(
          new Said("l", 1),
          new Said("litres of water", 1),
          new Said("ml", 0.001),
          new Said("hl", 100),
          new Said("US gallons", 3.78541),
          new Said("US gal", 3.78541));

  @Test
  void amountsAndHoldersOfAnyUnitComeToTheirQuotient() {
    Random random = new Random(15);
    String[] joins = {"/", " per ", " in ", " auf ", " to "};
    for (int i = 0; i < 10_000; i++) {
      Said amount = AMOUNTS.get(random.nextInt(AMOUNTS.size()));
      Said holder = HOLDERS.get(random.nextInt(HOLDERS.size()));
      int number = 1 + random.nextInt(99);
      int of = 1 + random.nextInt(400);
      String text =
          number
              + " "
              + amount.name()
              + joins[random.nextInt(joins.length)]
              + of
              + " "
              + holder.name();
      double expected = number * amount.size() / (of * holder.size());
      LabelReading reading = LabelReader.read(text, Product.LIQUID, Region.US);
      if (expected > 500) {
        assertThat(reading).as(text).isInstanceOf(Refused.class);
      } else {
        assertThat(reading).as(text).isInstanceOf(Read.class);
        assertThat(((Read) reading).rate().least())
            .as(text)
            .isCloseTo(expected, within(1e-3 * expected));
      }
    }
  }

  @Test
  void noTextThrows() {
    String[] words = {
      "5",
      "0",
      "-",
      ",",
      ".",
      "½",
      "1,000",
      "1.000.000",
      "ml",
      "L",
      "gal",
      "oz",
      "fl",
      "per",
      "/",
      ":",
      "in",
      "%",
      "(",
      ")",
      "ppm",
      "pot",
      "cm",
      "m²",
      "ha",
      "do not exceed",
      "a",
      "half",
      "part",
      "to",
      "999999999999999999999",
      "\u0000",
      "\ud800",
      "µ",
      "٣",
      "1e9",
      "NaN",
      "\"",
      "'",
      "²",
      "−"
    };
    Random random = new Random(16);
    for (int i = 0; i < 20_000; i++) {
      StringBuilder text = new StringBuilder();
      for (int n = random.nextInt(12); n >= 0; n--) {
        text.append(words[random.nextInt(words.length)]).append(random.nextBoolean() ? " " : "");
        if (random.nextInt(20) == 0) {
          text.append((char) random.nextInt(0x10000));
        }
      }
      LabelReading reading =
          LabelReader.read(
              text.toString(), Product.values()[i % 3], i % 5 == 4 ? null : Region.values()[i % 5]);
      List<LabelRate> rates =
          reading instanceof Read read
              ? List.of(read.rate())
              : reading instanceof Ambiguous ask ? ask.rates() : List.of();
      assertThat(rates)
          .as(text.toString())
          .allMatch(r -> r.least() > 0 && r.most() >= r.least() && Double.isFinite(r.most()));
    }
    assertThat(LabelReader.read(null, Product.LIQUID, null)).isInstanceOf(Refused.class);
    assertThat(LabelReader.read("5".repeat(100_000), Product.LIQUID, null))
        .isInstanceOf(Refused.class);
  }
}
