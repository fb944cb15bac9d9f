package org.mildlantern.core.journal;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * A short line as a keeper writes it, read into an entry.
 *
 * <p>{@code watered 240}, {@code fed 60 ppm}, {@code probe dry damp damp}, {@code skewer damp},
 * {@code touched dry}, {@code roots silver}, {@code moved to South bay}, {@code weighed 412},
 * {@code lifted light}, {@code meter 4}, {@code repotted}, {@code flushed}, {@code filled 300},
 * {@code tray empty}, {@code stood in water}, {@code lost 3 of 14 leaves}, {@code looked, nothing
 * new}; anything else is a note.
 *
 * @param volumeMl millilitres of a watering, or null
 * @param ppm parts per million of nitrogen in a feed, or null
 * @param moisture the deepest reading, or null
 * @param place the name of the place moved to, or null
 * @param lost share of the leaves that fell, above 0 to 1, or null
 * @param pot what it says of the pot's water beyond that, or null
 * @param text what is shown on the timeline
 */
public record QuickEntry(
    EntryKind kind,
    Double volumeMl,
    Double ppm,
    Moisture moisture,
    String place,
    Double lost,
    PotNote pot,
    String text) {

  /** A quick line is never longer than this many characters. */
  public static final int LONGEST = 500;

  private static final int DEPTHS = 3;
  private static final double MOST_ML = 20_000;
  private static final double MOST_PPM = 5_000;

  private static final Pattern NUMBER = Pattern.compile("(-?\\d+(?:[.,]\\d+)?)\\s*(ml|l|ppm)?\\b");
  private static final Pattern WATER = start("watered|water");
  private static final Pattern FILLED =
      start("filled the tray|filled the reservoir|filled the jar|filled");
  private static final Pattern FLUSH = start("flushed|rinsed");
  private static final Pattern FEED = start("fed|feed");
  private static final Pattern PROBE = start("probed|probe|felt");
  private static final Pattern SKEWER = start("skewer");
  private static final Pattern TOUCHED = start("touched|surface");
  private static final Pattern MOVE = start("moved to|moved|move to");
  private static final Pattern REPOT = start("repotted|repot");
  private static final Pattern STOOD = start("stood in water|standing in water|standing water");
  private static final Pattern LOST =
      Pattern.compile(
          "^(?:lost|shed|dropped) (\\d{1,5}) (?:of|out of) (\\d{1,5})(?: leaves| leaf)?\\b.*$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern LOOK = start("looked|look");

  private static Pattern start(String words) {
    return Pattern.compile("^(?:" + words + ")\\b[\\s,:]*(.*)$", Pattern.CASE_INSENSITIVE);
  }

  /**
   * Reads a line.
   *
   * @param line what was typed
   * @param places names of the collection's places
   * @throws IllegalArgumentException with a message for the keeper
   */
  public static QuickEntry read(String line, List<String> places) {
    String text = line == null ? "" : line.strip();
    if (text.isEmpty()) {
      throw new IllegalArgumentException(
          "Write what you did or saw, for example “watered 240” or “looked, nothing new”.");
    }
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException(
          "That is longer than " + LONGEST + " characters; split it into two entries.");
    }
    Matcher match;
    if ((match = WATER.matcher(text)).matches()) {
      return watered(match.group(1), PotNote.ofWatering(match.group(1)), text);
    }
    if ((match = FILLED.matcher(text)).matches()) {
      return watered(match.group(1), PotNote.of(PotNote.What.FILLED), text);
    }
    if (FLUSH.matcher(text).matches()) {
      return plain(EntryKind.FLUSH, text);
    }
    if ((match = FEED.matcher(text)).matches()) {
      Double ppm = amount(match.group(1), "ppm", MOST_PPM);
      return new QuickEntry(EntryKind.FEED, null, ppm, null, null, null, null, sentence(text));
    }
    PotNote pot = PotNote.read(text);
    if (pot != null) {
      return new QuickEntry(EntryKind.MOISTURE, null, null, null, null, null, pot, sentence(text));
    }
    if ((match = PROBE.matcher(text)).matches()) {
      return probed(PotNote.What.PROBE, felt(match.group(1)), text);
    }
    if ((match = SKEWER.matcher(text)).matches()) {
      return probed(PotNote.What.SKEWER, felt(match.group(1)), text);
    }
    if ((match = TOUCHED.matcher(text)).matches()) {
      return probed(PotNote.What.TOUCHED, felt(match.group(1)), text);
    }
    if ((match = MOVE.matcher(text)).matches()) {
      return new QuickEntry(
          EntryKind.MOVE,
          null,
          null,
          null,
          place(match.group(1), places),
          null,
          null,
          sentence(text));
    }
    if (REPOT.matcher(text).matches()) {
      return plain(EntryKind.REPOT, text);
    }
    if (LOOK.matcher(text).matches()) {
      return plain(EntryKind.LOOK, text);
    }
    if (STOOD.matcher(text).matches()) {
      return plain(EntryKind.STOOD, text);
    }
    if ((match = LOST.matcher(text)).matches()) {
      Double lost = share(match.group(1), match.group(2));
      return new QuickEntry(EntryKind.LOSS, null, null, null, null, lost, null, sentence(text));
    }
    return plain(EntryKind.NOTE, text);
  }

  private static QuickEntry watered(String rest, PotNote how, String text) {
    Double ml = amount(rest, "ml", MOST_ML);
    return new QuickEntry(EntryKind.WATER, ml, null, null, null, null, how, sentence(text));
  }

  private static QuickEntry probed(PotNote.What how, List<Moisture> felt, String text) {
    return new QuickEntry(
        EntryKind.MOISTURE,
        null,
        null,
        felt.get(felt.size() - 1),
        null,
        null,
        PotNote.felt(how, felt),
        sentence(text));
  }

  private static QuickEntry plain(EntryKind kind, String text) {
    return new QuickEntry(kind, null, null, null, null, null, null, sentence(text));
  }

  private static Double share(String lost, String of) {
    double part = Double.parseDouble(lost);
    double whole = Double.parseDouble(of);
    if (part < 1 || part > whole) {
      throw new IllegalArgumentException(
          "Count the leaves that fell and those there were before, for example “lost 3 of 14”.");
    }
    return part / whole;
  }

  private static Double amount(String text, String unit, double most) {
    Matcher match = NUMBER.matcher(text.toLowerCase(Locale.ROOT));
    if (!match.find()) {
      return null;
    }
    double value = Double.parseDouble(match.group(1).replace(',', '.'));
    if ("l".equals(match.group(2)) && unit.equals("ml")) {
      value *= 1000;
    }
    if (value <= 0 || value > most) {
      throw new IllegalArgumentException(
          "Between 1 and " + Math.round(most) + " " + unit + ", please.");
    }
    return value;
  }

  /** The answers from the top down; of more than three the last three. */
  private static List<Moisture> felt(String readings) {
    List<Moisture> felt = new ArrayList<>();
    for (String word : readings.toLowerCase(Locale.ROOT).split("[^a-z]+")) {
      for (Moisture moisture : Moisture.values()) {
        if (moisture.word().equals(word)) {
          felt.add(moisture);
        }
      }
    }
    if (felt.isEmpty()) {
      throw new IllegalArgumentException(
          "Say dry, damp or wet, from top to bottom, for example “probe dry damp damp”.");
    }
    return felt.subList(Math.max(0, felt.size() - DEPTHS), felt.size());
  }

  private static String place(String name, List<String> places) {
    return places.stream()
        .filter(place -> place.equalsIgnoreCase(name.strip()))
        .findFirst()
        .orElseThrow(
            () ->
                new IllegalArgumentException(
                    places.isEmpty()
                        ? "Add a place first; there is none to move to."
                        : "No place is called that. Your places: "
                            + String.join(", ", places)
                            + "."));
  }

  private static String sentence(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }
}
