package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.reliability.Lessons;
import org.mildlantern.core.said.Learning.Lesson;

/** Signs and circumstances, each in several other words. */
class PhrasebookTest {
  private static final double MAY_BE_MISSED = 1 / 12.0;

  /** Neither read nor offered to a tap. */
  private static final double MAY_BE_UNHEARD = 1 / 30.0;

  private static final double MAY_BE_READ = 1 / 30.0;
  private static final Reader READER = new Reader(Library.shipped().knowledge());
  private static final int PAIRS = 2000;
  private static final List<String> JOINS = List.of(" and ", " with ", ", ");

  private static final List<Lesson> WAYS = Lessons.ways();

  @Test
  void whatIsSaidInOtherWordsIsReadToo() {
    List<Lesson> telling = WAYS.stream().filter(way -> !way.tells().isEmpty()).toList();
    List<String> missed = new ArrayList<>();
    List<String> unheard = new ArrayList<>();
    for (Lesson way : telling) {
      String wanted = new TreeSet<>(way.tells()).first();
      Reading reading = READER.read(way.text(), null);
      if (!tells(reading, wanted)) {
        missed.add(way.tells() + " " + way.text());
        if (reading.maybe().stream().noneMatch(one -> one.sign().equals(wanted))) {
          unheard.add(way.tells() + " " + way.text());
        }
      }
    }
    assertThat(missed).hasSizeLessThanOrEqualTo((int) (MAY_BE_MISSED * telling.size()));
    assertThat(unheard).hasSizeLessThanOrEqualTo((int) (MAY_BE_UNHEARD * telling.size()));
  }

  /** Whether it was read, or an open word that can mean it. */
  private static boolean tells(Reading reading, String wanted) {
    return reading.seen().stream()
            .anyMatch(
                s -> s.present() && (s.sign().equals(wanted) || s.alternatives().contains(wanted)))
        || reading.told().stream().anyMatch(t -> (t.field() + "=" + t.value()).equals(wanted));
  }

  @Test
  void whatTellsNothingIsNotRead() {
    List<Lesson> silent = WAYS.stream().filter(way -> way.tells().isEmpty()).toList();
    List<String> read =
        silent.stream()
            .map(Lesson::text)
            .filter(text -> READER.read(text, null).seen().stream().anyMatch(Reading.Seen::present))
            .toList();
    assertThat(read).hasSizeLessThanOrEqualTo((int) (MAY_BE_READ * silent.size()));
  }

  @Test
  void ofTwoThingsSaidTogetherBothAreReadAndNothingElse() {
    List<String> ways = WAYS.stream().map(Lesson::text).toList();
    Random random = new Random(5);
    int said = 0;
    int lost = 0;
    int more = 0;
    for (int i = 0; i < PAIRS; i++) {
      String one = ways.get(random.nextInt(ways.size()));
      String other = ways.get(random.nextInt(ways.size()));
      Set<String> apart = signs(READER.read(one, null));
      apart.addAll(signs(READER.read(other, null)));
      Set<String> together = signs(READER.read(one + JOINS.get(i % JOINS.size()) + other, null));
      said += apart.size();
      lost += apart.stream().filter(sign -> !together.contains(sign)).count();
      more += together.stream().filter(sign -> !apart.contains(sign)).count();
    }
    assertThat(lost).isLessThan((int) (0.05 * said));
    assertThat(more).isLessThan((int) (0.04 * said));
  }

  private static Set<String> signs(Reading reading) {
    return reading.seen().stream()
        .filter(seen -> seen.alternatives().isEmpty())
        .map(Reading.Seen::sign)
        .collect(Collectors.toCollection(HashSet::new));
  }
}
