package org.mildlantern.app.web;

import java.util.UUID;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/** Keys of the forms of a page, under each of which an answer is taken once. */
public final class FormKey {
  private static final String PAGE = FormKey.class.getName() + ".page";
  private static final String LAST = FormKey.class.getName() + ".last";

  private FormKey() {}

  /** A key that no form had before. */
  public static String next() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    if (request == null) {
      return UUID.randomUUID().toString();
    }
    Integer last = (Integer) request.getAttribute(LAST, RequestAttributes.SCOPE_REQUEST);
    int next = last == null ? 1 : last + 1;
    request.setAttribute(LAST, next, RequestAttributes.SCOPE_REQUEST);
    return ofPage(request) + "-" + next;
  }

  /** What all keys of a page begin with. */
  public static String ofPage(RequestAttributes request) {
    String known = (String) request.getAttribute(PAGE, RequestAttributes.SCOPE_REQUEST);
    if (known == null) {
      known = UUID.randomUUID().toString();
      request.setAttribute(PAGE, known, RequestAttributes.SCOPE_REQUEST);
    }
    return known;
  }
}
