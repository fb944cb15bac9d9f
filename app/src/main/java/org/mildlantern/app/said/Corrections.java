package org.mildlantern.app.said;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;

/** All corrections of a text; the last one about a thing holds. */
final class Corrections {
  /** Nobody taps more often on one text. */
  private static final int MOST = 120;

  private final Map<String, Correction> last = new LinkedHashMap<>();

  Corrections(List<String> before, String now) {
    Stream.concat(before.stream().limit(MOST), Stream.ofNullable(now))
        .flatMap(written -> Correction.of(written).stream())
        .forEach(
            correction -> {
              last.remove(correction.about());
              last.put(correction.about(), correction);
            });
  }

  /** What was said of a sign that was read. */
  Optional<Correction> said(String word) {
    return Optional.ofNullable(last.get(Correction.Of.SAID + ":" + word));
  }

  boolean isOut(String field) {
    return Optional.ofNullable(last.get(Correction.Of.FIELD + ":" + field))
        .filter(one -> one.act() == Correction.Act.OUT)
        .isPresent();
  }

  List<Correction> answers() {
    return last.values().stream().filter(one -> one.of() == Correction.Of.ANSWER).toList();
  }

  List<String> written() {
    return last.values().stream().map(Correction::written).toList();
  }
}
