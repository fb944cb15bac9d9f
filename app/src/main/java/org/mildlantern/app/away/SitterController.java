package org.mildlantern.app.away;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.web.FormKey;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;

/** The page of a visitor who looks after plants; what it shows is the absence's alone. */
@Controller
class SitterController {
  private static final Words WORDS = Words.of(SitterController.class);

  private final TripService trips;
  private final SitterService sitters;

  SitterController(TripService trips, SitterService sitters) {
    this.trips = trips;
    this.sitters = sitters;
  }

  @GetMapping("/visitor/{secret}")
  String page(@PathVariable String secret, HttpServletRequest request, Model model) {
    model.addAttribute("secret", secret);
    model.addAttribute("trip", trips.view(SecretDoor.what(request)).orElseThrow(Web::missing));
    model.addAttribute("key", FormKey.next());
    return "away/visitor";
  }

  @GetMapping("/visitor/{secret}/tasks/{task}/picture")
  ResponseEntity<byte[]> picture(
      @PathVariable String secret, @PathVariable Long task, HttpServletRequest request) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .body(sitters.picture(SecretDoor.what(request), task).orElseThrow(Web::missing));
  }

  @PostMapping("/visitor/{secret}/tasks/{task}")
  String answer(
      @PathVariable String secret,
      @PathVariable Long task,
      @RequestParam TripTask.State state,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    try {
      if (!sitters.answer(SecretDoor.what(request), task, state)) {
        throw Web.missing();
      }
    } catch (IllegalArgumentException e) {
      return refused(secret, e.getMessage(), request, response, model);
    }
    return "redirect:/visitor/" + secret + "#task-" + task;
  }

  /** The visitor's own cup, so that amounts are told by it. */
  @PostMapping("/visitor/{secret}/cup")
  String cup(
      @PathVariable String secret,
      @RequestParam(defaultValue = "") String ml,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    String typed = ml.strip();
    Integer holds = typed.matches("\\d{1,4}") ? Integer.valueOf(typed) : null;
    boolean fits = holds != null && holds >= TripForm.LEAST_CUP && holds <= TripForm.LARGEST_CUP;
    if (!typed.isEmpty() && !fits) {
      model.addAttribute("cupTyped", typed);
      model.addAttribute("cupFault", WORDS.say("cup", TripForm.LEAST_CUP, TripForm.LARGEST_CUP));
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(secret, request, model);
    }
    sitters.measureBy(SecretDoor.what(request), holds);
    return "redirect:/visitor/" + secret;
  }

  @PostMapping("/visitor/{secret}/messages")
  String tell(
      @PathVariable String secret,
      @RequestParam(required = false) Long task,
      @RequestParam(defaultValue = "") String text,
      @RequestParam(required = false) MultipartFile file,
      @RequestParam(defaultValue = "false") boolean urgent,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model)
      throws IOException {
    try {
      byte[] bytes = file == null ? new byte[0] : file.getBytes();
      if (!sitters.tell(SecretDoor.what(request), task, text, bytes, urgent)) {
        throw Web.missing();
      }
    } catch (IllegalArgumentException e) {
      model.addAttribute("textTyped", text);
      model.addAttribute("about", task);
      model.addAttribute("urgent", urgent);
      return refused(secret, e.getMessage(), request, response, model);
    }
    return "redirect:/visitor/" + secret + "#told";
  }

  private String refused(
      String secret,
      String fault,
      HttpServletRequest request,
      HttpServletResponse response,
      Model model) {
    model.addAttribute("fault", fault);
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(secret, request, model);
  }
}
