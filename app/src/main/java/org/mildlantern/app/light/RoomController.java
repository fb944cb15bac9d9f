package org.mildlantern.app.light;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.Optional;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.air.Nearby;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.LampKind;
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

/** The page of a place’s room: its windows, its stands, and who is on them. */
@Controller
class RoomController {
  private static final Words WORDS = Words.of(RoomController.class);

  private final RoomService rooms;
  private final StandService stands;
  private final LightChanges changes;

  RoomController(RoomService rooms, StandService stands, LightChanges changes) {
    this.rooms = rooms;
    this.stands = stands;
    this.changes = changes;
  }

  @Kept
  @GetMapping("/places/{id}/room")
  String show(@PathVariable Long id, @RequestParam(required = false) Long spot, Model model) {
    Optional<RoomView> view = rooms.of(id);
    if (view.isEmpty()) {
      if (!rooms.isPlace(id)) {
        throw Web.missing();
      }
      return "redirect:/places/" + id + "/light";
    }
    model.addAttribute("roomForm", view.get().room());
    if (spot != null) {
      model.addAttribute("spotForm", stands.spot(id, spot).orElseThrow(Web::missing));
    }
    return page(view.get(), spot, model);
  }

  private String page(RoomView view, Long spot, Model model) {
    model.addAttribute("changed", changes.asked(view.place().id()).orElse(null));
    model.addAttribute("thingKinds", Nearby.values());
    model.addAttribute("view", view);
    model.addAttribute("spot", spot);
    model.addAttribute("walls", FloorPlan.Wall.values());
    model.addAttribute("glasses", Glass.values());
    model.addAttribute("lampKinds", LampKind.values());
    if (!model.containsAttribute("roomForm")) {
      model.addAttribute("roomForm", view.room());
    }
    if (!model.containsAttribute("furtherForm")) {
      model.addAttribute("furtherForm", FurtherForm.EMPTY);
    }
    if (!model.containsAttribute("skylineForm")) {
      model.addAttribute("skylineForm", SkylineForm.EMPTY);
    }
    if (!model.containsAttribute("thingForm")) {
      model.addAttribute("thingForm", ThingForm.EMPTY);
    }
    if (!model.containsAttribute("spotForm")) {
      model.addAttribute("spotForm", SpotForm.EMPTY);
    }
    return "light/room";
  }

  /** What keeps a form; false where there is no such thing. */
  private interface Keeping {
    boolean kept();
  }

  private String keep(
      Long id,
      Long spot,
      BindingResult errors,
      String field,
      Keeping keeping,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (!errors.hasErrors()) {
      try {
        if (!keeping.kept()) {
          throw Web.missing();
        }
        flash.addFlashAttribute("said", WORDS.say("room-kept"));
        return toRoom(id);
      } catch (IllegalArgumentException e) {
        errors.rejectValue(field, "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(rooms.of(id).orElseThrow(Web::missing), spot, model);
  }

  @PostMapping("/places/{id}/room")
  String size(
      @PathVariable Long id,
      @Valid @ModelAttribute("roomForm") RoomForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    return keep(id, null, errors, "along", () -> rooms.save(id, form), model, response, flash);
  }

  @PostMapping("/places/{id}/windows")
  String window(
      @PathVariable Long id,
      @Valid @ModelAttribute("furtherForm") FurtherForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (errors.getTarget() != null) {
      Halves.ask(form.blind().missing(), errors);
    }
    return keep(id, null, errors, "along", () -> rooms.add(id, form), model, response, flash);
  }

  @PostMapping("/place-windows/{id}/remove")
  String takeWindow(@PathVariable Long id, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.takeWindow(id)));
  }

  @PostMapping("/places/{id}/skyline")
  String skyline(
      @PathVariable Long id,
      @Valid @ModelAttribute("skylineForm") SkylineForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    return keep(id, null, errors, "begins", () -> rooms.add(id, form), model, response, flash);
  }

  @PostMapping("/skyline-parts/{id}/at")
  String shapeSkyline(
      @PathVariable Long id,
      @RequestParam double begins,
      @RequestParam double ends,
      @RequestParam double up,
      RedirectAttributes flash) {
    try {
      return toRoom(said(flash, rooms.shape(id, begins, ends, up)));
    } catch (IllegalArgumentException e) {
      throw Web.refused(e.getMessage());
    }
  }

  @PostMapping("/skyline-parts/{id}/remove")
  String takeSkyline(@PathVariable Long id, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.takeSkyline(id)));
  }

  @PostMapping("/places/{id}/things")
  String thing(
      @PathVariable Long id,
      @Valid @ModelAttribute("thingForm") ThingForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    return keep(id, null, errors, "along", () -> rooms.add(id, form), model, response, flash);
  }

  @PostMapping("/places/{id}/main-window/at")
  String slideMain(@PathVariable Long id, @RequestParam double along, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.slideMain(id, along)));
  }

  @PostMapping("/place-windows/{id}/at")
  String slideWindow(@PathVariable Long id, @RequestParam double along, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.slideWindow(id, along)));
  }

  @PostMapping("/place-things/{id}/at")
  String slideThing(@PathVariable Long id, @RequestParam double along, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.slideThing(id, along)));
  }

  @PostMapping("/place-things/{id}/remove")
  String takeThing(@PathVariable Long id, RedirectAttributes flash) {
    return toRoom(said(flash, rooms.takeThing(id)));
  }

  @PostMapping("/places/{id}/spots")
  String spot(
      @PathVariable Long id,
      @RequestParam(required = false) Long spot,
      @Valid @ModelAttribute("spotForm") SpotForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (errors.getTarget() != null) {
      Halves.ask(form.lamp().missing(), errors);
    }
    return keep(
        id, spot, errors, "name", () -> stands.save(id, spot, form), model, response, flash);
  }

  @PostMapping("/spots/{id}/at")
  String drag(
      @PathVariable Long id,
      @RequestParam double across,
      @RequestParam double back,
      RedirectAttributes flash) {
    return toRoom(said(flash, stands.drag(id, across, back)));
  }

  @PostMapping("/spots/{id}/remove")
  String takeSpot(@PathVariable Long id, RedirectAttributes flash) {
    return toRoom(said(flash, stands.takeSpot(id)));
  }

  @PostMapping("/plants/{id}/standing")
  String stand(
      @PathVariable Long id, @RequestParam(required = false) Long spot, RedirectAttributes flash) {
    return toRoom(said(flash, stands.stand(id, spot)));
  }

  private static Long said(RedirectAttributes flash, Optional<Long> place) {
    flash.addFlashAttribute("said", WORDS.say("room-kept"));
    return place.orElseThrow(Web::missing);
  }

  private static String toRoom(Long place) {
    return "redirect:/places/" + place + "/room";
  }
}
