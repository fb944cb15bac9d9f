package org.mildlantern.core.diagnosis;

import java.util.Objects;

/**
 * One thing that was looked for.
 *
 * @param sign id of the sign, or of an open word: then one of the signs it can mean is there, or
 *     none
 * @param pattern id of the pattern, or null when only the sign as a whole is known: present then
 *     means with at least one of its patterns, absent with none
 * @param present whether it was there; "not looked" is no finding
 * @param sure how likely it is that this was meant, above 0 and at most 1: less where it was read
 *     from a keeper's words and not confirmed
 */
public record Finding(String sign, String pattern, boolean present, double sure) {

  public Finding {
    Objects.requireNonNull(sign, "sign");
    if (!(sure > 0 && sure <= 1)) {
      throw new IllegalArgumentException("sure: above 0 and at most 1, not " + sure);
    }
  }

  /** What was seen for sure. */
  public Finding(String sign, String pattern, boolean present) {
    this(sign, pattern, present, 1);
  }

  public boolean isSure() {
    return sure == 1;
  }

  public static Finding present(String node) {
    return of(node, true);
  }

  public static Finding absent(String node) {
    return of(node, false);
  }

  private static Finding of(String node, boolean present) {
    int at = node.indexOf('@');
    return at < 0
        ? new Finding(node, null, present)
        : new Finding(node.substring(0, at), node.substring(at + 1), present);
  }

  /** The node, {@code sign@pattern}, or the bare sign. */
  public String key() {
    return pattern == null ? sign : sign + "@" + pattern;
  }
}
