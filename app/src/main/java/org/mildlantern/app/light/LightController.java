package org.mildlantern.app.light;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.format.DateTimeParseException;
import java.util.Map;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Meanwhile;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.LampKind;
import org.mildlantern.core.light.Outside;
import org.mildlantern.core.light.Photometer;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.reading.Typed;
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

/** The page of a place's light. */
@Controller
class LightController {
  private static final Words WORDS = Words.of(LightController.class);

  private final LightService lights;
  private final ColdNights nights;
  private final LightChanges changes;
  private final Scope scope;

  LightController(LightService lights, ColdNights nights, LightChanges changes, Scope scope) {
    this.changes = changes;
    this.nights = nights;
    this.lights = lights;
    this.scope = scope;
  }

  @ModelAttribute
  void choices(Model model) {
    model.addAttribute("outsides", Outside.values());
    model.addAttribute("glasses", Glass.values());
    model.addAttribute("skies", SpotLight.Sky.values());
    model.addAttribute("measures", Photometer.values());
    model.addAttribute("lampKinds", LampKind.values());
  }

  @Kept
  @GetMapping("/places/{id}/light")
  String show(@PathVariable Long id, Model model) {
    LightView view = lights.of(id).orElseThrow(Web::missing);
    Meanwhile.show(view.form(), model);
    model.addAttribute("windowForm", view.form());
    return page(view, model);
  }

  private String page(LightView view, Model model) {
    model.addAttribute("view", view);
    model.addAttribute("stands", lights.standsOf(view.place().id()));
    model.addAttribute("tonight", nights.before(view.place().id()).orElse(null));
    model.addAttribute("changed", changes.asked(view.place().id()).orElse(null));
    return "light/page";
  }

  @PostMapping("/places/{id}/light")
  String save(
      @PathVariable Long id,
      @Valid @ModelAttribute("windowForm") WindowForm form,
      BindingResult errors,
      @RequestParam(defaultValue = "") String opened,
      @RequestParam Map<String, String> typed,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    LightView view = lights.of(id).orElseThrow(Web::missing);
    model.addAttribute("opened", opened);
    model.addAttribute("typedFaces", typed.get("faces"));
    model.addAttribute("typedDistance", typed.get("distance"));
    model.addAttribute("typedOutside", typed.get("outside"));
    if (errors.getTarget() != null) {
      agree(form, errors);
      Halves.ask(form.lamp().missing(), errors);
      Halves.ask(form.blind().missing(), errors);
    }
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("numbers", true);
      return page(view, model);
    }
    if (Meanwhile.changed(opened, view.form(), form, Map.of(), model)) {
      response.setStatus(HttpStatus.CONFLICT.value());
      model.addAttribute("numbers", true);
      return page(view, model);
    }
    lights.save(id, form).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("saved"));
    return "redirect:/places/" + id + "/light";
  }

  /** A tap and a number are both said, and of one direction and distance. */
  private static void agree(WindowForm form, BindingResult errors) {
    if (form.direction() == null) {
      errors.rejectValue("faces", "needed", WORDS.say("direction"));
    } else if (form.directionsCross()) {
      errors.rejectValue("exactFaces", "crossed", WORDS.say("crossed"));
    }
    if (form.away() == null) {
      errors.rejectValue("distance", "needed", WORDS.say("distance"));
    } else if (form.distancesCross()) {
      errors.rejectValue("exactDistance", "crossed", WORDS.say("crossed"));
    }
  }

  @PostMapping("/places/{id}/light/changed")
  String changed(@PathVariable Long id, @RequestParam boolean real, RedirectAttributes flash) {
    changes.answer(id, real).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say(real ? "did-change" : "put-right"));
    return "redirect:/places/" + id + "/light";
  }

  @PostMapping("/places/{id}/light/readings")
  String read(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String value,
      @RequestParam(defaultValue = "LUX") Photometer in,
      @RequestParam(defaultValue = "CLEAR") SpotLight.Sky sky,
      @RequestParam(defaultValue = "") String day,
      @RequestParam(defaultValue = "") String time,
      @RequestParam(required = false) Long spot,
      RedirectAttributes flash) {
    try {
      double read =
          Typed.decimal(value).orElseThrow(() -> new IllegalArgumentException(WORDS.say("number")));
      lights
          .read(
              id, spot, at(day, time), read, in, WORDS.say("read", value.strip(), in.label()), sky)
          .orElseThrow(Web::missing);
      flash.addFlashAttribute("said", WORDS.say("learned"));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("readingProblem", e.getMessage());
      flash.addFlashAttribute(
          "typed",
          Map.of("value", value, "in", in.name(), "sky", sky.name(), "day", day, "time", time));
    }
    return "redirect:/places/" + id + "/light#readings";
  }

  private Instant at(String day, String time) {
    LocalDate on = Days.typed(day) == null ? scope.today() : Days.typed(day);
    if (time.isBlank()) {
      if (!on.equals(scope.today())) {
        throw new IllegalArgumentException(WORDS.say("time"));
      }
      return scope.now();
    }
    try {
      String hour = time.strip().replace('.', ':').replaceFirst("^(\\d):", "0$1:");
      return on.atTime(LocalTime.parse(hour)).atZone(scope.zone()).toInstant();
    } catch (DateTimeParseException e) {
      throw new IllegalArgumentException(WORDS.say("time"), e);
    }
  }

  @PostMapping("/light-readings/{id}/remove")
  String strike(@PathVariable Long id, @RequestParam Long place, RedirectAttributes flash) {
    if (!lights.strike(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("struck"));
    return "redirect:/places/" + place + "/light#readings";
  }
}
