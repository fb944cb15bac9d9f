package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.Library;

/** Days that a text names, counted from today. */
class DatesTest {
  private static final Reader READER = new Reader(Library.shipped().knowledge());

  private static String told(String text, LocalDate today) {
    return READER.read(text, null, today).told().stream()
        .map(one -> one.field() + "=" + one.value())
        .filter(one -> one.contains("days"))
        .findFirst()
        .orElse("nothing");
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "not watered since November|2026-02-10|days-since-watering=87",
        "not watered since early november|2026-02-10|days-since-watering=97",
        "last watered in late Nov|2026-02-10|days-since-watering=77",
        "last watering was at New Year|2026-04-11|days-since-watering=100",
        "no water since Christmas|2026-02-24|days-since-watering=61",
        "it hasn't seen water since Easter|2026-04-15|days-since-watering=10",
        "not watered since Easter|2026-03-01|days-since-watering=315",
        "I repotted it in May|2026-05-20|days-since-repot=5",
        "I repotted it in May|2026-05-10|days-since-repot=5",
        "bought it on Monday|2026-11-28|days-since-arrival=5",
        "moved it to the kitchen on Saturday|2026-11-28|days-since-move=7",
        "watered last Monday|2026-11-28|days-since-watering=5",
        "repotted last March|2026-11-28|days-since-repot=258",
        "bought on Christmas Eve|2026-12-27|days-since-arrival=3",
        "I stopped watering in October|2026-12-04|days-since-watering=50",
        "soil dry since October|2026-03-14|dry-days=150",
        "not a drop of water in two months|2026-03-14|days-since-watering=60",
        "it may have been watered in maybe two pots|2026-03-14|nothing",
        "watered last Sunday week|2026-11-03|nothing",
        "it flowers in May|2026-07-14|nothing",
        "we march on|2026-07-14|nothing",
      })
  void aDayIsCountedFromToday(String text, LocalDate today, String said) {
    assertThat(told(text, today)).isEqualTo(said);
  }

  @Test
  void withoutTodayNoDayIsCountedFrom() {
    assertThat(told("not watered since November", null)).isEqualTo("nothing");
  }

  @ParameterizedTest
  @ValueSource(strings = {"-999999999-01-01", "0000-01-01", "0001-02-28", "+999999999-12-31"})
  void aTodayThatNobodyLivesInBreaksNothing(LocalDate today) {
    for (String day : List.of("Easter", "Christmas", "November", "Sunday")) {
      READER.read("not watered since " + day, null, today);
    }
  }
}
