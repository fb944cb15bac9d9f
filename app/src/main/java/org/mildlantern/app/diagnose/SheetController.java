package org.mildlantern.app.diagnose;

import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.server.ResponseStatusException;

/** The summary sheet as a page, as text and as PDF. */
@Controller
class SheetController {
  private final SheetService sheets;

  SheetController(SheetService sheets) {
    this.sheets = sheets;
  }

  @GetMapping("/plants/{id}/sheet")
  String page(@PathVariable Long id, Model model) {
    model.addAttribute("sheet", sheet(id));
    model.addAttribute("plantId", id);
    return "diagnose/sheet";
  }

  @GetMapping("/plants/{id}/sheet.txt")
  ResponseEntity<String> text(@PathVariable Long id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=summary-" + id + ".txt")
        .contentType(MediaType.parseMediaType("text/plain;charset=UTF-8"))
        .body(sheet(id).text());
  }

  @GetMapping("/plants/{id}/sheet.pdf")
  ResponseEntity<byte[]> pdf(@PathVariable Long id) {
    return ResponseEntity.ok()
        .header(HttpHeaders.CONTENT_DISPOSITION, "inline; filename=summary-" + id + ".pdf")
        .contentType(MediaType.APPLICATION_PDF)
        .body(sheets.pdf(sheet(id)));
  }

  private Sheet sheet(Long id) {
    return sheets.sheet(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
  }
}
