package org.mildlantern.core.knowledge;

/**
 * A kind or genus that a typed name may stand for.
 *
 * @param name accepted
 * @param common what people call it, or empty
 * @param form its growth form in words
 */
public record NameChoice(String name, String common, String form) {
  /** A genus of which several kinds are known. */
  static NameChoice of(String genus) {
    return new NameChoice(genus, "", "several kinds");
  }

  /** What tells it from others beside its name. */
  public String also() {
    return common.isEmpty() ? form : common + ", " + form;
  }
}
