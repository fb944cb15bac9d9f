package org.mildlantern.core.knowledge;

/**
 * A kind or genus that a typed name may stand for.
 *
 * @param name accepted
 * @param common what people call it, or empty
 * @param form its growth form in words
 */
public record NameChoice(String name, String common, String form) {
  /** What tells it from others beside its name. */
  public String also() {
    return common.isEmpty() ? form : common + ", " + form;
  }
}
