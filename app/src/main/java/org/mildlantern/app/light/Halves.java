package org.mildlantern.app.light;

import org.mildlantern.core.words.Words;
import org.springframework.validation.BindingResult;

/** Asks for what is missing of lamps and blinds that are told of by halves. */
final class Halves {
  private static final Words WORDS = Words.of(Halves.class);

  private Halves() {}

  /**
   * Asks beside its field.
   *
   * @param missing such as {@code lamp-watts}, or null
   */
  static void ask(String missing, BindingResult errors) {
    if (missing != null && !errors.hasFieldErrors(missing.replace('-', '.'))) {
      errors.rejectValue(missing.replace('-', '.'), "halves", WORDS.say(missing));
    }
  }
}
