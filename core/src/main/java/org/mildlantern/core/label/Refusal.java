package org.mildlantern.core.label;

/** Why a label cannot be read; the key of a sentence in this room's words. */
final class Refusal extends RuntimeException {
  private static final long serialVersionUID = 1L;

  private final transient Object[] values;

  Refusal(String key, Object... values) {
    super(key, null, false, false);
    this.values = values;
  }

  Object[] values() {
    return values.clone();
  }
}
