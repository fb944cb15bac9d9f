package org.mildlantern.app.said;

import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.diagnosis.Weight;
import org.mildlantern.core.knowledge.Condition;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reading;
import org.mildlantern.core.words.Words;

/** Gives the reasons for a cause in the words in which they were said. */
final class Because {
  private static final Words WORDS = Words.of(Because.class);

  private static final int QUOTES = 3;
  private static final int OTHERS = 2;

  /** A reason that nobody said is named from this weight on. In decibans. */
  private static final double PLAIN = 2;

  private final Map<String, String> quotes = new HashMap<>();

  Because(Heard heard, Knowledge knowledge) {
    heard.sightings().stream()
        .filter(one -> one.state() != Sighting.State.OUT && !one.quote().isEmpty())
        .forEach(one -> quotes.put(one.finding().key(), one.quote()));
    heard.before().stream()
        .filter(one -> !one.quote().isEmpty())
        .forEach(one -> quotes.putIfAbsent(one.finding().key(), one.quote()));
    Map<String, String> byField =
        heard.told().stream()
            .collect(
                Collectors.toMap(
                    Reading.Told::field,
                    one -> Sightings.quote(one.span().of(heard.form().text()))));
    for (Condition condition : knowledge.conditions()) {
      ContextField field = knowledge.fields().find(condition.field()).orElseThrow();
      Stream.concat(Stream.of(field.id()), field.from().stream())
          .filter(byField::containsKey)
          .findFirst()
          .ifPresent(id -> quotes.put(condition.id(), byField.get(id)));
    }
  }

  /** For example: because you said “edges going brown”; “no webs” speaks against it. */
  String of(RankedCause ranked) {
    List<String> said =
        ranked.reasonsFor().stream()
            .filter(weight -> quotes.containsKey(weight.key()))
            .map(this::quoted)
            .distinct()
            .limit(QUOTES)
            .toList();
    List<String> others =
        ranked.reasonsFor().stream()
            .filter(weight -> !quotes.containsKey(weight.key()) && weight.decibans() >= PLAIN)
            .map(Because::plain)
            .limit(said.isEmpty() ? QUOTES : OTHERS)
            .toList();
    List<String> against =
        ranked.reasonsAgainst().stream()
            .filter(weight -> weight.kind() != Weight.Kind.CAP)
            .limit(1)
            .map(weight -> quotes.containsKey(weight.key()) ? quoted(weight) : plain(weight))
            .toList();
    return WORDS.say(
        "because",
        said.size(),
        and(said),
        others.size(),
        and(others),
        against.size(),
        and(against));
  }

  private static String plain(Weight weight) {
    return weight.kind() == Weight.Kind.TAXON
        ? WORDS.say("by-kind", weight.decibans() > 0 ? 1 : 0)
        : lower(weight.label());
  }

  private String quoted(Weight weight) {
    return WORDS.say("quote", quotes.get(weight.key()));
  }

  private static String and(List<String> parts) {
    int last = parts.size() - 1;
    return last < 1
        ? String.join("", parts)
        : WORDS.say("and", String.join(", ", parts.subList(0, last)), parts.get(last));
  }

  private static String lower(String text) {
    return text.substring(0, 1).toLowerCase(Locale.ROOT) + text.substring(1);
  }
}
