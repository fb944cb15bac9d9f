package org.mildlantern.app.web;

import java.beans.PropertyEditorSupport;
import java.time.LocalDate;
import org.mildlantern.core.reading.When;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.WebDataBinder;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.InitBinder;

/** Takes in text that can be stored and days that a calendar has. */
@ControllerAdvice(annotations = Controller.class)
@Order(0)
public class PlainInput {
  private static final Words WORDS = Words.of(PlainInput.class);

  /** Whether a text can be stored: no NUL and no half of a character. */
  public static boolean isStorable(String text) {
    return text.codePoints()
        .noneMatch(c -> c == 0 || c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE);
  }

  @InitBinder
  void editors(WebDataBinder binder) {
    binder.registerCustomEditor(String.class, new TextEditor());
    binder.registerCustomEditor(LocalDate.class, new DayEditor());
  }

  private static class TextEditor extends PropertyEditorSupport {
    @Override
    public void setAsText(String text) {
      if (text != null && !isStorable(text)) {
        throw new IllegalArgumentException(WORDS.say("text"));
      }
      setValue(text);
    }

    @Override
    public String getAsText() {
      return getValue() == null ? "" : getValue().toString();
    }
  }

  private static class DayEditor extends PropertyEditorSupport {
    @Override
    public void setAsText(String text) {
      if (text == null || text.isBlank()) {
        setValue(null);
        return;
      }
      setValue(When.day(text));
    }

    @Override
    public String getAsText() {
      return getValue() == null ? "" : Days.full((LocalDate) getValue());
    }
  }
}
