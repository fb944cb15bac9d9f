package org.mildlantern.app.handover;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.archive.ArchiveIntake;
import org.mildlantern.app.archive.ArchiveService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.reports.ReportService;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.app.web.Square;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Handing a plant over: the giver's page, the page behind the link, and taking it in. */
@Controller
class HandoverController {
  private static final Words WORDS = Words.of(HandoverController.class);

  private final HandoverService handovers;
  private final ArchiveService archives;
  private final ArchiveIntake intake;
  private final ReportService reports;
  private final PlantService plants;
  private final Pdf pdf;
  private final Scope scope;

  HandoverController(
      HandoverService handovers,
      ArchiveService archives,
      ArchiveIntake intake,
      ReportService reports,
      PlantService plants,
      Pdf pdf,
      Scope scope) {
    this.handovers = handovers;
    this.archives = archives;
    this.intake = intake;
    this.reports = reports;
    this.plants = plants;
    this.pdf = pdf;
    this.scope = scope;
  }

  @GetMapping("/plants/{id}/hand-over")
  String page(@PathVariable Long id, Model model) {
    model.addAttribute("plant", plant(id));
    model.addAttribute("along", handovers.along(id));
    model.addAttribute("until", handovers.until(id).orElse(null));
    if (model.getAttribute("link") instanceof String link) {
      model.addAttribute("square", Square.of(link));
    }
    return "handover/page";
  }

  private PlantView plant(Long id) {
    return plants.find(id).orElseThrow(Web::missing);
  }

  @GetMapping("/plants/{id}/plant.zip")
  void file(@PathVariable Long id, HttpServletResponse response) throws IOException {
    file(plant(id), ArchiveService.By.PLANT, response);
  }

  private void file(PlantView plant, ArchiveService.By by, HttpServletResponse response)
      throws IOException {
    response.setContentType("application/zip");
    response.setHeader(
        HttpHeaders.CONTENT_DISPOSITION, Web.saved("plant-" + plant.code() + ".zip"));
    archives.stream(plant.id(), by, response.getOutputStream());
  }

  @PostMapping("/plants/{id}/hand-over/link")
  String link(@PathVariable Long id, RedirectAttributes flash) {
    plant(id);
    flash.addFlashAttribute(
        "link",
        ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
            + "/handed/"
            + handovers.link(id));
    return "redirect:/plants/" + id + "/hand-over#link";
  }

  @PostMapping("/plants/{id}/hand-over/link/end")
  String end(@PathVariable Long id, RedirectAttributes flash) {
    plant(id);
    handovers.end(id);
    flash.addFlashAttribute("said", WORDS.say("ended"));
    return "redirect:/plants/" + id + "/hand-over";
  }

  /** What whoever has the link sees. */
  @GetMapping("/handed/{secret}")
  String handed(@PathVariable String secret, HttpServletRequest request, Model model) {
    Long id = SecretDoor.what(request);
    model.addAttribute("secret", secret);
    model.addAttribute("along", handovers.along(id));
    model.addAttribute("paper", reports.passport(id).orElseThrow(Web::missing));
    model.addAttribute("link", request.getRequestURL().toString());
    return "handover/handed";
  }

  @GetMapping("/handed/{secret}/plant.zip")
  void handedFile(
      @PathVariable String secret, HttpServletRequest request, HttpServletResponse response)
      throws IOException {
    file(plant(SecretDoor.what(request)), ArchiveService.By.LINK, response);
  }

  @GetMapping("/handed/{secret}/passport.pdf")
  ResponseEntity<byte[]> passport(@PathVariable String secret, HttpServletRequest request) {
    return Pdf.shown(
        "plant-" + scope.today(),
        pdf.of(
            "reports/paper-pdf",
            Map.of(
                "report", reports.passport(SecretDoor.what(request)).orElseThrow(Web::missing))));
  }

  /** Takes a plant in by the link that its former keeper made here. */
  @PostMapping("/archive/in/link")
  String take(@RequestParam(defaultValue = "") String link, RedirectAttributes flash)
      throws IOException {
    Optional<SecretDoor.Way> way = handovers.pasted(link);
    if (way.isEmpty()) {
      flash.addFlashAttribute("linkFault", WORDS.say("no-link"));
      flash.addFlashAttribute("linkTyped", link);
      return "redirect:/archive#link";
    }
    return "redirect:/archive/in/"
        + intake.take(WORDS.say("by-link"), way.get().keeper().collectionId(), way.get().what());
  }
}
