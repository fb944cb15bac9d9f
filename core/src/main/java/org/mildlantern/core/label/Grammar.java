package org.mildlantern.core.label;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;
import org.mildlantern.core.label.LabelRate.Per;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.label.Numbers.Range;
import org.mildlantern.core.words.Words;

/**
 * Reads one label in one setting, by descent:
 *
 * <pre>
 * label    = words, rate, { clause }
 * rate     = share | ratio | amount, per, holder | holder, amount
 * share    = range, "%", [ "v/v" | "w/v" ]
 * ratio    = number, [ "part" ], ( ":" | "in" | "to" | "+" ), range
 * amount   = range, unit, [ "(" number, unit ")" ]
 * holder   = [ number ], ( volume | area, [ "in", volume ] | plants | pots | volume, "of medium" )
 * clause   = most allowed | the same in another unit | interval, number of times, coverage
 * </pre>
 */
final class Grammar {
  private static final Words WORDS = Words.of(Grammar.class);

  private final Cursor at;
  private final Setting setting;
  private final Numbers numbers;
  private final String printed;

  Grammar(String printed, List<Token> tokens, Setting setting) {
    this.printed = printed;
    this.at = new Cursor(tokens);
    this.setting = setting;
    this.numbers = new Numbers(at, setting.notation());
  }

  /** How much of something of a kind; for a vessel of unknown size not a number. */
  private record Amount(Range of, Unit unit, double size, String words) {
    boolean is(Unit.Kind kind) {
      return unit.kind() == kind;
    }
  }

  /**
   * The rate.
   *
   * @throws Refusal when it cannot be read so
   */
  LabelRate label() {
    if (at.has(LabelWords.COUNTED)) {
      throw new Refusal("label.counted");
    }
    if (at.has(LabelWords.ACTIVE)) {
      throw new Refusal("label.active");
    }
    boolean atMost = lead();
    LabelRate rate = check(rate());
    rate = clauses(rate);
    return atMost
        ? new LabelRate(
            printed,
            WORDS.say("read.at-most", rate.asRead()),
            rate.most(),
            rate.most(),
            rate.what(),
            rate.per())
        : rate;
  }

  /** Goes to the first number of the rate; says whether the words before it set a limit. */
  private boolean lead() {
    boolean atMost = false;
    while (!at.ended()) {
      if (at.atDigits() || at.atNumber() && startsAmount()) {
        if (at.behindMinus()) {
          throw new Refusal("label.negative");
        }
        if (!skipTimes()) {
          return atMost;
        }
        if (at.atDigits()) {
          throw new Refusal("label.unread");
        }
        continue;
      }
      atMost |= at.at(LabelWords.MOST_ALLOWED) || at.at("up");
      at.next();
    }
    throw new Refusal(
        at.has(LabelWords.READY) || at.has(Set.of("dilute")) ? "label.ready" : "label.no-number");
  }

  /** Whether a number in words stands before a unit, and is no mere article. */
  private boolean startsAmount() {
    int before = at.place();
    try {
      numbers.number();
      return at.unit() != null;
    } catch (Refusal none) {
      return false;
    } finally {
      at.back(before);
    }
  }

  private LabelRate rate() {
    return first(this::share, this::ratio, this::forAmount, this::amountFor);
  }

  /** The first that can be read; what went wrong in one that got furthest otherwise. */
  @SafeVarargs
  private LabelRate first(Supplier<LabelRate>... ways) {
    int before = at.place();
    Refusal last = null;
    for (Supplier<LabelRate> way : ways) {
      at.back(before);
      try {
        return way.get();
      } catch (Refusal none) {
        last = last == null || !none.getMessage().equals("label.unread") ? none : last;
      }
    }
    throw last;
  }

  private LabelRate share() {
    Range range = numbers.range();
    if (at.skip("%") && numbers.upTo()) {
      range = Numbers.between(range.least(), numbers.number());
    } else if (at.at(Set.of("ppm"))) {
      throw new Refusal("label.ppm");
    }
    boolean percent = at.skip("%") || wasPercent() || at.skip(Set.of("percent", "prozent"));
    if (!percent) {
      throw new Refusal("label.unread");
    }
    at.skip("(");
    boolean weight = at.skip(Set.of("wov", "wow"));
    boolean volume = !weight && at.skip(Set.of("vov", "vol"));
    at.skip(")");
    boolean solid = weight || !volume && solid();
    return new LabelRate(
        printed,
        WORDS.say("read.share", range.words()),
        range.least() * 10,
        range.most() * 10,
        solid ? What.G : What.ML,
        Per.LITRE);
  }

  private boolean wasPercent() {
    int here = at.place();
    at.back(here - 1);
    return at.next().text().equals("%");
  }

  private LabelRate ratio() {
    double one = numbers.number();
    part();
    boolean in = at.at(Set.of("in"));
    if (!at.skip(LabelWords.TO_WATER)) {
      throw new Refusal("label.unread");
    }
    part();
    double of = numbers.number();
    double upper = of;
    int before = at.place();
    if (numbers.upTo() && at.atDigits()) {
      upper = numbers.number();
      if (at.skip(":")) {
        upper = numbers.number();
      }
    } else {
      at.back(before);
    }
    if (at.unit() != null && !at.at(LabelWords.PARTS)) {
      throw new Refusal("label.unread");
    }
    part();
    while (at.skip(LabelWords.WATER)) {
      continue;
    }
    if (one <= 0 || of < one) {
      throw new Refusal(one <= 0 || of <= 0 ? "label.zero" : "label.ratio-backwards");
    }
    double a = share(one, of, in);
    double b = share(one, upper, in);
    String parts = LabelRate.number(of) + (upper == of ? "" : " to " + LabelRate.number(upper));
    return new LabelRate(
        printed,
        WORDS.say(in ? "read.part-in" : "read.part-to", LabelRate.number(one), parts),
        Math.min(a, b),
        Math.max(a, b),
        solid() ? What.G : What.ML,
        Per.LITRE);
  }

  /** Millilitres in a litre: one in n, or one to n parts of water. */
  private static double share(double one, double of, boolean in) {
    return 1000 * one / (in ? of : one + of);
  }

  /** The word “part”, and what it is a part of. */
  private void part() {
    if (at.unit() == Unit.PART) {
      at.next();
      for (int i = 0; i < 3 && at.word().isPresent() && !at.at(LabelWords.PER); i++) {
        at.next();
      }
    }
  }

  private boolean solid() {
    return setting.solid() || at.has(LabelWords.SOLID);
  }

  /** {@code 5 ml in 2 l}. */
  private LabelRate amountFor() {
    Amount amount = amount();
    productWords();
    boolean beside = at.at("+");
    if (!at.skip("+")) {
      boolean found = false;
      while (at.at(LabelWords.PER)) {
        at.next();
        found = true;
      }
      if (!found) {
        throw new Refusal(amount.is(Unit.Kind.VESSEL) ? vessel(amount) : "label.per-what");
      }
    }
    return join(amount, beside);
  }

  /** {@code 10 l: 25 ml}. */
  private LabelRate forAmount() {
    Amount holder = amount();
    if (!holder.is(Unit.Kind.VOLUME)) {
      throw new Refusal("label.unread");
    }
    while (at.skip(LabelWords.WATER) || at.skip(LabelWords.TAKE)) {
      continue;
    }
    Amount amount = amount();
    double ml = holder.of().least() * holder.size();
    if (amount.of().most() * amount.size() >= ml) {
      throw new Refusal("label.unread");
    }
    return rate(amount, ml / 1000, Per.LITRE, WORDS.say("read.in", amount.words(), holder.words()));
  }

  private Amount amount() {
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
    double size = printedSize(unit, range, unit.size(setting.region()));
    return new Amount(
        range, unit, size, unit.words(range.words(), range.most() == 1, setting.region()));
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
    while (at.skip(LabelWords.WHOSE)) {
      continue;
    }
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
  private double printedSize(Unit unit, Range range, double size) {
    int before = at.place();
    if (!at.at(LabelWords.MEASURED_BY)) {
      return size;
    }
    while (at.skip(LabelWords.MEASURED_BY)) {
      continue;
    }
    if (!at.atDigits()) {
      at.back(before);
      return size;
    }
    Range given;
    Unit in;
    try {
      given = numbers.range();
      at.skip("-");
      in = unit();
    } catch (Refusal none) {
      at.back(before);
      return size;
    }
    if (at.at("/")) {
      at.back(before);
      return size;
    }
    at.skip(")");
    double each = given.least() * in.size(setting.region()) / range.least();
    if (unit.kind() == Unit.Kind.VESSEL || unit.kind() == Unit.Kind.COUNT) {
      weighed = in.kind();
      return each;
    }
    if (in.kind() == unit.kind() && Math.abs(each / size - 1) > 0.06) {
      throw new Refusal("label.brackets");
    }
    return size;
  }

  /** What the contents of a vessel are measured in, once printed. */
  private Unit.Kind weighed;

  /** The name of the product between an amount and what it is for. */
  private void productWords() {
    for (int i = 0; i < 6 && at.word().isPresent() && !at.at(LabelWords.PER); i++) {
      if (at.unit() != null && at.unit().kind() != Unit.Kind.VESSEL) {
        return;
      }
      at.next();
    }
  }

  private LabelRate join(Amount amount, boolean beside) {
    double number = 1;
    boolean counted = at.atNumber();
    if (counted) {
      number = numbers.number();
    }
    at.skip("-");
    while (at.skip(LabelWords.WHOSE_WATER)) {
      continue;
    }
    Unit unit = at.unit();
    if (unit == null) {
      throw new Refusal(
          at.at(LabelWords.MEDIUM)
              ? "label.of-medium"
              : at.at(LabelWords.CANS) ? "label.which-can" : "label.per-what");
    }
    if (number <= 0) {
      throw new Refusal("label.no-water");
    }
    at.next();
    String holder = unit.words(LabelRate.number(number), number == 1, setting.region());
    return switch (unit.kind()) {
      case VOLUME -> inVolume(amount, beside, number, unit, holder);
      case AREA -> onArea(amount, number * unit.size(setting.region()), unit, holder);
      case LENGTH -> {
        at.skip(Set.of("diameter", "wide"));
        if (at.unit() != Unit.POT) {
          throw new Refusal("label.per-what");
        }
        at.next();
        yield rate(
            amount,
            1,
            Per.POT,
            WORDS.say(
                "read.for-pot",
                amount.words(),
                unit.words(LabelRate.number(number), true, setting.region())));
      }
      case PLANT -> rate(amount, number, Per.PLANT, WORDS.say("read.for", amount.words(), holder));
      case POT -> rate(amount, number, Per.POT, WORDS.say("read.for", amount.words(), holder));
      default -> throw new Refusal("label.per-what");
    };
  }

  private LabelRate inVolume(
      Amount amount, boolean beside, double number, Unit unit, String holder) {
    double size = printedSize(unit, Range.of(number), unit.size(setting.region()));
    double litres = number * size / 1000;
    at.skip("-");
    if (at.unit() == Unit.POT) {
      at.next();
      return rate(amount, 1, Per.POT, WORDS.say("read.for-pot", amount.words(), holder));
    }
    int before = at.place();
    while (at.skip(LabelWords.WATER) || at.skip(Set.of("potting", "growing", "moist"))) {
      continue;
    }
    if (at.skip(LabelWords.MEDIUM)) {
      return rate(amount, litres, Per.MEDIUM, WORDS.say("read.in-medium", amount.words(), holder));
    }
    at.back(before);
    while (at.skip(LabelWords.WATER)) {
      continue;
    }
    if (beside && amount.is(Unit.Kind.VOLUME)) {
      litres += amount.of().least() * amount.size() / 1000;
    }
    return rate(amount, litres, Per.LITRE, WORDS.say("read.in", amount.words(), holder));
  }

  private LabelRate onArea(Amount amount, double metres, Unit unit, String holder) {
    int before = at.place();
    boolean found = false;
    while (at.skip(LabelWords.WITH_WATER)) {
      found = true;
    }
    if (found && at.atDigits()) {
      Amount water = amount();
      if (water.is(Unit.Kind.VOLUME)) {
        while (at.skip(LabelWords.WATER)) {
          continue;
        }
        return rate(
            amount,
            water.of().least() * water.size() / 1000,
            Per.LITRE,
            WORDS.say("read.in", amount.words(), water.words()));
      }
    }
    at.back(before);
    LabelRate rate = rate(amount, metres, Per.AREA, WORDS.say("read.on", amount.words(), holder));
    if (unit == Unit.HECTARE || unit == Unit.ACRE) {
      throw new Refusal("label.field", rate.words());
    }
    return rate;
  }

  /** The rate of an amount for so much. */
  private LabelRate rate(Amount amount, double of, Per per, String asRead) {
    if (Double.isNaN(amount.size())) {
      throw new Refusal(amount.is(Unit.Kind.VESSEL) ? vessel(amount) : "label.which-gallon");
    }
    if (Double.isNaN(of)) {
      throw new Refusal("label.which-gallon");
    }
    if (of <= 0) {
      throw new Refusal("label.no-water");
    }
    double each = amount.size() / of;
    Unit.Kind measured =
        amount.is(Unit.Kind.VESSEL) || amount.is(Unit.Kind.COUNT) && weighed != null
            ? weighed
            : amount.unit().kind();
    What what =
        switch (measured) {
          case MASS -> What.G;
          case COUNT -> What.TABLET;
          default -> What.ML;
        };
    return new LabelRate(
        printed, asRead, amount.of().least() * each, amount.of().most() * each, what, per);
  }

  private static String vessel(Amount amount) {
    return switch (amount.unit()) {
      case DROP -> "label.drops";
      case CAPFUL -> "label.capful";
      case SACHET -> "label.sachet";
      default -> "label.scoop";
    };
  }

  private static LabelRate check(LabelRate rate) {
    if (!(rate.least() > 0)) {
      throw new Refusal("label.zero");
    }
    return rate;
  }

  /** What follows a rate: a limit, the same in other units, how often; never another rate. */
  private LabelRate clauses(LabelRate rate) {
    LabelRate now = rate;
    boolean limit = false;
    while (!at.ended()) {
      if (!at.atDigits()) {
        if (at.at(Set.of("-")) && !limit) {
          at.next();
          continue;
        }
        limit |= at.at(LabelWords.MOST_ALLOWED);
        if (at.at(Set.of(".", ";"))) {
          limit = false;
        }
        at.next();
        continue;
      }
      if (skipTimes() || skipCoverage()) {
        limit = false;
        continue;
      }
      now = clause(now, limit);
      limit = false;
    }
    return now;
  }

  private LabelRate clause(LabelRate rate, boolean limit) {
    String rest = at.rest();
    LabelRate other;
    try {
      other = rate();
    } catch (Refusal unread) {
      if (limit && skipAmount()) {
        return rate;
      }
      throw new Refusal("label.rest", rest);
    }
    boolean same = other.what() == rate.what() && other.per() == rate.per();
    if (limit && !same) {
      return rate;
    }
    if (!same || !limit && Math.abs(other.least() / rate.least() - 1) > 0.05) {
      throw new Refusal("label.two-rates");
    }
    boolean ranged = rate.most() > rate.least();
    if (!limit || ranged && other.most() >= rate.most()) {
      return rate;
    }
    if (other.most() < rate.least()) {
      throw new Refusal("label.above-its-limit");
    }
    return new LabelRate(
        printed,
        WORDS.say("read.limited", rate.asRead(), other.asRead()),
        rate.least(),
        other.most(),
        rate.what(),
        rate.per());
  }

  private boolean skipAmount() {
    int before = at.place();
    try {
      numbers.range();
      if (at.unit() != null) {
        at.next();
      }
      return true;
    } catch (Refusal none) {
      at.back(before);
      return false;
    }
  }

  /** A number of days or of times, in figures. */
  private boolean skipTimes() {
    int before = at.place();
    try {
      numbers.range();
      at.skip("-");
      if (at.skip(LabelWords.TIMES)) {
        return true;
      }
    } catch (Refusal none) {
      // Goes back below.
    }
    at.back(before);
    return false;
  }

  /** For how many plants, pots or square metres a mix is enough. */
  private boolean skipCoverage() {
    int before = at.place();
    try {
      numbers.range();
      at.skip("-");
      Unit unit = at.unit();
      if (unit != null
          && Set.of(Unit.Kind.AREA, Unit.Kind.PLANT, Unit.Kind.POT).contains(unit.kind())) {
        at.next();
        return true;
      }
    } catch (Refusal none) {
      // Goes back below.
    }
    at.back(before);
    return false;
  }
}
