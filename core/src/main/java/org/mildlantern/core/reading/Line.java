package org.mildlantern.core.reading;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/**
 * A line with its parts, of which each can be claimed once.
 *
 * <p>{@code watered 2 times 240 ml at 10:30} has three figures: {@link When} claims the clock, a
 * watering claims {@code 2 times 240 ml}, that is 480.
 *
 * <p>All claims throw an {@link IllegalArgumentException} with a question for the keeper where a
 * figure can be read in two ways.
 */
public final class Line {
  private static final Words WORDS = Words.of(Line.class);

  /** Words after a bare number that do not say what it counts. */
  static final Set<String> LINKS =
      words(
          "with of and to at on by in into from until again today yesterday it the for this my"
              + " through ran run no none nothing straight soaked drained slowly twice water"
              + " rain rainwater tap distilled ro osmosis filtered boiled softened pure plain"
              + " tepid warm cool cold lukewarm because as per since after before while still"
              + " all over around per each total only about just now then dry or so");

  private static final Set<String> IS = words("is was of reads read says shows showed at now");
  private final String text;
  private final String lower;
  private final List<Part> parts;
  private final BitSet claimed = new BitSet();

  static Set<String> words(String words) {
    return Set.copyOf(List.of(words.split(" ")));
  }

  private Line(String text) {
    this.text = text;
    this.lower = text.toLowerCase(Locale.ROOT);
    this.parts = Lexer.parts(text);
  }

  public static Line of(String text) {
    return new Line(text.strip());
  }

  public String text() {
    return text;
  }

  /** Whether it holds a match of the expression, in lower case, on word boundaries. */
  public boolean says(String regex) {
    return Pattern.compile("(?<![\\p{L}\\d])(?:" + regex + ")(?![\\p{L}\\d])")
        .matcher(lower)
        .find();
  }

  public Matcher matcher(Pattern pattern) {
    return pattern.matcher(lower);
  }

  /** Claims all that lies within a span, so that nobody reads it as a figure. */
  public void claim(int start, int end) {
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).start() < end && parts.get(i).end() > start) {
        claimed.set(i);
      }
    }
  }

  boolean isClaimed(int start, int end) {
    for (int i = 0; i < parts.size(); i++) {
      if (parts.get(i).start() < end && parts.get(i).end() > start && claimed.get(i)) {
        return true;
      }
    }
    return false;
  }

  /** Figures that nobody claimed, as they stand in the line. */
  public List<String> unread() {
    List<String> unread = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      Part part = parts.get(i);
      boolean figure =
          !(part instanceof Part.Word || part instanceof Part.Mark)
              && Character.isDigit(firstDigit(part));
      if (figure && !claimed.get(i)) {
        unread.add(text.substring(part.start(), part.end()).strip());
      }
    }
    return unread;
  }

  private char firstDigit(Part part) {
    return text.substring(part.start(), part.end())
        .chars()
        .filter(c -> Character.isDigit(c) || "¼½¾⅓⅔⅛".indexOf(c) >= 0)
        .mapToObj(c -> Character.isDigit(c) ? (char) c : '1')
        .findFirst()
        .orElse(' ');
  }

  /**
   * Claims the volume of a drink or a fill.
   *
   * @param bare whether a number without a unit is millilitres
   * @param most largest that makes sense, ml
   */
  public OptionalDouble volume(boolean bare, double most) {
    return new Volume(this).read(bare, most);
  }

  /** “1 l 200 ml” is one figure: what follows at once in a smaller unit is left out here. */
  List<Integer> joined(List<Integer> found) {
    List<Integer> heads = new ArrayList<>(found);
    heads.removeIf(i -> found.contains(i - 1) && smaller(i));
    return heads;
  }

  private boolean smaller(int i) {
    return parts.get(i) instanceof Part.Amount here
        && parts.get(i - 1) instanceof Part.Amount before
        && here.unit() != before.unit()
        && !(here.unit().inBase(1) >= before.unit().inBase(1));
  }

  double sum(int first, double ounce, Dimension dimension) {
    double sum = inBase(take(first), ounce);
    for (int i = first + 1; i < parts.size() && free(i) instanceof Part.Amount next; i++) {
      if (!(next.is(dimension) || next.is(Dimension.OUNCE)) || !smaller(i)) {
        break;
      }
      sum += inBase(take(i), ounce);
    }
    return sum;
  }

  private static double inBase(Part.Amount amount, double ounce) {
    return amount.is(Dimension.OUNCE)
        ? amount.value() * ounce
        : amount.unit().inBase(amount.value());
  }

  List<Integer> bareAmounts() {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Amount amount && amount.unit() == null && !rated(i)) {
        String next = word(i + 1);
        boolean counts = next != null && !LINKS.contains(next) && !next.endsWith("ly");
        if (!counts && !"number".equals(word(i - 1)) && !"#".equals(sign(i - 1))) {
          found.add(i);
        }
      }
    }
    return found;
  }

  /** Part of a rate such as “5 ml/2 l”, “2 g per can”. */
  boolean rated(int i) {
    return "/".equals(sign(i + 1))
        || "/".equals(sign(i - 1))
        || "per".equals(word(i + 1))
        || "per".equals(word(i - 1));
  }

  /** Claims a weight in grams; a number without a unit is grams. */
  public OptionalDouble weight(double most) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Amount amount
          && (amount.is(Dimension.MASS) || amount.is(Dimension.OUNCE))) {
        found.add(i);
      }
    }
    found = joined(found);
    boolean units = !found.isEmpty();
    if (!units) {
      found = bareAmounts();
    }
    if (found.isEmpty()) {
      return OptionalDouble.empty();
    }
    if (found.size() > 1) {
      throw twoFigures(found, "Which of them is the weight?");
    }
    double grams =
        units ? sum(found.get(0), Unit.OUNCE_G, Dimension.MASS) : take(found.get(0)).value();
    return OptionalDouble.of(within(grams, most, "g"));
  }

  /**
   * Claims the one figure in a unit of the dimension, in its base unit.
   *
   * @throws IllegalArgumentException when there are two
   */
  public OptionalDouble figure(Dimension dimension, double most) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Amount amount && amount.is(dimension)) {
        found.add(i);
      }
    }
    if (found.size() > 1) {
      throw twoFigures(found, "Write one at a time.");
    }
    if (found.isEmpty()) {
      return OptionalDouble.empty();
    }
    Part.Amount amount = take(found.get(0));
    double value = amount.unit().inBase(amount.value());
    boolean temperature = dimension == Dimension.CELSIUS || dimension == Dimension.FAHRENHEIT;
    if (temperature && !(Math.abs(value) <= most)) {
      throw new IllegalArgumentException(WORDS.say("out-of-range", raw(amount)));
    }
    return OptionalDouble.of(temperature ? value : within(value, most, raw(amount)));
  }

  /** Claims the first bare number that follows one of the words at once, “is” and signs aside. */
  public OptionalDouble after(Set<String> words) {
    for (int i = 0; i < parts.size(); i++) {
      if (word(i) == null || !words.contains(word(i))) {
        continue;
      }
      int at = i + 1;
      while (at < parts.size() && (sign(at) != null || word(at) != null && IS.contains(word(at)))) {
        at++;
      }
      if (free(at) instanceof Part.Amount amount && amount.unit() == null) {
        return OptionalDouble.of(take(at).value());
      }
    }
    return OptionalDouble.empty();
  }

  /** Claims the only bare number of the line; empty when there is none. */
  public OptionalDouble onlyBare() {
    List<Integer> found = bareAmounts();
    if (found.size() > 1) {
      throw twoFigures(found, "One figure, please.");
    }
    return found.isEmpty() ? OptionalDouble.empty() : OptionalDouble.of(take(found.get(0)).value());
  }

  /** Claims “3 of 14” as its two numbers, or nothing. */
  public Optional<double[]> partOf() {
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Amount part && part.unit() == null) {
        int at = "leaves".equals(word(i + 1)) || "leaf".equals(word(i + 1)) ? i + 2 : i + 1;
        at = "out".equals(word(at)) ? at + 1 : at;
        if ("of".equals(word(at))
            && free(at + 1) instanceof Part.Amount whole
            && whole.unit() == null) {
          return Optional.of(new double[] {take(i).value(), take(at + 1).value()});
        }
      }
    }
    return Optional.empty();
  }

  /** Claims label numbers such as 20-20-20. */
  public Optional<String> analysis() {
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Triple triple) {
        claimed.set(i);
        return Optional.of(triple.text());
      }
    }
    return Optional.empty();
  }

  /** Claims a dilution of one to so many. */
  public OptionalDouble dilution() {
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Ratio ratio && ratio.to() >= 1 && Double.isFinite(ratio.to())) {
        claimed.set(i);
        return OptionalDouble.of(ratio.to());
      }
    }
    return OptionalDouble.empty();
  }

  /** Claims a share of the full strength: “1/4 strength”, “at 50 % strength”, “half strength”. */
  public OptionalDouble strength() {
    for (int i = 0; i < parts.size(); i++) {
      if (free(i) instanceof Part.Amount amount
          && (amount.unit() == null || amount.is(Dimension.PERCENT))
          && ("strength".equals(word(i + 1)) || "dose".equals(word(i + 1)))) {
        double value = take(i).value() / (amount.unit() == null ? 1 : 100);
        if (!(value > 0 && value <= 10)) {
          throw new IllegalArgumentException("A strength between 0 and 10 times, please.");
        }
        return OptionalDouble.of(value);
      }
    }
    Matcher word = matcher(SPOKEN_STRENGTH);
    if (word.find()) {
      return OptionalDouble.of(
          switch (word.group(1)) {
            case "half" -> 0.5;
            case "quarter" -> 0.25;
            case "third" -> 1.0 / 3;
            case "double" -> 2;
            default -> 1;
          });
    }
    return OptionalDouble.empty();
  }

  private static final Pattern SPOKEN_STRENGTH =
      Pattern.compile("\\b(half|quarter|third|full|double)[ -](?:strength|dose)\\b");

  int size() {
    return parts.size();
  }

  Part free(int i) {
    return i >= 0 && i < parts.size() && !claimed.get(i) ? parts.get(i) : null;
  }

  String word(int i) {
    return free(i) instanceof Part.Word word ? word.text() : null;
  }

  String sign(int i) {
    return free(i) instanceof Part.Mark mark ? String.valueOf(mark.sign()) : null;
  }

  Part.Amount take(int i) {
    Part.Amount amount = (Part.Amount) parts.get(i);
    if (!Double.isNaN(amount.other())) {
      throw new IllegalArgumentException(
          WORDS.say(
              "which", raw(amount), Figures.plain(amount.other()), Figures.plain(amount.value())));
    }
    claimed.set(i);
    return amount;
  }

  String raw(Part part) {
    return text.substring(part.start(), part.end()).strip();
  }

  IllegalArgumentException twoFigures(List<Integer> found, String question) {
    return new IllegalArgumentException(
        WORDS.say(
            "two-figures", raw(parts.get(found.get(0))), raw(parts.get(found.get(1))), question));
  }

  static double within(double value, double most, String unit) {
    if (!(value > 0 && value <= most)) {
      throw new IllegalArgumentException(
          unit.matches("\\p{L}+")
              ? WORDS.say("at-most", Figures.plain(most), unit)
              : WORDS.say("out-of-range", unit));
    }
    return value;
  }
}
