package org.mildlantern.app.feed;

import jakarta.validation.Valid;
import org.mildlantern.app.web.Kept;
import org.mildlantern.core.feed.Hardness;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** The page of what a roof gives and a cartridge lasts. */
@Controller
class SupplyController {
  private final SupplyService supplies;

  SupplyController(SupplyService supplies) {
    this.supplies = supplies;
  }

  @ModelAttribute("hardnesses")
  Hardness[] hardnesses() {
    return Hardness.values();
  }

  @Kept
  @GetMapping("/waters/supply")
  String show(
      @Valid @ModelAttribute("supplyForm") SupplyForm form, BindingResult errors, Model model) {
    SupplyForm asked = errors.hasErrors() ? SupplyForm.EMPTY : form;
    try {
      model.addAttribute("view", supplies.view(asked));
    } catch (IllegalArgumentException e) {
      errors.rejectValue("promised", "fits", e.getMessage());
      model.addAttribute("view", supplies.view(SupplyForm.EMPTY));
    }
    return "feed/supply";
  }
}
