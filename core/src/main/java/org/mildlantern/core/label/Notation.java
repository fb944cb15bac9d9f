package org.mildlantern.core.label;

import java.util.regex.Pattern;

/** How a label writes its numbers: what its points and commas are. */
enum Notation {
  /** 1,000.5 */
  POINT('.', ','),
  /** 1.000,5 */
  COMMA(',', '.');

  private static final Pattern GROUPED =
      Pattern.compile("[1-9]\\d{0,2}(?:[ \\u00a0\\u202f'’]\\d{3})+");

  private final char decimal;
  private final Pattern thousands;
  private final Pattern plain;

  Notation(char decimal, char group) {
    this.decimal = decimal;
    this.plain = Pattern.compile("\\d+(?:\\Q" + decimal + "\\E\\d+)?");
    this.thousands =
        Pattern.compile(
            "[1-9]\\d{0,2}(?:\\Q" + group + "\\E\\d{3})+(?:\\Q" + decimal + "\\E\\d+)?");
  }

  /** The value of digits so written, or not a number when they are not so written. */
  double value(String digits) {
    if (GROUPED.matcher(digits).matches()) {
      return Double.parseDouble(digits.replaceAll("\\D", ""));
    }
    if (digits.matches("0[.,]\\d+")) {
      return Double.parseDouble(digits.replace(',', '.'));
    }
    if (plain.matcher(digits).matches()) {
      return Double.parseDouble(digits.replace(decimal, '.'));
    }
    if (thousands.matcher(digits).matches()) {
      return Double.parseDouble(
          digits.replaceAll(decimal == '.' ? "," : "\\.", "").replace(decimal, '.'));
    }
    return Double.NaN;
  }
}
