package org.mildlantern.core.label;

import java.util.List;
import java.util.Set;
import java.util.function.BooleanSupplier;
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

  private static final Set<Unit.Kind> COVERED =
      Set.of(Unit.Kind.AREA, Unit.Kind.PLANT, Unit.Kind.POT);

  private final String printed;
  private final Cursor at;
  private final Numbers numbers;
  private final Rates rates;

  Grammar(String printed, List<Token> tokens, Setting setting) {
    this.printed = printed;
    this.at = new Cursor(tokens);
    this.numbers = new Numbers(at, setting.notation());
    this.rates = new Rates(printed, at, setting);
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
    LabelRate rate = check(rates.rate());
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
      if (!at.atDigits() && !(at.atNumber() && startsAmount())) {
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
      other = rates.rate();
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

  /** An amount of whatever, to be passed over. */
  private boolean skipAmount() {
    return attempt(
        () -> {
          numbers.range();
          if (at.unit() != null) {
            at.next();
          }
          return true;
        });
  }

  /** A number of days or of times, in figures. */
  private boolean skipTimes() {
    return attempt(
        () -> {
          numbers.range();
          at.skip("-");
          return at.skip(LabelWords.TIMES);
        });
  }

  /** For how many plants, pots or square metres a mix is enough. */
  private boolean skipCoverage() {
    return attempt(
        () -> {
          numbers.range();
          at.skip("-");
          boolean covered = at.unit() != null && COVERED.contains(at.unit().kind());
          if (covered) {
            at.next();
          }
          return covered;
        });
  }

  /** Goes on over what can be read so, and else stays. */
  private boolean attempt(BooleanSupplier part) {
    int before = at.place();
    try {
      if (part.getAsBoolean()) {
        return true;
      }
    } catch (Refusal none) {
      // It is something else.
    }
    at.back(before);
    return false;
  }
}
