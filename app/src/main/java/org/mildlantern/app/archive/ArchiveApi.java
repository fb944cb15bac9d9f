package org.mildlantern.app.archive;

import io.swagger.v3.oas.annotations.Operation;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.concurrent.Semaphore;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.web.Web;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.ProblemDetail;
import org.springframework.web.bind.annotation.ExceptionHandler;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.server.ResponseStatusException;

/** The archive for other programs. */
@RestController
@RequestMapping("/api/v1")
class ArchiveApi {
  private static final int AT_ONCE = 2;

  private final Semaphore places = new Semaphore(AT_ONCE);
  private final ArchiveService archives;
  private final ArchiveIntake intake;
  private final PlantService plants;
  private final Scope scope;

  ArchiveApi(ArchiveService archives, ArchiveIntake intake, PlantService plants, Scope scope) {
    this.archives = archives;
    this.intake = intake;
    this.plants = plants;
    this.scope = scope;
  }

  @GetMapping(path = "/export")
  @Operation(summary = "The whole collection as a ZIP of CSV tables, pictures and a manifest")
  void export(HttpServletResponse response) throws IOException {
    response.setContentType("application/zip");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION, Web.saved("plants-" + scope.today() + ".zip"));
    archives.stream(response.getOutputStream());
  }

  @GetMapping(path = "/plants/{id}/export")
  @Operation(summary = "One plant with its history as a ZIP, for another keeper to read in")
  void export(@PathVariable Long id, HttpServletResponse response) throws IOException {
    plants.find(id).orElseThrow(Web::missing);
    response.setContentType("application/zip");
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, Web.saved("plant-" + id + ".zip"));
    archives.stream(id, ArchiveService.By.PROGRAM, response.getOutputStream());
  }

  /**
   * Reads an archive in.
   *
   * @param preview whether to tell only what that would do
   * @param theirs whether what is here and differs is overwritten
   * @param same whether plants of one code and name are the same plant
   * @param place id of the place where a plant that was handed over stands first
   * @param apart whether such a plant is set apart first
   */
  @PostMapping(path = "/import", consumes = "application/zip", produces = "application/json")
  @Operation(summary = "Read an archive into the collection: all of it or nothing")
  Merge read(
      @RequestParam(defaultValue = "false") boolean preview,
      @RequestParam(defaultValue = "false") boolean theirs,
      @RequestParam(defaultValue = "false") boolean same,
      @RequestParam(required = false) Long place,
      @RequestParam(defaultValue = "true") boolean apart,
      HttpServletRequest request)
      throws IOException {
    if (!places.tryAcquire()) {
      throw new ResponseStatusException(HttpStatus.TOO_MANY_REQUESTS, "Others are being read in.");
    }
    try {
      return intake.read(
          request.getInputStream(), new Merge.Choice(theirs, same, place, apart), preview);
    } finally {
      places.release();
    }
  }

  @ExceptionHandler(ArchiveFault.class)
  ProblemDetail fault(ArchiveFault fault) {
    ProblemDetail problem =
        ProblemDetail.forStatusAndDetail(HttpStatus.UNPROCESSABLE_ENTITY, fault.getMessage());
    problem.setTitle("This archive cannot be read in");
    return problem;
  }
}
