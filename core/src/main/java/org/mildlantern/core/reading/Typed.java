package org.mildlantern.core.reading;

import java.util.Optional;
import java.util.regex.Pattern;

/**
 * A number typed into a field of its own: digits with a decimal point or comma, and a sign. {@code
 * 0,8}, {@code .5} and {@code −3} are read; {@code 1,234.5}, {@code 1e3}, {@code 0x10} and {@code
 * NaN} are not, for nobody means them.
 */
public final class Typed {
  private static final Pattern DECIMAL =
      Pattern.compile("-?(?:\\d{1,9}(?:\\.\\d{0,9})?|\\.\\d{1,9})");
  private static final Pattern WHOLE = Pattern.compile("-?\\d{1,9}");

  private Typed() {}

  /** The number, or empty when the text is none. */
  public static Optional<Double> decimal(String text) {
    return Optional.of(plain(text).replace(',', '.'))
        .filter(plain -> DECIMAL.matcher(plain).matches())
        .map(Double::valueOf);
  }

  /** The whole number, or empty when the text is none. */
  public static Optional<Integer> whole(String text) {
    return Optional.of(plain(text))
        .filter(plain -> WHOLE.matcher(plain).matches())
        .map(Integer::valueOf);
  }

  private static String plain(String text) {
    return text == null ? "" : text.strip().replace('−', '-');
  }
}
