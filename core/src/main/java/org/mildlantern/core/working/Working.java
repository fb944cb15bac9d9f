package org.mildlantern.core.working;

import java.util.List;
import java.util.Objects;

/**
 * The working of one computed figure, fit to be shown on a page.
 *
 * <p>It is made by the computation itself and travels with its result, so that the explanation can
 * never drift from the number.
 *
 * @param title what was worked out
 * @param formula the formula or method by name, in words
 * @param steps the numbers put in and the intermediate results, in order
 * @param result the figure as it is shown elsewhere
 * @param source author and year, a standard, or "rule of thumb"
 */
public record Working(
    String title, String formula, List<Step> steps, String result, String source) {

  /** One line of the working: a name, its value with unit, and a note that may be empty. */
  public record Step(String name, String value, String note) {
    public Step(String name, String value) {
      this(name, value, "");
    }
  }

  public Working {
    Objects.requireNonNull(title, "title");
    steps = List.copyOf(steps);
  }
}
