package org.mildlantern.app.imports;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.StringWriter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVPrinter;
import org.mildlantern.app.web.Formulas;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.sheet.DayOrder;
import org.mildlantern.core.sheet.LogColumn;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The way of a log into the day book. */
@Controller
class LogImportController {
  private static final Words WORDS = Words.of(LogImportController.class);

  static final int MOST_ROWS = 5000;
  private static final int PAGE = 30;

  private final LogImportService logs;

  LogImportController(LogImportService logs) {
    this.logs = logs;
  }

  @GetMapping("/plants/logs/new")
  String start(Model model) {
    model.addAttribute("table", "");
    return starting(model);
  }

  private String starting(Model model) {
    model.addAttribute("earlier", logs.all().stream().limit(PAGE).map(Earlier::of).toList());
    return "imports/log-new";
  }

  @PostMapping("/plants/logs/new")
  String start(
      @RequestParam(defaultValue = "") String table,
      @RequestParam(required = false) MultipartFile file,
      HttpServletResponse response,
      Model model)
      throws IOException {
    try {
      return "redirect:/plants/logs/" + logs.open(Lines.of(table, file, MOST_ROWS));
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("table", table);
      model.addAttribute("fault", e.getMessage());
      model.addAttribute("sent", Lines.isSent(file));
      return starting(model);
    }
  }

  @GetMapping("/plants/logs/{id}")
  String show(@PathVariable Long id, @RequestParam(required = false) Integer page, Model model) {
    LogImportService.Opened opened = logs.find(id).orElseThrow(Web::missing);
    model.addAttribute("id", id);
    model.addAttribute("headings", opened.log().sheet().headings());
    model.addAttribute("held", opened.columns());
    model.addAttribute("columns", LogColumn.values());
    model.addAttribute("orders", DayOrder.values());
    model.addAttribute("order", opened.log().days());
    model.addAttribute("asksOrder", opened.asksOrder() || opened.log().days() != null);
    model.addAttribute("saved", opened.log().saved().size());
    model.addAttribute("written", opened.log().entries().size());
    model.addAttribute("good", opened.good().size());
    model.addAttribute("here", opened.here().size());
    model.addAttribute("open", opened.open());
    model.addAttribute("lines", opened.good().stream().mapToInt(row -> row.lines().size()).sum());
    model.addAttribute("rows", Paged.of(opened.good(), page, PAGE));
    return "imports/log";
  }

  /** Takes what is said of the columns: {@code column3} is what the fourth holds. */
  @PostMapping("/plants/logs/{id}/answers")
  String say(
      @PathVariable Long id,
      @RequestParam(required = false) DayOrder days,
      @RequestParam Map<String, String> all) {
    Map<Integer, LogColumn> columns = new HashMap<>();
    all.forEach(
        (name, value) -> {
          if (name.matches("column\\d{1,2}")) {
            Stream.of(LogColumn.values())
                .filter(column -> column.name().equals(value))
                .forEach(column -> columns.put(Integer.valueOf(name.substring(6)), column));
          }
        });
    if (!logs.say(id, columns, days)) {
      throw Web.missing();
    }
    return "redirect:/plants/logs/" + id;
  }

  @PostMapping("/plants/logs/{id}/save")
  String save(@PathVariable Long id, RedirectAttributes flash) {
    flash.addFlashAttribute(
        "said", WORDS.say("log-written", logs.save(id).orElseThrow(Web::missing)));
    return "redirect:/plants/logs/" + id;
  }

  @PostMapping("/plants/logs/{id}/back")
  String takeBack(@PathVariable Long id, RedirectAttributes flash) {
    flash.addFlashAttribute(
        "said", WORDS.say("log-back", logs.takeBack(id).orElseThrow(Web::missing)));
    return "redirect:/plants/logs/" + id;
  }

  @PostMapping("/plants/logs/{id}/drop")
  String drop(@PathVariable Long id, RedirectAttributes flash) {
    if (!logs.drop(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("log-dropped"));
    return "redirect:/plants/logs/new";
  }

  /** The rows that will not do, with why, to be mended and brought once more. */
  @GetMapping("/plants/logs/{id}/open.csv")
  ResponseEntity<String> open(@PathVariable Long id) throws IOException {
    LogImportService.Opened opened = logs.find(id).orElseThrow(Web::missing);
    StringWriter text = new StringWriter();
    try (CSVPrinter csv = new CSVPrinter(text, CSVFormat.RFC4180)) {
      List<String> headings = new ArrayList<>(opened.log().sheet().headings());
      headings.add("-");
      csv.printRecord(headings);
      for (LogImportService.Row row : opened.open()) {
        List<String> cells = new ArrayList<>(row.cells());
        cells.add(row.problem());
        csv.printRecord(cells.stream().map(Formulas::marked).toList());
      }
    }
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("text/csv;charset=utf-8"))
        .header(HttpHeaders.CONTENT_DISPOSITION, Web.saved("open-rows.csv"))
        .body(text.toString());
  }
}
