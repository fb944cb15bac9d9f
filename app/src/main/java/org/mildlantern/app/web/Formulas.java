package org.mildlantern.app.web;

/**
 * Texts that a spreadsheet would take for a formula get an apostrophe before them, and so do those
 * that begin with one, so that taking one away gives each back.
 */
public final class Formulas {
  /** A text that is marked, as a regular expression for Java and the database alike. */
  public static final String RISKY = "^[=+@\\-\\t\\r']";

  private Formulas() {}

  public static String marked(String text) {
    return isRisky(text) ? "'" + text : text;
  }

  public static String unmarked(String text) {
    return text.startsWith("'") && isRisky(text.substring(1)) ? text.substring(1) : text;
  }

  private static boolean isRisky(String text) {
    return !text.isEmpty() && text.substring(0, 1).matches(RISKY.substring(1));
  }
}
