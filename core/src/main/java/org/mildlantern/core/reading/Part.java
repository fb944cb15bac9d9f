package org.mildlantern.core.reading;

/**
 * A piece of a line.
 *
 * <p>{@link #start} and {@link #end} are its place in the line.
 */
sealed interface Part {
  int start();

  int end();

  /** A word, in lower case. */
  record Word(String text, int start, int end) implements Part {}

  /** A lone sign such as a slash. */
  record Mark(char sign, int start, int end) implements Part {}

  /**
   * A number with its unit.
   *
   * @param value as written, before its unit
   * @param other its second reading where exactly three digits follow a comma or point, else NaN
   * @param unit or null for a bare number
   */
  record Amount(double value, double other, Unit unit, int start, int end) implements Part {
    boolean is(Unit.Dimension dimension) {
      return unit != null && unit.dimension() == dimension;
    }
  }

  /** Two numbers of which nobody can say which counts: “200-250 ml”. */
  record Range(int start, int end) implements Part {}

  /** Label numbers, N-P-K. */
  record Triple(String text, int start, int end) implements Part {}

  /** A dilution, one part to so many. */
  record Ratio(double to, int start, int end) implements Part {}
}
