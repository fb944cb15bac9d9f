package org.mildlantern.app.today;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Htmx;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/** Shows both sides where two people answered, and lets an answer that was taken be. */
@ControllerAdvice(annotations = Controller.class)
class AnswerFaults {
  /** Fields of an answer that its forms set anew. */
  private static final List<String> OWN = List.of("_csrf", "force", "instead", "seen");

  private final PlantService plants;
  private final Scope scope;

  AnswerFaults(PlantService plants, Scope scope) {
    this.plants = plants;
    this.scope = scope;
  }

  @ExceptionHandler(AnswerGuard.TakenBefore.class)
  ModelAndView takenBefore(AnswerGuard.TakenBefore before, HttpServletRequest request) {
    if (request.getHeader(Answered.WAITED) != null) {
      return new ModelAndView((model, in, out) -> out.setStatus(HttpStatus.NO_CONTENT.value()));
    }
    return new ModelAndView("redirect:" + before.ledTo());
  }

  /** The browser tries it again a moment later. */
  @ExceptionHandler(AnswerGuard.UnderWay.class)
  ModelAndView underWay(HttpServletRequest request, HttpServletResponse response) {
    boolean script = Htmx.asks(request);
    if (!script && request.getHeader(Answered.WAITED) == null) {
      return new ModelAndView("redirect:/today");
    }
    response.setHeader(HttpHeaders.RETRY_AFTER, "1");
    return new ModelAndView((model, in, out) -> out.setStatus(HttpStatus.CONFLICT.value()));
  }

  @ExceptionHandler(AnswerGuard.AnsweredByOther.class)
  ModelAndView answeredByOther(
      AnswerGuard.AnsweredByOther both, HttpServletRequest request, HttpServletResponse response) {
    response.setStatus(HttpStatus.CONFLICT.value());
    Entry other = both.other();
    boolean fragment = Htmx.asks(request) || request.getHeader(Answered.WAITED) != null;
    ModelAndView page = new ModelAndView(fragment ? "today/both :: both" : "today/both");
    page.addObject("plant", plants.find(other.plantId()).map(PlantView::name).orElse(""));
    page.addObject("theirs", other.text());
    page.addObject("theirsAt", Days.withTime(other.at().atZone(scope.zone())));
    page.addObject("theirsId", other.id());
    page.addObject("mine", mine(request));
    page.addObject("mineAt", Days.withTime(scope.now().atZone(scope.zone())));
    page.addObject("action", request.getRequestURI());
    page.addObject("fields", fields(request));
    return page;
  }

  /** What the keeper said, as the rows call it. */
  private static String mine(HttpServletRequest request) {
    String grams = request.getParameter("grams");
    if (grams != null) {
      return grams + " g";
    }
    for (String field : List.of("answer", "outcome", "there", "counted", "clean", "done")) {
      String said = request.getParameter(field);
      if (said != null) {
        return WORDS.getOrDefault(field + " " + said, said.toLowerCase(Locale.ROOT));
      }
    }
    return "";
  }

  private static final Map<String, String> WORDS =
      Map.of(
          "there true", "yes, it is there",
          "there false", "no, it is not there",
          "counted 0", "nothing found",
          "counted 1", "found some",
          "clean true", "clean",
          "clean false", "marked",
          "done true", "done",
          "done false", "skipped");

  private static Map<String, String> fields(HttpServletRequest request) {
    Map<String, String> fields = new LinkedHashMap<>();
    request
        .getParameterMap()
        .forEach(
            (name, values) -> {
              if (!OWN.contains(name)) {
                fields.put(name, values[0]);
              }
            });
    return fields;
  }
}
