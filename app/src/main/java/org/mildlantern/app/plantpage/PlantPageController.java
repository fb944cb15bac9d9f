package org.mildlantern.app.plantpage;

import jakarta.servlet.http.HttpServletResponse;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.figure.Mark;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.journal.LogPage;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.QuickLine;
import org.mildlantern.core.journal.Remark;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reader;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Shows a plant and takes quick lines, moves and corrections. */
@Controller
class PlantPageController {
  /** Rows of the day book on a page. */
  private static final int LOG = 30;

  private static final int MOST_LOG = 10_000;
  private static final int LONGEST_TEXT = 1000;

  private final PlantService plants;
  private final PlaceService places;
  private final JournalService journal;
  private final DiagnoseService diagnose;
  private final CaseService cases;
  private final PlantNotes notes;
  private final List<PlantSection> sections;
  private final Scope scope;
  private final Figures figures;
  private final CollectionMemo memo;
  private final Knowledge knowledge;
  private final Reader reader;

  PlantPageController(
      PlantService plants,
      PlaceService places,
      JournalService journal,
      DiagnoseService diagnose,
      CaseService cases,
      PlantNotes notes,
      List<PlantSection> sections,
      Scope scope,
      Figures figures,
      CollectionMemo memo,
      Knowledge knowledge,
      Reader reader) {
    this.reader = reader;
    this.knowledge = knowledge;
    this.memo = memo;
    this.plants = plants;
    this.places = places;
    this.journal = journal;
    this.diagnose = diagnose;
    this.cases = cases;
    this.notes = notes;
    this.sections = sections;
    this.scope = scope;
    this.figures = figures;
  }

  @Kept
  @GetMapping("/plants/{id}")
  String show(@PathVariable Long id, @RequestParam(defaultValue = "1") int log, Model model) {
    model.addAttribute("log", Math.max(1, Math.min(log, MOST_LOG)));
    return page(id, model);
  }

  @PostMapping("/plants/{id}/entries")
  String quick(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String line,
      @RequestParam(defaultValue = "") String day,
      @RequestParam(defaultValue = "") String reason,
      Htmx htmx,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    try {
      LocalDate on = Days.typed(day);
      QuickLine read = notes.read(id, line, on).orElseThrow(Web::missing);
      Optional<CaseView.Step> window = window(id, read, reason);
      if (window.isPresent()) {
        response.setHeader(Web.REFUSED, "1");
        model.addAttribute("window", window.get());
        model.addAttribute("line", line);
        model.addAttribute("day", day);
      } else {
        Entry entry = notes.write(id, line, on).orElseThrow(Web::missing).entry();
        if (entry.kind().changesCare() && !reason.isBlank()) {
          cases.confound(entry, reason.strip());
        }
        Echo echo = Echo.of(read, look(id, read, line), scope.today());
        if (!htmx.on()) {
          flash.addFlashAttribute("echo", echo);
          return "redirect:/plants/" + id;
        }
        model.addAttribute("echo", echo);
      }
    } catch (IllegalArgumentException e) {
      response.setHeader(Web.REFUSED, "1");
      model.addAttribute("line", line);
      model.addAttribute("day", day);
      model.addAttribute("lineProblem", e.getMessage());
      if (!htmx.on()) {
        response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      }
    }
    return htmx.page(page(id, model, !htmx.on()), "log");
  }

  /** The words of a remark that say what was seen on the plant. */
  private String look(Long id, QuickLine read, String line) {
    boolean seen =
        read.note() instanceof Remark
            && !reader
                .read(line, plants.find(id).map(PlantView::form).orElse(null))
                .seen()
                .isEmpty();
    return seen ? line.strip() : null;
  }

  /** The change under test that this line would make unreadable, unless a reason is given. */
  private Optional<CaseView.Step> window(Long id, QuickLine read, String reason) {
    return reason.isBlank() && read.note().kind().changesCare()
        ? cases.openWindow(id)
        : Optional.empty();
  }

  /** The ways to correct an entry or take it back. */
  @GetMapping("/entries/{id}/change")
  String change(@PathVariable Long id, Htmx htmx, Model model) {
    Entry entry = journal.current(id).orElseThrow(Web::missing);
    model.addAttribute("entry", entry);
    return htmx.on() ? "plantpage/change :: change(e=${entry}, newest=false)" : "plantpage/change";
  }

  /** Each reading that a line of the log folds together, from a first to a last one. */
  @GetMapping("/entries/{first}/to/{last}")
  String readings(@PathVariable Long first, @PathVariable Long last, Htmx htmx, Model model) {
    Entry from = journal.current(first).orElseThrow(Web::missing);
    Entry to = journal.current(last).orElseThrow(Web::missing);
    if (!from.plantId().equals(to.plantId())) {
      throw Web.missing();
    }
    model.addAttribute("readings", journal.sentBetween(from, to));
    model.addAttribute("plantId", from.plantId());
    return htmx.page("plantpage/readings", "rows");
  }

  @PostMapping("/entries/{id}/correct")
  String correct(
      @PathVariable Long id,
      @RequestParam(defaultValue = "") String text,
      @RequestParam(defaultValue = "") String day,
      HttpServletResponse response,
      Model model) {
    Long plantId = journal.current(id).orElseThrow(Web::missing).plantId();
    try {
      String clean = text.strip();
      if (clean.isEmpty() || clean.length() > LONGEST_TEXT) {
        throw new IllegalArgumentException("Between 1 and 1000 characters, please.");
      }
      notes.correct(id, clean, Days.typed(day)).orElseThrow(Web::missing);
      return "redirect:/plants/" + plantId;
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("correcting", id);
      model.addAttribute("corrected", text);
      model.addAttribute("correctedDay", day);
      model.addAttribute("correctProblem", e.getMessage());
      return page(plantId, model);
    }
  }

  /** What a page shows of a plant. */
  private record Shown(
      PlantView plant, List<Finding> seen, LogPage timeline, List<PlantSection.Section> sections) {}

  /**
   * What is shown.
   *
   * @param whole whether the sections of the features are, which take longer than the log
   */
  private Optional<Shown> shown(Long id, int log, boolean whole) {
    return plants
        .find(id)
        .map(
            plant ->
                new Shown(
                    plant,
                    diagnose.marked(id),
                    journal.page(id, log, LOG),
                    whole
                        ? sections.stream().flatMap(section -> section.of(plant).stream()).toList()
                        : List.of()));
  }

  private String page(Long id, Model model) {
    return page(id, model, true);
  }

  private String page(Long id, Model model, boolean whole) {
    int log = (int) model.asMap().getOrDefault("log", 1);
    Shown shown =
        memo.lately("plant " + id + " " + log + " " + whole, () -> shown(id, log, whole))
            .orElseThrow(Web::missing);
    PlantView plant = shown.plant();
    model.addAttribute("plant", plant);
    model.addAttribute("stage", plant.stageWords(scope.today(), scope.latitude()));
    model.addAttribute("toxic", plant.kind().taxon().map(knowledge::toxicity).orElse(null));
    model.addAttribute(
        "living", plant.now(knowledge).lore(scope.today(), scope.latitude()).living());
    model.addAttribute(
        "figure",
        figures
            .draw(
                plant.form(),
                Mark.of(shown.seen(), plant.form(), knowledge),
                null,
                plant.appearance())
            .orElse(null));
    model.addAttribute("swatches", figures.swatches());
    model.addAttribute(
        "signs",
        shown.seen().stream().map(one -> knowledge.label(one.sign(), one.pattern())).toList());
    model.addAttribute("timeline", shown.timeline());
    model.addAttribute("hints", NoteKind.hints());
    model.addAttribute("sections", shown.sections());
    model.addAttribute("places", places.all());
    return "plantpage/page";
  }
}
