package org.mildlantern.core.journal;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.season.Stage;

/**
 * The plant came to a point of its year: a spike, its first flower, its rest.
 *
 * @param before the stage until then, or null when that is not known
 */
public record Staged(Stage stage, Before before) implements Note {

  private static final String FALL = "(?:autumn )?leaves (?:are )?falling|leaf fall";

  /** How a stage is noted. The order is the order in which they are tried. */
  private enum Said {
    AFTER_FLOWER(
        Stage.AFTER_FLOWER,
        "last flowers?(?: (?:over|gone|fell|dropped))?|flowers? (?:are )?(?:over|finished)"
            + "|(?:finished|stopped|after) flowering|out of (?:flower|bloom)"),
    FLOWER(
        Stage.FLOWER,
        "(?:(?:the )?first )?flowers?(?: (?:is|are))? open(?:ed|s)?|first flowers?|in (?:full )?"
            + "(?:flower|bloom)|flowering|blooming|opened its first flower"),
    BUD(
        Stage.BUD,
        "(?:(?:a|the|its|first) )?(?:new )?(?:flower )?(?:spikes?|buds?|sheath)"
            + "|in spike or bud|in (?:spike|bud)|(?:a |new )?flower stalk"),
    GROWTH(
        Stage.GROWTH,
        "(?:a )?new (?:leads?|shoots?|growths?|roots?)|(?:it is )?growing again|in growth|woke up"
            + "|(?:is )?awake"),
    REST(
        Stage.REST,
        "(?:gone |went )?(?:to|at|into) rest|resting|(?:its )?rest (?:begins|began|begun)|dormant"
            + "|asleep|"
            + FALL);

    private final Stage stage;
    private final String words;

    Said(Stage stage, String words) {
      this.stage = stage;
      this.words = words;
    }
  }

  /** A day or nothing more may follow, so that “spike rotted” stays a remark. */
  private static final String ENDS =
      "(?=\\s*(?:$|[,.;:(–-]|today|yesterday|on |at |since |from |\\d))";

  /** What follows may yet say that it came to nothing. */
  private static final Pattern BUT =
      Pattern.compile(
          "\\b(?:rott?\\w*|dropp?\\w*|fell|lost|brown\\w*|black\\w*|yellow\\w*|dead|die[sd]|dying"
              + "|broke\\w*|cut|abort\\w*|blast\\w*|eaten|no|not|none|never|maybe|perhaps|mites?"
              + "|last year|ago)\\b|n't\\b|\\?",
          Pattern.CASE_INSENSITIVE);

  static final Grammar GRAMMAR =
      Grammar.of(
          "(?:" + phrases() + ")" + ENDS,
          "new spike|first flower open|last flower over|new lead|at rest",
          Staged::read);

  private static String phrases() {
    return String.join(
        "|", Arrays.stream(Said.values()).map(said -> "(?:" + said.words + ")").toList());
  }

  /**
   * What was known before, so that a stage can be taken back.
   *
   * @param stage or null
   * @param since or null
   */
  public record Before(Stage stage, LocalDate since) {}

  public Staged(Stage stage) {
    this(stage, null);
  }

  @Override
  public NoteKind kind() {
    return NoteKind.STAGE;
  }

  @Override
  public List<String> figures() {
    return List.of(stage.label());
  }

  @Override
  public String words() {
    return Character.toUpperCase(stage.label().charAt(0)) + stage.label().substring(1);
  }

  private static Note read(Line line, Setting setting) {
    String text = line.text().toLowerCase(Locale.ROOT);
    if (!setting.sheds() && line.says(FALL)) {
      return null;
    }
    return Arrays.stream(Said.values())
        .filter(said -> Pattern.compile("(?:" + said.words + ")" + ENDS).matcher(text).lookingAt())
        .findFirst()
        .filter(said -> said == Said.AFTER_FLOWER || !BUT.matcher(text).find())
        .map(said -> new Staged(said.stage))
        .orElse(null);
  }
}
