package org.mildlantern.app.diagnose;

import java.util.Optional;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Web;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** Takes the answers of {@link TestsOnTheRound}. */
@Controller
class TestAnswers {
  private final WaitingTestService tests;
  private final Answered answered;

  TestAnswers(WaitingTestService tests, Answered answered) {
    this.tests = tests;
    this.answered = answered;
  }

  @PostMapping("/today/tests/{id}")
  String test(@PathVariable Long id, @RequestParam boolean there, RedirectAttributes flash) {
    return answered.toRound(Optional.of(tests.answer(id, there).orElseThrow(Web::missing)), flash);
  }
}
