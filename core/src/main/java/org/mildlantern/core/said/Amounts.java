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
  static final String ROOM =
      "(?:room|flat|house|lounge|office|bedroom|kitchen|bathroom|greenhouse|conservatory)";
  private static final Pattern AIR_HERE =
      Pattern.compile(
          NUMBER
              + "\\s*%\\s*(?:(?:in )?(?:here|there)|in (?:the|my|our) (?:\\w+ )?"
              + ROOM
              + ")\\b");
  private static final Pattern SUN_HOURS =
      Pattern.compile(
          SPOKEN
              + "(?:-| to | or )?(?:\\d+)? ?(?:h|hrs?|hours?)(?: of)?(?: (?:full|direct|morning|afternoon|midday|evening|strong|good|gentle))* sun(?:light|shine)?\\b");
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

  private static final Pattern NITROGEN =
      Pattern.compile("\\b" + NUMBER + "\\s*(?:ppm|mg/l)(?: of)?(?: n\\b| nitrogen\\b)");

  private static final Pattern OF_AIR =
      Pattern.compile("(?s).*\\b(?:air|hum|humidity|rh|meter|hygrometer|room)\\b.*");

  private static final String MEDIUM = "(?:soil|compost|medium|substrate|potting mix)";

  private static final Pattern OF_THE_MEDIUM =
      Pattern.compile(
          "\\b(?:"
              + MEDIUM
              + "(?: (?:is|was|stays))? (?:at|about|around|humidity|moisture|meter|probe|sensor)"
              + "|(?:humidity|moisture) (?:of|in) (?:the|its|my) (?:"
              + MEDIUM
              + "|pot)|moisture (?:meter|probe|sensor))\\b");

  private static final Pattern OF_AIR_OR_DRY =
      Pattern.compile("(?s).*\\b(?:air|humid\\w*|rh|dry)\\b.*");

  private static final Pattern HARDNESS_PPM =
      Pattern.compile(
          "\\bhardness(?: (?:is|of|at|about|around))* "
              + NUMBER
              + "\\s*(?:ppm|mg/l)|"
              + NUMBER
              + "\\s*(?:ppm|mg/l) (?:of )?(?:hardness|calcium carbonate|caco3)\\b");

  private static final Pattern ALKALINITY_PPM =
      Pattern.compile(
          "\\balkalinity(?: (?:is|of|at|about|around))* " + NUMBER + "\\s*(?:ppm|mg/l)");

  private static final Pattern SALTS_PPM =
      Pattern.compile(NUMBER + "\\s*ppm\\b|\\btds(?: (?:is|of|at|about|around))* " + NUMBER);

  private static final Pattern OF_WATER =
      Pattern.compile("\\b(?:water|tds|tap|meter|dissolved|salts?|run-?off)\\b");

  private static final Pattern OF_ELSE =
      Pattern.compile(
          "\\b(?:nitrogen|n|hardness|alkalinity|carbonate|caco3|co2|calcium|magnesium|"
              + Passage.FEED
              + ")\\b");

  /** Parts per million of lime that are one degree, °dH. */
  private static final double PPM_OF_A_DEGREE = 17.85;

  /**
   * Meters for salts count 0.5, 0.64 or 0.7 ppm for each µS/cm and seldom say which; between them,
   * and how far the three lie apart.
   */
  private static final double PPM_OF_EC = 0.6;

  private static final double SCALES_APART = 0.17;

  /** Lux of a foot-candle. */
  private static final double LUX_OF_A_FOOT_CANDLE = 10.764;

  /** A bare conductivity below this is one of mS/cm, since water below 10 µS/cm is not poured. */
  private static final double MILLI_BELOW = 10;

  private static final double CM_OF_AN_INCH = 2.54;

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
    Moves.read(passage);
    return passage.told();
  }

  private void read() {
    passage.each(PERCENT, this::percent);
    passage.each(BARE_RH, this::ofAir);
    passage.each(HYGROMETER, figure("humidity"));
    passage.each(AIR_HERE, figure("humidity"));
    Degrees.read(passage);
    passage.each(EC, figure("water-ec"));
    passage.each(EC_MILLI, m -> passage.put("water-ec", 1000 * Passage.first(m), m));
    passage.each(
        BARE_EC,
        m -> {
          double ec = Passage.first(m);
          passage.put("water-ec", ec < MILLI_BELOW ? 1000 * ec : ec, m);
        });
    passage.each(BARE_HARDNESS, figure("water-hardness"));
    passage.each(HARDNESS, figure("water-hardness"));
    passage.each(POURED, this::poured);
    passage.each(POT, this::pot);
    passage.each(SUN_HOURS, figure("direct-hours"));
    passage.each(LUX, figure("light-lux"));
    passage.each(
        FOOT_CANDLES,
        m -> passage.put("light-lux", Math.round(LUX_OF_A_FOOT_CANDLE * Passage.first(m)), m));
    passage.each(PPFD, figure("light-ppfd"));
    passage.each(NITROGEN, figure("last-feed-ppm"));
    passage.each(
        HARDNESS_PPM,
        m -> passage.put("water-hardness", Math.round(10 * either(m) / PPM_OF_A_DEGREE) / 10.0, m));
    passage.each(ALKALINITY_PPM, figure("water-alkalinity"));
    passage.each(SALTS_PPM, this::salts);
  }

  private Passage.Take figure(String field) {
    return match -> passage.put(field, Passage.first(match), match);
  }

  private static double either(Matcher match) {
    return Passage.number(match, match.group(1) == null ? 2 : 1);
  }

  private void salts(Matcher match) {
    if (OF_WATER.matcher(passage.sentence(match)).find()
        && !OF_ELSE.matcher(passage.clause(match)).find()) {
      double ec = Math.round(either(match) / PPM_OF_EC);
      passage.put("water-ec", new Reading.Figure(ec, SCALES_APART * ec), match);
    }
  }

  private void percent(Matcher match) {
    boolean ofAir = OF_AIR.matcher(passage.clause(match)).matches();
    boolean ofSomething = passage.isFollowedBy(match, " of");
    if (ofAir || !ofSomething && OF_AIR_OR_DRY.matcher(passage.sentence(match)).matches()) {
      ofAir(match);
    }
  }

  private void ofAir(Matcher match) {
    if (!OF_THE_MEDIUM.matcher(passage.clause(match)).find()) {
      passage.put("humidity", Passage.first(match), match);
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
