package org.mildlantern.app.sensors;

import java.io.IOException;
import java.util.List;
import org.mildlantern.app.web.TextFile;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The files of loggers. */
@Controller
class LoggerController {
  private static final Words WORDS = Words.of(LoggerController.class);

  private final LoggerService loggers;
  private final ReadingsService readings;

  LoggerController(LoggerService loggers, ReadingsService readings) {
    this.loggers = loggers;
    this.readings = readings;
  }

  @PostMapping("/places/{id}/logger-files")
  String open(
      @PathVariable Long id,
      @RequestParam(required = false) MultipartFile file,
      RedirectAttributes flash)
      throws IOException {
    readings.place(id).orElseThrow(Web::missing);
    try {
      if (file == null || file.isEmpty()) {
        throw new IllegalArgumentException(WORDS.say("no-file"));
      }
      Long opened = loggers.open(id, file.getOriginalFilename(), TextFile.text(file.getBytes()));
      return "redirect:/logger-files/" + opened;
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("problem", e.getMessage());
      return toReadings(id);
    }
  }

  @GetMapping("/logger-files/{id}")
  String show(
      @PathVariable Long id,
      @RequestParam(required = false) List<LoggerTable.Column> columns,
      @RequestParam(required = false) LoggerTable.Order order,
      Model model) {
    model.addAttribute("view", loggers.preview(id, columns, order).orElseThrow(Web::missing));
    model.addAttribute("kinds", LoggerTable.Column.values());
    model.addAttribute("orders", LoggerTable.Order.values());
    return "sensors/logger";
  }

  @PostMapping("/logger-files/{id}")
  String take(
      @PathVariable Long id,
      @RequestParam(required = false) List<LoggerTable.Column> columns,
      @RequestParam(required = false) LoggerTable.Order order,
      RedirectAttributes flash) {
    try {
      LoggerService.Done done = loggers.take(id, columns, order).orElseThrow(Web::missing);
      flash.addFlashAttribute(
          "said", WORDS.say("taken", done.stored(), done.known(), done.refused()));
      return toReadings(done.place());
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("problem", e.getMessage());
      return "redirect:/logger-files/" + id;
    }
  }

  private static String toReadings(Long place) {
    return "redirect:/places/" + place + "/readings";
  }
}
