package org.mildlantern.app.places;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Meanwhile;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
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
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

@Controller
class PlaceController {
  private static final int PAGE = 40;

  private static final Words WORDS = Words.of(PlaceController.class);

  private final PlaceService places;

  PlaceController(PlaceService places) {
    this.places = places;
  }

  @ModelAttribute("placeLights")
  LightClass[] lights() {
    return LightClass.values();
  }

  @ModelAttribute("placeKinds")
  PlaceKind[] kinds() {
    return PlaceKind.values();
  }

  @Kept
  @GetMapping("/places")
  String all(@RequestParam(required = false) Integer page, Model model) {
    model.addAttribute("places", Paged.of(places.all(), page, PAGE));
    return "places/list";
  }

  @GetMapping("/places/new")
  String add(Model model) {
    model.addAttribute("placeForm", PlaceForm.of("", PlaceKind.INDOOR, null, null));
    return "places/edit";
  }

  @Kept
  @GetMapping("/places/{id}/edit")
  String edit(@PathVariable Long id, Model model) {
    PlaceForm form = PlaceForm.of(places.find(id).orElseThrow(this::missing));
    model.addAttribute("placeForm", form);
    model.addAttribute("placeId", id);
    Meanwhile.show(form, model);
    return "places/edit";
  }

  @PostMapping("/places/new")
  String add(
      @Valid @ModelAttribute("placeForm") PlaceForm form,
      BindingResult errors,
      HttpServletResponse response) {
    return save(null, form, errors, response);
  }

  @PostMapping("/places/{id}/edit")
  String edit(
      @PathVariable Long id,
      @Valid @ModelAttribute("placeForm") PlaceForm form,
      BindingResult errors,
      @RequestParam(defaultValue = "") String opened,
      Model model,
      HttpServletResponse response) {
    model.addAttribute("placeId", id);
    model.addAttribute("opened", opened);
    PlaceForm now = PlaceForm.of(places.find(id).orElseThrow(this::missing));
    if (!errors.hasErrors() && Meanwhile.changed(opened, now, form, Map.of(), model)) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return "places/edit";
    }
    return save(id, form, errors, response);
  }

  @PostMapping("/places/{id}/remove")
  String remove(
      @PathVariable Long id, Model model, HttpServletResponse response, RedirectAttributes flash) {
    try {
      PlaceView place = places.takeOutOne(id).orElseThrow(this::missing);
      flash.addFlashAttribute("said", WORDS.say("removed", place.name()));
      return "redirect:/places";
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("stays", e.getMessage());
      return edit(id, model);
    }
  }

  @PostMapping("/places/walk")
  String walk(
      @RequestParam(required = false) Long first,
      @RequestParam List<Long> order,
      @RequestParam(defaultValue = "1") int page) {
    if (!places.walk(first, order)) {
      throw missing();
    }
    return page == 1 ? "redirect:/places" : "redirect:/places?page=" + page;
  }

  private String save(Long id, PlaceForm form, BindingResult errors, HttpServletResponse response) {
    // A form with a field that cannot be read has no values to look at.
    if (errors.getTarget() != null && form.extremesCross()) {
      errors.rejectValue("coldest", "order", "The coldest cannot be above the warmest.");
    }
    if (!errors.hasErrors()) {
      try {
        places.save(id, form).orElseThrow(this::missing);
        return "redirect:/places";
      } catch (IllegalArgumentException e) {
        errors.rejectValue("name", "taken", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return "places/edit";
  }

  private ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }
}
