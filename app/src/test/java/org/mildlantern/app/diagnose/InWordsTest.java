package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.diagnosis.Finding;

class InWordsTest {
  private static final LookState.Noted MARKED = noted("limp-leaves", "all-leaves", 1, "");

  private static LookState.Noted noted(String sign, String place, double sure, String quote) {
    return new LookState.Noted(new Finding(sign, place, true, sure), quote);
  }

  private static InWords said(LookState.Noted... findings) {
    return new InWords(new Spoken("as it was said", List.of()), List.of(findings), List.of());
  }

  @Test
  void whatIsSaidPlainlyTakesThePlaceOfWhatWasMarked() {
    LookState.Noted somewhere = noted("limp-leaves", null, 1, "they hang");
    assertThat(said(somewhere).beside(List.of(MARKED))).containsExactly(somewhere);
    assertThat(said(somewhere).replaces(MARKED)).isTrue();
  }

  @Test
  void whatIsSaidWithDoubtStandsBackBehindWhatWasMarked() {
    InWords doubted = said(noted("limp-leaves", null, 0.6, "it keels over"));
    assertThat(doubted.beside(List.of(MARKED))).containsExactly(MARKED);
    assertThat(doubted.newTo(List.of(MARKED))).isEmpty();
    assertThat(doubted.replaces(MARKED)).isFalse();
  }

  @Test
  void ofTwoDoubtsTheLastIsKept() {
    LookState.Noted before = noted("limp-leaves", "all-leaves", 0.5, "it hangs");
    LookState.Noted now = noted("limp-leaves", "all-leaves", 0.7, "it keels over");
    assertThat(said(now).beside(List.of(before))).containsExactly(now);
  }

  @Test
  void whatIsSaidOfAnotherSignOrPlaceStandsBesideIt() {
    LookState.Noted lower = noted("limp-leaves", "old-leaves", 0.6, "it keels over");
    LookState.Noted yellow = noted("yellowing", null, 1, "yellow");
    assertThat(said(lower, yellow).beside(List.of(MARKED))).containsExactly(MARKED, lower, yellow);
  }
}
