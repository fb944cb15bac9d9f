package org.mildlantern.app.know;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.figure.Plates;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Comparison;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.SignFamilies;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.reliability.Coverage;
import org.mildlantern.core.reliability.Measured;
import org.mildlantern.core.reliability.WrittenCase;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.util.function.SingletonSupplier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** The reference as a whole: what there is, two causes side by side, and how good it is. */
@Controller
class ReferenceController {
  private static final Map<String, String> FAMILIES =
      Map.of(
          "normal", "Normal states",
          "water", "Water",
          "medium", "Medium and roots",
          "light", "Light",
          "air", "Air and temperature",
          "nutrition", "Nutrition",
          "pest", "Pests",
          "disease", "Disease",
          "growth", "Growth events");

  private static final List<String> FAMILY_ORDER =
      List.of(
          "normal", "water", "medium", "light", "air", "nutrition", "pest", "disease", "growth");
  private static final List<String> GROUP_ORDER =
      List.of("orchid", "bromeliad", "bonsai", "carnivorous", "potted");

  private final Knowledge knowledge;
  private final SingletonSupplier<Coverage> coverage;
  private final Plates plates;

  ReferenceController(Knowledge knowledge, Plates plates) {
    this.plates = plates;
    this.knowledge = knowledge;
    this.coverage = SingletonSupplier.of(() -> Coverage.of(knowledge, WrittenCase.all(knowledge)));
  }

  /** A line of the index. */
  record Line(String href, String label, String note) {}

  @GetMapping("/know")
  String index(Model model) {
    model.addAttribute(
        "causes",
        grouped(
            knowledge.causes(),
            FAMILY_ORDER,
            Cause::family,
            cause ->
                new Line("/know/causes/" + cause.id(), cause.label(), cause.verdict().label())));
    model.addAttribute(
        "signs",
        grouped(
            knowledge.signs(),
            List.of(),
            sign -> SignFamilies.label(sign.family()),
            sign -> new Line("/know/signs/" + sign.id(), sign.label(), "")));
    model.addAttribute(
        "taxa",
        grouped(
            knowledge.taxa(),
            GROUP_ORDER,
            Taxon::group,
            taxon ->
                new Line(
                    "/know/taxa/" + taxon.id(),
                    taxon.name(),
                    String.join(", ", taxon.synonyms()))));
    model.addAttribute("terms", knowledge.terms());
    return "know/index";
  }

  /** Groups by their label, those of the order first. */
  private static <T> Map<String, List<Line>> grouped(
      Collection<T> all, List<String> order, Function<T, String> group, Function<T, Line> line) {
    Map<String, List<Line>> groups = new LinkedHashMap<>();
    order.forEach(one -> groups.put(FAMILIES.getOrDefault(one, one), new ArrayList<>()));
    for (T each : all) {
      String name = group.apply(each);
      groups
          .computeIfAbsent(FAMILIES.getOrDefault(name, name), g -> new ArrayList<>())
          .add(line.apply(each));
    }
    return groups;
  }

  @GetMapping("/know/plates")
  String plates(Model model) {
    model.addAttribute("plates", plates.byFamily());
    return "know/plates";
  }

  @GetMapping("/know/compare")
  String compare(
      @RequestParam(defaultValue = "") String a,
      @RequestParam(defaultValue = "") String b,
      Model model) {
    model.addAttribute("a", a);
    model.addAttribute("b", b);
    model.addAttribute("all", knowledge.causes());
    Cause first = knowledge.causes().find(a).orElse(null);
    Cause second = knowledge.causes().find(b).orElse(null);
    if (first != null && second != null) {
      model.addAttribute("comparison", Comparison.of(first, second, knowledge));
      model.addAttribute("firstChange", knowledge.changes().find(first.change()).orElseThrow());
      model.addAttribute("firstPlates", plates.of(first));
      model.addAttribute("secondPlates", plates.of(second));
      model.addAttribute("secondChange", knowledge.changes().find(second.change()).orElseThrow());
    }
    return "know/compare";
  }

  @GetMapping("/know/reliability")
  String reliability(Model model) {
    Measured measured = Measured.shipped();
    model.addAttribute("measured", measured);
    model.addAttribute("current", measured.edition().equals(knowledge.edition()));
    model.addAttribute("coverage", coverage.get());
    model.addAttribute("families", FAMILIES);
    model.addAttribute("causeLabels", labels());
    return "know/reliability";
  }

  private Map<String, String> labels() {
    return knowledge.causes().stream().collect(Collectors.toMap(Cause::id, Cause::label));
  }
}
