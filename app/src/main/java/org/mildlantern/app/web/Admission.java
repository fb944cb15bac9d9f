package org.mildlantern.app.web;

import jakarta.servlet.http.HttpServletRequest;

/** Stands before and after the handling of a post, within its transaction. */
public interface Admission {
  /** Lets a post in, or throws to turn it away. */
  void admit(HttpServletRequest request);

  /**
   * Told of a post that was handled and not refused.
   *
   * @param view name of the view that answers, or null
   */
  default void handled(HttpServletRequest request, String view) {}
}
