package org.mildlantern.app.away;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The page on which an absence is planned. */
@Controller
class AwayController {
  private static final int SOME_DAYS = 10;

  private final AwayService away;
  private final AwayCheck check;
  private final TripService trips;

  AwayController(AwayService away, AwayCheck check, TripService trips) {
    this.away = away;
    this.check = check;
    this.trips = trips;
  }

  @ModelAttribute("trips")
  List<TripView.Line> trips() {
    return trips.lines();
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
    check.days(form, errors);
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    } else {
      model.addAttribute("tripForm", new TripForm("", null));
      model.addAttribute("plan", away.plan(form));
    }
    return "away/page";
  }
}
