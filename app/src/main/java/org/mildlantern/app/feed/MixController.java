package org.mildlantern.app.feed;

import jakarta.validation.Valid;
import org.mildlantern.app.web.Kept;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.RequestParam;

/** The page on which several feeds are mixed to what is wished. */
@Controller
class MixController {
  private final MixService mixes;
  private final Litres litres;

  MixController(MixService mixes, Litres litres) {
    this.mixes = mixes;
    this.litres = litres;
  }

  @Kept
  @GetMapping("/feed/mix")
  String show(Model model) {
    model.addAttribute("mixForm", MixForm.EMPTY);
    return page(null, litres.usual(), "", model);
  }

  @Kept
  @GetMapping(path = "/feed/mix", params = "ratio")
  String mix(
      @Valid @ModelAttribute("mixForm") MixForm form,
      BindingResult errors,
      @RequestParam(defaultValue = "") String can,
      Model model) {
    double size = litres.usual();
    try {
      size = litres.of(can);
    } catch (IllegalArgumentException e) {
      model.addAttribute("canProblem", e.getMessage());
    }
    if (!errors.hasErrors()) {
      try {
        return page(form, size, can, model);
      } catch (IllegalArgumentException e) {
        errors.rejectValue("of", "fits", e.getMessage());
      }
    }
    return page(null, size, can, model);
  }

  private String page(MixForm form, double size, String can, Model model) {
    model.addAttribute("can", can);
    model.addAttribute("litres", size);
    model.addAttribute("view", mixes.view(form, size));
    return "feed/mix";
  }
}
