package org.mildlantern.app.reminders;

import jakarta.servlet.http.HttpServletResponse;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page on which one says whether and when to be reminded. */
@Controller
class ReminderController {
  private static final Words WORDS = Words.of(ReminderController.class);

  private final Reminders reminders;
  private final Letters letters;

  ReminderController(Reminders reminders, Letters letters) {
    this.reminders = reminders;
    this.letters = letters;
  }

  @GetMapping("/settings/reminders")
  String page(Model model) {
    model.addAttribute("wish", reminders.wish());
    model.addAttribute("go", letters.go());
    model.addAttribute("standIn", letters.isStandIn());
    model.addAttribute("letters", letters.kept());
    return "reminders/page";
  }

  @PostMapping("/settings/reminders")
  String wish(
      @RequestParam(defaultValue = "false") boolean wanted,
      @RequestParam int hour,
      @RequestParam int quietFrom,
      @RequestParam int quietUntil,
      @RequestParam(defaultValue = "false") boolean urgent,
      HttpServletResponse response,
      Model model,
      RedirectAttributes flash) {
    try {
      Wish wish = new Wish(wanted, hour, quietFrom, quietUntil, urgent);
      if (wanted && wish.quiet(hour)) {
        throw new IllegalArgumentException(WORDS.say("quiet-then"));
      }
      reminders.wish(wish);
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("fault", e.getMessage());
      return page(model);
    }
    flash.addFlashAttribute("said", WORDS.say(wanted ? "on" : "off"));
    return "redirect:/settings/reminders";
  }
}
