package org.mildlantern.core.reliability;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.OpenWord;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.said.Reading;

/**
 * How much of what keepers say is read, and how often the right cause leads on it.
 *
 * @param statements that the texts make
 * @param found of these
 * @param offered statements that were not found, but are offered to a tap
 * @param read statements that were read
 * @param invented of these, what no text says
 * @param plain statements that were read without doubt
 * @param plainlyInvented of these, what no text says
 * @param first texts whose right cause leads
 * @param amongThree texts with a right cause among the first three
 * @param urgent texts with a cause that must not be missed
 * @param urgentFound of these, those in which it is among the first three
 */
public record ReadRate(
    int texts,
    int statements,
    int found,
    int offered,
    int read,
    int invented,
    int plain,
    int plainlyInvented,
    int first,
    int amongThree,
    int urgent,
    int urgentFound) {

  private static final double MONTH = 30;

  /** Figures are rounded when they are read. */
  private static final double NEAR = 0.51;

  /** What one text gave. */
  public record One(
      SaidText text,
      Reading reading,
      List<String> missed,
      List<String> invented,
      List<String> led) {
    boolean first() {
      return text.accept().contains(led.get(0));
    }

    boolean amongThree() {
      return led.stream().limit(3).anyMatch(text.accept()::contains);
    }

    boolean urgentFound() {
      return text.urgent() != null && led.stream().limit(3).anyMatch(text.accept()::contains);
    }

    int statements() {
      return text.says().size() + text.not().size() + text.context().size();
    }

    int read() {
      return reading.seen().size() + reading.told().size();
    }

    int offered() {
      return (int) reading.maybe().stream().map(ReadRate::called).filter(missed::contains).count();
    }

    private Stream<String> doubted() {
      return Stream.concat(
          reading.seen().stream().filter(one -> one.sure() < 1).map(ReadRate::called),
          reading.told().stream().filter(one -> one.sure() < 1).map(ReadRate::called));
    }

    int plain() {
      return read() - (int) doubted().count();
    }

    int plainlyInvented() {
      return invented.size() - (int) doubted().filter(invented::contains).count();
    }
  }

  /** Of the texts that may be looked at, or of those that never are. */
  static ReadRate of(boolean open, Knowledge knowledge) {
    return of(
        each(
            SaidText.all(knowledge).stream().filter(text -> text.open() == open).toList(),
            knowledge));
  }

  public static ReadRate of(List<One> ones) {
    return new ReadRate(
        ones.size(),
        ones.stream().mapToInt(One::statements).sum(),
        ones.stream().mapToInt(one -> one.statements() - one.missed().size()).sum(),
        ones.stream().mapToInt(One::offered).sum(),
        ones.stream().mapToInt(One::read).sum(),
        ones.stream().mapToInt(one -> one.invented().size()).sum(),
        ones.stream().mapToInt(One::plain).sum(),
        ones.stream().mapToInt(One::plainlyInvented).sum(),
        (int) ones.stream().filter(One::first).count(),
        (int) ones.stream().filter(One::amongThree).count(),
        (int) ones.stream().filter(one -> one.text().urgent() != null).count(),
        (int) ones.stream().filter(One::urgentFound).count());
  }

  /** Reads and diagnoses each text. */
  public static List<One> each(List<SaidText> texts, Knowledge knowledge) {
    Reader reader = new Reader(knowledge);
    Diagnostician diagnostician = new Diagnostician(knowledge);
    return texts.parallelStream().map(text -> one(text, reader, diagnostician, knowledge)).toList();
  }

  private static One one(
      SaidText text, Reader reader, Diagnostician diagnostician, Knowledge knowledge) {
    Reading reading = reader.read(text.text(), text.kind().form(), text.day());
    List<String> missed = new ArrayList<>();
    Set<Object> used = new HashSet<>();
    text.says().forEach(sign -> take(sign, true, reading, used, missed, knowledge));
    text.not().forEach(sign -> take(sign, false, reading, used, missed, knowledge));
    text.context()
        .forEach(
            (field, value) ->
                reading.told().stream()
                    .filter(
                        told ->
                            told.field().equals(field)
                                && same(field, told.value().toString(), value))
                    .findFirst()
                    .ifPresentOrElse(used::add, () -> missed.add(field + "=" + value)));
    text.also().forEach(one -> takeBesides(one, reading, used, knowledge));
    List<String> invented = new ArrayList<>();
    reading.seen().stream()
        .filter(seen -> !used.contains(seen) && !isWholeOfSaid(seen, text, knowledge))
        .forEach(seen -> invented.add(called(seen)));
    reading.told().stream()
        .filter(told -> !used.contains(told))
        .forEach(told -> invented.add(called(told)));
    return new One(text, reading, missed, invented, led(text, reading, diagnostician));
  }

  private static String called(Reading.Seen seen) {
    return (seen.present() ? "" : SaidText.NOT) + seen.sign();
  }

  private static String called(Reading.Told told) {
    return told.field() + "=" + told.value();
  }

  private static void take(
      String sign,
      boolean present,
      Reading reading,
      Set<Object> used,
      List<String> missed,
      Knowledge knowledge) {
    reading.seen().stream()
        .filter(
            seen ->
                seen.present() == present
                    && OpenWord.alike(seen.sign(), sign, knowledge.openWords()))
        .findFirst()
        .ifPresentOrElse(used::add, () -> missed.add((present ? "" : "not ") + sign));
  }

  private static void takeBesides(
      String also, Reading reading, Set<Object> used, Knowledge knowledge) {
    boolean present = !also.startsWith(SaidText.NOT);
    String sign = present ? also : also.substring(SaidText.NOT.length());
    take(sign, present, reading, used, new ArrayList<>(), knowledge);
    reading.told().stream().filter(told -> also.equals(called(told))).forEach(used::add);
  }

  /** What shows a trait shows the sign that it belongs to. */
  private static boolean isWholeOfSaid(Reading.Seen seen, SaidText text, Knowledge knowledge) {
    return seen.present()
        && Stream.of(text.says(), text.also())
            .flatMap(List::stream)
            .flatMap(said -> knowledge.signs().find(said).stream())
            .anyMatch(said -> seen.sign().equals(said.of()));
  }

  /** A time that was told by the month is right to half of one. */
  private static boolean same(String field, String read, String said) {
    try {
      double days = Double.parseDouble(said);
      boolean byMonth = field.startsWith("days-") || field.endsWith("-days");
      double near = byMonth && days >= MONTH ? MONTH / 2 : NEAR;
      return Math.abs(Double.parseDouble(read) - days) <= near;
    } catch (NumberFormatException e) {
      return read.equals(said);
    }
  }

  private static List<String> led(SaidText text, Reading reading, Diagnostician diagnostician) {
    return diagnostician
        .diagnose(Question.of(text.kind(), text.day(), reading.findings(), reading.circumstances()))
        .ranking()
        .stream()
        .limit(3)
        .map(RankedCause::cause)
        .map(cause -> cause.id())
        .toList();
  }
}
