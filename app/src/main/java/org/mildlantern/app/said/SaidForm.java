package org.mildlantern.app.said;

import java.util.List;

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
 */
record SaidForm(
    String text,
    String kind,
    String lives,
    Long plant,
    String mine,
    String instead,
    List<String> mend,
    String now) {
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

  public boolean isMine() {
    return !"no".equals(mine);
  }

  Corrections corrections() {
    return new Corrections(mend, now);
  }
}
