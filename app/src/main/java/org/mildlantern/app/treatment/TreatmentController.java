package org.mildlantern.app.treatment;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.quarantine.ContactChain;
import org.mildlantern.app.quarantine.ContactLooks;
import org.mildlantern.app.quarantine.QuarantineService;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.treatment.LeafWetness;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The treatment of a case: the schools' offers, the course that was picked, and its visits. */
@Controller
class TreatmentController {
  private static final Words WORDS = Words.of(TreatmentController.class);

  private final CourseService courses;
  private final Offers offers;
  private final Together together;
  private final TreatmentPresenter presenter;
  private final QuarantineService quarantines;
  private final ContactLooks contacts;
  private final Carriers carriers;
  private final PlantService plants;
  private final PlaceService places;
  private final Answered answered;

  TreatmentController(
      CourseService courses,
      Offers offers,
      Together together,
      TreatmentPresenter presenter,
      QuarantineService quarantines,
      ContactLooks contacts,
      Carriers carriers,
      PlantService plants,
      PlaceService places,
      Answered answered) {
    this.courses = courses;
    this.offers = offers;
    this.together = together;
    this.quarantines = quarantines;
    this.contacts = contacts;
    this.carriers = carriers;
    this.places = places;
    this.answered = answered;
    this.presenter = presenter;
    this.plants = plants;
  }

  @GetMapping("/cases/{id}/treatment")
  String show(
      @PathVariable Long id,
      @RequestParam(defaultValue = "SOME") Infestation size,
      @RequestParam(required = false) LeafWetness.From wets,
      @RequestParam(required = false) String school,
      @RequestParam(defaultValue = "") List<Long> with,
      Model model) {
    return offers.isRot(id)
        ? "redirect:/cases/" + id + "/rot"
        : page(id, new Offers.Said(size, wets), with, school, model);
  }

  private String page(Long id, Offers.Said said, List<Long> with, String school, Model model) {
    Offers.Ground ground = offers.ground(id).orElseThrow(Web::missing);
    List<ContactLooks.Watch> watches = contacts.of(List.of(ground.kase()), plants.kept());
    List<PlantView> others = List.of();
    try {
      others = together.chosen(ground.kase(), with);
    } catch (IllegalArgumentException e) {
      model.addAttribute("problem", e.getMessage());
    }
    model.addAttribute("candidates", together.candidates(ground.kase(), watches, with));
    model.addAttribute("others", others);
    model.addAttribute(
        "treatedWith", courses.picked(id).map(p -> together.with(p.course())).orElse(List.of()));
    model.addAttribute("view", presenter.show(ground, others, said, school, watches));
    model.addAttribute("sizes", Infestation.values());
    model.addAttribute("wettings", LeafWetness.From.values());
    model.addAttribute("quarantine", quarantines.of(ground.plant()).orElse(null));
    model.addAttribute("watches", watches);
    model.addAttribute("chain", ContactChain.of(watches));
    model.addAttribute("carriers", CaseCarrier.Carrier.values());
    model.addAttribute("noted", carriers.of(id));
    model.addAttribute("places", places.all());
    return "treatment/page";
  }

  @PostMapping("/cases/{id}/treatment")
  String pick(
      @PathVariable Long id,
      @RequestParam String school,
      @RequestParam Infestation size,
      @RequestParam(required = false) LeafWetness.From wets,
      @RequestParam(defaultValue = "") List<Long> with,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    Offers.Said said = new Offers.Said(size, wets);
    try {
      List<Entry> entries = courses.pick(id, with, school, said).orElseThrow(Web::missing);
      if (entries.size() == 1) {
        answered.say(entries.get(0), flash);
      } else {
        answered.sayAll(entries, WORDS.say("begun-together", entries.size()), flash);
      }
      return toCourse(id);
    } catch (IllegalStateException | IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("problem", e.getMessage());
      return page(id, said, with, school, model);
    }
  }

  /** What may have carried it, or may carry it on. */
  @PostMapping("/cases/{id}/carriers")
  String carriers(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") List<CaseCarrier.Carrier> carrier,
      RedirectAttributes flash) {
    offers.ground(id).orElseThrow(Web::missing);
    carriers.note(id, carrier.stream().filter(Objects::nonNull).toList());
    flash.addFlashAttribute("said", "Noted.");
    return toCourse(id);
  }

  @PostMapping("/cases/{id}/treatment/end")
  String end(@PathVariable Long id, RedirectAttributes flash) {
    courses.end(id).ifPresent(entry -> answered.say(entry, flash));
    offers.ground(id).orElseThrow(Web::missing);
    return toCourse(id);
  }

  @PostMapping("/visits/{id}/move")
  String move(
      @PathVariable Long id,
      @RequestParam(required = false) LocalDate day,
      HttpServletResponse response,
      Model model) {
    Long kase = courses.caseOf(id).orElseThrow(Web::missing);
    try {
      if (day == null) {
        throw new IllegalArgumentException("A day, please.");
      }
      courses.move(id, day);
      return toCourse(kase);
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("moveProblem", e.getMessage());
      model.addAttribute("moved", id);
      return page(kase, new Offers.Said(Infestation.SOME, null), List.of(), null, model);
    }
  }

  private static String toCourse(Long caseId) {
    return "redirect:/cases/" + caseId + "/treatment";
  }
}
