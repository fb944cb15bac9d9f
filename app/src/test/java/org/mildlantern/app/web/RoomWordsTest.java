package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.Locale;
import org.junit.jupiter.api.Test;
import org.springframework.context.NoSuchMessageException;
import org.springframework.context.support.DefaultMessageSourceResolvable;

class RoomWordsTest {
  private final RoomWords words = new RoomWords();

  private static DefaultMessageSourceResolvable wanted(String otherwise, String... codes) {
    return new DefaultMessageSourceResolvable(codes, new Object[] {2}, otherwise);
  }

  @Test
  void aRoomIsTheBeginningOfTheCode() {
    assertThat(words.getMessage("web.days", new Object[] {1}, Locale.ENGLISH)).isEqualTo("1 day");
    assertThat(words.getMessage("photos.all", new Object[] {7}, Locale.ENGLISH))
        .isEqualTo("all 7 photos");
    assertThat(words.getMessage("diagnose.sheet.older", null, Locale.ENGLISH))
        .startsWith("Older entries");
  }

  @Test
  void whatIsNotThereIsSaidOtherwiseOrRefused() {
    assertThat(words.getMessage("NotNull.plantForm.name", null, "Needed.", Locale.ENGLISH))
        .isEqualTo("Needed.");
    assertThat(words.getMessage("nowhere.days", null, "Otherwise", Locale.ENGLISH))
        .isEqualTo("Otherwise");
    assertThatThrownBy(() -> words.getMessage("web.weeks", null, Locale.ENGLISH))
        .isInstanceOf(NoSuchMessageException.class);
    assertThatThrownBy(() -> words.getMessage("days", null, Locale.ENGLISH))
        .isInstanceOf(NoSuchMessageException.class);
  }

  @Test
  void aFaultOfAFormTakesItsFirstCodeThatIsThereOrItsOwnWords() {
    assertThat(words.getMessage(wanted("None.", "typeMismatch", "web.days"), Locale.ENGLISH))
        .isEqualTo("2 days");
    assertThat(words.getMessage(wanted("A number.", "typeMismatch.form.cm"), Locale.ENGLISH))
        .isEqualTo("A number.");
    assertThatThrownBy(() -> words.getMessage(wanted(null, "typeMismatch"), Locale.ENGLISH))
        .isInstanceOf(NoSuchMessageException.class);
  }
}
