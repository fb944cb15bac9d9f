package org.mildlantern.app.today;

import java.util.List;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.web.Parts;
import org.springframework.stereotype.Component;

/**
 * The buttons of a row. Most rows offer the same answers, so each set of buttons is written out
 * once.
 */
@Component
class AnswerButtons {
  /** So many sets at most; labels come from the knowledge and the program alone. */
  private static final int MOST = 500;

  private final Parts parts;
  private final Map<List<Said>, String> written = new ConcurrentHashMap<>();

  AnswerButtons(Parts parts) {
    this.parts = parts;
  }

  /** What a button is, wherever it posts to. */
  private record Said(String label, String field, String value, RoundItem.Answer.Kind kind) {}

  String of(RoundItem item) {
    List<Said> buttons =
        item.answers().stream()
            .map(a -> new Said(a.label(), a.field(), a.value(), a.kind()))
            .toList();
    String html = written.get(buttons);
    if (html == null) {
      html = parts.of("today/buttons", Map.of("i", item));
      if (written.size() < MOST) {
        written.put(buttons, html);
      }
    }
    return html;
  }
}
