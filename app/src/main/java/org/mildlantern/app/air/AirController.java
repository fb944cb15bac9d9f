package org.mildlantern.app.air;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of a place's air. */
@Controller
class AirController {
  private static final Words WORDS = Words.of(AirController.class);

  private final AirService airs;

  AirController(AirService airs) {
    this.airs = airs;
  }

  @Kept
  @GetMapping("/places/{id}/air")
  String show(@PathVariable Long id, Model model) {
    AirView view = airs.of(id).orElseThrow(Web::missing);
    model.addAttribute("airForm", view.form());
    return page(view, model);
  }

  private static String page(AirView view, Model model) {
    model.addAttribute("view", view);
    model.addAttribute("airings", Airing.of(view.isCase()));
    return "air/page";
  }

  @PostMapping("/places/{id}/air")
  String save(
      @PathVariable Long id,
      @Valid @ModelAttribute("airForm") AirForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(airs.of(id).orElseThrow(Web::missing), model);
    }
    airs.save(id, form).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("saved"));
    return "redirect:/places/" + id + "/air";
  }
}
