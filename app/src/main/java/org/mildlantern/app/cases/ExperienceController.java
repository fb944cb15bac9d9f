package org.mildlantern.app.cases;

import java.util.Comparator;
import java.util.List;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.core.diagnosis.Experience;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** What closed cases have taught this collection, and the switch for it. */
@Controller
class ExperienceController {
  private static final Words WORDS = Words.of(ExperienceController.class);

  private final OpenCasesAnswer cases;
  private final KeeperService keepers;
  private final Knowledge knowledge;

  ExperienceController(OpenCasesAnswer cases, KeeperService keepers, Knowledge knowledge) {
    this.cases = cases;
    this.keepers = keepers;
    this.knowledge = knowledge;
  }

  /** A cause with its confirmed cases and what they do to its base rate. */
  record Taught(String id, String label, int times, String factor) {}

  @GetMapping("/cases/experience")
  String show(Model model) {
    Experience experience = cases.confirmed();
    List<Taught> taught =
        experience.confirmed().keySet().stream()
            .map(
                id ->
                    new Taught(
                        id,
                        knowledge.causes().find(id).orElseThrow().label(),
                        experience.confirmed().get(id),
                        WORDS.say("factor", experience.factor(id))))
            .sorted(Comparator.comparingInt(Taught::times).reversed())
            .toList();
    model.addAttribute("taught", taught);
    model.addAttribute("total", experience.total());
    model.addAttribute("learns", keepers.learns());
    return "cases/experience";
  }

  @PostMapping("/cases/experience")
  String learn(@RequestParam(defaultValue = "false") boolean learns) {
    keepers.learn(learns);
    return "redirect:/cases/experience";
  }
}
