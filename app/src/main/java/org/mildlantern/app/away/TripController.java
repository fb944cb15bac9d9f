package org.mildlantern.app.away;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.figure.Figure;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.app.web.Square;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** The pages of an absence that was planned: its visits, its link, the return. */
@Controller
class TripController {
  private static final Words WORDS = Words.of(TripController.class);

  private final TripService trips;
  private final AwayService away;
  private final AwayCheck check;
  private final PhotoService photos;
  private final Figures figures;
  private final Answered answered;
  private final Pdf pdf;

  TripController(
      TripService trips,
      AwayService away,
      AwayCheck check,
      PhotoService photos,
      Figures figures,
      Answered answered,
      Pdf pdf) {
    this.answered = answered;
    this.trips = trips;
    this.away = away;
    this.check = check;
    this.photos = photos;
    this.figures = figures;
    this.pdf = pdf;
  }

  @PostMapping("/away/trips")
  String keep(
      @Valid @ModelAttribute("awayForm") AwayForm form,
      BindingResult errors,
      @Valid @ModelAttribute("tripForm") TripForm told,
      BindingResult toldErrors,
      Model model,
      HttpServletResponse response) {
    check.days(form, errors);
    if (errors.hasErrors() || toldErrors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      if (!errors.hasErrors()) {
        model.addAttribute("plan", away.plan(form));
      }
      return "away/page";
    }
    return "redirect:/away/trips/" + trips.keep(form, told, away.plan(form));
  }

  @GetMapping("/away/trips/{id}")
  String page(@PathVariable Long id, Model model) {
    TripView trip = trip(id);
    model.addAttribute("trip", trip);
    if (model.getAttribute("link") instanceof String link) {
      model.addAttribute("square", Square.of(link));
    }
    model.addAttribute("back", trip.over() ? trips.back(id) : List.of());
    model.addAttribute("states", TripPlant.Found.values());
    return "away/trip";
  }

  private TripView trip(Long id) {
    return trips.view(id).orElseThrow(Web::missing);
  }

  @GetMapping("/away/trips/{id}/sheet")
  String sheet(@PathVariable Long id, Model model) {
    TripView trip = trip(id);
    model.addAttribute("trip", trip);
    model.addAttribute("figures", drawn(trip));
    return "away/sheet";
  }

  /** The figures of how the plants are built, by form. */
  private Map<String, Figure> drawn(TripView trip) {
    return figures.small(
        trip.visits().stream()
            .flatMap(visit -> visit.places().stream())
            .flatMap(at -> at.tasks().stream())
            .map(task -> task.plant().form()));
  }

  @GetMapping("/away/trips/{id}/sheet.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable Long id) {
    TripView trip = trip(id);
    Map<Long, String> sources = new HashMap<>();
    trip.visits().stream()
        .flatMap(visit -> visit.places().stream())
        .flatMap(at -> at.tasks().stream())
        .filter(task -> task.photo() != null)
        .forEach(
            task ->
                sources.computeIfAbsent(
                    task.photo(), photo -> photos.thumbnail(photo).map(Pdf::source).orElse(null)));
    return Pdf.shown(
        "visits-" + trip.from(),
        pdf.of("away/sheet-pdf", Map.of("trip", trip, "sources", sources, "figures", drawn(trip))));
  }

  @PostMapping("/away/trips/{id}/link")
  String link(@PathVariable Long id, RedirectAttributes flash) {
    trip(id);
    trips
        .link(id)
        .ifPresent(
            secret -> {
              String address =
                  ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
                      + "/visitor/"
                      + secret;
              flash.addFlashAttribute("link", address);
            });
    return "redirect:/away/trips/" + id + "#link";
  }

  @PostMapping("/away/trips/{id}/link/end")
  String endLink(@PathVariable Long id, RedirectAttributes flash) {
    if (!trips.endLink(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("link-ended"));
    return "redirect:/away/trips/" + id;
  }

  @PostMapping("/away/trips/{id}/back")
  String back(@PathVariable Long id) {
    if (!trips.isBack(id)) {
      throw Web.missing();
    }
    return "redirect:/away/trips/" + id;
  }

  @PostMapping("/away/trips/{id}/remove")
  String remove(@PathVariable Long id, RedirectAttributes flash) {
    if (!trips.remove(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("removed"));
    return "redirect:/away";
  }

  @PostMapping("/away/trips/{id}/found")
  String found(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam TripPlant.Found found,
      RedirectAttributes flash) {
    trip(id);
    try {
      flash.addFlashAttribute("said", WORDS.say("noted", trips.find(id, plants, found)));
    } catch (IllegalArgumentException e) {
      throw Web.refused(e.getMessage());
    }
    return "redirect:/away/trips/" + id;
  }

  /** Nothing was seen on plants a week after the return; the exceptions stay on the round. */
  @PostMapping("/away/trips/{id}/pests")
  String pests(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam(defaultValue = "") List<Long> but,
      RedirectAttributes flash) {
    trip(id);
    List<Long> clean = new ArrayList<>(plants);
    clean.removeAll(but);
    flash.addFlashAttribute("said", WORDS.say("clean", trips.lookedForPests(id, clean)));
    return "redirect:/today";
  }

  /** A plant that was found limp had a step of its drink. */
  @PostMapping("/away/trips/{id}/drinks")
  String drink(@PathVariable Long id, @RequestParam Long drinker, RedirectAttributes flash) {
    trip(id);
    return answered.toRound(trips.drink(id, drinker), flash);
  }

  @GetMapping("/away/messages/{id}/picture")
  ResponseEntity<byte[]> picture(@PathVariable Long id) {
    return ResponseEntity.ok()
        .contentType(MediaType.IMAGE_JPEG)
        .body(trips.picture(id).orElseThrow(Web::missing));
  }

  @PostMapping("/away/messages/{id}/seen")
  String seen(@PathVariable Long id, @RequestParam Long trip) {
    if (!trips.see(id)) {
      throw Web.missing();
    }
    return "redirect:/away/trips/" + trip + "#messages";
  }
}
