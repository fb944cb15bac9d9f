package org.mildlantern.app.web;

/**
 * Whether a request wants a part of a page.
 *
 * @param on it comes from htmx, which swaps the part in
 */
public record Htmx(boolean on) {
  static final String HEADER = "HX-Request";

  /** The page for a browser, its fragment for htmx. */
  public String page(String template, String fragment) {
    return on ? template + " :: " + fragment : template;
  }
}
