package org.mildlantern.app.today;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.PotCheck;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.water.Standing;

/** Rows of the round about pots and the water that they stand in, with the lines they write. */
final class WaterItems {
  /** Why a pot was not looked at. */
  private static final List<String> SKIPS =
      List.of("no time", "out of reach", "looks fine", "another day");

  private static final String SKIP = "skip";

  static final String FLUSHED = "flushed";

  private WaterItems() {}

  /**
   * The row of a pot.
   *
   * @param unseen the chance from which it is watered without a look; empty for never
   */
  static RoundItem of(
      PlantView plant, PotCheck check, Optional<Double> unseen, LocalDate today, boolean isToday) {
    boolean stands = check.standing() != Standing.Kind.NONE;
    boolean sure =
        isToday
            && check.chance() != null
            && unseen.filter(odds -> check.chance() >= odds).isPresent();
    return new RoundItem(
        "water-" + plant.id(),
        "drop",
        plant.id(),
        plant.name(),
        plant.code(),
        stands ? "look at " + water(check.standing()) : sure ? "water it" : "feel the pot",
        reason(check, sure, today),
        isToday ? answers(plant, check, stands) : List.of(),
        false,
        null,
        null,
        check.working());
  }

  private static String water(Standing.Kind kind) {
    return switch (kind) {
      case TRAY -> "the tray";
      case WICK -> "the jar";
      default -> "the reservoir";
    };
  }

  private static String reason(PotCheck check, boolean sure, LocalDate today) {
    String drink =
        sure && check.drinkMl() != null
            ? String.format(Locale.ROOT, ", about %.0f ml", check.drinkMl())
            : "";
    String since = check.since() == null ? "" : " " + ago(check.since(), today);
    return check.reason() + since + drink;
  }

  private static List<RoundItem.Answer> answers(PlantView plant, PotCheck check, boolean stands) {
    String action = "/today/plants/" + plant.id() + "/water";
    List<RoundItem.Answer> answers = new ArrayList<>();
    (stands ? STANDING : FELT)
        .keySet()
        .forEach(word -> answers.add(new RoundItem.Answer(capital(word), action, "answer", word)));
    if (check.weighed()) {
      answers.add(RoundItem.Answer.typed("g", action, "grams"));
    }
    for (String why : SKIPS) {
      answers.add(RoundItem.Answer.skip(why, action, "answer", SKIP + ": " + why));
    }
    return answers;
  }

  private static String capital(String word) {
    return word.substring(0, 1).toUpperCase(Locale.ROOT) + word.substring(1);
  }

  /** Answers with the lines that they write, in the order of their keys. */
  private static final Map<String, String> FELT = new LinkedHashMap<>();

  private static final Map<String, String> STANDING = new LinkedHashMap<>();

  static {
    for (Moisture moisture : Moisture.values()) {
      FELT.put(moisture.word(), "felt " + moisture.word());
    }
    FELT.put("watered", "watered");
    STANDING.put("empty", "level empty");
    STANDING.put("half", "level half");
    STANDING.put("full", "level full");
    STANDING.put("filled", "filled");
  }

  /** The line that an answer writes into the day book; empty for no answer of these rows. */
  static Optional<String> line(String answer) {
    return answer.equals(FLUSHED)
        ? Optional.of(FLUSHED)
        : Optional.ofNullable(FELT.getOrDefault(answer, STANDING.get(answer)));
  }

  /** The reason of a skip; empty when the answer is none. */
  static Optional<String> skipped(String answer) {
    return SKIPS.stream().filter(why -> answer.equals(SKIP + ": " + why)).findFirst();
  }

  static String ago(LocalDate from, LocalDate to) {
    long days = ChronoUnit.DAYS.between(from, to);
    return days == 0 ? "today" : days == 1 ? "yesterday" : days + " days ago";
  }
}
