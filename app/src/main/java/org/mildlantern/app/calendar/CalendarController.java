package org.mildlantern.app.calendar;

import org.mildlantern.core.words.Words;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The calendar, and the page on which its address is made. */
@Controller
class CalendarController {
  private static final Words WORDS = Words.of(CalendarController.class);
  private static final int LAST_HOUR = 23;

  private final CalendarService calendars;

  CalendarController(CalendarService calendars) {
    this.calendars = calendars;
  }

  @GetMapping("/calendar/{secret}.ics")
  ResponseEntity<String> calendar(@PathVariable String secret) {
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/calendar;charset=utf-8"))
        .body(calendars.calendar(home()));
  }

  private static String home() {
    return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString();
  }

  @GetMapping("/settings/calendar")
  String page(Model model) {
    model.addAttribute("feed", calendars.feed().orElse(null));
    return "calendar/page";
  }

  @PostMapping("/settings/calendar")
  String open(@RequestParam(required = false) Integer hour, RedirectAttributes flash) {
    Integer at = hour == null || hour < 0 || hour > LAST_HOUR ? null : hour;
    flash.addFlashAttribute("address", home() + "/calendar/" + calendars.open(at) + ".ics");
    return "redirect:/settings/calendar";
  }

  @PostMapping("/settings/calendar/end")
  String end(RedirectAttributes flash) {
    calendars.close();
    flash.addFlashAttribute("said", WORDS.say("ended"));
    return "redirect:/settings/calendar";
  }
}
