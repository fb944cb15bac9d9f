package org.mildlantern.core.journal;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.core.reading.Figures;
import org.mildlantern.core.reading.Line;
import org.mildlantern.core.repot.TreeWork;
import org.mildlantern.core.words.Words;

/**
 * Work with blade or wire on a plant.
 *
 * @param share of what there was that was cut, above 0 to 1, or null where that was not said
 */
public record Worked(TreeWork deed, Double share) implements Note {
  private static final Words WORDS = Words.of(Worked.class);

  /** How a work is noted. */
  private enum Said {
    UNWIRED(TreeWork.UNWIRED, "unwired|(?:took|taken|cut) (?:the |its )?wire off|wire (?:is )?off"),
    WIRED(TreeWork.WIRED, "wired|wire (?:is )?on|put (?:on wire|wire on)"),
    ROOTS_CUT(
        TreeWork.ROOTS_CUT, "roots? pruned|pruned (?:its |the )?roots|cut (?:its |the )?roots"),
    HARD_PRUNED(
        TreeWork.HARD_PRUNED, "hard pruned|pruned hard|cut back hard|hard prune|cut hard back"),
    DEFOLIATED(TreeWork.DEFOLIATED, "defoliated|all leaves cut off|cut off all leaves"),
    PINCHED(TreeWork.PINCHED, "pinched(?: (?:out|back))?");

    private final TreeWork work;
    private final String words;

    Said(TreeWork work, String words) {
      this.work = work;
      this.words = words;
    }
  }

  private static final Pattern PERCENT = Pattern.compile("(\\d{1,3})\\s*(?:%|percent)");
  private static final Pattern FRACTION = Pattern.compile("\\b(?:a |one )?(half|third|quarter)\\b");

  static final Grammar GRAMMAR =
      Grammar.of(
          String.join("|", Arrays.stream(Said.values()).map(said -> said.words).toList()),
          "root pruned a third|wired|unwired|defoliated",
          Worked::read);

  public Worked {
    if (deed == null || share != null && !(share > 0 && share <= 1)) {
      throw new IllegalArgumentException("a work, and a share above 0 to 1 or none");
    }
  }

  @Override
  public NoteKind kind() {
    return NoteKind.WORKED;
  }

  @Override
  public List<String> figures() {
    return share == null ? List.of() : List.of(WORDS.say("percent", 100 * share));
  }

  @Override
  public String words() {
    String done = WORDS.say("worked", deed.name());
    return share == null ? done : WORDS.say("with-figures", done, figures().get(0));
  }

  private static Note read(Line line, Setting setting) {
    String text = line.text().toLowerCase(Locale.ROOT);
    return Arrays.stream(Said.values())
        .filter(said -> Pattern.compile("(?:" + said.words + ")\\b").matcher(text).lookingAt())
        .findFirst()
        .map(said -> new Worked(said.work, share(line, text)))
        .orElse(null);
  }

  private static Double share(Line line, String text) {
    Matcher percent = line.matcher(PERCENT);
    if (percent.find()) {
      line.claim(percent.start(), percent.end());
      double share = Integer.parseInt(percent.group(1)) / 100.0;
      if (!(share > 0 && share <= 1)) {
        throw new IllegalArgumentException(WORDS.say("worked.share", Figures.plain(100 * share)));
      }
      return share;
    }
    Matcher fraction = FRACTION.matcher(text);
    if (!fraction.find()) {
      return null;
    }
    return switch (fraction.group(1)) {
      case "half" -> 1 / 2.0;
      case "third" -> 1 / 3.0;
      default -> 1 / 4.0;
    };
  }
}
