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

  /** Most plants to which one thing is done at once. */
  static final int MOST = 500;

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
    model.addAttribute("most", MOST);
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

  /** What is done to many; some are lines of the log. */
  enum Act {
    NOTE(""),
    WATERED("watered"),
    FED("fed"),
    REPOTTED("repotted"),
    LOOKED("looked, nothing new"),
    MOVE(""),
    ARCHIVE(""),
    LABELS("");

    private final String line;

    Act(String line) {
      this.line = line;
    }
  }

  @PostMapping("/plants/many")
  String many(
      @ModelAttribute("query") PlantQuery query,
      @RequestParam(required = false) List<Long> plant,
      @RequestParam(defaultValue = "false") boolean all,
      @RequestParam Act act,
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
      if (ids.isEmpty()) {
        throw new IllegalArgumentException(WORDS.say("none"));
      }
      if (ids.size() > MOST) {
        throw new IllegalArgumentException(WORDS.say("too-many", MOST));
      }
      if (act == Act.LABELS) {
        return "redirect:/plants/labels?"
            + ids.stream().map(id -> "plant=" + id).collect(Collectors.joining("&"));
      }
      flash.addFlashAttribute("done", done(act, ids, line, day, to));
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("fault", e.getMessage());
      flash.addFlashAttribute("chosen", all ? List.of() : ids);
      flash.addFlashAttribute("line", line);
      flash.addFlashAttribute("day", day);
      response.setHeader(Web.REFUSED, "1");
    }
    return back;
  }

  private Done done(Act act, List<Long> ids, String line, String day, Long to) {
    return switch (act) {
      case MOVE -> {
        PlaceView place =
            places.find(to).orElseThrow(() -> new IllegalArgumentException(WORDS.say("where")));
        List<Long> moved = many.move(ids, place.id());
        yield new Done(WORDS.say("moved", moved.size(), place.name()), moved, null);
      }
      case ARCHIVE -> new Done(WORDS.say("archived", many.archive(ids, true).size()), null, ids);
      default -> {
        String said = act == Act.NOTE ? line.strip() : act.line;
        List<Long> written = many.note(ids, said, Days.typed(day));
        yield new Done(WORDS.say("noted", written.size(), said), written, null);
      }
    };
  }

  @PostMapping("/plants/many/undo")
  String undo(
      @RequestParam(required = false) List<Long> entry,
      @RequestParam(required = false) List<Long> plant,
      RedirectAttributes flash) {
    int undone = entry == null ? 0 : many.undo(entry);
    undone += plant == null ? 0 : many.archive(plant, false).size();
    flash.addFlashAttribute("said", WORDS.say("undone", undone));
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
