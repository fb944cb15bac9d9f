package org.mildlantern.core.label;

import java.util.Set;
import java.util.function.Supplier;
import org.mildlantern.core.label.Amounts.Amount;
import org.mildlantern.core.label.LabelRate.Per;
import org.mildlantern.core.label.LabelRate.What;
import org.mildlantern.core.label.Numbers.Range;
import org.mildlantern.core.words.Words;

/** Reads one rate: a share, a ratio, or an amount for what holds it. */
final class Rates {
  private static final Words WORDS = Words.of(Rates.class);

  private final String printed;
  private final Cursor at;
  private final Setting setting;
  private final Numbers numbers;
  private final Amounts amounts;

  Rates(String printed, Cursor at, Setting setting) {
    this.printed = printed;
    this.at = at;
    this.setting = setting;
    this.numbers = new Numbers(at, setting.notation());
    this.amounts = new Amounts(at, setting, numbers);
  }

  /** The rate here. */
  LabelRate rate() {
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
    boolean solid = weight || !volume && amounts.solid();
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
    at.skipAll(LabelWords.WATER);
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
        amounts.solid() ? What.G : What.ML,
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

  /** {@code 5 ml in 2 l}. */
  private LabelRate amountFor() {
    Amount amount = amounts.amount();
    amounts.productWords();
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
    Amount holder = amounts.amount();
    if (!holder.is(Unit.Kind.VOLUME)) {
      throw new Refusal("label.unread");
    }
    while (at.skip(LabelWords.WATER) || at.skip(LabelWords.TAKE)) {
      continue;
    }
    Amount amount = amounts.amount();
    double ml = holder.least();
    if (amount.most() >= ml) {
      throw new Refusal("label.unread");
    }
    return rate(amount, ml / 1000, Per.LITRE, WORDS.say("read.in", amount.words(), holder.words()));
  }

  private LabelRate join(Amount amount, boolean beside) {
    double number = 1;
    boolean counted = at.atNumber();
    if (counted) {
      number = numbers.number();
    }
    at.skip("-");
    at.skipAll(LabelWords.WHOSE_WATER);
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
    double litres = number * amounts.printedSize(unit, Range.of(number)).each() / 1000;
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
    at.skipAll(LabelWords.WATER);
    if (beside && amount.is(Unit.Kind.VOLUME)) {
      litres += amount.least() / 1000;
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
      Amount water = amounts.amount();
      if (water.is(Unit.Kind.VOLUME)) {
        at.skipAll(LabelWords.WATER);
        return rate(
            amount,
            water.least() / 1000,
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
    What what =
        switch (amount.measured()) {
          case MASS -> What.G;
          case COUNT -> What.TABLET;
          default -> What.ML;
        };
    return new LabelRate(printed, asRead, amount.least() / of, amount.most() / of, what, per);
  }

  private static String vessel(Amount amount) {
    return switch (amount.unit()) {
      case DROP -> "label.drops";
      case CAPFUL -> "label.capful";
      case SACHET -> "label.sachet";
      default -> "label.scoop";
    };
  }
}
