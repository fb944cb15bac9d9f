package org.mildlantern.core.said;

import java.time.LocalDate;
import java.util.Map;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** How often a plant is watered and fed, and how long ago something was, as a text tells it. */
final class Often {
  private static final String COUNT =
      "(\\d{1,3}(?:\\.\\d)?|an?|one|two|three|four|five|six|seven|eight|nine|ten)";
  private static final String UNIT = "(day|week|wk|fortnight|month|year|morning|evening)s?";
  private static final Pattern EVERY =
      Pattern.compile(
          "\\b(?:every|each)\\s+(?:(other|second|2nd|third|3rd|fourth|couple of)\\s+)?(?:"
              + COUNT
              + "\\s+)?"
              + UNIT
              + "\\b");

  /** What a plant does every few days is not what its keeper does. */
  private static final Pattern WILTS =
      Pattern.compile(
          "\\b(?:collaps|droop|wilt|flop|faint|sag)\\w*(?: (?!and\\b|i\\b|we\\b|water)\\w+){0,2} $");

  private static final Pattern WEEKDAY =
      Pattern.compile(
          "\\b(?:(?:every|each|always on)\\s+"
              + "(?:mon|tues|wednes|thurs|fri|satur|sun)days?|(?:mon|tues|wednes|thurs|fri|satur|sun)days)\\b");
  private static final Map<String, Integer> ORDINALS =
      Map.of("other", 2, "second", 2, "2nd", 2, "couple of", 2, "third", 3, "3rd", 3, "fourth", 4);
  private static final Pattern TIMES =
      Pattern.compile(
          "\\b(once|twice|an? (?:sip|splash|drop|cup|glass|mug|bit|little|drink|shot)(?: of water)?|"
              + COUNT
              + "\\s*(?:x|times))\\s+(?:a|per|each)\\s+"
              + UNIT);
  private static final Pattern ADVERB = Pattern.compile("\\b(daily|weekly|fortnightly|monthly)\\b");
  private static final Pattern AGO =
      Pattern.compile(
          "(?:\\bbefore\\s+)?\\b(?<!\\b(?:in|within|every|a|once|twice|times) )"
              + COUNT
              + "\\s+"
              + UNIT
              + "(?:\\s+(?:ago|after|since|in transit|back|later))?\\b(?!\\s+to\\b)");

  /** “Thirty green leaves” before “a day” make it a pace. */
  private static final Pattern COUNTED =
      Pattern.compile("\\b(?:" + COUNT + "|some|several|many|dozens of)(?: \\w+){1,2} $");

  private static final Pattern NOT_DRIED =
      Pattern.compile(
          "(?:n't|not|never) dried(?: out)? (?:in|for) " + COUNT + "\\s+" + UNIT + "\\b");
  private static final Pattern NONE_IN =
      Pattern.compile(
          "\\b(?:no|not|never|without|\\w+n't)\\b[^.,;]{0,40}?\\bin "
              + COUNT
              + "\\s+"
              + UNIT
              + "\\b");
  private static final Pattern HAD =
      Pattern.compile(
          "(?s).*\\b(?:(?:had|owned) (?:it|them|him|her|this|the plant|mine) (?:for|now for|since)|(?:got|bought) (?:it|them|him|her|this|mine) (?:about |over |almost |nearly )?\\w+ years? ago)\\b.*");
  private static final Pattern LAST =
      Pattern.compile("\\b(last week|yesterday|last month|the week after)\\b");

  private static final Pattern STOOD =
      Pattern.compile(
          "(?s)(?!.*\\b(?:without|no|not)\\b)(?:.*\\b(?:stand|stood|standing)\\b.*water.*|.*water.*\\bstood\\b.*"
              + "|.*\\b(?:stands?|stood|standing|sits?|sat|sitting|swam|swum|left|been)\\b(?: \\w+){0,3} in(?: (?!and\\b)\\w+){0,4} (?:water|puddle)\\b.*)");
  private static final Pattern MISTED =
      Pattern.compile("(?s)(?!.*\\bwater(?:s|ed|ing)?\\b(?! spray)).*\\bmist(?:s|ed|ing)?\\b.*");
  private static final Pattern REPOTTED =
      Pattern.compile(
          "(?s).*\\b(?:same (?:old )?(?:pot|soil|compost|mix|bark|medium|moss)\\b|repot|potted(?! plants?)|division|divided|transplant|changed (?:its|the) pot|new pot|fresh (?:soil|compost|mix|bark)|potted on)\\w*.*");
  private static final Pattern MOVED =
      Pattern.compile(
          "(?s).*\\b(?:mov(?:e|ed|ing)|relocated|shifted|changed (?:its place|the place|flats?|rooms?|houses?)|turned (?:it|the pot|the plant|round|around)|came (?:in|into|indoors|inside)|(?:brought|took|carried) (?:(?:it|them|him|her|(?:the|my) \\w+) )?(?:in|inside|indoors|out of|to (?:the|my|our|a) new)|went (?:outside|outdoors|(?:out )?(?:on|onto|to|into) (?:the|my|our|a) (?:\\w+ )?(?:balcony|terrace|patio|garden|yard|deck|roof|porch|sill|windowsill|shelf))|swapped (?:(?:its|their) )?places?|hung (?:it|them|him|her|(?:the|my) \\w+) (?:out|in|on|by|near|under|at)|(?:carried|put|placed|set|stood) (?:(?:it|them|him|her|(?:the|my) \\w+) )?(?:out|outside|outdoors|beside|next|on|in(?:to)? (?:the|my|our|a|an)|by|near|under|at))\\b.*");

  /** What a keeper got, as against “got small” or “got a drink”. */
  private static final String GOT =
      "got (?:(?:it|them|him|her|these|those|mine|both|our|as|from|at|online|last|in|on|since|a (?:few|couple)|about|around|roughly)\\b"
          + "|th(?:is|at)(?: one| plant| orchid| tree| cactus)?(?= \\d| \\w+ (?:days?|weeks?|months?|years?)| last| in | on | from | at |$)"
          + "|(?:my|the) (?:plant|orchid|tree|cactus)\\b|"
          + COUNT
          + "\\s+"
          + UNIT
          + ")"
          + "|\\b(?:i|we|(?:i|we)'ve|just|only) got (?:an?|my|the|another) (?!(?:\\w+ ){0,2}(?:spots?|patch|patches|marks?|bugs?|flies|mites?|problems?|holes?|mou?ld|tips?|lea[fv]\\w*|buds?|flowers?|roots?|shoots?|spikes?|pups?|drink|soak|water)\\b)";

  private static final Pattern ARRIVED =
      Pattern.compile(
          "(?s).*\\b(?:bought|"
              + GOT
              + "|arrived|came (?:by|in the|with the) (?:post|mail)|deliver\\w*|courier|(?<!\\b(?:i|we) (?:came|got|went|returned) (?:back )?)home|buy|had it|have it|with (?:me|us)|purchased|gift|gifted|given (?:to )?(?:it|this|me|us)|given as)\\b.*");
  private static final Pattern UNWATERED =
      Pattern.compile(
          "(?s).*\\b(?:not watered|no water|forgot|without water|haven't watered|hasn't been watered|not been watered|hasn't had (?:any )?water|not had (?:any )?water|couldn't water|could not water|didn't water|unwatered|last water(?:ed|ing)?|stopped watering|(?:nobody|no one) (?:soaked|watered|bathed)|not soaked|(?:haven't|hasn't|have not|has not)(?: been)? (?:soaked|dunked|dipped|bathed|misted)|last soak(?:ed)?|watered (?:it )?last|last drink|drop of water|after watering|(?:i|we) watered(?! every| each| it every)|holiday|vacation|away for|were away|was away|(?:seen|got|gets|had) (?:any |no )?water|watered (?:(?:it|them|him|her) )?(?:yesterday|last|.{1,20} ago))\\b.*");
  private static final Pattern KEPT_WET =
      Pattern.compile(
          "(?s)(?!.*\\b(?:leaf|leaves|blisters?|spots?|patch(?:es)?|blotch(?:es)?)\\b).*\\b(?:wet|damp|soggy|soaked|sodden|(?:n't|not|never) dr(?:y|ied))\\b.*");
  private static final Pattern KEPT_DRY =
      Pattern.compile(
          "(?s).*(?:\\b(?:soil|compost|medium|mix|bark|moss|pot)\\b.*\\bdry\\b|\\bdry (?:for|since)\\b).*");
  private static final Pattern FLOWERS =
      Pattern.compile("(?s).*\\b(?:in (?:full |its )?(?:flower|bloom)|flowering|blooming)\\b.*");
  private static final Pattern NO_FLOWERS =
      Pattern.compile("(?s).*\\b(?:ago|no|not|without|stopped|finished|before|after)\\b.*");
  private static final Pattern OUTSIDE = Pattern.compile("(?s).*\\b(?:outside|outdoors)\\b.*");
  private static final Pattern SHARE =
      Pattern.compile(
          "\\b(half|(?:a|one) third|(?:a|one) quarter|two thirds|three quarters|"
              + Passage.NUMBER
              + " ?(?:%|percent|per cent))(?: of)?(?: (?:its|the|his|her|my|all))* (?:leaves|leafs|foliage|needles|leaflets)\\b");
  private static final Map<String, Double> SHARES =
      Map.of("half", 0.5, "third", 0.33, "quarter", 0.25, "thirds", 0.67, "quarters", 0.75);
  private static final Pattern SHEDS =
      Pattern.compile("\\b(?:los(?:t|e|es|ing)|drop\\w*|shed\\w*|thr[eo]w\\w*)\\b(?: \\w+){0,3} $");
  private static final Pattern FALLS =
      Pattern.compile(
          "^(?: \\w+){0,3} (?:f[ae]ll(?:s|en|ing)?(?! over)|drop\\w*|shed|came off|(?:are|is|were) gone(?! \\w))\\b");
  private static final Pattern FEEDS = Pattern.compile("\\b" + Passage.FEED + "\\b");
  private static final Pattern WATERS_AND_FEEDS =
      Pattern.compile(
          "\\b(?:water(?:s|ed)? and "
              + Passage.FEED
              + "|"
              + Passage.FEED
              + " and water(?:s|ed)?)\\b");
  private static final double FORTNIGHT = 14;
  private static final double QUARTER = 90;

  private final Passage passage;

  private Often(Passage passage) {
    this.passage = passage;
  }

  /**
   * Reads them.
   *
   * @param today or null when it is not known, so that no day that a text names can be counted from
   */
  static void read(Passage passage, LocalDate today) {
    Often often = new Often(passage);
    passage.each(EVERY, often::every);
    passage.each(TIMES, often::times);
    passage.each(WEEKDAY, often::weekday);
    passage.each(ADVERB, often::adverb);
    passage.each(SHARE, often::lost);
    passage.each(NOT_DRIED, m -> passage.put("wet-days", days(m.group(1), m.group(2)), m));
    passage.each(AGO, often::ago);
    passage.each(
        LAST,
        m ->
            often.since(
                m,
                Map.of("last week", 7, "yesterday", 1, "last month", 30, "the week after", 7)
                    .get(m.group(1))));
    passage.each(NONE_IN, m -> often.since(m, days(m.group(1), m.group(2))));
    if (Dates.isKnown(today)) {
      passage.each(Dates.NAMED, m -> often.since(m, Dates.ago(m, today)));
    }
  }

  private static double days(String count, String unit) {
    return Passage.count(count)
        * switch (unit) {
          case "week", "wk" -> 7;
          case "fortnight" -> 14;
          case "month" -> 30;
          case "year" -> 365;
          default -> 1;
        };
  }

  private void ago(Matcher match) {
    boolean counted = COUNTED.matcher(before(match)).find();
    if (!counted || !match.group().matches("an? \\w+( since)?")) {
      since(match, days(match.group(1), match.group(2)));
    }
  }

  /** What stands before it in its clause. */
  private String before(Matcher match) {
    String clause = passage.clause(match);
    return clause.substring(0, Math.max(0, clause.indexOf(match.group())));
  }

  private void weekday(Matcher match) {
    if (passage.waters(match)) {
      passage.put("watering-every", 7, match);
      passage.put("watering-by", new Reading.Choice("calendar"), match);
    }
  }

  private void adverb(Matcher match) {
    String clause = passage.clause(match);
    if (is(MISTED, clause)
        || Stream.of(Passage.WATERS, FEEDS).anyMatch(one -> one.matcher(clause).find())) {
      interval(
          Map.of("daily", 1, "weekly", 7, "fortnightly", 14, "monthly", 30).get(match.group(1)),
          match);
    }
  }

  private void every(Matcher match) {
    double each = match.group(2) == null ? 1 : Passage.count(match.group(2));
    int ordinal = match.group(1) == null ? 1 : ORDINALS.get(match.group(1));
    interval(days("one", match.group(3)) * each * ordinal, match);
  }

  private void times(Matcher match) {
    String often = match.group(1);
    double times =
        often.startsWith("a") || often.equals("once")
            ? 1
            : often.equals("twice") ? 2 : Passage.count(match.group(2));
    if (times > 0) {
      interval(Math.round(10.0 * days("one", match.group(3)) / times) / 10.0, match);
    }
  }

  private void interval(double days, Matcher match) {
    String clause = passage.clause(match);
    String before = before(match);
    if (days <= 0 || WILTS.matcher(before).find()) {
      return;
    }
    if (is(MISTED, clause)) {
      passage.put("mistings-in-14-days", Math.round(FORTNIGHT / days), match);
      return;
    }
    int fed = last(FEEDS, before);
    int watered = last(Passage.WATERS, before);
    boolean feeds = fed < 0 && watered < 0 ? last(FEEDS, clause) >= 0 : fed > watered;
    boolean both = WATERS_AND_FEEDS.matcher(clause).find();
    if (feeds || both) {
      passage.put("feeds-in-90-days", Math.round(QUARTER / days), match);
    }
    if (both || watered > fed && last(FEEDS, clause) >= 0 || passage.waters(match)) {
      passage.put("watering-every", days, match);
    }
  }

  /** Where the last of them stands, or -1. */
  private static int last(Pattern words, String text) {
    return words.matcher(text).results().mapToInt(MatchResult::start).max().orElse(-1);
  }

  /**
   * “Lost half its leaves” and “half its leaves fell”; what they turned or lost is no leaf lost.
   */
  private void lost(Matcher match) {
    String clause = passage.clause(match);
    String share = match.group();
    int at = clause.indexOf(share);
    boolean fell =
        SHEDS.matcher(clause.substring(0, at)).find()
            || FALLS.matcher(clause.substring(at + share.length())).find();
    if (fell) {
      String[] words = match.group(1).split(" ");
      Double of = SHARES.get(words[words.length - 1]);
      passage.put("loss", of == null ? Passage.number(match, 2) / 100 : of, match);
    }
  }

  /** A span of time, by the verb of its clause. */
  private void since(Matcher match, double exactly) {
    long days = Math.round(exactly);
    String clause = passage.clause(match);
    if (is(REPOTTED, clause)) {
      passage.put("days-since-repot", days, match);
    } else if (is(STOOD, clause)) {
      passage.put("stood-for", days, match);
    } else if (is(MOVED, clause)) {
      passage.put("days-since-move", days, match);
    } else if (last(FEEDS, clause) >= 0) {
      passage.put("days-since-feed", days, match);
    } else if (is(ARRIVED, clause) && (!clause.contains("years") || is(HAD, clause))) {
      passage.put("days-since-arrival", days, match);
    } else if (is(UNWATERED, clause)) {
      passage.put("days-since-watering", days, match);
    } else if (is(KEPT_WET, clause) && days > 1) {
      passage.put("wet-days", days, match);
    } else if (is(KEPT_DRY, clause) && days > 1) {
      passage.put("dry-days", days, match);
    } else if (is(FLOWERS, clause) && !is(NO_FLOWERS, clause)) {
      passage.put("days-in-flower", days, match);
    } else if (is(OUTSIDE, clause)) {
      passage.put("days-since-move", days, match);
    }
  }

  private static boolean is(Pattern of, String clause) {
    return of.matcher(clause).matches();
  }
}
