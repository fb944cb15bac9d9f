package org.mildlantern.app.archive;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Path;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.core.io.FileSystemResource;
import org.springframework.core.io.Resource;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.ResponseBody;
import org.springframework.web.multipart.MultipartFile;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page on which everything goes out and comes in. */
@Controller
class ArchiveController {
  private static final Words WORDS = Words.of(ArchiveController.class);

  private final ArchiveService archives;
  private final ArchiveIntake intake;
  private final ArchiveParts parts;
  private final PlaceService places;
  private final Scope scope;

  ArchiveController(
      ArchiveService archives,
      ArchiveIntake intake,
      ArchiveParts parts,
      PlaceService places,
      Scope scope) {
    this.parts = parts;
    this.intake = intake;
    this.archives = archives;
    this.places = places;
    this.scope = scope;
  }

  @GetMapping("/archive")
  String page(Model model) {
    model.addAttribute("outs", archives.outs());
    model.addAttribute("sheets", Sheet.values());
    return "archive/page";
  }

  @PostMapping("/archive/out")
  String begin() {
    archives.begin();
    return "redirect:/archive";
  }

  /** The file; a download that broke off goes on where it was. */
  @GetMapping("/archive/out/{id}")
  ResponseEntity<Resource> file(@PathVariable Long id) {
    Path file = archives.file(id).orElseThrow(Web::missing);
    String name = "plants-" + scope.today() + ".zip";
    return ResponseEntity.ok()
        .contentType(MediaType.parseMediaType("application/zip"))
        .header(HttpHeaders.CONTENT_DISPOSITION, Web.saved(name))
        .body(new FileSystemResource(file));
  }

  /** One table for a spreadsheet. */
  @GetMapping("/archive/tables/{sheet}.csv")
  void table(@PathVariable String sheet, HttpServletResponse response) throws IOException {
    Sheet wanted = Sheet.of(sheet).orElseThrow(Web::missing);
    response.setContentType("text/csv;charset=utf-8");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION, Web.saved(wanted.id() + "-" + scope.today() + ".csv"));
    archives.stream(wanted, response.getOutputStream());
  }

  @PostMapping("/archive/in")
  String take(
      @RequestParam(required = false) MultipartFile file, HttpServletResponse response, Model model)
      throws IOException {
    if (file == null || file.isEmpty()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("fault", WORDS.say("no-file"));
      return page(model);
    }
    try (InputStream bytes = file.getInputStream()) {
      String name = Objects.requireNonNullElse(file.getOriginalFilename(), "");
      return "redirect:/archive/in/" + intake.take(name, bytes);
    }
  }

  /** Begins an archive that comes part by part, or says how much of it has come. */
  @PostMapping(path = "/archive/in/parts", produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  ArchiveParts.Part begin(
      @RequestParam String name, @RequestParam long size, @RequestParam String mark) {
    try {
      return parts.begin(name, size, mark);
    } catch (ArchiveFault e) {
      throw Web.refused(e.getMessage());
    }
  }

  /** Takes a part that begins at an octet; the answer says where to go on. */
  @PostMapping(path = "/archive/in/{id}/parts", produces = MediaType.APPLICATION_JSON_VALUE)
  @ResponseBody
  ArchiveParts.Part take(
      @PathVariable Long id, @RequestParam long at, @RequestBody(required = false) byte[] octets)
      throws IOException {
    return parts
        .take(id, at, Objects.requireNonNullElse(octets, new byte[0]))
        .orElseThrow(Web::missing);
  }

  private ArchiveIntake.In waiting(Long id) {
    return intake.waiting(id).orElseThrow(Web::missing);
  }

  /** What reading it in would do; nothing is changed. */
  @GetMapping("/archive/in/{id}")
  String preview(
      @PathVariable Long id,
      @RequestParam(defaultValue = "false") boolean theirs,
      @RequestParam(defaultValue = "false") boolean same,
      @RequestParam(required = false) Long place,
      @RequestParam(defaultValue = "false") boolean apart,
      HttpServletResponse response,
      Model model) {
    ArchiveIntake.In in = waiting(id);
    model.addAttribute("in", in);
    model.addAttribute("theirs", theirs);
    model.addAttribute("same", same);
    model.addAttribute("places", places.all());
    try {
      model.addAttribute(
          "merge", intake.preview(in.file(), new Merge.Choice(theirs, same, place, apart)));
    } catch (ArchiveFault e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("fault", e.getMessage());
    }
    return "archive/preview";
  }

  @PostMapping("/archive/in/{id}")
  String read(
      @PathVariable Long id,
      @RequestParam(defaultValue = "false") boolean theirs,
      @RequestParam(defaultValue = "false") boolean same,
      @RequestParam(required = false) Long place,
      @RequestParam(defaultValue = "false") boolean apart,
      HttpServletResponse response,
      Model model,
      RedirectAttributes flash) {
    ArchiveIntake.In in = waiting(id);
    if (intake.large(in)) {
      intake.begin(in, new Merge.Choice(theirs, same, place, apart));
      return "redirect:/archive/in/" + id + "/reading";
    }
    try {
      Merge merge = intake.read(in, new Merge.Choice(theirs, same, place, apart));
      flash.addFlashAttribute("said", WORDS.say("read-in", merge.fresh()));
      return merge.came().isEmpty()
          ? "redirect:/archive"
          : "redirect:/plants/" + merge.came().get(0);
    } catch (ArchiveFault e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("in", in);
      model.addAttribute("fault", e.getMessage());
      return "archive/preview";
    }
  }

  /** How reading a large one in goes. */
  @GetMapping("/archive/in/{id}/reading")
  String reading(@PathVariable Long id, Model model) {
    Optional<ArchiveIntake.Reading> reading = intake.reading(id);
    if (reading.isEmpty()) {
      return "redirect:/archive/in/" + waiting(id).id();
    }
    model.addAttribute("id", id);
    model.addAttribute("reading", reading.get());
    return "archive/reading";
  }

  @PostMapping("/archive/in/{id}/drop")
  String drop(@PathVariable Long id) {
    Optional.of(waiting(id)).ifPresent(intake::drop);
    return "redirect:/archive";
  }
}
