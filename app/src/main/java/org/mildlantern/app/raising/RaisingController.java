package org.mildlantern.app.raising;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Raising;
import org.mildlantern.core.raising.Counts;
import org.mildlantern.core.raising.RaisingMethod;
import org.mildlantern.core.raising.RaisingWay;
import org.mildlantern.core.raising.Ready;
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

/** The pages of new plants. */
@Controller
class RaisingController {
  private static final Words WORDS = Words.of(RaisingController.class);

  private final RaisingService raised;
  private final BatchViews views;
  private final Takes takes;
  private final PlantService plants;
  private final PlaceService places;
  private final Raising raising;
  private final Pruning pruned;

  RaisingController(
      RaisingService raised,
      BatchViews views,
      Takes takes,
      PlantService plants,
      PlaceService places,
      Raising raising,
      Pruning pruned) {
    this.pruned = pruned;
    this.raised = raised;
    this.views = views;
    this.takes = takes;
    this.plants = plants;
    this.places = places;
    this.raising = raising;
  }

  /** A way with its label, to be picked. */
  record Pick(RaisingWay way, RaisingMethod method) {}

  @ModelAttribute("picks")
  List<Pick> picks() {
    return List.of(RaisingWay.values()).stream()
        .map(way -> new Pick(way, raising.method(way)))
        .toList();
  }

  @ModelAttribute("steps")
  Counts.Step[] steps() {
    return Counts.Step.values();
  }

  @ModelAttribute("places")
  List<PlaceView> places() {
    return places.all();
  }

  @Kept
  @GetMapping("/raising")
  String all(Model model) {
    model.addAttribute("batchForm", BatchForm.empty(null, null));
    return list(model);
  }

  private String list(Model model) {
    model.addAttribute("batches", raised.all().stream().map(views::view).toList());
    model.addAttribute("plants", plants.byName());
    return "raising/page";
  }

  @PostMapping("/raising")
  String begin(
      @Valid @ModelAttribute("batchForm") BatchForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Optional<Long> begun =
        tried(
            errors,
            response,
            () -> {
              RaisingService.Batch batch = raised.begin(form);
              flash.addFlashAttribute("said", WORDS.say("begun", "B" + batch.row().number()));
              return batch.row().id();
            });
    return begun.map(RaisingController::to).orElseGet(() -> list(model));
  }

  private static String to(Long id) {
    return "redirect:/raising/" + id;
  }

  /** Does it unless a field is wrong; empty, with the fault at its field, where it cannot be. */
  private static <T> Optional<T> tried(
      BindingResult errors, HttpServletResponse response, Supplier<T> work) {
    if (!errors.hasErrors()) {
      try {
        return Optional.of(work.get());
      } catch (FieldFault e) {
        e.at(errors);
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return Optional.empty();
  }

  @GetMapping("/raising/{id}")
  String one(@PathVariable Long id, Model model) {
    return page(id, model);
  }

  private String page(Long id, Model model) {
    RaisingService.Batch batch = raised.find(id).orElseThrow(Web::missing);
    model.addAttribute("view", views.whole(batch));
    if (!model.containsAttribute("countForm")) {
      model.addAttribute("countForm", new CountForm(null, null, null));
    }
    if (!model.containsAttribute("newPlantsForm")) {
      model.addAttribute("newPlantsForm", new NewPlantsForm(null, null, null));
    }
    return "raising/batch";
  }

  @PostMapping("/raising/{id}/counts")
  String count(
      @PathVariable Long id,
      @Valid @ModelAttribute("countForm") CountForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (tried(errors, response, () -> raised.count(id, form).orElseThrow(Web::missing)).isEmpty()) {
      return page(id, model);
    }
    flash.addFlashAttribute("said", WORDS.say("counted"));
    return to(id);
  }

  @PostMapping("/raising/{id}/take-back")
  String takeBack(@PathVariable Long id, RedirectAttributes flash) {
    raised.find(id).orElseThrow(Web::missing);
    if (raised.takeBack(id)) {
      flash.addFlashAttribute("said", WORDS.say("taken-back"));
    }
    return to(id);
  }

  @PostMapping("/raising/{id}/plants")
  String make(
      @PathVariable Long id,
      @Valid @ModelAttribute("newPlantsForm") NewPlantsForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    Optional<Integer> made =
        tried(errors, response, () -> raised.make(id, form).orElseThrow(Web::missing));
    if (made.isEmpty()) {
      return page(id, model);
    }
    flash.addFlashAttribute("said", WORDS.say("made", made.get()));
    return to(id);
  }

  @PostMapping("/raising/{id}/close")
  String close(@PathVariable Long id, @RequestParam boolean closed, RedirectAttributes flash) {
    RaisingService.Batch batch = raised.close(id, closed).orElseThrow(Web::missing);
    flash.addFlashAttribute(
        "said", WORDS.say(closed ? "closed" : "opened", "B" + batch.row().number()));
    return to(id);
  }

  @GetMapping("/raising/{id}/labels")
  String labels(@PathVariable Long id, @RequestParam(defaultValue = "0") int number, Model model) {
    BatchView view = views.whole(raised.find(id).orElseThrow(Web::missing));
    int some = number > 0 ? number : view.counts().living();
    model.addAttribute("view", view);
    model.addAttribute("number", Math.min(200, Math.max(1, some)));
    return "raising/labels";
  }

  @GetMapping("/plants/{id}/raising")
  String ofPlant(@PathVariable Long id, Model model) {
    model.addAttribute("readyForm", ReadyForm.empty());
    return ofPlant(id, ReadyForm.empty(), model);
  }

  @GetMapping("/plants/{id}/raising/ready")
  String ready(
      @PathVariable Long id,
      @Valid @ModelAttribute("readyForm") ReadyForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response) {
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return ofPlant(id, ReadyForm.empty(), model);
    }
    return ofPlant(id, form, model);
  }

  private String ofPlant(Long id, ReadyForm form, Model model) {
    PlantView plant = plants.find(id).orElseThrow(Web::missing);
    model.addAttribute("plant", plant);
    model.addAttribute("ways", takes.ways(plant.kind()));
    model.addAttribute("no", takes.no(plant.kind()));
    model.addAttribute("pruning", pruned.of(plant));
    model.addAttribute("answers", answers(plant.kind(), form));
    model.addAttribute("family", views.family(plant));
    model.addAttribute("batchForm", BatchForm.empty(id, null));
    return "raising/plant";
  }

  private static List<String> answers(Kind kind, ReadyForm form) {
    List<String> answers = new ArrayList<>();
    if (form.offset() != null && form.mother() != null) {
      boolean rooted = form.roots() != null && form.roots() > 0;
      answers.add(
          WORDS.say("offset-words", Ready.offset(form.offset(), form.mother(), rooted).words()));
    }
    if (form.roots() != null && form.rootCm() != null && form.offset() == null) {
      answers.add(WORDS.say("keiki-words", Ready.keiki(form.roots(), form.rootCm()).words()));
    }
    if (form.growths() != null && form.leads() != null) {
      answers.add(
          WORDS.say("division-words", Ready.division(form.growths(), form.leads()).words()));
    }
    if (form.mm() != null) {
      answers.add(WORDS.say("callus", Ready.callusDays(form.mm(), kind.way())));
    }
    return answers;
  }
}
