package org.mildlantern.app.reminders;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.round.Notice;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.Round;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/** Writes what the day asks for in a letter. */
@Component
class Digest {
  private static final Words WORDS = Words.of(Digest.class);
  private static final int LINES = 60;

  private final RoundService rounds;
  private final String home;

  Digest(RoundService rounds, @Value("${mild-lantern.home}") String home) {
    this.rounds = rounds;
    this.home = home;
  }

  /**
   * A letter.
   *
   * @param about tells letters about the same apart from others
   */
  record Letter(String subject, String words, String about) {}

  /** The day's work; empty on a day without any. */
  Optional<Letter> day() {
    Round round = rounds.round(rounds.board().today());
    if (round.due() == 0 && round.notices().isEmpty()) {
      return Optional.empty();
    }
    Map<String, List<String>> places = new LinkedHashMap<>();
    int lines = 0;
    for (Round.Stop stop : round.stops()) {
      for (RoundItem item : stop.items()) {
        if (!item.done() && lines < LINES) {
          lines++;
          places.computeIfAbsent(stop.place().name(), name -> new ArrayList<>()).add(line(item));
        }
      }
    }
    StringBuilder words = new StringBuilder();
    round.notices().forEach(notice -> words.append(notice.text()).append("\n\n"));
    places.forEach(
        (place, rows) -> {
          words.append(place).append('\n');
          rows.forEach(row -> words.append("- ").append(row).append('\n'));
          words.append('\n');
        });
    if (round.due() > lines) {
      words.append(WORDS.say("more", round.due() - lines)).append("\n\n");
    }
    words.append(WORDS.say("answer", home + "/today")).append('\n');
    words.append(WORDS.say("end", home + "/settings/reminders")).append('\n');
    return Optional.of(
        new Letter(
            WORDS.say("subject", round.due(), round.takes().minutes()),
            words.toString(),
            round.day().toString()));
  }

  private static String line(RoundItem item) {
    return item.reason().isEmpty()
        ? WORDS.say("line", item.plant().name(), item.plant().code(), item.task())
        : WORDS.say(
            "line-why", item.plant().name(), item.plant().code(), item.task(), item.reason());
  }

  /** What cannot wait: frost or heat ahead, and what a visitor wrote as urgent. */
  Optional<Letter> urgent() {
    Round round = rounds.round(rounds.board().today());
    List<String> lines = new ArrayList<>();
    round.notices().stream().filter(Notice::urgent).map(Notice::text).forEach(lines::add);
    round.stops().stream()
        .flatMap(stop -> stop.items().stream())
        .filter(item -> !item.done() && item.work().filter(work -> work == Work.COLD).isPresent())
        .map(Digest::line)
        .forEach(lines::add);
    if (lines.isEmpty()) {
      return Optional.empty();
    }
    return Optional.of(
        new Letter(
            WORDS.say("urgent", lines.size()),
            String.join("\n", lines) + "\n\n" + WORDS.say("answer", home + "/today") + "\n",
            String.join("\n", lines)));
  }
}
