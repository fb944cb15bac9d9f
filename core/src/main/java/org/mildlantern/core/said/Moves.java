package org.mildlantern.core.said;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * From where to where a plant was moved, as a text tells it, and on which side of a door it stands;
 * a greenhouse is outdoors.
 */
final class Moves {
  private static final String OUT =
      "(?:balcony|terrace|patio|garden|yard|deck|greenhouse|cold frame|outside|outdoors)";
  private static final String IN =
      "(?:(?!greenhouse)"
          + Amounts.ROOM
          + "|(?:living|dining|bath|sun|store|spare|guest) ?room|apartment|hall(?:way)?|corridor|landing|stairwell|cellar|basement|study|(?:window ?)?sill|window|shelf|desk|table|inside|indoors)";
  private static final String ITS = "(?:the |my |our |a |an )?(?:[a-z]+ ){0,2}?";
  private static final String TO = " (?:back )?(?:in|into|to|onto|on|inside|out to|out onto) ";

  private static final Pattern CAME_IN = fromTo(OUT, IN);
  private static final Pattern WENT_OUT = fromTo(IN, OUT);
  private static final Pattern MOVED_ABOUT = fromTo(IN, IN);

  private static final Pattern MOVES =
      Pattern.compile(
          "\\b(?:mov(?:e|ed|es|ing)|brought|bring|took|taken|carried|came|come|went|put|shifted|transferred|relocated)\\b");

  /** What was not done, or not yet, or long ago. */
  private static final Pattern MOVES_NOT =
      Pattern.compile("\\b(?:never|not|\\w+n't|would|going to|last year)\\b");

  /** Of which nothing is told but that it was. */
  private static final Pattern MOVED_SOMEWHERE =
      Pattern.compile(
          "\\b(?:since|after) (?:i|we) moved (?:it|them|him|her|(?:the|my|our) (?:plant|pot|orchid|tree|cactus))\\b"
              + "(?! (?:out|in|back|from|to|on|into|onto|inside|outside|indoors|outdoors|up|down)\\b)");

  private static final Pattern BY_A_DOOR =
      Pattern.compile(
          "\\b(?:by|at|near|beside|behind|next to|close to|in front of) "
              + ITS
              + "(?:balcony|terrace|patio|garden) (?:door|window)s?\\b");

  private Moves() {}

  static void read(Passage passage) {
    passage.each(CAME_IN, m -> moved(passage, "indoors", "indoor", m));
    passage.each(WENT_OUT, m -> moved(passage, "outdoors", "outdoor", m));
    passage.each(MOVED_ABOUT, m -> moved(passage, "elsewhere", "indoor", m));
    passage.each(MOVED_SOMEWHERE, m -> passage.put("moved", new Reading.Choice("elsewhere"), m));
    passage.each(BY_A_DOOR, m -> passage.put("place-kind", new Reading.Choice("indoor"), m));
  }

  private static Pattern fromTo(String from, String to) {
    return Pattern.compile("\\bfrom " + ITS + from + TO + ITS + to + "\\b");
  }

  private static void moved(Passage passage, String to, String stands, Matcher match) {
    String clause = passage.clause(match);
    if (MOVES.matcher(clause).find() && !MOVES_NOT.matcher(clause).find()) {
      passage.put("moved", new Reading.Choice(to), match);
      passage.put("place-kind", new Reading.Choice(stands), match);
    }
  }
}
