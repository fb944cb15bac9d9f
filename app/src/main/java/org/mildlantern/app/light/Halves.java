package org.mildlantern.app.light;

import org.mildlantern.core.words.Words;
import org.springframework.validation.BindingResult;

/** Asks for what is missing of lamps and blinds that are told of by halves. */
final class Halves {
  private static final Words WORDS = Words.of(Halves.class);

  private Halves() {}

  static void ask(LampForm lamp, BindingResult errors) {
    ask("lamp", lamp.missing(), errors);
  }

  static void ask(BlindForm blind, BindingResult errors) {
    ask("blind", blind.missing(), errors);
  }

  private static void ask(String of, String missing, BindingResult errors) {
    if (missing != null && !errors.hasFieldErrors(of + "." + missing)) {
      errors.rejectValue(of + "." + missing, "halves", WORDS.say(of + "-" + missing));
    }
  }
}
