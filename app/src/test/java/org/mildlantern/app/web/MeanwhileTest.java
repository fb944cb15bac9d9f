package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.junit.jupiter.api.Test;
import org.springframework.ui.ConcurrentModel;
import org.springframework.ui.Model;

class MeanwhileTest {
  /** A choice with a name for people. */
  public enum Shape {
    ROUND("round");

    private final String label;

    Shape(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  record Pot(Double cm, Shape shape, Boolean holes) {}

  record Form(String name, Long place, Pot pot) {}

  private static final Form FIRST = new Form("Ann's", 1L, new Pot(12.0, null, false));
  private static final Map<String, Function<Object, String>> WORDS =
      Map.of("place", id -> "place " + id);

  private static String opened(Form form) {
    Model page = new ConcurrentModel();
    Meanwhile.show(form, page);
    return page.getAttribute("opened").toString();
  }

  @SuppressWarnings("unchecked")
  private static List<Meanwhile.Change> changes(Model page) {
    return (List<Meanwhile.Change>) page.getAttribute("meanwhile");
  }

  @Test
  void whatNobodyChangedIsSavedWithoutAWord() {
    Model page = new ConcurrentModel();
    Form typed = new Form("Mine", 2L, FIRST.pot());
    assertThat(Meanwhile.changed(opened(FIRST), FIRST, typed, WORDS, page)).isFalse();
    assertThat(page.getAttribute("meanwhile")).isNull();
  }

  @Test
  void aFormThatSaysNothingOfWhatItShowedIsNotChecked() {
    Form now = new Form("Theirs", 1L, FIRST.pot());
    assertThat(Meanwhile.changed("", now, FIRST, WORDS, new ConcurrentModel())).isFalse();
  }

  @Test
  void whatIsSavedNowIsToldFieldByFieldInWords() {
    Model page = new ConcurrentModel();
    Form now = new Form("Theirs", 2L, new Pot(null, Shape.ROUND, true));
    assertThat(Meanwhile.changed(opened(FIRST), now, FIRST, WORDS, page)).isTrue();
    assertThat(changes(page))
        .containsExactly(
            new Meanwhile.Change("name", "Theirs"),
            new Meanwhile.Change("place", "place 2"),
            new Meanwhile.Change("pot.cm", ""),
            new Meanwhile.Change("pot.shape", "round"),
            new Meanwhile.Change("pot.holes", "yes"));
  }

  @Test
  void savingAgainKeepsWhatIsTyped() {
    Model page = new ConcurrentModel();
    Form now = new Form("Theirs", 1L, FIRST.pot());
    Meanwhile.changed(opened(FIRST), now, FIRST, WORDS, page);
    String again = page.getAttribute("opened").toString();
    assertThat(Meanwhile.changed(again, now, FIRST, WORDS, new ConcurrentModel())).isFalse();
  }

  @Test
  void bothHavingTypedTheSameIsNoConflictWhateverTheLineEnds() {
    Form now = new Form("one\ntwo", 1L, FIRST.pot());
    Form typed = new Form("one\r\ntwo ", 1L, FIRST.pot());
    assertThat(Meanwhile.changed(opened(FIRST), now, typed, WORDS, new ConcurrentModel()))
        .isFalse();
  }
}
