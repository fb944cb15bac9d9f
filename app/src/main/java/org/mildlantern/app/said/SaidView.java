package org.mildlantern.app.said;

import java.util.List;
import org.mildlantern.app.figure.Figure;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.NameChoice;
import org.mildlantern.core.working.Working;

/**
 * A plant in words, ready to be shown.
 *
 * @param written the text in pieces, each with how it was taken
 * @param drawing or null while it is not known how the plant is built
 * @param question or null when there is none
 * @param summary what was understood and what leads, in one sentence
 */
record SaidView(
    SaidForm form,
    Plant who,
    Text text,
    Drawing drawing,
    List<Chip> chips,
    Asked question,
    Ranking ranking,
    String summary,
    List<String> mend) {

  /**
   * Which plant it is.
   *
   * @param name of its kind, or empty
   * @param mine a plant of the collection, or null
   * @param openCase whether a case is open on it
   */
  record Plant(
      String name,
      String called,
      boolean inText,
      PlantView mine,
      boolean openCase,
      List<PlantView> choices,
      List<NameChoice> like) {
    public boolean known() {
      return !name.isEmpty();
    }
  }

  /**
   * The text as it was taken.
   *
   * @param statements how many
   * @param unread what was not understood
   * @param maybe what other words may tell besides
   * @param hardly what they seldom tell, folded away
   * @param signs that can be chosen for what was not understood, by family
   */
  record Text(
      List<Piece> pieces,
      int statements,
      List<Guessed> unread,
      List<Guessed> maybe,
      List<Guessed> hardly,
      List<Family> signs) {}

  /** Words with signs that they may mean. */
  record Guessed(String words, List<Answer> guesses) {}

  /** A piece of the text; {@code how} is read, unread or plain. */
  record Piece(String text, String how) {}

  /**
   * The drawing and what it is made of.
   *
   * @param parts to choose from
   * @param seen what the part that was tapped can show, by family; empty when none was
   */
  record Drawing(Figure figure, List<Choice> parts, List<Family> seen) {
    /** The label of the part that was tapped. */
    public String part() {
      return parts.stream().filter(Choice::chosen).map(Choice::label).findFirst().orElse("");
    }
  }

  /** The signs of a family. */
  record Family(String label, List<Answer> signs) {}

  /** Something that can be chosen, with what choosing it says. */
  record Choice(String says, String label, boolean chosen) {}

  /**
   * A statement.
   *
   * @param id of its button
   * @param state there, not, out, doubt, told or before
   * @param says what a tap says, or null when it cannot be changed here
   * @param places where it can sit, when there are several
   */
  record Chip(
      String id, String label, String side, String state, String says, List<Choice> places) {}

  /** The next question. */
  record Asked(String title, String ask, List<Answer> answers) {
    /** Whether its answers are told by their pictures. */
    public boolean pictures() {
      return answers.stream().filter(answer -> answer.swatch() != null).count() > 1;
    }
  }

  /** One answer; with a picture of the sign when there is one to tell it by. */
  record Answer(String says, String label, String swatch) {}

  /**
   * What fits.
   *
   * @param besides the number of the first card that is likelier than the one before it, but
   *     explains nothing of what was seen; or -1
   * @param natural the same of one that is natural and comes after a fault; or -1
   */
  record Ranking(
      List<Card> cards,
      List<Lesser> lesser,
      int besides,
      int natural,
      boolean anySaid,
      boolean fitsNothing) {}

  /** A cause with the reasons for it. */
  record Card(
      String id,
      String label,
      Odds odds,
      String verdict,
      String verdictId,
      String because,
      Working working) {
    /** How likely it is. */
    record Odds(String percent, double width) {}
  }

  /** A less likely cause. */
  record Lesser(String id, String label, String percent) {}
}
