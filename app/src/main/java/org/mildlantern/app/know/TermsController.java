package org.mildlantern.app.know;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Toxicity;
import org.springframework.http.CacheControl;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** The words of the field, for pages to explain where they stand. */
@Controller
class TermsController {
  private final Knowledge knowledge;
  private final List<Word> words;

  TermsController(Knowledge knowledge) {
    this.knowledge = knowledge;
    words =
        knowledge.terms().stream()
            .filter(term -> !term.everyday())
            .map(term -> new Word(term.id(), term.label(), term.say()))
            .toList();
  }

  /** A word with what it means. */
  record Word(String id, String label, String say) {}

  /** Kinds that do the same to those who bite or touch them. */
  record Harm(Toxicity toxicity, List<Taxon> kinds) {}

  /** Kinds by how much they harm animals and children, the worst first. */
  @GetMapping("/know/pets")
  String pets(Model model) {
    Map<Toxicity, List<Taxon>> kinds =
        knowledge.taxa().stream()
            .filter(taxon -> knowledge.toxicity(taxon) != null)
            .collect(Collectors.groupingBy(knowledge::toxicity));
    model.addAttribute(
        "steps",
        kinds.entrySet().stream()
            .map(one -> new Harm(one.getKey(), one.getValue()))
            .sorted(Comparator.comparing((Harm harm) -> harm.kinds().get(0).name()))
            .collect(
                Collectors.groupingBy(
                    harm -> harm.toxicity().step(),
                    () -> new TreeMap<Toxicity.Step, List<Harm>>(Comparator.reverseOrder()),
                    Collectors.toList())));
    return "know/pets";
  }

  @GetMapping("/know/words")
  ResponseEntity<List<Word>> words() {
    return ResponseEntity.ok()
        .cacheControl(CacheControl.maxAge(Duration.ofHours(1)).cachePrivate())
        .body(words);
  }
}
