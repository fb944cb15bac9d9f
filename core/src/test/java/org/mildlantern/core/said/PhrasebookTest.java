package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;

/** Signs and circumstances, each in several other words. */
class PhrasebookTest {
  private static final double MAY_BE_MISSED = 1 / 30.0;

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
    assertThat(all).isGreaterThan(600);
    assertThat(missed).hasSizeLessThanOrEqualTo((int) (MAY_BE_MISSED * all));
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
