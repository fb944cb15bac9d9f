package org.mildlantern.app.keeper;

import java.nio.charset.StandardCharsets;

/** What a password must be. */
final class Password {
  static final String RULE =
      "At least 10 characters, and at most 72 bytes: plain letters take one.";

  /** What bcrypt takes in (Provos and Mazières 1999). */
  private static final int MOST_BYTES = 72;

  private static final int LEAST = 10;

  private Password() {}

  static boolean isOfLength(String password) {
    return password != null
        && password.length() >= LEAST
        && password.getBytes(StandardCharsets.UTF_8).length <= MOST_BYTES;
  }
}
