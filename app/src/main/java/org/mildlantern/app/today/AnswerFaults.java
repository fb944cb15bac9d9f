package org.mildlantern.app.today;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.ControllerAdvice;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.servlet.ModelAndView;

/** Shows both sides where two people answered, and lets an answer that was taken be. */
@ControllerAdvice(annotations = Controller.class)
class AnswerFaults {
  private static final DateTimeFormatter WHEN =
      DateTimeFormatter.ofPattern("EEE d MMM, HH:mm", Locale.ENGLISH);

  /** Fields of an answer that its forms set anew. */
  private static final List<String> OWN = List.of("_csrf", "force", "instead", "seen");

  private final PlantService plants;
  private final Scope scope;

  AnswerFaults(PlantService plants, Scope scope) {
    this.plants = plants;
    this.scope = scope;
  }

  @ExceptionHandler(AnswerGuard.TakenBefore.class)
  ModelAndView takenBefore(HttpServletRequest request, HttpServletResponse response) {
    if (request.getHeader(AnswerGuard.WAITED) != null) {
      return new ModelAndView((model, in, out) -> out.setStatus(HttpStatus.NO_CONTENT.value()));
    }
    return new ModelAndView("redirect:/today");
  }

  @ExceptionHandler(AnswerGuard.AnsweredByOther.class)
  ModelAndView answeredByOther(
      AnswerGuard.AnsweredByOther both, HttpServletRequest request, HttpServletResponse response) {
    response.setStatus(HttpStatus.CONFLICT.value());
    Entry other = both.other();
    boolean fragment =
        request.getHeader("HX-Request") != null || request.getHeader(AnswerGuard.WAITED) != null;
    ModelAndView page = new ModelAndView(fragment ? "today/both :: both" : "today/both");
    page.addObject("plant", plants.find(other.plantId()).map(PlantView::name).orElse(""));
    page.addObject("theirs", other.text());
    page.addObject("theirsAt", when(LocalDateTime.ofInstant(other.at(), scope.zone())));
    page.addObject("theirsId", other.id());
    page.addObject("mine", mine(request));
    page.addObject("mineAt", when(LocalDateTime.ofInstant(scope.now(), scope.zone())));
    page.addObject("action", request.getRequestURI());
    page.addObject("fields", fields(request));
    return page;
  }

  private static String when(LocalDateTime time) {
    return WHEN.format(time);
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
