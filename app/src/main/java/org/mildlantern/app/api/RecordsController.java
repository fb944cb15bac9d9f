package org.mildlantern.app.api;

import com.fasterxml.jackson.annotation.JsonInclude;
import com.fasterxml.jackson.databind.JsonNode;
import io.swagger.v3.oas.annotations.Operation;
import io.swagger.v3.oas.annotations.media.Content;
import io.swagger.v3.oas.annotations.media.Schema;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Validator;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.function.Function;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.app.web.OneTransaction;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.web.ErrorResponseException;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PatchMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestHeader;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;

/** The keeper's own records for other programs: plants, log, cases, round. */
@RestController
@RequestMapping(path = "/api/v1", produces = "application/json")
class RecordsController {
  private static final int MOST = 200;
  private static final String KEY = "[\\w.-]{1,60}";

  private final PlantService plants;
  private final PlantNotes notes;
  private final JournalService journal;
  private final CaseService cases;
  private final RoundService rounds;
  private final SentOnce once;
  private final OneTransaction one;
  private final Validator validator;
  private final Scope scope;

  RecordsController(
      PlantService plants,
      PlantNotes notes,
      JournalService journal,
      CaseService cases,
      RoundService rounds,
      SentOnce once,
      OneTransaction one,
      Validator validator,
      Scope scope) {
    this.plants = plants;
    this.notes = notes;
    this.journal = journal;
    this.cases = cases;
    this.rounds = rounds;
    this.once = once;
    this.one = one;
    this.validator = validator;
    this.scope = scope;
  }

  /**
   * A page of many.
   *
   * @param total of all pages
   * @param next address of the next page, or null
   */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record Page<T>(List<T> items, int page, int size, int total, String next) {
    static <A, T> Page<T> of(List<A> all, int page, int size, String path, Function<A, T> each) {
      int number = Math.max(1, page);
      int most = Math.max(1, Math.min(MOST, size));
      int from = (int) Math.min(all.size(), (long) (number - 1) * most);
      int to = Math.min(all.size(), from + most);
      String next = to < all.size() ? path + "?page=" + (number + 1) + "&size=" + most : null;
      return new Page<>(
          all.subList(from, to).stream().map(each).toList(), number, most, all.size(), next);
    }
  }

  /** A plant. What is not known is left out. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OfPlant(
      Long id,
      String code,
      String name,
      String taxon,
      Long placeId,
      String place,
      Double potCm,
      String medium,
      LocalDate arrivedOn,
      LocalDate archivedOn,
      String notes) {
    static OfPlant of(PlantView plant) {
      return new OfPlant(
          plant.id(),
          plant.code(),
          plant.name(),
          plant.kind().taxon().map(taxon -> taxon.id()).orElse(null),
          plant.place().id(),
          plant.place().name(),
          plant.pot().cm(),
          plant.mediumWords(),
          plant.arrivedOn(),
          plant.archivedOn(),
          plant.notes());
    }
  }

  /** A row of the day book. */
  record OfLog(Long id, Long plantId, Instant at, String kind, String words) {
    static OfLog of(Entry entry) {
      return new OfLog(entry.id(), entry.plantId(), entry.at(), entry.kind().name(), entry.text());
    }
  }

  /** A case. */
  @JsonInclude(JsonInclude.Include.NON_NULL)
  record OfCase(
      int number,
      Long plantId,
      String cause,
      double probability,
      LocalDate openedOn,
      LocalDate closedOn,
      String outcome) {
    static OfCase of(CaseView view) {
      return new OfCase(
          view.number(),
          view.plantId(),
          view.cause().id(),
          view.probability(),
          view.openedOn(),
          view.closedOn(),
          view.closed().outcome() == null ? null : view.closed().outcome().name());
    }
  }

  /** Something that is due today. */
  record OfRound(Long plantId, String plant, String work, String task, String why) {
    static OfRound of(RoundItem item) {
      return new OfRound(
          item.plant().id(), item.plant().name(), item.workId(), item.task(), item.reason());
    }
  }

  @GetMapping("/plants")
  @Operation(summary = "The plants that are kept, by name, a page at a time")
  Page<OfPlant> plants(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "50") int size) {
    return Page.of(plants.byName(), page, size, "/api/v1/plants", OfPlant::of);
  }

  @GetMapping("/plants/{id}")
  @Operation(summary = "A plant, with an ETag for changing it")
  ResponseEntity<OfPlant> plant(@PathVariable Long id) {
    OfPlant found = find(id);
    return ResponseEntity.ok().eTag(tag(found)).body(found);
  }

  private OfPlant find(Long id) {
    return plants
        .find(id)
        .map(OfPlant::of)
        .orElseThrow(() -> problem(HttpStatus.NOT_FOUND, "There is no such plant."));
  }

  private static String tag(OfPlant plant) {
    return "\"" + Integer.toHexString(plant.hashCode()) + "\"";
  }

  @PatchMapping(path = "/plants/{id}", consumes = "application/json")
  @Operation(
      summary = "Change a plant; what is left out stays",
      description =
          "Wants the ETag of the plant as it was read in If-Match. Another place is written as a"
              + " move; archived puts it away or brings it back.")
  @io.swagger.v3.oas.annotations.parameters.RequestBody(
      required = true,
      content = @Content(schema = @Schema(implementation = PlantChange.class)))
  ResponseEntity<OfPlant> change(
      @PathVariable Long id,
      @RequestHeader(name = HttpHeaders.IF_MATCH, required = false) String match,
      @RequestBody JsonNode body)
      throws Exception {
    PlantChange change = PlantChange.of(body);
    OfPlant changed =
        one.run(
            () -> {
              OfPlant now = find(id);
              if (match == null) {
                throw problem(
                    HttpStatus.PRECONDITION_REQUIRED,
                    "Read the plant and send its ETag in If-Match.");
              }
              if (!match.equals(tag(now))) {
                throw problem(
                    HttpStatus.PRECONDITION_FAILED, "The plant was changed since it was read.");
              }
              change(id, change);
              return find(id);
            });
    return ResponseEntity.ok().eTag(tag(changed)).body(changed);
  }

  private void change(Long id, PlantChange change) {
    PlantForm form = change.of(plants.form(id).orElseThrow());
    validator.validate(form).stream()
        .findFirst()
        .ifPresent(
            fault -> {
              throw problem(
                  HttpStatus.UNPROCESSABLE_ENTITY,
                  PlantChange.field(fault.getPropertyPath().toString())
                      + ": "
                      + fault.getMessage());
            });
    try {
      plants.edit(id, form);
    } catch (FieldFault e) {
      throw problem(
          HttpStatus.UNPROCESSABLE_ENTITY, PlantChange.field(e.field()) + ": " + e.getMessage());
    } catch (IllegalArgumentException e) {
      throw problem(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage());
    }
    if (change.archived() != null
        && change.archived() != plants.find(id).orElseThrow().archived()) {
      plants.archive(id, change.archived());
    }
  }

  @GetMapping("/plants/{id}/log")
  @Operation(summary = "The latest rows of a plant's day book, the newest first")
  List<OfLog> log(@PathVariable Long id, @RequestParam(defaultValue = "50") int size) {
    find(id);
    return journal.timeline(id, Math.max(1, Math.min(MOST, size))).stream().map(OfLog::of).toList();
  }

  /** A line for the day book, as one types it. */
  record Line(String line, LocalDate day) {}

  @PostMapping(path = "/plants/{id}/log", consumes = "application/json")
  @Operation(
      summary = "Write a line into a plant's day book",
      description =
          "Wants an Idempotency-Key of 1 to 60 letters, digits, dots and dashes; a line that is"
              + " sent again under its key is written once.")
  OfLog write(
      @PathVariable Long id,
      @RequestHeader(name = "Idempotency-Key", required = false) String key,
      @RequestBody Line line,
      HttpServletResponse response)
      throws Exception {
    if (key == null || !key.matches(KEY)) {
      throw problem(
          HttpStatus.BAD_REQUEST, "Idempotency-Key: 1 to 60 letters, digits, dots and dashes");
    }
    if (line.line() == null || line.line().isBlank() || line.line().length() > 500) {
      throw problem(HttpStatus.BAD_REQUEST, "line: 1 to 500 characters");
    }
    return one.run(
        () -> {
          find(id);
          Long before = once.before(key);
          if (before != null) {
            return journal
                .find(before)
                .map(OfLog::of)
                .orElseThrow(() -> problem(HttpStatus.CONFLICT, "That was taken back since."));
          }
          try {
            Entry entry = notes.write(id, line.line(), line.day()).orElseThrow().entry();
            once.keep(key, entry.id());
            response.setStatus(HttpStatus.CREATED.value());
            return OfLog.of(entry);
          } catch (IllegalArgumentException e) {
            throw problem(HttpStatus.UNPROCESSABLE_ENTITY, e.getMessage());
          }
        });
  }

  @GetMapping("/cases")
  @Operation(summary = "All cases, a page at a time")
  Page<OfCase> cases(
      @RequestParam(defaultValue = "1") int page, @RequestParam(defaultValue = "50") int size) {
    return Page.of(cases.all(), page, size, "/api/v1/cases", OfCase::of);
  }

  @GetMapping("/round")
  @Operation(summary = "What is due today")
  List<OfRound> round() {
    return rounds.board().agenda().on(scope.today()).stream()
        .map(task -> OfRound.of(task.work().item().apply(true)))
        .toList();
  }

  static ErrorResponseException problem(HttpStatus status, String detail) {
    return new ErrorResponseException(
        status, ProblemDetail.forStatusAndDetail(status, detail), null);
  }
}
