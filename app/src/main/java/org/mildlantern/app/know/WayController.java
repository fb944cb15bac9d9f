package org.mildlantern.app.know;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Way;
import org.mildlantern.core.season.Stage;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;

/** The ways in which kinds live, and what each changes. */
@Controller
class WayController {
  private final Knowledge knowledge;
  private final SingletonSupplier<Map<String, List<Taxon>>> kinds;

  WayController(Knowledge knowledge) {
    this.knowledge = knowledge;
    this.kinds = SingletonSupplier.of(this::kindsByWay);
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
    return kinds.obtain().getOrDefault(way.id(), List.of());
  }

  /** Kinds by the way in which they grow, and by that in which they rest. */
  private Map<String, List<Taxon>> kindsByWay() {
    Map<String, List<Taxon>> byWay = new HashMap<>();
    for (Taxon taxon : knowledge.taxa()) {
      Kind kind = knowledge.kind(taxon);
      Set<String> ways = new LinkedHashSet<>(List.of(kind.way().id()));
      if (kind.habits().rest().any()) {
        ways.add(knowledge.lore(kind, Stage.REST, true).living().now().id());
      }
      ways.forEach(way -> byWay.computeIfAbsent(way, id -> new ArrayList<>()).add(taxon));
    }
    return byWay;
  }
}
