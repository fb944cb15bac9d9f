package org.mildlantern.app.feed;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page of the waters. */
@Controller
class WaterController {
  private static final Words WORDS = Words.of(WaterController.class);

  private final WaterService waters;
  private final Litres litres;

  WaterController(WaterService waters, Litres litres) {
    this.waters = waters;
    this.litres = litres;
  }

  @ModelAttribute
  void choices(Model model) {
    model.addAttribute("kinds", WaterSheet.Kind.values());
    model.addAttribute("meters", MeterShows.values());
    model.addAttribute("hardnesses", Hardness.values());
    model.addAttribute("disinfectants", WaterSheet.Disinfectant.values());
  }

  @Kept
  @GetMapping("/waters")
  String list(@RequestParam(defaultValue = "") String can, Model model) {
    model.addAttribute("waterForm", WaterForm.EMPTY);
    return page(null, can, model);
  }

  @Kept
  @GetMapping("/waters/{id}")
  String change(@PathVariable Long id, Model model) {
    model.addAttribute("waterForm", waters.form(id).orElseThrow(Web::missing));
    return page(id, "", model);
  }

  private String page(Long id, String can, Model model) {
    double size = litres.usual();
    try {
      size = litres.of(can);
    } catch (IllegalArgumentException e) {
      model.addAttribute("canProblem", e.getMessage());
    }
    model.addAttribute("changing", id);
    model.addAttribute("can", can);
    model.addAttribute("view", waters.view(size));
    return "feed/waters";
  }

  @PostMapping("/waters")
  String add(
      @Valid @ModelAttribute("waterForm") WaterForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    return keep(null, form, errors, model, response, flash);
  }

  @PostMapping("/waters/{id}")
  String save(
      @PathVariable Long id,
      @Valid @ModelAttribute("waterForm") WaterForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    waters.form(id).orElseThrow(Web::missing);
    return keep(id, form, errors, model, response, flash);
  }

  private String keep(
      Long id,
      WaterForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (errors.getTarget() != null) {
      ask(form, errors);
    }
    if (!errors.hasErrors()) {
      try {
        if (!waters.save(id, form)) {
          throw Web.missing();
        }
        flash.addFlashAttribute("said", WORDS.say("water-kept"));
        return "redirect:/waters";
      } catch (IllegalArgumentException e) {
        errors.rejectValue("name", "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(id, "", model);
  }

  /** What could be read in two ways is asked. */
  private static void ask(WaterForm form, BindingResult errors) {
    if (form.reading() != null && form.readIn() == null) {
      errors.rejectValue("readIn", "asked", WORDS.say("read-in"));
    }
    if (form.reading() == null && form.celsius() != null) {
      errors.rejectValue("reading", "asked", WORDS.say("read-what"));
    }
    if ((form.hardness() != null || form.alkalinity() != null) && form.hardnessIn() == null) {
      errors.rejectValue("hardnessIn", "asked", WORDS.say("hardness-in"));
    }
  }

  @PostMapping("/waters/{id}/remove")
  String remove(@PathVariable Long id, RedirectAttributes flash) {
    if (!waters.remove(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("water-gone"));
    return "redirect:/waters";
  }
}
