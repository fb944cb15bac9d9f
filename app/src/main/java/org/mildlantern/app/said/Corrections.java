package org.mildlantern.app.said;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.core.said.Reading;

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

  /** A circumstance that was read, as its keeper lets it stand; empty when they took it out. */
  Optional<Reading.Told> told(Reading.Told read) {
    return act(read.field())
        .map(
            act ->
                switch (act) {
                  case OUT -> Optional.<Reading.Told>empty();
                  case OPEN -> Optional.of(read);
                  case THERE, NOT -> Optional.of(read.surely());
                })
        .orElse(Optional.of(read));
  }

  /** Whether the question if a circumstance was meant was put aside. */
  boolean isAside(String field) {
    return act(field).filter(act -> act == Correction.Act.OPEN).isPresent();
  }

  private Optional<Correction.Act> act(String field) {
    return Optional.ofNullable(last.get(Correction.Of.FIELD + ":" + field)).map(Correction::act);
  }

  List<Correction> answers() {
    return last.values().stream().filter(one -> one.of() == Correction.Of.ANSWER).toList();
  }

  List<String> written() {
    return last.values().stream().map(Correction::written).toList();
  }
}
