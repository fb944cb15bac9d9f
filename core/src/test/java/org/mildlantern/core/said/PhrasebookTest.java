package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;

/** Signs and circumstances, each in several other words. */
class PhrasebookTest {
  private static final double MAY_BE_MISSED = 1 / 30.0;
  private static final int PAIRS = 2000;
  private static final List<String> JOINS = List.of(" and ", " with ", ", ");

  @Test
  void whatIsSaidInOtherWordsIsReadToo() throws IOException {
    Reader reader = new Reader(Library.shipped().knowledge());
    List<String> missed = new ArrayList<>();
    int all = 0;
    for (String line : lines()) {
      String[] entry = line.split(": ", 2);
      for (String way : entry[1].split("; ")) {
        all++;
        Reading reading = reader.read(way, null);
        boolean seen =
            reading.seen().stream().anyMatch(s -> s.present() && s.sign().equals(entry[0]));
        boolean told =
            reading.told().stream().anyMatch(t -> (t.field() + "=" + t.value()).equals(entry[0]));
        if (!seen && !told) {
          missed.add(entry[0] + ": " + way);
        }
      }
    }
    assertThat(all).isGreaterThan(2000);
    assertThat(missed).hasSizeLessThanOrEqualTo((int) (MAY_BE_MISSED * all));
  }

  @Test
  void ofTwoThingsSaidTogetherBothAreReadAndNothingElse() throws IOException {
    List<String> ways =
        lines().stream().flatMap(line -> Stream.of(line.split(": ", 2)[1].split("; "))).toList();
    Reader reader = new Reader(Library.shipped().knowledge());
    Random random = new Random(5);
    int said = 0;
    int lost = 0;
    int more = 0;
    for (int i = 0; i < PAIRS; i++) {
      String one = ways.get(random.nextInt(ways.size()));
      String other = ways.get(random.nextInt(ways.size()));
      Set<String> apart = signs(reader.read(one, null));
      apart.addAll(signs(reader.read(other, null)));
      Set<String> together = signs(reader.read(one + JOINS.get(i % JOINS.size()) + other, null));
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

  private static List<String> lines() throws IOException {
    try (var in = PhrasebookTest.class.getResourceAsStream("/phrasebook.txt")) {
      return new String(in.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .toList();
    }
  }
}
