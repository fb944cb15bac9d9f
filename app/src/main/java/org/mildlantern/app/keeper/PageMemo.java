package org.mildlantern.app.keeper;

import java.util.function.Supplier;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/** Remembers what a page that is only read has worked out, for the time of its request. */
public final class PageMemo {
  private PageMemo() {}

  /** Whether this is a request for a page that writes nothing. */
  static boolean isOnlyRead() {
    return RequestContextHolder.getRequestAttributes() instanceof ServletRequestAttributes request
        && request.getRequest().getMethod().equals("GET");
  }

  /** The value of the name, worked out once a page; each time where something may be written. */
  @SuppressWarnings("unchecked")
  public static <T> T once(String name, Supplier<T> work) {
    if (!isOnlyRead()) {
      return work.get();
    }
    RequestAttributes request = RequestContextHolder.currentRequestAttributes();
    String key = PageMemo.class.getName() + "." + name;
    Object known = request.getAttribute(key, RequestAttributes.SCOPE_REQUEST);
    if (known == null) {
      known = work.get();
      request.setAttribute(key, known, RequestAttributes.SCOPE_REQUEST);
    }
    return (T) known;
  }
}
