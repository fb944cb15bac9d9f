package org.mildlantern.app.growth;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.growth.Organ;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of what a plant made one after another. */
@Controller
class GrowthController {
  private final GrowthService growth;
  private final Answered answered;

  GrowthController(GrowthService growth, Answered answered) {
    this.growth = growth;
    this.answered = answered;
  }

  @ModelAttribute("organs")
  Organ[] organs() {
    return Organ.values();
  }

  @Kept
  @GetMapping("/plants/{id}/growth")
  String show(@PathVariable Long id, Model model) {
    model.addAttribute("growthForm", new GrowthForm(null, null, null));
    return page(id, model);
  }

  private String page(Long id, Model model) {
    model.addAttribute("view", growth.of(id).orElseThrow(Web::missing));
    return "growth/page";
  }

  @PostMapping("/plants/{id}/growth")
  String add(
      @PathVariable Long id,
      @Valid @ModelAttribute("growthForm") GrowthForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(id, model);
    }
    answered.say(growth.grew(id, form).orElseThrow(Web::missing), flash);
    return "redirect:/plants/" + id + "/growth";
  }
}
