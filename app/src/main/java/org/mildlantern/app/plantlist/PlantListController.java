package org.mildlantern.app.plantlist;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.plant.Group;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The list of plants and what is done to many of them at once. */
@Controller
class PlantListController {
  private static final Words WORDS = Words.of(PlantListController.class);

  private static final int PAGE = 50;

  private static final int LONGEST_NAME = 60;

  private final PlantFinder finder;
  private final ManyPlants many;
  private final PlantService plants;
  private final PlaceService places;
  private final SavedViewRepository views;

  PlantListController(
      PlantFinder finder,
      ManyPlants many,
      PlantService plants,
      PlaceService places,
      SavedViewRepository views) {
    this.finder = finder;
    this.many = many;
    this.plants = plants;
    this.places = places;
    this.views = views;
  }

  @Kept
  @GetMapping("/plants")
  String list(
      @ModelAttribute("query") PlantQuery query,
      @RequestParam(required = false) Integer page,
      @RequestParam(required = false) Integer away,
      Model model) {
    PlaceView only =
        query.place() == null ? null : places.find(query.place()).orElseThrow(Web::missing);
    List<PlantFinder.Row> rows = finder.find(query);
    List<PlantView> kept = plants.byName();
    model.addAttribute("kept", kept.size());
    model.addAttribute("only", only);
    model.addAttribute("places", places.all());
    model.addAttribute("rows", Paged.of(rows, page, PAGE));
    model.addAttribute("archived", Paged.of(plants.archived(), away, PAGE));
    model.addAttribute("views", views.byName());
    model.addAttribute("groups", Group.values());
    model.addAttribute("lamps", Lamp.values());
    model.addAttribute("dues", PlantQuery.Due.values());
    model.addAttribute("orders", PlantQuery.Order.values());
    model.addAttribute("genera", genera(kept));
    model.addAttribute("ways", ways(kept));
    model.addAttribute("hints", NoteKind.hints());
    model.addAttribute("most", ManyPlants.MOST);
    return "plantlist/page";
  }

  private static TreeSet<String> genera(List<PlantView> kept) {
    return kept.stream()
        .filter(plant -> plant.kind().taxon().isPresent())
        .map(PlantFinder::genus)
        .collect(Collectors.toCollection(TreeSet::new));
  }

  private static Map<String, String> ways(List<PlantView> kept) {
    return kept.stream()
        .map(plant -> plant.kind().way())
        .collect(Collectors.toMap(Way::id, Way::label, (one, same) -> one, java.util.TreeMap::new));
  }

  @PostMapping("/plants/many")
  String many(
      @ModelAttribute("query") PlantQuery query,
      @RequestParam(required = false) List<Long> plant,
      @RequestParam(defaultValue = "false") boolean all,
      @RequestParam ManyPlants.Act act,
      @RequestParam(defaultValue = "") String line,
      @RequestParam(defaultValue = "") String day,
      @RequestParam(required = false) Long to,
      HttpServletResponse response,
      RedirectAttributes flash) {
    List<Long> ids =
        all
            ? finder.find(query).stream().map(row -> row.plant().id()).toList()
            : plant == null ? List.of() : plant.stream().distinct().toList();
    String back = "redirect:/plants" + (query.text().isEmpty() ? "" : "?" + query.text());
    try {
      if (act == ManyPlants.Act.LABELS || act == ManyPlants.Act.TREAT) {
        ManyPlants.check(ids);
        return (act == ManyPlants.Act.LABELS
                ? "redirect:/plants/labels?plant="
                : "redirect:/treatments/for?plant=")
            + ids.stream().map(String::valueOf).collect(Collectors.joining(","));
      }
      flash.addFlashAttribute("done", many.take(act, ids, line, Days.typed(day), to));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("fault", e.getMessage());
      flash.addFlashAttribute("chosen", all ? List.of() : ids);
      flash.addFlashAttribute("line", line);
      flash.addFlashAttribute("day", day);
      response.setHeader(Web.REFUSED, "1");
    }
    return back;
  }

  @PostMapping("/plants/many/undo")
  String undo(
      @RequestParam(defaultValue = "") List<Long> entry,
      @RequestParam(defaultValue = "") List<Long> plant,
      RedirectAttributes flash) {
    flash.addFlashAttribute("said", WORDS.say("undone", many.undo(entry, plant)));
    return "redirect:/plants";
  }

  @PostMapping("/plants/views")
  String keep(
      @ModelAttribute("query") PlantQuery query,
      @RequestParam(defaultValue = "") String name,
      RedirectAttributes flash) {
    String plain = name.strip();
    if (plain.isEmpty() || plain.length() > LONGEST_NAME) {
      flash.addFlashAttribute("fault", WORDS.say("name", LONGEST_NAME));
    } else {
      SavedView view = views.named(plain).orElseGet(() -> new SavedView(plain));
      view.look(query.text());
      views.save(view);
      flash.addFlashAttribute("said", WORDS.say("view-kept", plain));
    }
    return "redirect:/plants" + (query.text().isEmpty() ? "" : "?" + query.text());
  }

  @PostMapping("/plants/views/{id}/remove")
  String remove(@PathVariable Long id, RedirectAttributes flash) {
    SavedView view = views.byId(id).orElseThrow(Web::missing);
    views.delete(view);
    flash.addFlashAttribute("said", WORDS.say("view-removed", view.name()));
    return "redirect:/plants";
  }
}
