package org.mildlantern.app.cases;

import java.util.Optional;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.diagnosis.Response;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes the answers of {@link CasesOnTheRound}. */
@Controller
class CaseAnswers {
  private final CaseService cases;
  private final Answered answered;

  CaseAnswers(CaseService cases, Answered answered) {
    this.cases = cases;
    this.answered = answered;
  }

  @PostMapping("/today/cases/{id}")
  String look(
      @PathVariable Long id, @RequestParam Response.Outcome outcome, RedirectAttributes flash) {
    Optional<Entry> entry = cases.respond(id, outcome);
    if (entry.isEmpty()) {
      cases.find(id).orElseThrow(Web::missing);
    }
    return answered.toRound(entry, flash);
  }
}
