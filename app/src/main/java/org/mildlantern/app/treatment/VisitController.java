package org.mildlantern.app.treatment;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** One visit: its mix, its checks, its sheet; and patch tests. */
@Controller
class VisitController {
  private static final Words WORDS = Words.of(VisitController.class);

  private static final double COLDEST = -30;
  private static final double WARMEST = 60;

  private final VisitService visits;
  private final CourseService courses;
  private final PatchTests patches;
  private final Answered answered;

  VisitController(
      VisitService visits, CourseService courses, PatchTests patches, Answered answered) {
    this.visits = visits;
    this.courses = courses;
    this.patches = patches;
    this.answered = answered;
  }

  @GetMapping("/visits/{id}")
  String show(
      @PathVariable Long id,
      @RequestParam(required = false) MixVolume.Size size,
      @RequestParam(defaultValue = "") String celsius,
      @RequestParam(defaultValue = "false") boolean sun,
      @RequestParam(defaultValue = "false") boolean soft,
      @RequestParam(defaultValue = "false") boolean weak,
      Model model) {
    return page(id, size, seen(celsius, sun, soft, weak, model), model);
  }

  private static VisitGround.Seen seen(
      String celsius, boolean sun, boolean soft, boolean weak, Model model) {
    Double degrees = null;
    if (!celsius.isBlank()) {
      degrees = degrees(celsius).orElse(null);
      if (degrees == null) {
        model.addAttribute("seenProblem", "A temperature between −30 and 60 °C, please.");
      }
    }
    model.addAttribute("typedCelsius", celsius);
    return new VisitGround.Seen(degrees, sun, soft, weak);
  }

  private static Optional<Double> degrees(String text) {
    return Typed.decimal(text).filter(d -> d >= COLDEST && d <= WARMEST);
  }

  private String page(Long id, MixVolume.Size size, VisitGround.Seen seen, Model model) {
    model.addAttribute("v", visits.show(id, size, seen).orElseThrow(Web::missing));
    model.addAttribute("sizes", MixVolume.Size.values());
    return "treatment/visit";
  }

  @PostMapping("/visits/{id}")
  String answer(
      @PathVariable Long id,
      @RequestParam boolean done,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam(required = false) String from,
      @RequestParam(defaultValue = "") String celsius,
      @RequestParam(defaultValue = "false") boolean sun,
      @RequestParam(defaultValue = "false") boolean soft,
      @RequestParam(defaultValue = "false") boolean weak,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    Long kase = courses.caseOf(id).orElseThrow(Web::missing);
    VisitGround.Seen seen = seen(celsius, sun, soft, weak, model);
    if (reason.length() > 250) {
      return refused(
          id, seen, reason.substring(0, 250), "At most 250 characters.", response, model);
    }
    try {
      Optional<Entry> entry = done ? visits.done(id, reason, seen) : visits.skip(id, reason);
      entry.ifPresentOrElse(
          said -> answered.say(said, flash),
          () -> flash.addFlashAttribute("said", "That visit was answered already."));
    } catch (VisitService.Blocked e) {
      return refused(id, seen, reason, e.getMessage(), response, model);
    } catch (IllegalStateException e) {
      flash.addFlashAttribute("said", e.getMessage());
    }
    return "course".equals(from) ? "redirect:/cases/" + kase + "/treatment" : "redirect:/today";
  }

  /** The visits that go together are done, but for some plants. */
  @PostMapping("/visits/{id}/all")
  String all(
      @PathVariable Long id,
      @RequestParam(name = "plants", defaultValue = "") List<Long> on,
      @RequestParam(defaultValue = "") List<Long> but,
      @RequestParam(defaultValue = "") String reason,
      @RequestParam(required = false) String from,
      @RequestParam(defaultValue = "") String celsius,
      @RequestParam(defaultValue = "false") boolean sun,
      @RequestParam(defaultValue = "false") boolean soft,
      @RequestParam(defaultValue = "false") boolean weak,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    Long kase = courses.caseOf(id).orElseThrow(Web::missing);
    VisitGround.Seen seen = seen(celsius, sun, soft, weak, model);
    String why = reason.length() > 250 ? reason.substring(0, 250) : reason;
    try {
      List<Entry> entries = visits.doneTogether(id, on, but, why, seen);
      answered.sayAll(entries, WORDS.say("treated-together", entries.size()), flash);
    } catch (VisitService.Blocked e) {
      return refused(id, seen, why, e.getMessage(), response, model);
    } catch (IllegalStateException e) {
      flash.addFlashAttribute("said", e.getMessage());
    }
    return "course".equals(from) ? "redirect:/cases/" + kase + "/treatment" : "redirect:/today";
  }

  private String refused(
      Long id,
      VisitGround.Seen seen,
      String reason,
      String problem,
      HttpServletResponse response,
      Model model) {
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("problem", problem);
    model.addAttribute("typedReason", reason);
    return page(id, null, seen, model);
  }

  @PostMapping("/visits/{id}/mix")
  String mix(
      @PathVariable Long id,
      @RequestParam String means,
      @RequestParam(required = false) MixVolume.Size size,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    courses.caseOf(id).orElseThrow(Web::missing);
    try {
      visits
          .mix(id, means, size)
          .ifPresentOrElse(
              mixed -> flash.addFlashAttribute("mixed", mixed),
              () -> flash.addFlashAttribute("said", "There is no labelled bottle for it."));
      return "redirect:/visits/" + id;
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("mixProblem", e.getMessage());
      return page(id, size, VisitGround.Seen.NOTHING, model);
    }
  }

  @PostMapping("/plants/{id}/patch-tests")
  String beginPatch(
      @PathVariable Long id,
      @RequestParam String means,
      @RequestParam(required = false) Long visit,
      @RequestParam(name = "case", required = false) Long ofCase,
      RedirectAttributes flash) {
    try {
      answered.say(patches.begin(id, means).orElseThrow(Web::missing), flash);
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("said", e.getMessage());
    }
    if (ofCase != null) {
      return "redirect:/cases/" + ofCase + "/treatment";
    }
    return visit == null || courses.caseOf(visit).isEmpty()
        ? "redirect:/plants/" + id
        : "redirect:/visits/" + visit;
  }

  /** The same from the round. */
  @PostMapping("/patch-tests/on/{plant}")
  String beginPatchOnTheRound(
      @PathVariable Long plant, @RequestParam String means, RedirectAttributes flash) {
    try {
      answered.say(patches.begin(plant, means).orElseThrow(Web::missing), flash);
    } catch (IllegalArgumentException e) {
      throw Web.badRequest(e.getMessage());
    }
    return "redirect:/today";
  }

  @PostMapping("/patch-tests/{id}")
  String readPatch(@PathVariable Long id, @RequestParam boolean clean, RedirectAttributes flash) {
    answered.say(patches.read(id, clean).orElseThrow(Web::missing), flash);
    return "redirect:/today";
  }
}
