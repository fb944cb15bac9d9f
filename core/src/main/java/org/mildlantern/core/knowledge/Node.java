package org.mildlantern.core.knowledge;

/**
 * A sign with one of its patterns: one thing that is there or not, written {@code sign@pattern}.
 */
public record Node(Sign sign, Pattern pattern) {

  public String id() {
    return idOf(sign.id(), pattern.id());
  }

  public static String idOf(String sign, String pattern) {
    return sign + "@" + pattern;
  }

  /** The sign in words, with its place when the sign can sit in several. */
  public String label() {
    return sign.patterns().size() == 1 ? sign.label() : sign.label() + ", " + pattern.label();
  }
}
