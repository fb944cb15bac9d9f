package org.mildlantern.app.imports;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.plants.Builds;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.PlainInput;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.sheet.Answers;
import org.mildlantern.core.sheet.Column;
import org.mildlantern.core.sheet.DayOrder;
import org.mildlantern.core.sheet.Length;
import org.mildlantern.core.sheet.SheetReading;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.MultiValueMap;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The way of a list into the collection. */
@Controller
class ImportController {
  private static final Words WORDS = Words.of(ImportController.class);

  private static final int PAGE = 30;
  private static final int LONGEST_CELL = 2000;
  private static final int NEW_PLACE_BOUND = 60;
  private static final String PLACE = "place:";

  private final ImportService imports;
  private final Builds builds;

  ImportController(ImportService imports, Builds builds) {
    this.imports = imports;
    this.builds = builds;
  }

  @GetMapping("/plants/imports/new")
  String start(Model model) {
    model.addAttribute("table", "");
    return starting(model);
  }

  private String starting(Model model) {
    model.addAttribute("earlier", imports.all().stream().limit(PAGE).map(Earlier::of).toList());
    return "imports/new";
  }

  @PostMapping("/plants/imports/new")
  String start(
      @RequestParam(defaultValue = "") String table,
      @RequestParam(required = false) MultipartFile file,
      HttpServletResponse response,
      Model model)
      throws IOException {
    try {
      return "redirect:/plants/imports/" + imports.open(Lines.of(table, file, Lines.MOST_ROWS));
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("table", table);
      model.addAttribute("fault", e.getMessage());
      model.addAttribute("sent", Lines.isSent(file));
      return starting(model);
    }
  }

  @GetMapping("/plants/imports/{id}")
  String show(
      @PathVariable Long id,
      @RequestParam(required = false) String show,
      @RequestParam(required = false) Integer page,
      @RequestParam(required = false) Integer row,
      Model model) {
    show(imports.find(id).orElseThrow(Web::missing), show, page, row, model);
    return "imports/page";
  }

  private void show(
      ImportService.Opened opened, String show, Integer page, Integer row, Model model) {
    boolean good = "good".equals(show) || show == null && opened.open().isEmpty();
    List<SheetReading.Row> rows = good ? opened.good() : opened.open();
    model.addAttribute("id", opened.list().id());
    model.addAttribute("heads", opened.reading().heads());
    model.addAttribute("good", opened.good().size());
    model.addAttribute("open", opened.open().size());
    model.addAttribute("all", opened.list().sheet().rows().size());
    model.addAttribute("saved", opened.saved());
    model.addAttribute("showsGood", good);
    model.addAttribute("rows", Paged.of(rows, page, PAGE));
    model.addAttribute("whole", row);
    model.addAttribute("asks", opened.reading().asks());
    model.addAttribute("answers", opened.list().answers());
    model.addAttribute("columns", Column.values());
    model.addAttribute("units", List.of(Length.CM, Length.INCH));
    model.addAttribute("orders", DayOrder.values());
    model.addAttribute("places", opened.places());
    model.addAttribute("newRest", newRest(opened));
    model.addAttribute("kinds", PlaceKind.values());
    model.addAttribute("builds", builds.labels().values());
    model.addAttribute("newPlaces", newPlaces(opened));
    model.addAttribute(
        "unsure", opened.reading().heads().stream().filter(head -> !head.sure()).count());
  }

  /**
   * A place that is not there yet.
   *
   * @param kind in which it is made
   * @param sameAs name of the place that is meant, or empty
   */
  record NewPlace(String name, int plants, PlaceKind kind, String sameAs) {}

  /** The new place for rows that tell none, or empty. */
  private static String newRest(ImportService.Opened opened) {
    String rest = opened.list().answers().rest();
    boolean there = opened.places().stream().anyMatch(place -> place.name().equals(rest));
    return rest == null || there ? "" : rest;
  }

  private List<NewPlace> newPlaces(ImportService.Opened opened) {
    Answers answers = opened.list().answers();
    List<NewPlace> places = new ArrayList<>();
    opened
        .reading()
        .asks()
        .places()
        .forEach(
            (name, count) -> {
              Answers.NewPlace said = answers.places().get(name.toLowerCase(Locale.ROOT));
              places.add(
                  new NewPlace(
                      name,
                      count,
                      imports.kindOf(answers, name),
                      said == null || said.sameAs() == null ? "" : said.sameAs()));
            });
    return places;
  }

  /**
   * Mends cells of a row; cell {@code c3} is that of the fourth column. A choice that is tapped
   * comes after what stands in the field.
   */
  @PostMapping("/plants/imports/{id}/rows/{row}")
  String mend(
      @PathVariable Long id,
      @PathVariable int row,
      @RequestParam MultiValueMap<String, String> all,
      Htmx htmx,
      Model model) {
    Map<Integer, String> cells = new HashMap<>();
    all.forEach(
        (name, texts) -> {
          String text = texts.get(texts.size() - 1);
          if (name.matches("c\\d{1,2}")
              && text.length() <= LONGEST_CELL
              && PlainInput.isStorable(text)) {
            cells.put(Integer.valueOf(name.substring(1)), text);
          }
        });
    ImportService.Opened opened = imports.mend(id, row, cells).orElseThrow(Web::missing);
    if (!htmx.on()) {
      return "redirect:/plants/imports/" + id + "#row-" + row;
    }
    show(opened, null, null, null, model);
    model.addAttribute(
        "mended",
        opened.reading().rows().stream().filter(r -> r.number() == row).findFirst().orElse(null));
    return "imports/page :: mended";
  }

  /**
   * Takes what is said of the list as a whole: {@code column3} is what the fourth column holds,
   * {@code place:Shed} a kind to make the place in, or the id of the one that is meant.
   */
  @PostMapping("/plants/imports/{id}/answers")
  String say(
      @PathVariable Long id,
      @RequestParam(required = false) Length unit,
      @RequestParam(required = false) DayOrder days,
      @RequestParam(defaultValue = "") String rest,
      @RequestParam(defaultValue = "") String newRest,
      @RequestParam Map<String, String> all,
      RedirectAttributes flash) {
    String fresh = newRest.strip();
    boolean tooLong = fresh.length() > NEW_PLACE_BOUND;
    if (tooLong) {
      flash.addFlashAttribute("restFault", WORDS.say("name-long", NEW_PLACE_BOUND));
      flash.addFlashAttribute("typedRest", fresh);
    }
    String where = fresh.isEmpty() ? rest.strip() : fresh;
    Map<Integer, Column> columns = new HashMap<>();
    Map<String, String> places = new HashMap<>();
    all.forEach(
        (name, value) -> {
          if (name.matches("column\\d{1,2}")) {
            column(value)
                .ifPresent(column -> columns.put(Integer.valueOf(name.substring(6)), column));
          } else if (name.startsWith(PLACE)) {
            places.put(name.substring(PLACE.length()), value);
          }
        });
    ImportService.Opened read =
        imports
            .say(
                id,
                new ImportService.Said(
                    columns,
                    unit,
                    days,
                    places,
                    where.isEmpty() || where.length() > NEW_PLACE_BOUND ? null : where))
            .orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("taken") + twice(read, columns));
    return "redirect:/plants/imports/" + id;
  }

  /** Tells of columns that were said to hold what another holds already. */
  private static String twice(ImportService.Opened read, Map<Integer, Column> said) {
    List<SheetReading.Head> heads = read.reading().heads();
    return said.entrySet().stream()
        .filter(one -> one.getKey() < heads.size())
        .filter(one -> heads.get(one.getKey()).column() != one.getValue())
        .map(
            one ->
                " "
                    + WORDS.say(
                        "twice", heads.get(one.getKey()).heading().text(), one.getValue().label()))
        .collect(Collectors.joining());
  }

  private static Optional<Column> column(String name) {
    return Stream.of(Column.values()).filter(column -> column.name().equals(name)).findFirst();
  }

  @PostMapping("/plants/imports/{id}/save")
  String save(@PathVariable Long id, RedirectAttributes flash) {
    int saved = imports.save(id).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("added", saved));
    return "redirect:/plants/imports/" + id;
  }

  @PostMapping("/plants/imports/{id}/back")
  String takeBack(@PathVariable Long id, RedirectAttributes flash) {
    List<PlantView> stay = imports.takeBack(id).orElseThrow(Web::missing);
    flash.addFlashAttribute(
        "said",
        stay.isEmpty()
            ? WORDS.say("taken-back")
            : WORDS.say(
                "taken-back-but",
                stay.size(),
                String.join(
                    ", ", stay.stream().limit(5).map(PlantView::name).distinct().toList())));
    return "redirect:/plants/imports/" + id;
  }

  @PostMapping("/plants/imports/{id}/drop")
  String drop(@PathVariable Long id, RedirectAttributes flash) {
    if (!imports.drop(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("dropped"));
    return "redirect:/plants";
  }
}
