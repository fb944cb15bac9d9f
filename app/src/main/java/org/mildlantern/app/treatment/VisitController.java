package org.mildlantern.app.treatment;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import java.util.OptionalDouble;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.words.Units;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
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
  private static final int LONGEST_REASON = 250;

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

  /** What the keeper says of the day, as it was typed. */
  record Said(String celsius, Boolean sun, Boolean soft, Boolean weak) {
    VisitGround.Seen seen() {
      Double degrees = celsius == null ? null : degrees(celsius).orElse(null);
      return new VisitGround.Seen(degrees, yes(sun), yes(soft), yes(weak));
    }

    private static boolean yes(Boolean said) {
      return Boolean.TRUE.equals(said);
    }
  }

  @GetMapping("/visits/{id}")
  String show(
      @PathVariable Long id,
      @RequestParam(required = false) MixVolume.Size size,
      @ModelAttribute("saw") Said said,
      Model model) {
    return page(id, size, said, model);
  }

  private static Optional<Double> degrees(String text) {
    OptionalDouble read = Scope.units().read(Units.Measure.WARMTH, text);
    return read.isPresent() && read.getAsDouble() >= COLDEST && read.getAsDouble() <= WARMEST
        ? Optional.of(read.getAsDouble())
        : Optional.empty();
  }

  private String page(Long id, MixVolume.Size size, Said said, Model model) {
    if (said.celsius() != null && !said.celsius().isBlank() && said.seen().celsius() == null) {
      model.addAttribute("seenProblem", "A temperature between −30 and 60 °C, please.");
    }
    model.addAttribute("typedCelsius", said.celsius());
    model.addAttribute("v", visits.show(id, size, said.seen()).orElseThrow(Web::missing));
    model.addAttribute("sizes", MixVolume.Size.values());
    return "treatment/visit";
  }

  /** What is answered to a visit. */
  record Answer(String reason, String from) {
    String why() {
      return reason == null ? "" : reason;
    }
  }

  @PostMapping("/visits/{id}")
  String answer(
      @PathVariable Long id,
      @RequestParam boolean done,
      @ModelAttribute("answer") Answer answer,
      @ModelAttribute("saw") Said said,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    return take(
        id,
        answer,
        said,
        () ->
            (done ? visits.done(id, answer.why(), said.seen()) : visits.skip(id, answer.why()))
                .ifPresentOrElse(
                    entry -> answered.say(entry, flash),
                    () -> flash.addFlashAttribute("said", "That visit was answered already.")),
        new To(response, flash, model));
  }

  /** The visits that go together are done, but for some plants. */
  @PostMapping("/visits/{id}/all")
  String all(
      @PathVariable Long id,
      @RequestParam(name = "plants", defaultValue = "") List<Long> on,
      @RequestParam(defaultValue = "") List<Long> but,
      @ModelAttribute("answer") Answer answer,
      @ModelAttribute("saw") Said said,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    return take(
        id,
        answer,
        said,
        () -> {
          List<Entry> entries = visits.doneTogether(id, on, but, answer.why(), said.seen());
          answered.sayAll(entries, WORDS.say("treated-together", entries.size()), flash);
        },
        new To(response, flash, model));
  }

  /** Where what comes of an answer is told. */
  private record To(HttpServletResponse response, RedirectAttributes flash, Model model) {}

  private String take(Long id, Answer answer, Said said, Runnable act, To to) {
    Long kase = courses.caseOf(id).orElseThrow(Web::missing);
    String why = answer.why();
    if (why.length() > LONGEST_REASON) {
      return refused(
          id, said, why.substring(0, LONGEST_REASON), WORDS.say("long", LONGEST_REASON), to);
    }
    try {
      act.run();
    } catch (VisitService.Blocked e) {
      return refused(id, said, why, e.getMessage(), to);
    } catch (IllegalStateException e) {
      to.flash.addFlashAttribute("said", e.getMessage());
    }
    return "course".equals(answer.from())
        ? "redirect:/cases/" + kase + "/treatment"
        : "redirect:/today";
  }

  private String refused(Long id, Said said, String reason, String problem, To to) {
    to.response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    to.model.addAttribute("problem", problem);
    to.model.addAttribute("typedReason", reason);
    return page(id, null, said, to.model);
  }

  @PostMapping("/visits/{id}/mix")
  String mix(
      @PathVariable Long id,
      @RequestParam String means,
      @RequestParam(required = false) MixVolume.Size size,
      @ModelAttribute("saw") Said said,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    courses.caseOf(id).orElseThrow(Web::missing);
    try {
      visits
          .mix(id, means, size, said.seen())
          .ifPresentOrElse(
              mixed -> flash.addFlashAttribute("mixed", mixed),
              () -> flash.addFlashAttribute("said", "There is no labelled bottle for it."));
      return "redirect:/visits/" + id;
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("mixProblem", e.getMessage());
      return page(id, size, said, model);
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
