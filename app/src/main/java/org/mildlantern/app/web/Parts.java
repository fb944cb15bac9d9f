package org.mildlantern.app.web;

import java.util.Locale;
import java.util.Map;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.thymeleaf.context.Context;
import org.thymeleaf.spring6.SpringTemplateEngine;

/** Writes out a part of pages by itself, so that it can be kept for the pages that follow. */
@Component
public class Parts {
  private final SpringTemplateEngine templates;

  Parts(SpringTemplateEngine templates) {
    this.templates = templates;
  }

  public String of(String template, Map<String, Object> values) {
    return templates.process(template, new Context(Locale.ENGLISH, values));
  }

  public String of(String template, String fragment, Map<String, Object> values) {
    return templates.process(template, Set.of(fragment), new Context(Locale.ENGLISH, values));
  }
}
