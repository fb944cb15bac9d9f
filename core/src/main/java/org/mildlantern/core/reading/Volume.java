package org.mildlantern.core.reading;

import java.util.ArrayList;
import java.util.List;
import java.util.OptionalDouble;
import java.util.Set;
import java.util.function.IntPredicate;
import org.mildlantern.core.reading.Unit.Dimension;
import org.mildlantern.core.words.Words;

/** Finds the one volume of a line that was poured, among rates, vessels and what ran out. */
final class Volume {
  private static final Words WORDS = Words.of(Volume.class);

  private static final Set<String> ADDING = Set.of("with", "plus", "added", "adding", "incl");
  private static final Set<String> WATERS =
      Line.words(
          "water rain rainwater tap distilled ro osmosis filtered boiled softened pure plain tepid"
              + " warm cool cold lukewarm of");
  private static final Set<String> VESSELS =
      Set.of("pot", "can", "jug", "bottle", "bucket", "tank", "container");
  private static final Set<String> LEAVING =
      Set.of("ran", "run", "came", "drained", "drips", "dripped", "left", "leached", "out");

  /** A bare number below this may as well be litres, goes or pots. */
  private static final double LEAST_BARE_ML = 10;

  private final Line line;

  Volume(Line line) {
    this.line = line;
  }

  OptionalDouble read(boolean bare, double most) {
    List<Integer> found = new ArrayList<>();
    for (int i = 0; i < line.size(); i++) {
      if (line.free(i) instanceof Part.Amount amount && !line.rated(i) && !vessel(i)) {
        if (amount.is(Dimension.UNCLEAR_VOLUME)) {
          throw new IllegalArgumentException(WORDS.say("not-everywhere", line.raw(amount)));
        }
        if (amount.is(Dimension.VOLUME) || amount.is(Dimension.OUNCE)) {
          found.add(i);
        }
      }
    }
    found = without(found, this::added);
    found = without(found, this::leaves);
    found = line.joined(found);
    boolean units = !found.isEmpty();
    if (!units && bare) {
      found = without(line.bareAmounts(), this::leaves);
    }
    if (found.isEmpty()) {
      return OptionalDouble.empty();
    }
    if (found.size() > 1) {
      throw line.twoFigures(found, "Which of them was the drink?");
    }
    int first = found.get(0);
    Part drink = line.free(first);
    double value =
        units ? line.sum(first, Unit.OUNCE_ML, Dimension.VOLUME) : line.take(first).value();
    double times = times(first, units ? Double.NaN : value);
    if (!units && times == 1 && value > 0 && value < LEAST_BARE_ML) {
      throw new IllegalArgumentException(WORDS.say("of-what", line.raw(drink)));
    }
    return OptionalDouble.of(Line.within(value * times, most, "ml"));
  }

  /** Adding “5 ml of something” to the water is no drink. */
  private boolean added(int i) {
    boolean with = "+".equals(line.sign(i - 1)) || isOneOf(ADDING, i - 1);
    if (!with) {
      return false;
    }
    int next = "of".equals(line.word(i + 1)) ? i + 2 : i + 1;
    String what = line.word(next);
    return what != null
        && !Line.LINKS.contains(what)
        && !what.endsWith("ly")
        && !WATERS.contains(what);
  }

  private boolean isOneOf(Set<String> words, int i) {
    return line.word(i) != null && words.contains(line.word(i));
  }

  private boolean leaves(int i) {
    return isOneOf(LEAVING, i + 1);
  }

  private boolean vessel(int i) {
    return isOneOf(VESSELS, i + 1);
  }

  /** Leaves out those of whom something is true; of a lone one only what was added. */
  private List<Integer> without(List<Integer> found, IntPredicate not) {
    List<Integer> rest = new ArrayList<>(found);
    rest.removeIf(not::test);
    return rest.isEmpty() && found.size() == 1 && !added(found.get(0)) ? found : rest;
  }

  /**
   * Goes that stand with a volume: “2 times 240”, “240 ml twice”, “240 x 2”.
   *
   * @param bare a number that may be the goes itself, or NaN
   */
  private double times(int at, double bare) {
    int before = isOneOf(ADDING, at - 1) ? at - 2 : at - 1;
    for (int i : new int[] {before, at + 1}) {
      if (line.free(i) instanceof Part.Amount amount && amount.is(Dimension.TIMES)) {
        double goes = line.take(i).value();
        if (!goes(goes) && !goes(bare)) {
          throw new IllegalArgumentException("How often? 1 to 20 times, please.");
        }
        return goes;
      }
    }
    boolean by = "x".equals(line.word(at + 1)) || "×".equals(line.sign(at + 1));
    if (by && line.free(at + 2) instanceof Part.Amount amount && amount.unit() == null) {
      return line.take(at + 2).value();
    }
    return "twice".equals(line.word(at + 1)) || "twice".equals(line.word(before)) ? 2 : 1;
  }

  private static boolean goes(double number) {
    return number >= 1 && number <= 20 && number == Math.rint(number);
  }
}
