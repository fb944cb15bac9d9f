package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Figures and spans of time in a text, as values of the fields that they belong to. */
final class Amounts {
  private static final String NUMBER = "(-?\\d+(?:[.,]\\d+)?)";
  private static final Map<String, Integer> WORDS =
      Map.ofEntries(
          Map.entry("zero", 0),
          Map.entry("a", 1),
          Map.entry("an", 1),
          Map.entry("one", 1),
          Map.entry("two", 2),
          Map.entry("three", 3),
          Map.entry("four", 4),
          Map.entry("five", 5),
          Map.entry("six", 6),
          Map.entry("seven", 7),
          Map.entry("eight", 8),
          Map.entry("nine", 9),
          Map.entry("ten", 10));
  private static final String COUNT =
      "(\\d{1,3}|an?|one|two|three|four|five|six|seven|eight|nine|ten)";

  /** A number in figures or a small one in words. */
  private static final String SPOKEN =
      "(-?\\d+(?:[.,]\\d+)?|\\b(?:zero|one|two|three|four|five|six|seven|eight|nine|ten))";

  private static final String UNIT = "(day|week|wk|fortnight|month|year|morning|evening)s?";

  /** What every figure and time here is told with. */
  private static final Pattern COUNTS =
      Pattern.compile(
          "\\d|\\b(?:zero|an?|one|two|three|four|five|six|seven|eight|nine|ten|every|each|once|twice|half"
              + "|quarter|daily|weekly|fortnightly|monthly|last|yesterday|always|(?:mon|tues|wednes|thurs|fri|satur|sun)days?)\\b");

  private static final Pattern PERCENT = Pattern.compile(NUMBER + "\\s*(?:%|percent|per cent)");
  private static final Pattern BARE_RH =
      Pattern.compile("\\b(?:rh|hum|humidity|hygrometer)\\D{0,14}?" + NUMBER);
  private static final Pattern AIR_HERE = Pattern.compile(NUMBER + "\\s*%\\s*(?:in )?here\\b");
  private static final Pattern BARE_NIGHT =
      Pattern.compile(
          "\\b(?:nights?|minimum|min)(?: temps?| temperatures?)?"
              + "(?: (?:is|are|was|were|near|around|about|of|at|to|down to|fall to|drop to|go to|reach))* "
              + NUMBER
              + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|days?|weeks?|months?))");
  private static final Pattern BARE_DAY =
      Pattern.compile(
          NUMBER + "(?= (?:in the (?:afternoon|sun|shade)|at (?:noon|midday)|by (?:day|noon))\\b)");
  private static final Pattern DEGREES =
      Pattern.compile(
          "(minus\\s+)?" + SPOKEN + "\\s*(?:(?:°|º|degrees?)\\s*)?(c|f|celsius|fahrenheit)\\b");
  private static final Pattern MINUS =
      Pattern.compile("\\b(minus\\s+)" + SPOKEN + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b))");
  private static final Pattern BARE_DEGREES =
      Pattern.compile(
          "(minus\\s+)?" + SPOKEN + "\\s*(?:°|º|degrees?)(?!\\s*(?:n|s|german|dh|hard))");
  private static final Pattern HOT =
      Pattern.compile(
          "\\b(?:(?:too )?hot|heat(?:wave)?|maxima|got to|after|up to|reached|with the heat of)\\b");
  private static final Pattern EC =
      Pattern.compile(NUMBER + "\\s*(?:µs|μs|us|microsiemens)(?:/cm)?");
  private static final Pattern BARE_EC =
      Pattern.compile(
          "\\b(?:ec|conductivity)(?: (?:is|of|at|was))? " + NUMBER + "\\b(?!\\s*[µμum]s)");
  private static final Pattern EC_MILLI = Pattern.compile(NUMBER + "\\s*ms(?:/cm)?\\b");
  private static final Pattern HARDNESS =
      Pattern.compile(NUMBER + "\\s*(?:°\\s*dh|dh\\b|degrees?\\s+(?:german|hard|dh))");
  private static final Pattern BARE_HARDNESS =
      Pattern.compile(
          "\\bhardness(?: (?:is|of|at|about))? " + NUMBER + "\\b(?!\\s*(?:°|ppm|mg|degrees?))");
  private static final Pattern LUX = Pattern.compile(NUMBER + "\\s*(?:lux|lx)\\b");
  private static final Pattern FOOT_CANDLES =
      Pattern.compile(NUMBER + "\\s*(?:foot[- ]?candles?|fc)\\b");
  private static final Pattern PPFD = Pattern.compile(NUMBER + "\\s*(?:µmol|μmol|umol|ppfd)");
  private static final Pattern POURED =
      Pattern.compile(
          "(?:\\b(half|quarter)\\s+(?:of\\s+)?(?:an?\\s+)?|"
              + SPOKEN
              + "\\s*|\\ban?\\s+)"
              + "(ml|millilit(?:er|re)s?|cc|l|lit(?:er|re)s?|cups?|glass(?:es)?|tablespoons?|tbsp|teaspoons?|tsp)"
              + "\\b(?!\\s*(?:/|per|bowl|jar|case|dome|globe|pot))");
  private static final Pattern POT =
      Pattern.compile(
          SPOKEN
              + "[\\s-]*(cm|centimet(?:er|re)s?|inch(?:es)?|\")[\\s-]*(?:wide |deep |plastic |clay |terracotta |ceramic )*pot\\b"
              + "|\\bpot (?:is |of |with |about |measures )*"
              + SPOKEN
              + "[\\s-]*(cm|centimet(?:er|re)s?|inch(?:es)?|\")");
  private static final Pattern EVERY =
      Pattern.compile(
          "\\b(?:every|each)\\s+(?:(other|second|third|fourth)\\s+)?(?:"
              + COUNT
              + "\\s+)?"
              + UNIT
              + "\\b");
  private static final Pattern WEEKDAY =
      Pattern.compile(
          "\\b(?:(?:every|each|always on)\\s+"
              + "(?:mon|tues|wednes|thurs|fri|satur|sun)days?|(?:mon|tues|wednes|thurs|fri|satur|sun)days)\\b");
  private static final Map<String, Integer> ORDINALS =
      Map.of("other", 2, "second", 2, "third", 3, "fourth", 4);
  private static final Pattern TIMES =
      Pattern.compile("\\b(once|twice|" + COUNT + "\\s*(?:x|times))\\s+(?:a|per|each)\\s+" + UNIT);
  private static final Pattern ADVERB = Pattern.compile("\\b(daily|weekly|fortnightly|monthly)\\b");
  private static final Pattern AGO =
      Pattern.compile(
          "(?:\\bbefore\\s+)?(?<!\\b(?:in|within|every|a) )\\b"
              + COUNT
              + "\\s+"
              + UNIT
              + "(?:\\s+(?:ago|after|since|in transit|back|later))?\\b(?!\\s+to\\b)");
  private static final Pattern LAST = Pattern.compile("\\b(last week|yesterday|last month)\\b");
  private static final Pattern WATERS =
      Pattern.compile(
          "\\b(?:water(?:s|ed|ing)?|soak(?:s|ed|ing)?|shower(?:s|ed)?|drinks?|dunk(?:s|ed)?|dip(?:s|ped)?"
              + "|submerged?|ice cubes?|bath(?:s|ed)?|pour(?:s|ed)?|spray(?:ed)? the roots)\\b");

  /** What is fed, or drops that hang on a leaf, is no watering. */
  private static final Pattern OTHER =
      Pattern.compile(
          "\\b(?:fed|feed\\w*|fertili[sz]\\w*|(?:drops?|beads?|pearls?) of water|water (?:drops?|beads?)|droplets)\\b");

  /** Lux of a foot-candle. */
  private static final double LUX_OF_A_FOOT_CANDLE = 10.764;

  /** No place is this warm usually, in °C. */
  private static final double SCORCHING = 33;

  /** From here on a bare figure of the day is one of warmth, in °C. */
  private static final double HOT_DAY = 24;

  /** A bare conductivity below this is one of mS/cm, since water below 10 µS/cm is not poured. */
  private static final double MILLI_BELOW = 10;

  private static final double CM_OF_AN_INCH = 2.54;

  /** Nobody tells more figures of one kind than this. */
  private static final int MOST_OF_A_KIND = 8;

  private final String text;
  private final List<Token> tokens;
  private final List<Reading.Span> counting;
  private final Map<String, Reading.Told> told = new LinkedHashMap<>();

  private Amounts(String text, List<Token> tokens) {
    this.text = text.toLowerCase(Locale.ROOT).replace('−', '-');
    this.tokens = tokens;
    this.counting = counting();
  }

  static List<Reading.Told> of(String text, List<Token> tokens) {
    if (text.toLowerCase(Locale.ROOT).length() != text.length()) {
      return List.of();
    }
    Amounts amounts = new Amounts(text, tokens);
    amounts.read();
    return new ArrayList<>(amounts.told.values());
  }

  private void read() {
    each(
        PERCENT,
        m -> {
          boolean ofAir =
              clause(m).matches("(?s).*\\b(?:air|hum|humidity|rh|meter|hygrometer|room)\\b.*");
          boolean ofSomething = text.startsWith(" of", m.end());
          if (ofAir
              || !ofSomething && sentence(m).matches("(?s).*\\b(?:air|humid\\w*|rh|dry)\\b.*")) {
            put("humidity", number(m, 1), m);
          }
        });
    each(BARE_RH, m -> put("humidity", number(m, 1), m));
    each(AIR_HERE, m -> put("humidity", number(m, 1), m));
    each(DEGREES, m -> temperature(m, m.group(3).startsWith("f")));
    each(BARE_DEGREES, m -> temperature(m, false));
    each(MINUS, m -> temperature(m, false));
    each(BARE_NIGHT, m -> put("coldest", number(m, 1), m));
    each(
        BARE_DAY,
        m -> {
          if (number(m, 1) >= HOT_DAY) {
            put("warmest", number(m, 1), m);
          }
        });
    each(EC, m -> put("water-ec", number(m, 1), m));
    each(EC_MILLI, m -> put("water-ec", 1000 * number(m, 1), m));
    each(
        BARE_EC,
        m -> put("water-ec", number(m, 1) < MILLI_BELOW ? 1000 * number(m, 1) : number(m, 1), m));
    each(BARE_HARDNESS, m -> put("water-hardness", number(m, 1), m));
    each(HARDNESS, m -> put("water-hardness", number(m, 1), m));
    each(POURED, this::poured);
    each(POT, this::pot);
    each(LUX, m -> put("light-lux", number(m, 1), m));
    each(FOOT_CANDLES, m -> put("light-lux", Math.round(LUX_OF_A_FOOT_CANDLE * number(m, 1)), m));
    each(PPFD, m -> put("light-ppfd", number(m, 1), m));
    each(EVERY, this::every);
    each(TIMES, this::times);
    each(
        WEEKDAY,
        m -> {
          if (waters(m)) {
            put("watering-every", 7, m);
            put("watering-by", new Reading.Choice("calendar"), m);
          }
        });
    each(
        ADVERB,
        m -> {
          if (waters(m) && WATERS.matcher(clause(m)).find()) {
            put(
                "watering-every",
                Map.of("daily", 1, "weekly", 7, "fortnightly", 14, "monthly", 30).get(m.group(1)),
                m);
          }
        });
    each(AGO, m -> since(m, days(m.group(1), m.group(2))));
    each(
        LAST,
        m -> since(m, Map.of("last week", 7, "yesterday", 1, "last month", 30).get(m.group(1))));
  }

  private interface Take {
    void from(Matcher match);
  }

  private void each(Pattern pattern, Take take) {
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

  private static double number(Matcher match, int group) {
    String said = match.group(group);
    return WORDS.containsKey(said) ? WORDS.get(said) : Double.parseDouble(said.replace(',', '.'));
  }

  private static int days(String count, String unit) {
    int number = WORDS.containsKey(count) ? WORDS.get(count) : Integer.parseInt(count);
    return number
        * switch (unit) {
          case "week", "wk" -> 7;
          case "fortnight" -> 14;
          case "month" -> 30;
          case "year" -> 365;
          default -> 1;
        };
  }

  private void put(String field, double value, Matcher match) {
    put(field, new Reading.Figure(value), match);
  }

  private void put(String field, Reading.Value value, Matcher match) {
    told.putIfAbsent(
        field, new Reading.Told(field, value, new Reading.Span(match.start(), match.end())));
  }

  private void temperature(Matcher match, boolean fahrenheit) {
    double value = number(match, 2);
    if (match.group(1) != null) {
      value = -Math.abs(value);
    }
    double celsius = fahrenheit ? Math.round((value - 32) / 1.8 * 10) / 10.0 : value;
    String clause = clause(match);
    if (celsius <= 3
        || clause.matches(
            "(?s).*\\b(?:nights?|frost|minima|coldest|last night|transit|lows)\\b.*")) {
      put("coldest", celsius, match);
    } else if (celsius >= SCORCHING
        || celsius >= 27 && HOT.matcher(sentence(match)).find()
        || clause.matches("(?s).*\\b(?:maxima|got to|reached|heatwave)\\b.*")) {
      put("warmest", celsius, match);
    } else {
      put("temperature", celsius, match);
    }
  }

  /** Cups are US cups, glasses of 0.2 l, spoons metric. */
  private void poured(Matcher match) {
    String unit = match.group(3);
    double of =
        unit.startsWith("cup")
            ? 237
            : unit.startsWith("glass")
                ? 200
                : unit.startsWith("ta") || unit.startsWith("tb")
                    ? 15
                    : unit.startsWith("te") || unit.startsWith("ts")
                        ? 5
                        : unit.startsWith("l") ? 1000 : 1;
    String part = match.group(1);
    double times = part == null ? 1 : part.equals("half") ? 0.5 : 0.25;
    boolean waters = waters(match) || text.startsWith(" of water", match.end());
    if (waters && !sentence(match).contains(" tds")) {
      put("water-amount", times * of * (match.group(2) == null ? 1 : number(match, 2)), match);
    }
  }

  private void pot(Matcher match) {
    int group = match.group(1) == null ? 3 : 1;
    double of = match.group(group + 1).startsWith("c") ? 1 : CM_OF_AN_INCH;
    put("pot-width", Math.round(10 * of * number(match, group)) / 10.0, match);
  }

  private void every(Matcher match) {
    if (waters(match)) {
      int each = match.group(2) == null ? 1 : WORDS.getOrDefault(match.group(2), 0);
      each = each == 0 ? Integer.parseInt(match.group(2)) : each;
      int days =
          days("one", match.group(3))
              * each
              * (match.group(1) == null ? 1 : ORDINALS.get(match.group(1)));
      put("watering-every", days, match);
    }
  }

  private void times(Matcher match) {
    if (waters(match)) {
      String often = match.group(1);
      double times =
          often.equals("once") ? 1 : often.equals("twice") ? 2 : days(match.group(2), "day");
      put("watering-every", Math.round(10 * days("one", match.group(3)) / times) / 10.0, match);
    }
  }

  private boolean waters(Matcher match) {
    String sentence = sentence(match);
    return !OTHER.matcher(clause(match)).find()
        && (WATERS.matcher(sentence).find() || sentence.contains("give water"));
  }

  /** A span of time, by the verb of its clause. */
  private void since(Matcher match, int days) {
    String clause = clause(match);
    if (clause.matches(
        "(?s).*\\b(?:repot|division|divided|transplant|changed (?:its|the) pot|new pot|fresh (?:soil|compost|mix|bark)|potted on)\\w*.*")) {
      put("days-since-repot", days, match);
    } else if (clause.matches(
        "(?s).*\\b(?:moved?|move|changed (?:its place|the place|flats?|rooms?|houses?)|turned (?:it|the pot|the plant|round|around)|came (?:in|into|indoors|inside)|(?:brought|took) (?:it |them )?(?:in|inside|indoors)|put (?:it |them )?(?:out|outside|outdoors|beside|next))\\b.*")) {
      put("days-since-move", days, match);
    } else if (clause.matches("(?s).*\\b(?:fed|feed|fertili[sz]\\w*)\\b.*")) {
      put("days-since-feed", days, match);
    } else if (clause.matches(
            "(?s).*\\b(?:bought|got(?! rid| to)|arrived|home|buy|had it|have it|with me|purchased|gift|given)\\b.*")
        && !clause.contains("years")) {
      put("days-since-arrival", days, match);
    } else if (clause.matches("(?s).*\\b(?:stand|stood|standing)\\b.*")
        && clause.contains("water")) {
      put("stood-for", days, match);
    } else if (clause.matches(
        "(?s).*\\b(?:not watered|no water|forgot|without water|haven't watered|hasn't been watered|not been watered|hasn't had (?:any )?water|not had (?:any )?water|couldn't water|could not water|didn't water|unwatered|last water(?:ed|ing)|last drink|dry since)\\b.*")) {
      put("days-since-watering", days, match);
    } else if (clause.matches("(?s).*\\b(?:wet|(?:n't|not|never) dr(?:y|ied))\\b.*") && days > 1) {
      put("wet-days", days, match);
    } else if (clause.matches("(?s).*\\b(?:soil|compost|medium|mix|bark|moss|pot)\\b.*\\bdry\\b.*")
        && days > 1) {
      put("dry-days", days, match);
    } else if (clause.matches("(?s).*\\b(?:outside|outdoors)\\b.*")) {
      put("days-since-move", days, match);
    }
  }

  private String clause(Matcher match) {
    return around(match, true);
  }

  private String sentence(Matcher match) {
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
