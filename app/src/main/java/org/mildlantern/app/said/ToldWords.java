package org.mildlantern.app.said;

import java.math.BigDecimal;
import java.util.Locale;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reading;
import org.mildlantern.core.words.Words;

/**
 * A circumstance in words.
 *
 * @param label the figure with its unit, or what holds
 * @param side what it is of, or empty
 */
record ToldWords(String label, String side) {
  private static final Words WORDS = Words.of(ToldWords.class);

  static ToldWords of(Reading.Told told, Knowledge knowledge) {
    ContextField field = knowledge.fields().find(told.field()).orElseThrow();
    if (told.value() instanceof Reading.Figure figure) {
      String number = field.figure(BigDecimal.valueOf(figure.number()));
      return new ToldWords(
          figure.spread() > 0 ? WORDS.say("about", number) : number, field.label());
    }
    if (told.value() instanceof Reading.Causes causes) {
      String any =
          causes.ids().stream()
              .map(id -> knowledge.causes().find(id).orElseThrow().label())
              .collect(Collectors.joining(WORDS.say("or")));
      return new ToldWords(any, WORDS.say("side.neighbours"));
    }
    String word = told.value().toString();
    return knowledge.conditions().stream()
        .filter(one -> one.field().equals(field.id()) && word.equals(one.is()))
        .findFirst()
        .map(Condition::label)
        .map(
            label ->
                new ToldWords(
                    label.substring(0, 1).toUpperCase(Locale.ROOT) + label.substring(1), ""))
        .orElseGet(() -> new ToldWords(WORDS.say("choice", field.label(), word), ""));
  }
}
