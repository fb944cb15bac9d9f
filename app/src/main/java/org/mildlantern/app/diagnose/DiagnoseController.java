package org.mildlantern.app.diagnose;

import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The diagnose page: every click updates the whole panel in place. */
@Controller
class DiagnoseController {
  private static final int LONGEST_DETAIL = 1000;

  private static final Map<String, Boolean> STATES = Map.of("present", true, "absent", false);

  private final DiagnoseService diagnose;
  private final DiagnosePresenter presenter;
  private final WaitingTestService tests;
  private final PlantService plants;
  private final Figures figures;
  private final CollectionMemo memo;

  DiagnoseController(
      DiagnoseService diagnose,
      DiagnosePresenter presenter,
      WaitingTestService tests,
      PlantService plants,
      Figures figures,
      CollectionMemo memo) {
    this.memo = memo;
    this.diagnose = diagnose;
    this.presenter = presenter;
    this.tests = tests;
    this.plants = plants;
    this.figures = figures;
  }

  @Kept
  @GetMapping("/plants/{id}/diagnose")
  String show(
      @PathVariable Long id, @RequestParam(required = false) String part, Htmx htmx, Model model) {
    DiagnoseView view =
        memo.lately("diagnose " + id + " " + part, () -> diagnose.state(id).map(s -> view(s, part)))
            .orElseThrow(Web::missing);
    return panel(view, htmx, model);
  }

  @PostMapping("/plants/{id}/diagnose/mark")
  String mark(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String node,
      @RequestParam(defaultValue = "") String state,
      @RequestParam(defaultValue = "") String mark,
      @RequestParam(required = false) String part,
      Htmx htmx,
      Model model) {
    int blank = mark.indexOf(' ');
    String sign = blank < 0 ? node : mark.substring(blank + 1);
    Boolean there = STATES.get(blank < 0 ? state : mark.substring(0, blank));
    return changed(() -> diagnose.mark(id, sign, there), id, part, htmx, model);
  }

  @PostMapping("/plants/{id}/diagnose/record")
  String record(
      @PathVariable Long id,
      @RequestParam String condition,
      @RequestParam boolean counts,
      @RequestParam(required = false) String part,
      Htmx htmx,
      Model model) {
    return changed(() -> diagnose.overrule(id, condition, counts), id, part, htmx, model);
  }

  @PostMapping("/plants/{id}/diagnose/note")
  String note(
      @PathVariable Long id,
      @RequestParam String node,
      @RequestParam(defaultValue = "") String detail,
      @RequestParam(required = false) String part,
      Htmx htmx,
      Model model) {
    if (detail.length() > LONGEST_DETAIL) {
      throw Web.badRequest("At most " + LONGEST_DETAIL + " characters.");
    }
    return changed(() -> diagnose.note(id, node, detail), id, part, htmx, model);
  }

  @PostMapping("/plants/{id}/tests")
  String begin(
      @PathVariable Long id,
      @RequestParam String check,
      @RequestParam String node,
      @RequestParam(required = false) String part,
      Htmx htmx,
      Model model) {
    return changed(
        () -> tests.begin(id, check, node).flatMap(begun -> diagnose.state(id)),
        id,
        part,
        htmx,
        model);
  }

  @PostMapping("/plants/{id}/diagnose/save")
  String save(@PathVariable Long id, RedirectAttributes flash) {
    plants.find(id).orElseThrow(Web::missing);
    flash.addFlashAttribute(
        "said", diagnose.finish(id).isPresent() ? "Findings saved." : "Nothing was marked yet.");
    return "redirect:/plants/" + id;
  }

  @PostMapping("/plants/{id}/diagnose/discard")
  String discard(@PathVariable Long id) {
    plants.find(id).orElseThrow(Web::missing);
    diagnose.discard(id);
    return "redirect:/plants/" + id + "/diagnose";
  }

  /** Makes a change to the look and shows where it stands now. */
  private String changed(
      Supplier<Optional<LookState>> change, Long id, String part, Htmx htmx, Model model) {
    LookState now;
    try {
      now = change.get().orElseThrow(Web::missing);
    } catch (IllegalArgumentException e) {
      throw new ResponseStatusException(HttpStatus.BAD_REQUEST, e.getMessage());
    }
    return !htmx.on() ? back(id, part) : panel(view(now, part), htmx, model);
  }

  private DiagnoseView view(LookState state, String part) {
    return presenter.show(state, tests.openOn(state.plant().id()), part);
  }

  private String panel(DiagnoseView view, Htmx htmx, Model model) {
    model.addAttribute("view", view);
    if (!htmx.on()) {
      model.addAttribute("swatches", figures.swatches(view.subject().plant().form()));
    }
    return htmx.page("diagnose/page", "panel");
  }

  private static String back(Long id, String part) {
    return "redirect:/plants/" + id + "/diagnose" + (part == null ? "" : "?part=" + part);
  }
}
