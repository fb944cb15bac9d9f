package org.mildlantern.app.web;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Optional;
import org.springframework.web.util.UriComponentsBuilder;

/**
 * Whether a request wants a part of a page.
 *
 * @param on it comes from htmx, which swaps the part in
 * @param shown address of the page into which it comes, or null
 */
public record Htmx(boolean on, String shown) {
  static final String HEADER = "HX-Request";

  /** Header with the address of the page that asks. */
  public static final String SHOWN = "HX-Current-URL";

  /** Whether a request comes from htmx. */
  public static boolean asks(HttpServletRequest request) {
    return request.getHeader(HEADER) != null;
  }

  /** The page for a browser, its fragment for htmx. */
  public String page(String template, String fragment) {
    return on ? template + " :: " + fragment : template;
  }

  /** A whole number among the parameters of the page into which the part comes. */
  public Optional<Long> shown(String parameter) {
    if (shown == null) {
      return Optional.empty();
    }
    try {
      String value =
          UriComponentsBuilder.fromUriString(shown).build().getQueryParams().getFirst(parameter);
      return Optional.ofNullable(value).filter(v -> v.matches("\\d{1,18}")).map(Long::valueOf);
    } catch (IllegalArgumentException e) {
      return Optional.empty();
    }
  }
}
