package org.mildlantern.core.said;

import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Doubt;
import org.mildlantern.core.diagnosis.Finding;

/**
 * What was read from a text.
 *
 * @param kind the kind that it names, as it is called there, or null
 * @param maybe signs that it may tell besides, to be offered to its keeper, the likeliest first
 * @param unread what was not understood
 */
public record Reading(
    Named kind, List<Seen> seen, List<Seen> maybe, List<Told> told, List<Span> unread) {

  /** Characters of the text, from the first to after the last. */
  public record Span(int from, int to) {
    /** What stands there. */
    public String of(String text) {
      return text.substring(from, to);
    }
  }

  /** A kind that the text names. */
  public record Named(String taxon, Span span) {
    /** Whether several kinds are called so, and it is asked which. */
    public boolean several() {
      return taxon == null;
    }
  }

  /**
   * A sign or an open word that is there or not.
   *
   * @param pattern where it sits, or null when that was not said
   * @param sure how likely it was meant, 0 to 1; 1 where it was said plainly
   * @param alternatives signs that the word can mean, when it is open
   */
  public record Seen(
      String sign,
      String pattern,
      boolean present,
      Span span,
      double sure,
      List<String> alternatives) {
    /** Whether its words lie in a part of the text. */
    public boolean isIn(Span part) {
      return span.from() >= part.from() && span.to() <= part.to();
    }

    Seen with(double sure) {
      return new Seen(sign, pattern, present, span, sure, alternatives);
    }

    public Finding finding() {
      return new Finding(sign, pattern, present, sure);
    }
  }

  /**
   * A circumstance: a field with its value.
   *
   * @param sure how likely it was meant, above 0 and up to 1; 1 where it was said plainly
   */
  public record Told(String field, Value value, Span span, double sure) {
    public boolean isSure() {
      return sure == 1;
    }

    /** The same once it was confirmed. */
    public Told surely() {
      return new Told(field, value, span, 1);
    }
  }

  /** What a field is said to be. */
  public sealed interface Value {
    /**
     * As a word of its field says it; of what plants near it have, the causes that may be meant,
     * parted by “|”.
     */
    static Value written(String field, String word) {
      return field.equals(Circumstances.NEIGHBOURS)
          ? new Causes(List.of(word.split("\\|")))
          : new Choice(word);
    }

    /**
     * The circumstances of which only this is known.
     *
     * @param sure how likely it was meant; figures are always meant
     */
    Circumstances of(String field, double sure);
  }

  /**
   * A number in the field's unit.
   *
   * @param spread its standard deviation, where what was said can mean several; else 0
   */
  public record Figure(double number, double spread) implements Value {
    public Figure(double number) {
      this(number, 0);
    }

    @Override
    public Circumstances of(String field, double sure) {
      return new Circumstances(
          Map.of(field, number),
          Map.of(),
          Set.of(),
          new Doubt(spread > 0 ? Map.of(field, spread) : Map.of(), Map.of()));
    }

    @Override
    public String toString() {
      return number == Math.rint(number) ? String.valueOf((long) number) : String.valueOf(number);
    }
  }

  /** One of the field's words. */
  public record Choice(String word) implements Value {
    @Override
    public Circumstances of(String field, double sure) {
      return Circumstances.heard(field, word, sure);
    }

    @Override
    public String toString() {
      return word;
    }
  }

  /** Causes of which one is meant that plants near it have. */
  public record Causes(List<String> ids) implements Value {
    @Override
    public Circumstances of(String field, double sure) {
      return new Circumstances(Map.of(), Map.of(), Set.copyOf(ids));
    }

    @Override
    public String toString() {
      return String.join("|", ids);
    }
  }

  public List<Finding> findings() {
    return seen.stream().map(Seen::finding).toList();
  }

  public Circumstances circumstances() {
    return told.stream()
        .map(one -> one.value().of(one.field(), one.sure()))
        .reduce(Circumstances.UNKNOWN, Circumstances::telling);
  }
}
