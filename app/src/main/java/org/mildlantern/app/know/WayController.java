package org.mildlantern.app.know;

import java.util.List;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Living;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.season.Stage;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The ways in which kinds live, and what each changes. */
@Controller
class WayController {
  private final Knowledge knowledge;

  WayController(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  /** A way with how many kinds live so. */
  record Line(Way way, int kinds) {}

  @GetMapping("/know/ways")
  String all(Model model) {
    model.addAttribute(
        "ways",
        knowledge.ways().all().stream().map(way -> new Line(way, kinds(way).size())).toList());
    return "know/ways";
  }

  @GetMapping("/know/ways/{id}")
  String one(@PathVariable String id, Model model) {
    Way way = knowledge.ways().table().find(id).orElseThrow(Web::missing);
    model.addAttribute("way", way);
    model.addAttribute("kinds", kinds(way));
    model.addAttribute("lines", ByWay.of(way, knowledge));
    model.addAttribute(
        "silent",
        knowledge.ways().silent().stream()
            .filter(
                one ->
                    one.ways().contains(id) || one.ways().stream().anyMatch(way.tags()::contains))
            .toList());
    model.addAttribute("conditions", knowledge.conditions());
    return "know/way";
  }

  private List<Taxon> kinds(Way way) {
    return knowledge.taxa().stream()
        .filter(
            taxon -> {
              Kind kind = knowledge.kind(taxon);
              Living resting = knowledge.lore(kind, Stage.REST, true).living();
              return kind.way().equals(way)
                  || kind.habits().rest().any() && resting.now().equals(way);
            })
        .toList();
  }
}
