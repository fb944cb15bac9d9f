package org.mildlantern.app.raising;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
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
    List<RaisingService.Batch> all = raised.all();
    model.addAttribute(
        "batches", all.stream().map(batch -> views.view(batch, views.parents(all))).toList());
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
    if (!errors.hasErrors()) {
      try {
        RaisingService.Batch batch = raised.begin(form);
        flash.addFlashAttribute("said", WORDS.say("begun", "B" + batch.row().number()));
        return "redirect:/raising/" + batch.row().id();
      } catch (RaisingService.FieldFault e) {
        errors.rejectValue(e.field(), "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return list(model);
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
    if (!errors.hasErrors()) {
      try {
        raised.count(id, form).orElseThrow(Web::missing);
        flash.addFlashAttribute("said", WORDS.say("counted"));
        return "redirect:/raising/" + id;
      } catch (RaisingService.FieldFault e) {
        errors.rejectValue(e.field(), "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(id, model);
  }

  @PostMapping("/raising/{id}/take-back")
  String takeBack(@PathVariable Long id, RedirectAttributes flash) {
    raised.find(id).orElseThrow(Web::missing);
    if (raised.takeBack(id)) {
      flash.addFlashAttribute("said", WORDS.say("taken-back"));
    }
    return "redirect:/raising/" + id;
  }

  @PostMapping("/raising/{id}/plants")
  String make(
      @PathVariable Long id,
      @Valid @ModelAttribute("newPlantsForm") NewPlantsForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (!errors.hasErrors()) {
      try {
        int made = raised.make(id, form).orElseThrow(Web::missing);
        flash.addFlashAttribute("said", WORDS.say("made", made));
        return "redirect:/raising/" + id;
      } catch (RaisingService.FieldFault e) {
        errors.rejectValue(e.field(), "fits", e.getMessage());
      } catch (PlantService.FieldFault e) {
        errors.rejectValue(
            e.field().equals("placeId") ? "place" : "number", "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(id, model);
  }

  @PostMapping("/raising/{id}/close")
  String close(@PathVariable Long id, @RequestParam boolean closed, RedirectAttributes flash) {
    RaisingService.Batch batch = raised.close(id, closed).orElseThrow(Web::missing);
    flash.addFlashAttribute(
        "said", WORDS.say(closed ? "closed" : "opened", "B" + batch.row().number()));
    return "redirect:/raising/" + id;
  }

  @GetMapping("/raising/{id}/labels")
  String labels(@PathVariable Long id, @RequestParam(defaultValue = "0") int number, Model model) {
    BatchView view = views.whole(raised.find(id).orElseThrow(Web::missing));
    int living = view.counts().taken() - view.counts().lost();
    int some = number > 0 ? number : living;
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
      boolean juicy = kind.way().isOneOf(List.of("dry-store", "forest-cactus", "storage"));
      answers.add(WORDS.say("callus", Ready.callusDays(form.mm(), juicy)));
    }
    return answers;
  }
}
