package org.mildlantern.app.plants;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Stream;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Meanwhile;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.NameChoice;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Toxicity;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
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
import org.springframework.web.server.ResponseStatusException;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Adding, editing, walking and archiving plants. */
@Controller
class PlantController {
  /** Plants on a page of the walk. */
  private static final int WALK = 150;

  private static final Words WORDS = Words.of(PlantController.class);

  private final PlantService plants;
  private final PlaceService places;
  private final Knowledge knowledge;
  private final Builds builds;
  private final Figures figures;

  PlantController(
      PlantService plants,
      PlaceService places,
      Knowledge knowledge,
      Builds builds,
      Figures figures) {
    this.figures = figures;
    this.plants = plants;
    this.places = places;
    this.knowledge = knowledge;
    this.builds = builds;
  }

  /** What the selects of the plant form offer. */
  record Choices(
      List<PlaceView> places,
      Map<String, List<Builds.Build>> builds,
      Collection<Medium> media,
      List<String> names,
      OfPot pot,
      Stage[] stages) {
    /** What a pot can be. */
    record OfPot(
        PotShape.Kind[] shapes,
        PotMaterial[] materials,
        WaterGiven[] waters,
        Standing.Kind[] standings) {}

    public PotShape.Kind[] shapes() {
      return pot.shapes();
    }

    public PotMaterial[] materials() {
      return pot.materials();
    }

    public WaterGiven[] waters() {
      return pot.waters();
    }

    public Standing.Kind[] standings() {
      return pot.standings();
    }
  }

  private Choices choices() {
    return new Choices(
        places.all(),
        builds.byForm(),
        knowledge.media(),
        knowledge.taxa().stream()
            .flatMap(
                t -> Stream.of(List.of(t.name()), t.synonyms(), t.common()).flatMap(List::stream))
            .distinct()
            .sorted()
            .toList(),
        new Choices.OfPot(
            PotShape.Kind.values(),
            PotMaterial.values(),
            WaterGiven.values(),
            Standing.Kind.values()),
        Stage.values());
  }

  @GetMapping("/plants/walk")
  String walk(
      @RequestParam(required = false) Long place,
      @RequestParam(required = false) Integer page,
      Model model) {
    if (place == null) {
      return "redirect:/places";
    }
    model.addAttribute("place", places.find(place).orElseThrow(PlantController::missing));
    List<PlantView> here =
        plants.kept().stream().filter(p -> p.place().id().equals(place)).toList();
    model.addAttribute("plants", Paged.of(here, page, WALK));
    return "plants/walk";
  }

  @PostMapping("/plants/walk")
  String walk(
      @RequestParam Long place,
      @RequestParam(required = false) Long first,
      @RequestParam List<Long> order,
      @RequestParam(defaultValue = "1") int page) {
    if (!plants.walk(place, first, order)) {
      throw missing();
    }
    return "redirect:/plants/walk?place=" + place + (page == 1 ? "" : "&page=" + page);
  }

  @Kept
  @GetMapping("/plants/new")
  String add(@RequestParam(required = false) Long place, Model model) {
    List<PlaceView> all = places.all();
    if (all.isEmpty()) {
      return "redirect:/places/new";
    }
    Long first = places.find(place).map(PlaceView::id).orElse(all.get(0).id());
    model.addAttribute("plantForm", PlantForm.empty(first));
    model.addAttribute("nextCode", plants.nextCode());
    return edit(model);
  }

  @PostMapping("/plants/new")
  String add(
      @Valid @ModelAttribute("plantForm") PlantForm form,
      BindingResult errors,
      @RequestParam(required = false) String instead,
      Model model,
      RedirectAttributes flash,
      HttpServletResponse response) {
    if (!errors.hasErrors()) {
      try {
        PlantView added = plants.add(form.called(instead));
        List<String> said = said(added);
        if (!said.isEmpty()) {
          flash.addFlashAttribute("said", String.join(" ", said));
        }
        return "redirect:/plants/" + added.id();
      } catch (FieldFault e) {
        reject(e, form, errors, model);
      }
    }
    model.addAttribute("nextCode", plants.nextCode());
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return edit(model);
  }

  @Kept
  @GetMapping("/plants/{id}/edit")
  String edit(@PathVariable Long id, Model model) {
    PlantForm form = plants.form(id).orElseThrow(PlantController::missing);
    model.addAttribute("plantForm", form);
    model.addAttribute("plantId", id);
    Meanwhile.show(form, model);
    return edit(model);
  }

  @PostMapping("/plants/{id}/edit")
  String edit(
      @PathVariable Long id,
      @Valid @ModelAttribute("plantForm") PlantForm form,
      BindingResult errors,
      @RequestParam(required = false) String instead,
      @RequestParam(defaultValue = "") String opened,
      Model model,
      HttpServletResponse response) {
    model.addAttribute("opened", opened);
    PlantForm now = plants.form(id).orElseThrow(PlantController::missing);
    if (!errors.hasErrors() && Meanwhile.changed(opened, now, form, words(), model)) {
      model.addAttribute("plantId", id);
      response.setStatus(HttpStatus.CONFLICT.value());
      return edit(model);
    }
    if (!errors.hasErrors()) {
      try {
        plants.edit(id, form.called(instead)).orElseThrow(PlantController::missing);
        return "redirect:/plants/" + id;
      } catch (FieldFault e) {
        reject(e, form, errors, model);
      }
    }
    model.addAttribute("plantId", id);
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return edit(model);
  }

  private void reject(FieldFault fault, PlantForm form, BindingResult errors, Model model) {
    fault.at(errors);
    if (fault.field().equals("formId")) {
      List<NameChoice> like = knowledge.choicesLike(form.kind());
      model.addAttribute("like", like);
      model.addAttribute("likeFigures", figures.small(like));
    }
  }

  /** What the keeper should know at once of a plant that is new here. */
  private List<String> said(PlantView added) {
    List<String> said = new ArrayList<>();
    Taxon taxon = added.kind().taxon().orElse(null);
    if (taxon != null && !knowledge.isNamed(taxon, added.name())) {
      Optional<String> like =
          knowledge.namesLike(added.name()).stream()
              .filter(name -> !name.equals(taxon.name()))
              .findFirst();
      said.add(
          like.map(name -> WORDS.say("taken-as-or", added.name(), taxon.name(), name))
              .orElseGet(() -> WORDS.say("taken-as", added.name(), taxon.name())));
    }
    Optional.ofNullable(taxon)
        .map(knowledge::toxicity)
        .filter(Toxicity::harmful)
        .ifPresent(
            toxic ->
                said.add(WORDS.say("pets", added.name(), toxic.step().label(), toxic.words())));
    return said;
  }

  private Map<String, Function<Object, String>> words() {
    return Map.of(
        "placeId", id -> places.find((Long) id).map(PlaceView::name).orElse(""),
        "mediumId", id -> knowledge.media().find((String) id).map(Medium::label).orElse(""),
        "formId", id -> builds.find((String) id).map(Builds.Build::label).orElse(""));
  }

  private String edit(Model model) {
    model.addAttribute("choices", choices());
    return "plants/edit";
  }

  @PostMapping("/plants/{id}/archive")
  String archive(@PathVariable Long id, @RequestParam boolean away, RedirectAttributes flash) {
    PlantView plant = plants.archive(id, away).orElseThrow(PlantController::missing);
    flash.addFlashAttribute("said", WORDS.say(away ? "archived" : "back", plant.name()));
    return "redirect:/plants/" + id;
  }

  @PostMapping("/plants/{id}/remove")
  String remove(@PathVariable Long id, RedirectAttributes flash) {
    PlantView plant = plants.takeOutOne(id).orElseThrow(PlantController::missing);
    flash.addFlashAttribute("said", WORDS.say("removed", plant.name(), plant.code()));
    return "redirect:/plants";
  }

  static ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }
}
