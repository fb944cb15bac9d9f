package org.mildlantern.core.knowledge;

/**
 * A sign with one of its patterns: one thing that is there or not, written {@code sign@pattern}.
 */
public record Node(String id, Sign sign, Pattern pattern) {

  Node(Sign sign, Pattern pattern) {
    this(idOf(sign.id(), pattern.id()), sign, pattern);
  }

  public static String idOf(String sign, String pattern) {
    return sign + "@" + pattern;
  }

  /** Whether it is marked on parts of a kind. */
  boolean isMarkedOn(String part) {
    return pattern.kinds().contains(part) || pattern.id().equals(sign.alsoOn().get(part));
  }

  /** The sign in words, with its place when the sign can sit in several and does not name it. */
  public String label() {
    boolean plain = sign.patterns().size() == 1 || sign.label().endsWith(" " + pattern.label());
    return plain ? sign.label() : sign.label() + ", " + pattern.label();
  }
}
