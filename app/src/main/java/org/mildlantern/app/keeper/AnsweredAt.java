package org.mildlantern.app.keeper;

import java.time.Instant;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** When the keeper gave the answer that a request brings, if that was before it could be sent. */
public final class AnsweredAt {
  private static final String KEY = AnsweredAt.class.getName();

  private AnsweredAt() {}

  /** From here on the request counts as made then. */
  public static void set(Instant instant) {
    RequestContextHolder.currentRequestAttributes()
        .setAttribute(KEY, instant, RequestAttributes.SCOPE_REQUEST);
  }

  static Instant ofRequest() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request == null
        ? null
        : (Instant) request.getAttribute(KEY, RequestAttributes.SCOPE_REQUEST);
  }
}
