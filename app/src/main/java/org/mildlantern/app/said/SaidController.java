package org.mildlantern.app.said;

import jakarta.servlet.http.HttpServletResponse;
import java.util.Optional;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.Builds;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Diagnose: one line to say it in, what it gives, and the plants to start from. */
@Controller
class SaidController {
  private static final Words WORDS = Words.of(SaidController.class);

  private final SaidService said;
  private final SaidPresenter presenter;
  private final StartingPoints starts;
  private final PlaceService places;
  private final Builds builds;
  private final Figures figures;
  private final Knowledge knowledge;

  SaidController(
      SaidService said,
      SaidPresenter presenter,
      StartingPoints starts,
      PlaceService places,
      Builds builds,
      Figures figures,
      Knowledge knowledge) {
    this.said = said;
    this.presenter = presenter;
    this.starts = starts;
    this.places = places;
    this.builds = builds;
    this.figures = figures;
    this.knowledge = knowledge;
  }

  @Kept
  @GetMapping("/diagnose")
  String start(
      @ModelAttribute SaidForm form,
      @RequestParam(required = false) Long place,
      @RequestParam(required = false) Integer page,
      Model model) {
    return page(said.opened(form), place, page, model);
  }

  /** What the words say so far; nothing is stored. */
  @PostMapping("/diagnose/words")
  String hear(@ModelAttribute SaidForm form, Htmx htmx, Model model) {
    if (!htmx.on()) {
      return page(form, null, null, model);
    }
    show(form, model);
    model.addAttribute("part", true);
    return "said/page :: answer";
  }

  /** Keeps what was said, with the plant if it is new here, and goes on to what may be done. */
  @PostMapping("/plants/said")
  String keep(
      @ModelAttribute SaidForm form,
      @RequestParam(required = false) Long at,
      @RequestParam(required = false) String cause,
      Model model,
      RedirectAttributes flash,
      HttpServletResponse response) {
    if (form.text().length() > Reader.LONGEST) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return page(form, null, null, model);
    }
    Optional<PlantView> kept = said.keep(form, at);
    if (kept.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("whoProblem", WORDS.say("unknown"));
      return page(form, null, null, model);
    }
    PlantView plant = kept.get();
    flash.addFlashAttribute(
        "said", WORDS.say("kept", plant.name(), plant.code(), plant.place().name()));
    boolean act = cause != null && knowledge.causes().has(cause);
    return "redirect:/plants/" + plant.id() + (act ? "/cases/new?cause=" + cause : "/diagnose");
  }

  private String page(SaidForm form, Long place, Integer page, Model model) {
    show(form, model);
    model.addAttribute("swatches", figures.swatches());
    if (form.text().isBlank() && form.plant() == null) {
      model.addAttribute("starts", starts.of(place, page));
    }
    return "said/page";
  }

  private void show(SaidForm form, Model model) {
    SaidView view = presenter.show(said.hear(form));
    model.addAttribute("view", view);
    model.addAttribute("likeFigures", figures.small(view.who().like()));
    model.addAttribute("builds", builds.byForm());
    model.addAttribute("places", places.all());
    if (form.text().length() > Reader.LONGEST) {
      model.addAttribute("textProblem", WORDS.say("long", Reader.LONGEST));
    }
  }
}
