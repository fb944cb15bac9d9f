package org.mildlantern.app.reports;

import java.time.LocalDate;
import java.util.Map;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.app.web.Web;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Papers as PDF. */
@Controller
class ReportController {
  private final ReportService reports;
  private final Pdf pdf;
  private final Scope scope;

  ReportController(ReportService reports, Pdf pdf, Scope scope) {
    this.reports = reports;
    this.pdf = pdf;
    this.scope = scope;
  }

  @GetMapping("/reports/collection.pdf")
  ResponseEntity<byte[]> collection() {
    return paper("collection", reports.collection());
  }

  /** The treatments of some days; those of the last year where none are named. */
  @GetMapping("/reports/treatments.pdf")
  ResponseEntity<byte[]> treatments(
      @RequestParam(required = false) LocalDate from,
      @RequestParam(required = false) LocalDate until) {
    LocalDate last = until == null ? scope.today() : until;
    return paper("treatments", reports.treatments(from == null ? last.minusYears(1) : from, last));
  }

  @GetMapping("/plants/{id}/passport.pdf")
  ResponseEntity<byte[]> passport(@PathVariable Long id) {
    return paper("plant", reports.passport(id).orElseThrow(Web::missing));
  }

  private ResponseEntity<byte[]> paper(String name, Report report) {
    return Pdf.shown(
        name + "-" + scope.today(), pdf.of("reports/paper-pdf", Map.of("report", report)));
  }
}
