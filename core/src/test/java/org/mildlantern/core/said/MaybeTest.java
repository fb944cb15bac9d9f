package org.mildlantern.core.said;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;

/** What is read with doubt, and what is only offered. */
class MaybeTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private static final Reader READER = new Reader(KNOWLEDGE);
  private static final GrowthForm LEAFY = form("leafy-stem");

  private static GrowthForm form(String id) {
    return KNOWLEDGE.forms().find(id).orElseThrow();
  }

  private static List<String> offered(String text, GrowthForm form) {
    return READER.read(text, form).maybe().stream().map(Reading.Seen::sign).toList();
  }

  @Test
  void whatOnlyWasLearnedIsMostlyLessSure() {
    Reading.Seen read = READER.read("everything keels over", LEAFY).seen().get(0);
    assertThat(read.sure()).isBetween(0.3, 0.9);
    assertThat(read.finding().isSure()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "purple area, leafy-stem, reddened",
    "the greenery lost its colour, leafy-stem, pale-leaves"
  })
  void whatWordsMayTellIsOffered(String text, String form, String wanted) {
    List<Reading.Seen> maybe = READER.read(text, form(form)).maybe();
    assertThat(maybe).hasSizeLessThanOrEqualTo(4);
    assertThat(maybe).extracting(Reading.Seen::sign).contains(wanted);
    assertThat(maybe).isSortedAccordingTo((one, next) -> Double.compare(next.sure(), one.sure()));
    assertThat(maybe).allMatch(one -> one.present() && !one.finding().isSure());
    assertThat(maybe).allMatch(one -> !one.span().of(text).isBlank());
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "leaves hang like wet paper, below is brown string and slime",
        "yellow spots on the leaf, everything keels over and drops leaf after leaf"
      })
  void whatIsReadIsNotOfferedAgain(String text) {
    Reading read = READER.read(text, LEAFY);
    assertThat(read.maybe()).isNotEmpty();
    for (Reading.Seen seen : read.seen()) {
      assertThat(read.maybe()).noneMatch(one -> one.sign().equals(seen.sign()));
      assertThat(read.maybe()).noneMatch(one -> seen.alternatives().contains(one.sign()));
    }
  }

  @Test
  void whatASignCannotSitOnIsNotOffered() {
    String text = "the traps are rather small and slow";
    for (String id : List.of("fern", "leafy-stem", "monopodial-orchid")) {
      assertThat(offered(text, form(id))).allMatch(sign -> KNOWLEDGE.occurs(sign, null, form(id)));
    }
  }

  @ParameterizedTest
  @ValueSource(strings = {"my sister says it hates me", "", "leaf", "Is there a purple area?"})
  void wordsThatTellNothingOfferNothing(String text) {
    assertThat(offered(text, LEAFY)).isEmpty();
  }
}
