package org.mildlantern.core.said;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Figures in a text, as values of the fields that their unit and their clause name. */
final class Amounts {
  private static final String NUMBER = Passage.NUMBER;
  private static final String SPOKEN = Passage.SPOKEN;

  private static final Pattern PERCENT = Pattern.compile(NUMBER + "\\s*(?:%|percent|per cent)");
  private static final Pattern BARE_RH =
      Pattern.compile(
          "\\b(?:rh|hum|humidity)[^\\d.;!?]{0,14}?"
              + NUMBER
              + "(?![.,]?\\d)(?!\\s*(?:°|degrees?|(?:minute|hour|day|week|month|year)s?\\b))");
  private static final Pattern HYGROMETER =
      Pattern.compile(
          "\\bhygrometer(?: (?!and\\b|thermometer\\b)[a-z]+){1,5}:? "
              + NUMBER
              + "(?=\\s*(?:%|percent|per cent|[.,;!?](?!\\d)|$|and\\b|in\\b|at\\b|now\\b))");
  private static final String ABOUT =
      "(?: (?:kept|at|around|about|roughly|only|always|never|over|under|constant(?:ly)?|a steady))*";
  private static final String STEADILY =
      "(?=[.,;!?](?!\\d)|$| and\\b| at most\\b| these days\\b| day and night\\b| all (?:day|night|winter|summer|year)"
          + "| (?:here|now|by day|during the day|at the moment|throughout|in (?:winter|summer|here|there)|most of the time)\\b)";
  private static final String ROOM =
      "(?:room|flat|house|lounge|office|bedroom|kitchen|bathroom|greenhouse|conservatory)";
  private static final Pattern AIR_HERE =
      Pattern.compile(
          NUMBER
              + "\\s*%\\s*(?:(?:in )?(?:here|there)|in (?:the|my|our) (?:\\w+ )?"
              + ROOM
              + ")\\b");
  private static final Pattern BARE_NIGHT =
      Pattern.compile(
          "\\b(?:nights?|minimum|min)(?: temps?| temperatures?)?"
              + "(?: (?:is|are|was|were|near|around|about|of|at|to|down to|fall to|drop to|go to|reach))* "
              + NUMBER
              + "\\b(?!\\s*(?:°|º|degrees?|c\\b|f\\b|%|days?|weeks?|months?))");
  private static final Pattern BARE_DAY =
      Pattern.compile(
          NUMBER
              + "(?= (?:(?:in|during) the (?:afternoon|sun|shade|day)|at (?:noon|midday)|by (?:day|noon))\\b)");
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
  private static final Pattern WHERE_HOT =
      Pattern.compile(
          "\\b(?:heat(?:wave)?|hot|temp(?:erature)?s?|thermometer|sun|noon|afternoons?|summer|balcony|terrace|patio|case|tank|tent|sill|windowsill|outside|outdoors|glass|in (?:here|there)|it (?:got|gets|hit|hits|went up|rose)|"
              + ROOM
              + ")\\b");
  private static final Pattern BY_NIGHT =
      Pattern.compile(
          NUMBER + "(?= (?:at night|by night|overnight|in the night|during the night)\\b)");
  private static final Pattern SUN_HOURS =
      Pattern.compile(
          SPOKEN
              + "(?:-| to | or )?(?:\\d+)? ?(?:h|hrs?|hours?)(?: of)?(?: (?:full|direct|morning|afternoon|midday|evening|strong|good|gentle))* sun(?:light|shine)?\\b");
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
  private static final Pattern EC =
      Pattern.compile(NUMBER + "\\s*(?:µs|μs|us|microsiemens)(?:/cm)?");
  private static final Pattern BARE_EC =
      Pattern.compile(
          "\\b(?:ec|conductivity)(?: (?:is|of|at|was))? " + NUMBER + "\\b(?!\\s*[µμum]s)");
  private static final Pattern EC_MILLI = Pattern.compile(NUMBER + "\\s*ms(?:/cm)?\\b");
  private static final Pattern HARDNESS =
      Pattern.compile(
          NUMBER + "\\s*(?:°\\s*dh|dh\\b|german degrees?|degrees?\\s+(?:german|hard|dh))");
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

  /** Lux of a foot-candle. */
  private static final double LUX_OF_A_FOOT_CANDLE = 10.764;

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

  /** A bare conductivity below this is one of mS/cm, since water below 10 µS/cm is not poured. */
  private static final double MILLI_BELOW = 10;

  private static final double CM_OF_AN_INCH = 2.54;

  private enum Scale {
    CELSIUS,
    FAHRENHEIT,
    UNSAID
  }

  private final Passage passage;

  private Amounts(Passage passage) {
    this.passage = passage;
  }

  static List<Reading.Told> of(String text, List<Token> tokens, LocalDate today) {
    if (text.toLowerCase(Locale.ROOT).length() != text.length()) {
      return List.of();
    }
    Passage passage = new Passage(text, tokens);
    new Amounts(passage).read();
    Often.read(passage, today);
    return passage.told();
  }

  private void read() {
    passage.each(PERCENT, this::percent);
    passage.each(BARE_RH, figure("humidity"));
    passage.each(HYGROMETER, figure("humidity"));
    passage.each(AIR_HERE, figure("humidity"));
    passage.each(
        DEGREES,
        m -> temperature(m, m.group(3).startsWith("f") ? Scale.FAHRENHEIT : Scale.CELSIUS));
    passage.each(BARE_DEGREES, m -> temperature(m, Scale.UNSAID));
    passage.each(MINUS, m -> temperature(m, Scale.UNSAID));
    passage.each(BARE_ROOM, m -> temperature(m, Scale.UNSAID));
    passage.each(IN_A_ROOM, m -> temperature(m, Scale.UNSAID));
    passage.each(MEASURED, m -> temperature(m, Scale.UNSAID));
    passage.each(ROUND_IT, m -> temperature(m, Scale.UNSAID));
    passage.each(BELOW_ZERO, this::frost);
    passage.each(FREEZING, m -> passage.put("coldest", 0, m));
    passage.each(BY_NIGHT, this::night);
    passage.each(ROSE_TO, this::heat);
    passage.each(BARE_NIGHT, this::night);
    passage.each(BARE_DAY, this::noon);
    passage.each(EC, figure("water-ec"));
    passage.each(EC_MILLI, m -> passage.put("water-ec", 1000 * first(m), m));
    passage.each(
        BARE_EC,
        m -> passage.put("water-ec", first(m) < MILLI_BELOW ? 1000 * first(m) : first(m), m));
    passage.each(BARE_HARDNESS, figure("water-hardness"));
    passage.each(HARDNESS, figure("water-hardness"));
    passage.each(POURED, this::poured);
    passage.each(POT, this::pot);
    passage.each(SUN_HOURS, figure("direct-hours"));
    passage.each(LUX, figure("light-lux"));
    passage.each(
        FOOT_CANDLES,
        m -> passage.put("light-lux", Math.round(LUX_OF_A_FOOT_CANDLE * first(m)), m));
    passage.each(PPFD, figure("light-ppfd"));
  }

  private Passage.Take figure(String field) {
    return match -> passage.put(field, first(match), match);
  }

  private static double first(Matcher match) {
    return Passage.number(match, 1);
  }

  private void percent(Matcher match) {
    boolean ofAir =
        passage
            .clause(match)
            .matches("(?s).*\\b(?:air|hum|humidity|rh|meter|hygrometer|room)\\b.*");
    boolean ofSomething = passage.isFollowedBy(match, " of");
    if (ofAir
        || !ofSomething
            && passage.sentence(match).matches("(?s).*\\b(?:air|humid\\w*|rh|dry)\\b.*")) {
      passage.put("humidity", first(match), match);
    }
  }

  private void night(Matcher match) {
    if (first(match) <= CELSIUS_BY_NIGHT) {
      passage.put("coldest", first(match), match);
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
    if (first(match) >= HOT_DAY && first(match) <= CELSIUS_BY_DAY) {
      passage.put("warmest", first(match), match);
    }
  }

  private void temperature(Matcher match, Scale scale) {
    double value = Passage.number(match, 2);
    if (match.group(1) != null) {
      value = -Math.abs(value);
    }
    double celsius = scale == Scale.FAHRENHEIT ? Math.round((value - 32) / 1.8 * 10) / 10.0 : value;
    String clause = passage.clause(match).replace("day and night", "always");
    boolean cold =
        celsius <= COLD
            || clause.matches(
                "(?s).*\\b(?:nights?|frost|minima|coldest|last night|transit|lows|(?:dropped|fell|sank|down) to (?:about |around |just )?\\d+)\\b.*");
    if (scale == Scale.UNSAID && celsius > (cold ? CELSIUS_BY_NIGHT : CELSIUS_BY_DAY)) {
      return;
    }
    if (cold) {
      passage.put("coldest", celsius, match);
    } else if (celsius >= SCORCHING
        || celsius >= 27 && HOT.matcher(passage.sentence(match)).find()
        || clause.matches(
            "(?s).*\\b(?:maxima|got to|reached|heatwave|afternoons?|midday|noon)\\b.*")) {
      passage.put("warmest", celsius, match);
    } else {
      passage.put("temperature", celsius, match);
    }
  }

  /** Cups are US cups, glasses of 0.2 l, spoons metric; “a glass” may be the pot. */
  private void poured(Matcher match) {
    String unit = match.group(3);
    boolean vessel = unit.startsWith("cup") || unit.startsWith("glass");
    boolean counted = match.group(1) != null || match.group(2) != null;
    boolean ofWater =
        passage.isFollowedBy(match, " of water", " each ", " every ") && !passage.givesOther(match);
    if (ofWater || passage.waters(match) && (counted || !vessel)) {
      double part = match.group(1) == null ? 1 : match.group(1).equals("half") ? 0.5 : 0.25;
      double times = match.group(2) == null ? 1 : Passage.number(match, 2);
      passage.put("water-amount", part * times * millilitres(unit), match);
    }
  }

  private static double millilitres(String unit) {
    return switch (unit.substring(0, Math.min(2, unit.length()))) {
      case "cu" -> 237;
      case "gl" -> 200;
      case "ta", "tb" -> 15;
      case "te", "ts" -> 5;
      case "l", "li" -> 1000;
      default -> 1;
    };
  }

  private void pot(Matcher match) {
    int group = match.group(1) == null ? 3 : 1;
    double of = match.group(group + 1).startsWith("c") ? 1 : CM_OF_AN_INCH;
    passage.put("pot-width", Math.round(10 * of * Passage.number(match, group)) / 10.0, match);
  }
}
