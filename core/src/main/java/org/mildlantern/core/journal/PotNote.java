package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * What an entry says of a pot's water, in a form that is kept with it.
 *
 * <p>Its text is stable: {@code weight 412}, {@code probe dry damp wet}, {@code lift light}.
 *
 * @param value grams, a meter's figure, or millilitres; null where there is none
 * @param felt answers from the top down; empty unless probed
 */
public record PotNote(What what, Double value, List<Moisture> felt) {

  /** Kinds of notes. */
  public enum What {
    WEIGHT("weight"),
    WEIGHT_DRAINED("weight-drained"),
    WEIGHT_DRY("weight-dry"),
    METER("meter"),
    PROBE("probe"),
    SKEWER("skewer"),
    TOUCHED("touched"),
    CLEAR_POT("clear-pot"),
    LIGHT("lift-light"),
    HEAVY("lift-heavy"),
    WILTED("wilted"),
    RAN_THROUGH("ran-through"),
    NO_RUN_OFF("no-run-off"),
    RAN_PAST("ran-past"),
    FILLED("filled"),
    LEVEL("level"),
    SKIPPED("skipped");

    private final String word;

    What(String word) {
      this.word = word;
    }

    /** Whether it holds answers of dry, damp or wet. */
    private boolean isFelt() {
      return this == PROBE || this == SKEWER || this == TOUCHED || this == CLEAR_POT;
    }
  }

  private static final double HEAVIEST = 200_000;
  private static final double METER_MOST = 10;
  private static final Pattern WEIGHED =
      Pattern.compile(
          "^(?:weighed|weighs|weight)\\s+(\\d+(?:[.,]\\d+)?)\\s*(kg|g)?\\b\\s*,?\\s*(.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern METER =
      Pattern.compile("^meter\\s+(\\d+(?:[.,]\\d+)?)\\s*$", Pattern.CASE_INSENSITIVE);
  private static final Pattern LIFTED =
      Pattern.compile(
          "^(?:lifted|lift|felt)\\s*,?\\s*(light|heavy)\\s*$", Pattern.CASE_INSENSITIVE);
  private static final Pattern CLEAR_POT =
      Pattern.compile(
          "^(?:clear pot|roots)\\s*[,:]?\\s*(silver|grey|gray|green|drops|beaded)\\b.*$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern LEVEL_WORD =
      Pattern.compile(
          "^(?:tray|reservoir|jar|level)\\s*,?\\s*(full|half|empty)\\s*$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern WILTED =
      Pattern.compile("^(?:wilted|wilting|hangs|limp)\\b.*$", Pattern.CASE_INSENSITIVE);

  public PotNote {
    Objects.requireNonNull(what, "what");
    felt = List.copyOf(felt);
  }

  public static PotNote of(What what) {
    return new PotNote(what, null, List.of());
  }

  public static PotNote of(What what, double value) {
    return new PotNote(what, value, List.of());
  }

  public static PotNote probe(List<Moisture> felt) {
    return felt(What.PROBE, felt);
  }

  static PotNote felt(What how, List<Moisture> felt) {
    return new PotNote(how, null, felt);
  }

  /**
   * Reads a keeper's line; null when it is about something else.
   *
   * @throws IllegalArgumentException with a message for the keeper when a figure is out of range
   */
  static PotNote read(String line) {
    Matcher match = WEIGHED.matcher(line);
    if (match.matches()) {
      double grams = number(match.group(1)) * ("kg".equalsIgnoreCase(match.group(2)) ? 1000 : 1);
      if (grams <= 0 || grams > HEAVIEST) {
        throw new IllegalArgumentException("A weight in grams, please, up to 200 kg.");
      }
      String rest = match.group(3).toLowerCase(Locale.ROOT);
      What what =
          rest.contains("drained") || rest.contains("full")
              ? What.WEIGHT_DRAINED
              : rest.contains("dry") ? What.WEIGHT_DRY : What.WEIGHT;
      return of(what, grams);
    }
    match = METER.matcher(line);
    if (match.matches()) {
      double figure = number(match.group(1));
      if (figure > METER_MOST) {
        throw new IllegalArgumentException("A meter shows 0 to 10; yours is out of scale.");
      }
      return of(What.METER, figure);
    }
    match = LIFTED.matcher(line);
    if (match.matches()) {
      return of(match.group(1).equalsIgnoreCase("light") ? What.LIGHT : What.HEAVY);
    }
    match = CLEAR_POT.matcher(line);
    if (match.matches()) {
      Moisture seen =
          switch (match.group(1).toLowerCase(Locale.ROOT)) {
            case "silver", "grey", "gray" -> Moisture.DRY;
            case "green" -> Moisture.DAMP;
            default -> Moisture.WET;
          };
      return felt(What.CLEAR_POT, List.of(seen));
    }
    match = LEVEL_WORD.matcher(line);
    if (match.matches()) {
      String level = match.group(1).toLowerCase(Locale.ROOT);
      return of(What.LEVEL, level.equals("full") ? 1 : level.equals("half") ? 0.5 : 0);
    }
    return WILTED.matcher(line).matches() ? of(What.WILTED) : null;
  }

  /** How a watering went, as the rest of its line says; null when it says nothing. */
  static PotNote ofWatering(String rest) {
    String words = rest.toLowerCase(Locale.ROOT);
    if (words.contains("straight through") || words.contains("ran past")) {
      return of(What.RAN_PAST);
    }
    if (words.contains("no run") || words.contains("none ran") || words.contains("a little")) {
      return of(What.NO_RUN_OFF);
    }
    return words.contains("through") || words.contains("soak") || words.contains("drained")
        ? of(What.RAN_THROUGH)
        : null;
  }

  private static double number(String text) {
    return Double.parseDouble(text.replace(',', '.'));
  }

  /** The form in which it is kept. */
  public String text() {
    if (what.isFelt()) {
      return what.word + " " + felt.stream().map(Moisture::word).collect(Collectors.joining(" "));
    }
    return value == null ? what.word : what.word + " " + value;
  }

  /** Reads the kept form; null for null. */
  public static PotNote parse(String kept) {
    if (kept == null) {
      return null;
    }
    String[] words = kept.split(" ");
    What what =
        java.util.Arrays.stream(What.values())
            .filter(w -> w.word.equals(words[0]))
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException("unknown note: " + kept));
    if (what.isFelt()) {
      List<Moisture> felt = new ArrayList<>();
      for (int i = 1; i < words.length; i++) {
        felt.add(Moisture.valueOf(words[i].toUpperCase(Locale.ROOT)));
      }
      return felt(what, felt);
    }
    return words.length > 1 ? of(what, Double.parseDouble(words[1])) : of(what);
  }
}
