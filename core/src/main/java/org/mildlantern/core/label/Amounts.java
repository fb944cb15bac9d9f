package org.mildlantern.core.label;

import java.util.Set;
import org.mildlantern.core.label.Numbers.Range;

/** Reads amounts: {@code 2½ US fl oz (74 ml) of product}. */
final class Amounts {
  private final Cursor at;
  private final Setting setting;
  private final Numbers numbers;

  Amounts(Cursor at, Setting setting, Numbers numbers) {
    this.at = at;
    this.setting = setting;
    this.numbers = numbers;
  }

  /**
   * How much of something.
   *
   * @param size of one unit in ml, g or pieces; not a number for a vessel of unknown size
   * @param measured what that is: of a vessel, its contents
   */
  record Amount(Range of, Unit unit, double size, Unit.Kind measured, String words) {
    boolean is(Unit.Kind kind) {
      return unit.kind() == kind;
    }

    double most() {
      return of.most() * size;
    }

    double least() {
      return of.least() * size;
    }
  }

  /** The size of a unit, and what it measures. */
  record Size(double each, Unit.Kind kind) {}

  boolean solid() {
    return setting.solid() || at.has(LabelWords.SOLID);
  }

  /** An amount, or a range of two. */
  Amount amount() {
    Range range = numbers.range();
    at.skip("-");
    Unit unit = unit();
    int before = at.place();
    if (range.most() == range.least() && numbers.upTo() && at.atNumber()) {
      try {
        Range upper = numbers.range();
        if (unit() == unit && followedByPer()) {
          range = Numbers.between(range.least(), upper.most());
        } else {
          at.back(before);
        }
      } catch (Refusal single) {
        if (single.getMessage().equals("label.backwards")) {
          throw single;
        }
        at.back(before);
      }
    } else {
      at.back(before);
    }
    Size size = printedSize(unit, range);
    return new Amount(
        range,
        unit,
        size.each(),
        size.kind(),
        unit.words(range.words(), range.most() == 1, setting.region()));
  }

  private boolean followedByPer() {
    int before = at.place();
    productWords();
    boolean per = at.at(LabelWords.PER);
    at.back(before);
    return per;
  }

  /** A unit of amounts, past what is said about it. */
  private Unit unit() {
    at.skipAll(LabelWords.WHOSE);
    if (at.at(Set.of("heaped", "heaping", "rounded", "gestrichen", "gehäufter"))) {
      throw new Refusal("label.heaped");
    }
    Unit unit = at.unit();
    if (unit == null || unit == Unit.PART || unit.kind().compareTo(Unit.Kind.VESSEL) > 0) {
      throw new Refusal("label.unread");
    }
    at.next();
    if (unit == Unit.OUNCE && setting.fluid()) {
      return Unit.FLUID_OUNCE;
    }
    boolean spoon = unit == Unit.TEASPOON || unit == Unit.TABLESPOON || unit == Unit.CUP;
    if (spoon && solid()) {
      throw new Refusal("label.spoon-of-powder");
    }
    return unit;
  }

  /** The size of a unit, given or confirmed by what stands in brackets behind it. */
  Size printedSize(Unit unit, Range range) {
    double size = unit.size(setting.region());
    Size usual = new Size(size, unit.kind());
    int before = at.place();
    at.skipAll(LabelWords.MEASURED_BY);
    if (at.place() == before || !at.atDigits()) {
      at.back(before);
      return usual;
    }
    Range given;
    Unit in;
    try {
      given = numbers.range();
      at.skip("-");
      in = unit();
    } catch (Refusal none) {
      at.back(before);
      return usual;
    }
    if (at.at("/")) {
      at.back(before);
      return usual;
    }
    at.skip(")");
    double each = given.least() * in.size(setting.region()) / range.least();
    if (unit.kind() == Unit.Kind.VESSEL || unit.kind() == Unit.Kind.COUNT) {
      return new Size(each, in.kind());
    }
    if (in.kind() == unit.kind() && Math.abs(each / size - 1) > 0.06) {
      throw new Refusal("label.brackets");
    }
    return usual;
  }

  /** The name of the product between an amount and what it is for. */
  void productWords() {
    for (int i = 0; i < 6 && at.word().isPresent() && !at.at(LabelWords.PER); i++) {
      if (at.unit() != null && at.unit().kind() != Unit.Kind.VESSEL) {
        return;
      }
      at.next();
    }
  }
}
