package org.mildlantern.app.away;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.temporal.ChronoUnit;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The pages of an absence. */
@Controller
class AwayController {
  private static final Words WORDS = Words.of(AwayController.class);

  private static final int LONGEST_DAYS = 60;
  private static final int FARTHEST_DAYS = 60;
  private static final int SOME_DAYS = 10;

  private final AwayService away;

  AwayController(AwayService away) {
    this.away = away;
  }

  @GetMapping("/away")
  String ask(Model model) {
    model.addAttribute(
        "awayForm",
        new AwayForm(
            away.today().plusDays(1), away.today().plusDays(1L + SOME_DAYS), 10.0, 1, 45.0, 5.0));
    return "away/page";
  }

  @GetMapping("/away/plan")
  String plan(
      @Valid @ModelAttribute("awayForm") AwayForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response) {
    return shown("away/page", form, errors, model, response);
  }

  @GetMapping("/away/sheet")
  String sheet(
      @Valid @ModelAttribute("awayForm") AwayForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response) {
    return shown("away/sheet", form, errors, model, response);
  }

  private String shown(
      String page, AwayForm form, BindingResult errors, Model model, HttpServletResponse response) {
    check(form, errors);
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return "away/page";
    }
    model.addAttribute("plan", away.plan(form));
    return page;
  }

  private void check(AwayForm form, BindingResult errors) {
    if (form.from() == null || form.until() == null) {
      return;
    }
    if (form.from().isBefore(away.today())
        || form.from().isAfter(away.today().plusDays(FARTHEST_DAYS))) {
      errors.rejectValue("from", "fits", WORDS.say("from", FARTHEST_DAYS));
    }
    long days = ChronoUnit.DAYS.between(form.from(), form.until());
    if (days < 1 || days > LONGEST_DAYS) {
      errors.rejectValue("until", "fits", WORDS.say("until", LONGEST_DAYS));
    }
  }
}
