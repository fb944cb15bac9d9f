package org.mildlantern.core.reading;

import java.math.BigDecimal;
import java.math.MathContext;

/** Numbers in plain digits, as they are read back to a keeper. */
public final class Figures {
  private static final MathContext SIX_DIGITS = new MathContext(6);

  private Figures() {}

  /** At most six digits, without trailing zeros or exponent: 240, 0.5, 236.588. */
  public static String plain(double value) {
    return new BigDecimal(value).round(SIX_DIGITS).stripTrailingZeros().toPlainString();
  }
}
