package org.mildlantern.core.said;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** How warm it is, was by day or got by night, as a text tells it in figures. */
final class Degrees {
  private static final String NUMBER = Passage.NUMBER;
  private static final String SPOKEN = Passage.SPOKEN;
  private static final String ROOM = Amounts.ROOM;
  private static final String ABOUT =
      "(?: (?:kept|at|around|about|roughly|only|always|never|over|under|constant(?:ly)?|a steady))*";

  private static final String STEADILY =
      "(?=[.,;!?](?!\\d)|$| and\\b| at most\\b| these days\\b| day and night\\b| all (?:day|night|winter|summer|year)"
          + "| (?:here|now|by day|during the day|at the moment|throughout|in (?:winter|summer|here|there)|most of the time)\\b)";

  private static final Pattern BARE_NIGHT =
      Pattern.compile(
          "\\b(?:nights?|minimum|min)(?: temps?| temperatures?)?"
              + "(?: (?:is|are|was|were|near|around|about|of|at|to|down to|fall to|drop to|go to|reach))* "
              + NUMBER
              + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|days?|weeks?|months?))");

  private static final Pattern BARE_TOP =
      Pattern.compile(
          "\\b(?:max(?:imum|ima)?|highs)(?: temps?| temperatures?)?(?: (?:is|are|was|were|of|at|around|about|near))* "
              + NUMBER
              + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|days?|weeks?|months?|[.,]\\d))");

  private static final Pattern BARE_DAY =
      Pattern.compile(
          NUMBER
              + "(?= (?:(?:in|during) the (?:afternoon|sun|shade|day)|at (?:noon|midday)|by (?:day|noon))\\b)");

  private static final Pattern BY_NIGHT =
      Pattern.compile(
          NUMBER + "(?= (?:at night|by night|overnight|in the night|during the night)\\b)");

  private static final Pattern DEGREES =
      Pattern.compile(
          "(minus\\s+)?" + SPOKEN + "\\s*(?:(?:°|º|degrees?)\\s*)?(c|f|celsius|fahrenheit)\\b");

  private static final Pattern MINUS =
      Pattern.compile("\\b(minus\\s+)" + SPOKEN + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b))");

  private static final Pattern BARE_DEGREES =
      Pattern.compile(
          "(minus\\s+)?" + SPOKEN + "\\s*(?:°|º|degrees?)(?!\\s*(?:[ns]\\b|german|dh|hard))");

  private static final Pattern BARE_ROOM =
      Pattern.compile(
          "\\b"
              + ROOM
              + "(?:(?:'s| is| was| stays)"
              + ABOUT
              + "| at"
              + ABOUT
              + ")( minus)? "
              + NUMBER
              + STEADILY);

  private static final Pattern MEASURED =
      Pattern.compile(
          "\\b(?:temp(?:erature)?s?|thermometer)(?: (?:in (?:the|my|our) (?:\\w+ )?\\w+|in here|in there))?"
              + "(?:'s| is| are| was| were| of| says| said| shows| showed| reads| read| stays)?"
              + ABOUT
              + "( minus)? "
              + NUMBER
              + STEADILY);

  private static final Pattern ROUND_IT =
      Pattern.compile(
          "\\b(?:hot|warm|cool|cold|chilly),?( minus)? (\\d{2})"
              + "(?= (?:in (?:the|my|our|that) (?:\\w+ )?"
              + ROOM
              + "|on (?:the|my|our|that) (?:\\w+ )?(?:sill|windowsill|balcony|terrace|patio))\\b)");

  private static final Pattern BELOW_ZERO =
      Pattern.compile(
          "(?<![\\w.,+-]|\\d )(minus )?(-\\d{1,2})\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|-|[.,]\\d|cm\\b|mm\\b))");

  private static final Pattern FREEZING =
      Pattern.compile(
          "\\b(?:near|around|close to|at|just above|below|under) (?:freezing|zero)(?=[.,;!?]|$| (?:degrees|at night|by night|overnight|last night|outside|now|and)\\b)");

  private static final Pattern FROST =
      Pattern.compile(
          "\\b(?:nights?|overnight|frosts?|frozen|froze|outside|outdoors|balcony|terrace|garden|winter|morning|snow|car|home)\\b");

  private static final Pattern ROSE_TO =
      Pattern.compile(
          "\\b(?:got|gets|went|goes|climb(?:s|ed)|rose|rises|hit|hits|reach(?:es|ed)?)(?: up)?(?: to)?"
              + ABOUT
              + " (\\d{2})\\b"
              + "(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|percent|per cent|cm|mm|inch|days?|weeks?|months?|years?|leaves|flowers|lux|ppm|[.,:]\\d))");

  private static final Pattern HEATWAVE =
      Pattern.compile(
          "\\bheat ?wave,?(?: of| with| at| up to| around| about)* \\(?(\\d{2})\\b(?!\\s*(?:days?|hours?|%))");

  private static final Pattern WHERE_HOT =
      Pattern.compile(
          "\\b(?:heat(?:wave)?|hot|temp(?:erature)?s?|thermometer|sun|noon|afternoons?|summer|balcony|terrace|patio|case|tank|tent|sill|windowsill|outside|outdoors|glass|in (?:here|there)|it (?:got|gets|hit|hits|went up|rose)|"
              + ROOM
              + ")\\b");

  private static final Pattern IN_A_ROOM =
      Pattern.compile(
          "\\bit(?:'s|s| is| was| gets| stays)( minus)? "
              + NUMBER
              + "(?= (?:in )?here\\b| in (?:the|my|our) (?:\\w+ )?"
              + ROOM
              + "\\b)");

  private static final Pattern HOT =
      Pattern.compile(
          "\\b(?:(?:too )?hot|heat(?:wave)?|maxima|got to|after|up to|reached|with the heat of)\\b");

  private static final Pattern COLD_TIMES =
      Pattern.compile(
          "(?s).*\\b(?:nights?|frost|minim(?:um|a)|coldest|last night|transit|lows|(?:dropped|fell|sank|down) to (?:about |around |just )?\\d+)\\b.*");

  private static final Pattern HOT_TIMES =
      Pattern.compile(
          "(?s).*\\b(?:maxim(?:um|a)|got to|reached|heatwave|afternoons?|midday|noon)\\b.*");

  /** No place is this warm usually, in °C. */
  private static final double SCORCHING = 30;

  /** No place is this cold usually, in °C. */
  private static final double COLD = 4;

  /** From here on a bare figure of the day is one of warmth, in °C. */
  private static final double HOT_DAY = 24;

  /** Warmer than this, a figure without a scale may be one of Fahrenheit; in °C, by day. */
  private static final double CELSIUS_BY_DAY = 45;

  /** The same by night. */
  private static final double CELSIUS_BY_NIGHT = 30;

  private enum Scale {
    CELSIUS,
    FAHRENHEIT,
    UNSAID
  }

  private final Passage passage;

  private Degrees(Passage passage) {
    this.passage = passage;
  }

  static void read(Passage passage) {
    Degrees degrees = new Degrees(passage);
    passage.each(
        DEGREES,
        m -> degrees.temperature(m, m.group(3).startsWith("f") ? Scale.FAHRENHEIT : Scale.CELSIUS));
    passage.each(BARE_DEGREES, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(MINUS, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(BARE_ROOM, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(IN_A_ROOM, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(MEASURED, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(ROUND_IT, m -> degrees.temperature(m, Scale.UNSAID));
    passage.each(BELOW_ZERO, degrees::frost);
    passage.each(FREEZING, m -> passage.put("coldest", 0, m));
    passage.each(BY_NIGHT, degrees::night);
    passage.each(ROSE_TO, degrees::heat);
    passage.each(HEATWAVE, degrees::noon);
    passage.each(BARE_NIGHT, degrees::night);
    passage.each(BARE_DAY, degrees::noon);
    passage.each(BARE_TOP, degrees::noon);
  }

  private void night(Matcher match) {
    if (Passage.first(match) <= CELSIUS_BY_NIGHT) {
      passage.put("coldest", Passage.first(match), match);
    }
  }

  private void heat(Matcher match) {
    if (WHERE_HOT.matcher(passage.clause(match)).find()) {
      noon(match);
    }
  }

  private void frost(Matcher match) {
    if (FROST.matcher(passage.sentence(match)).find()) {
      temperature(match, Scale.UNSAID);
    }
  }

  private void noon(Matcher match) {
    if (Passage.first(match) >= HOT_DAY && Passage.first(match) <= CELSIUS_BY_DAY) {
      passage.put("warmest", Passage.first(match), match);
    }
  }

  /** The clause of a figure; one that stands alone speaks of what was said before it. */
  private String where(Matcher match) {
    String clause = passage.clause(match);
    return clause.strip().equals(match.group().strip()) ? passage.sentence(match) : clause;
  }

  private void temperature(Matcher match, Scale scale) {
    double value = Passage.number(match, 2);
    if (match.group(1) != null) {
      value = -Math.abs(value);
    }
    double celsius = scale == Scale.FAHRENHEIT ? Math.round((value - 32) / 1.8 * 10) / 10.0 : value;
    String clause = where(match).replace("day and night", "always");
    boolean cold = celsius <= COLD || COLD_TIMES.matcher(clause).matches();
    if (scale == Scale.UNSAID && celsius > (cold ? CELSIUS_BY_NIGHT : CELSIUS_BY_DAY)) {
      return;
    }
    if (cold) {
      passage.put("coldest", celsius, match);
    } else if (celsius >= SCORCHING
        || celsius >= 27 && HOT.matcher(passage.sentence(match)).find()
        || HOT_TIMES.matcher(clause).matches()) {
      passage.put("warmest", celsius, match);
    } else {
      passage.put("temperature", celsius, match);
    }
  }
}
