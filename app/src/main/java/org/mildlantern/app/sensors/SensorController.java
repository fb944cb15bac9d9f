package org.mildlantern.app.sensors;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LitStand;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The pages of devices and of what was read at a place. */
@Controller
class SensorController {
  private static final Words WORDS = Words.of(SensorController.class);
  private static final int LONGEST_NAME = 60;

  private final SensorService sensors;
  private final ReadingsService readings;
  private final PlaceService places;
  private final LightService lights;
  private final Scope scope;

  SensorController(
      SensorService sensors,
      ReadingsService readings,
      PlaceService places,
      LightService lights,
      Scope scope) {
    this.lights = lights;
    this.sensors = sensors;
    this.readings = readings;
    this.places = places;
    this.scope = scope;
  }

  @Kept
  @GetMapping("/devices")
  String devices(Model model) {
    model.addAttribute("devices", sensors.devices());
    model.addAttribute("wheres", wheres());
    model.addAttribute("keepDays", sensors.keepDays());
    return "sensors/devices";
  }

  /** A place, or a stand of it, that is offered. */
  record Where(String value, String name) {
    static Where of(PlaceView place, Long spot, String name) {
      return new Where(place.id() + (spot == null ? "" : ":" + spot), name);
    }
  }

  private List<Where> wheres() {
    List<LitStand> stands = lights.stands();
    return places.all().stream()
        .flatMap(
            place ->
                Stream.concat(
                    Stream.of(Where.of(place, null, place.name())),
                    stands.stream()
                        .filter(s -> s.spot() != null && s.place().id().equals(place.id()))
                        .map(
                            s ->
                                Where.of(
                                    place,
                                    s.spot(),
                                    WORDS.say("on-stand", place.name(), s.name())))))
        .toList();
  }

  @PostMapping("/devices/keep")
  String keep(@RequestParam(defaultValue = "") String days, RedirectAttributes flash) {
    try {
      sensors.keep(days.strip().matches("\\d{1,5}") ? Integer.valueOf(days.strip()) : null);
      flash.addFlashAttribute("said", WORDS.say("kept-days", Integer.parseInt(days.strip())));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("keepProblem", e.getMessage());
      flash.addFlashAttribute("typedDays", days);
    }
    return "redirect:/devices";
  }

  @PostMapping("/devices/{id}/place")
  String put(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String place,
      @RequestParam(defaultValue = "") String since,
      RedirectAttributes flash) {
    if (!sensors.isDevice(id)) {
      throw Web.missing();
    }
    try {
      LocalDate day = since.isBlank() ? scope.today() : Days.typed(since);
      if (day == null) {
        throw new IllegalArgumentException(WORDS.say("day"));
      }
      Where where =
          wheres().stream()
              .filter(one -> one.value().equals(place))
              .findFirst()
              .orElseThrow(() -> new IllegalArgumentException(WORDS.say("which")));
      String[] parts = where.value().split(":");
      if (!sensors.put(
          id, Long.valueOf(parts[0]), parts.length == 1 ? null : Long.valueOf(parts[1]), day)) {
        throw Web.missing();
      }
      flash.addFlashAttribute("said", WORDS.say("put"));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("problem", e.getMessage());
      flash.addFlashAttribute("problemOf", id);
    }
    return "redirect:/devices";
  }

  @PostMapping("/devices/{id}/name")
  String call(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String name,
      RedirectAttributes flash) {
    if (name.isBlank() || name.strip().length() > LONGEST_NAME) {
      flash.addFlashAttribute("problem", WORDS.say("name"));
      flash.addFlashAttribute("problemOf", id);
    } else if (!sensors.call(id, name)) {
      throw Web.missing();
    }
    return "redirect:/devices";
  }

  @PostMapping("/devices/{id}/remove")
  String takeOut(@PathVariable Long id, RedirectAttributes flash) {
    if (!sensors.takeOut(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("out"));
    return "redirect:/devices";
  }

  @GetMapping("/places/{id}/readings")
  String page(
      @PathVariable Long id, @RequestParam(defaultValue = "month") String span, Model model) {
    Series.Span shown = span(span);
    model.addAttribute("place", readings.place(id).orElseThrow(Web::missing));
    model.addAttribute("series", readings.of(id, shown).orElseThrow(Web::missing));
    model.addAttribute("span", shown);
    model.addAttribute("spans", Series.Span.values());
    return "sensors/readings";
  }

  @GetMapping(path = "/places/{id}/readings/data", produces = "application/json")
  @ResponseBody
  List<Series> data(@PathVariable Long id, @RequestParam(defaultValue = "month") String span) {
    return readings.of(id, span(span)).orElseThrow(Web::missing);
  }

  private static Series.Span span(String id) {
    try {
      return Series.Span.valueOf(id.toUpperCase(Locale.ROOT));
    } catch (IllegalArgumentException e) {
      return Series.Span.MONTH;
    }
  }
}
