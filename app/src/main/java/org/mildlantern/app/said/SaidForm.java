package org.mildlantern.app.said;

import java.util.List;
import org.mildlantern.app.diagnose.Spoken;

/**
 * What stands on the page.
 *
 * @param text the keeper's words
 * @param kind the plant's name, when it was typed by itself
 * @param lives how a plant of unknown kind is built and lives
 * @param plant one of the collection that was chosen, or null
 * @param mine {@code no} when the plant is none of the collection
 * @param instead a name that the one that was typed stands for, or null
 * @param mend corrections so far
 * @param now the one that was just made, or null
 * @param part of the drawing that was tapped, or null
 */
record SaidForm(
    String text,
    String kind,
    String lives,
    Long plant,
    String mine,
    String instead,
    List<String> mend,
    String now,
    String part) {
  private static final int LONGEST_NAME = 120;

  SaidForm {
    text = text == null ? "" : text.replace("\r\n", "\n");
    kind = plain(instead == null || instead.isBlank() ? kind : instead);
    lives = lives == null ? "" : lives;
    mend = mend == null ? List.of() : List.copyOf(mend);
  }

  private static String plain(String name) {
    String words = name == null ? "" : name.strip();
    return words.substring(0, Math.min(LONGEST_NAME, words.length()));
  }

  /** The same plant with words that were kept. */
  SaidForm saying(Spoken spoken) {
    return new SaidForm(spoken.text(), kind, lives, plant, mine, null, spoken.mended(), null, part);
  }

  public boolean isMine() {
    return !"no".equals(mine);
  }

  Corrections corrections() {
    return new Corrections(mend, now);
  }
}
