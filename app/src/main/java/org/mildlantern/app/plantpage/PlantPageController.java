package org.mildlantern.app.plantpage;

import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.figure.Mark;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.treatment.QuarantineService;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.app.watering.WateringView;
import org.mildlantern.core.journal.QuickEntry;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** Shows a plant and takes quick lines, moves and corrections. */
@Controller
class PlantPageController {
  private static final int TIMELINE = 40;
  private static final int PHOTOS = 3;

  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final DiagnoseService diagnose;
  private final CaseService cases;
  private final WateringService watering;
  private final PhotoService photos;
  private final QuarantineService quarantines;
  private final Figures figures;

  PlantPageController(
      PlantService plants,
      PlaceService places,
      JournalService journal,
      DiagnoseService diagnose,
      CaseService cases,
      WateringService watering,
      PhotoService photos,
      QuarantineService quarantines,
      Figures figures) {
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.diagnose = diagnose;
    this.cases = cases;
    this.watering = watering;
    this.photos = photos;
    this.quarantines = quarantines;
    this.figures = figures;
  }

  @GetMapping("/plants/{id}")
  String show(@PathVariable Long id, Model model) {
    return page(id, model);
  }

  @PostMapping("/plants/{id}/entries")
  String quick(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String line,
      @RequestParam(defaultValue = "") String reason,
      @RequestHeader(name = "HX-Request", required = false) String htmx,
      HttpServletResponse response,
      Model model) {
    PlantView plant = plants.find(id).orElseThrow(PlantPageController::missing);
    try {
      if (blockedByWindow(id, line, reason, model)) {
        model.addAttribute("line", line);
      } else {
        Entry entry = plants.quick(id, line).orElseThrow(PlantPageController::missing);
        if (entry.kind().changesCare() && !reason.isBlank()) {
          cases.confound(id, entry.text() + ": " + reason.strip());
        }
        if (htmx == null) {
          return "redirect:/plants/" + plant.id();
        }
        model.addAttribute("just", entry);
      }
    } catch (IllegalArgumentException e) {
      model.addAttribute("line", line);
      model.addAttribute("lineProblem", e.getMessage());
      if (htmx == null) {
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      }
    }
    return page(id, model) + (htmx == null ? "" : " :: log");
  }

  /** A change of care inside a change's window needs a reason first. */
  private boolean blockedByWindow(Long id, String line, String reason, Model model) {
    List<String> names = places.all().stream().map(PlaceView::name).toList();
    if (!reason.isBlank() || !QuickEntry.read(line, names).kind().changesCare()) {
      return false;
    }
    Optional<CaseView.Step> window = cases.openWindow(id);
    window.ifPresent(step -> model.addAttribute("window", step));
    return window.isPresent();
  }

  @PostMapping("/entries/{id}/correct")
  String correct(@PathVariable Long id, @RequestParam(defaultValue = "") String text) {
    String clean = text.strip();
    if (clean.isEmpty() || clean.length() > 1000) {
      throw new ResponseStatusException(
          HttpStatus.BAD_REQUEST, "Between 1 and 1000 characters, please.");
    }
    Entry entry = journal.correct(id, clean).orElseThrow(PlantPageController::missing);
    return "redirect:/plants/" + entry.plantId();
  }

  private String page(Long id, Model model) {
    PlantView plant = plants.find(id).orElseThrow(PlantPageController::missing);
    List<Mark> marks = diagnose.marked(id).stream().map(Mark::new).toList();
    List<Entry> timeline = journal.timeline(id, TIMELINE);
    model.addAttribute("plant", plant);
    model.addAttribute(
        "figure", figures.draw(plant.form(), marks, null, plant.appearance()).orElse(null));
    model.addAttribute("swatches", figures.swatches());
    model.addAttribute("signs", marks.stream().map(m -> m.node().label()).toList());
    model.addAttribute("timeline", timeline);
    model.addAttribute("kase", cases.openOf(id).orElse(null));
    WateringView water = watering.view(plant);
    model.addAttribute("water", water);
    model.addAttribute("paceReasons", diagnose.paceReasons(plant, water.paceChange()).orElse(null));
    model.addAttribute("photos", photos.of(id).stream().limit(PHOTOS).toList());
    model.addAttribute("quarantine", quarantines.of(plant).orElse(null));
    model.addAttribute("places", places.all());
    return "plantpage/page";
  }

  private static ResponseStatusException missing() {
    return new ResponseStatusException(HttpStatus.NOT_FOUND);
  }
}
