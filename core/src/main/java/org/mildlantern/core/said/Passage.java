package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** A text in which figures and spans of time are looked for, and what was told by them so far. */
final class Passage {
  static final String NUMBER = "((?<!\\d)-?\\d++(?:[.,]\\d++)?+)";

  /** A number in figures or a small one in words. */
  static final String SPOKEN =
      "((?<!\\d)-?\\d++(?:[.,]\\d++)?+|\\b(?:zero|one|two|three|four|five|six|seven|eight|nine|ten))";

  private static final Map<String, Integer> WORDS = Map.of("zero", 0, "a", 1, "an", 1);

  /** What every figure, time, move and door here is told with. */
  private static final Pattern COUNTS =
      Pattern.compile(
          "\\d|\\b(?:zero|freezing|an?|one|two|three|four|five|six|seven|eight|nine|ten|every|each|once|twice|half"
              + "|quarter|daily|weekly|fortnightly|monthly|last|yesterday|always|from|balcony|terrace|patio|garden|christmas|new year|easter|(?:mon|tues|wednes|thurs|fri|satur|sun)days?|"
              + Dates.MONTHS
              + ")\\b");

  /** Words for feeding and what is fed. */
  static final String FEED = "(?:fed|feed\\w*|fertili[sz]\\w*)";

  static final Pattern WATERS =
      Pattern.compile(
          "\\b(?:water(?:s|ed|ing)?|soak(?:s|ed|ing)?|shower(?:s|ed)?|hos(?:e|es|ed)|drench(?:es|ed)?|drinks?|dunk(?:s|ed)?|dip(?:s|ped)?"
              + "|submerged?|ice cubes?|bath(?:s|ed)?|pour(?:s|ed)?|spray(?:ed)? the roots"
              + "|(?:cup|glass|mug|lit(?:er|re)|ml)(?:es|s)? (?:each|every|per|a|daily|weekly|once|twice))\\b");

  /** What is fed, or drops that hang on a leaf, is no watering. */
  private static final Pattern OTHER =
      Pattern.compile(
          "\\b(?:"
              + FEED
              + "|(?:drops?|beads?|pearls?) of water|water (?:(?:is )?drip\\w*|drops?|beads?)|droplets)\\b");

  /** Nobody tells more figures of one kind than this. */
  private static final int MOST_OF_A_KIND = 8;

  private final Spelt spelt;
  private final String text;
  private final List<Token> tokens;
  private final List<Reading.Span> counting;
  private final Map<String, Reading.Told> told = new LinkedHashMap<>();

  Passage(String text, List<Token> tokens) {
    this.spelt = Spelt.of(text.toLowerCase(Locale.ROOT).replace('−', '-'), tokens);
    this.text = spelt.text();
    this.tokens = spelt.tokens();
    this.counting = counting();
  }

  /** What is done with each place that is found. */
  interface Take {
    void from(Matcher match);
  }

  void each(Pattern pattern, Take take) {
    Matcher match = pattern.matcher(text).useTransparentBounds(true).useAnchoringBounds(false);
    int n = 0;
    for (Reading.Span part : counting) {
      match.region(part.from(), part.to());
      while (n < MOST_OF_A_KIND && match.find()) {
        n++;
        take.from(match);
      }
    }
  }

  /** The sentences that may tell a figure or a time, joined where one follows the other. */
  private List<Reading.Span> counting() {
    List<Reading.Span> parts = new ArrayList<>();
    Matcher hint = COUNTS.matcher(text);
    int end = -1;
    while (hint.find()) {
      if (hint.start() < end) {
        continue;
      }
      int from = text.lastIndexOf('.', hint.start()) + 1;
      int stop = text.indexOf(". ", hint.end());
      end = stop < 0 ? text.length() : stop + 1;
      if (!parts.isEmpty() && parts.get(parts.size() - 1).to() >= from) {
        from = parts.remove(parts.size() - 1).from();
      }
      parts.add(new Reading.Span(from, end));
    }
    return parts;
  }

  static double number(Matcher match, int group) {
    String said = match.group(group);
    Integer inWords = inWords(said);
    return inWords == null ? Double.parseDouble(said.replace(',', '.')) : inWords;
  }

  private static Integer inWords(String said) {
    return WORDS.getOrDefault(said, Numeral.SMALL.get(said));
  }

  /** The number in a match's first group. */
  static double first(Matcher match) {
    return number(match, 1);
  }

  /** A small number in figures or words; “a” is one. */
  static double count(String said) {
    Integer inWords = inWords(said);
    return inWords == null ? Double.parseDouble(said) : inWords;
  }

  void put(String field, double value, Matcher match) {
    put(field, new Reading.Figure(value), match);
  }

  void put(String field, Reading.Value value, Matcher match) {
    told.putIfAbsent(
        field, new Reading.Told(field, value, spelt.written(match.start(), match.end()), 1));
  }

  List<Reading.Told> told() {
    return new ArrayList<>(told.values());
  }

  /** Whether its sentence tells of watering, and its clause of nothing else that is given. */
  boolean waters(Matcher match) {
    String sentence = sentence(match);
    return !givesOther(match)
        && (WATERS.matcher(sentence).find() || sentence.contains("give water"));
  }

  boolean givesOther(Matcher match) {
    return OTHER.matcher(clause(match)).find();
  }

  /** Whether one of these stands right after it. */
  boolean isFollowedBy(Matcher match, String... words) {
    return Arrays.stream(words).anyMatch(one -> text.startsWith(one, match.end()));
  }

  String clause(Matcher match) {
    return around(match, true);
  }

  String sentence(Matcher match) {
    return around(match, false);
  }

  private String around(Matcher match, boolean clause) {
    int first = 0;
    while (first < tokens.size() - 1 && tokens.get(first).to() <= match.start()) {
      first++;
    }
    int last = first;
    while (last + 1 < tokens.size() && tokens.get(last + 1).from() < match.end()) {
      last++;
    }
    while (first > 0 && part(first - 1, clause) == part(first, clause)) {
      first--;
    }
    while (last + 1 < tokens.size() && part(last + 1, clause) == part(last, clause)) {
      last++;
    }
    int from = Math.min(match.start(), tokens.get(first).from());
    int to = Math.max(match.end(), tokens.get(last).to());
    return text.substring(from, to);
  }

  private int part(int token, boolean clause) {
    return clause ? tokens.get(token).clause() : tokens.get(token).sentence();
  }
}
