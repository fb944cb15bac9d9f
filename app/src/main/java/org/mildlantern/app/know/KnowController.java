package org.mildlantern.app.know;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.mildlantern.app.figure.Appearance;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.figure.Mark;
import org.mildlantern.app.figure.Plates;
import org.mildlantern.app.web.Htmx;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Level;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.season.Stage;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;

/** Reference pages and the find box. */
@Controller
class KnowController {
  /** Finds shown while one types. */
  private static final int GLANCE = 12;

  private static final int PAGE = 25;

  private final FindService find;
  private final Knowledge knowledge;
  private final Remedies remedies;
  private final Figures figures;
  private final Plates plates;

  KnowController(
      FindService find, Knowledge knowledge, Figures figures, Plates plates, Remedies remedies) {
    this.plates = plates;
    this.remedies = remedies;
    this.find = find;
    this.knowledge = knowledge;
    this.figures = figures;
  }

  /** A node with how often a cause shows it. */
  record Shown(String href, String label, String level, double probability) {}

  @Kept
  @GetMapping("/find")
  String find(
      @RequestParam(defaultValue = "") String q,
      @RequestParam(required = false) Integer page,
      Htmx htmx,
      Model model) {
    model.addAttribute("q", q);
    var hits = find.find(q, page, htmx.on() ? GLANCE : PAGE);
    model.addAttribute("hits", hits);
    model.addAttribute("like", hits.all() == 0 ? find.like(q) : List.of());
    model.addAttribute("glance", htmx.on());
    return htmx.page("know/find", "hits");
  }

  @GetMapping("/know/signs/{id}")
  String sign(@PathVariable String id, Model model) {
    Sign sign = knowledge.signs().find(id).orElseThrow(Web::missing);
    Map<String, List<Shown>> byPattern = new TreeMap<>();
    for (String pattern : sign.patterns()) {
      String node = Node.idOf(id, pattern);
      byPattern.put(
          knowledge.patterns().find(pattern).orElseThrow().label(),
          knowledge.causes().stream()
              .filter(c -> c.signs().containsKey(node))
              .map(c -> shown("/know/causes/" + c.id(), c.label(), c.signs().get(node)))
              .sorted((a, b) -> Double.compare(b.probability(), a.probability()))
              .toList());
    }
    model.addAttribute("sign", sign);
    model.addAttribute("plates", plates.of(sign));
    knowledge.forms().stream()
        .filter(form -> sign.patterns().stream().anyMatch(p -> occurs(id, p, form)))
        .findFirst()
        .ifPresent(
            form ->
                drawn(
                    form,
                    sign.patterns().stream()
                        .filter(p -> occurs(id, p, form))
                        .limit(1)
                        .map(p -> new Mark(knowledge.node(Node.idOf(id, p)).orElseThrow()))
                        .toList(),
                    model));
    model.addAttribute("check", knowledge.checks().find(sign.check()).orElseThrow());
    model.addAttribute("byPattern", byPattern);
    model.addAttribute("swatches", figures.swatches());
    return "know/sign";
  }

  private boolean occurs(String sign, String pattern, GrowthForm form) {
    return knowledge.occursOn(knowledge.node(Node.idOf(sign, pattern)).orElseThrow(), form);
  }

  private void drawn(GrowthForm form, List<Mark> marks, Model model) {
    figures
        .draw(form, marks, null, Appearance.WHOLE)
        .ifPresent(figure -> model.addAttribute("figure", figure));
    model.addAttribute("figureForm", form);
    model.addAttribute("swatches", figures.swatches());
  }

  @GetMapping("/know/causes/{id}")
  String cause(@PathVariable String id, Model model) {
    Cause cause = knowledge.causes().find(id).orElseThrow(Web::missing);
    model.addAttribute("cause", cause);
    model.addAttribute("plates", plates.of(cause));
    knowledge.forms().stream()
        .filter(form -> knowledge.causesFor(form).contains(cause))
        .max(Comparator.comparingLong(form -> typical(cause, form).size()))
        .ifPresent(form -> drawn(form, typical(cause, form), model));
    model.addAttribute(
        "proneTaxa",
        knowledge.taxa().stream()
            .filter(taxon -> taxon.prone().containsKey(id) && taxon.prone().get(id).odds() > 1)
            .toList());
    model.addAttribute(
        "takenFor",
        knowledge.causes().stream()
            .filter(
                other -> other.alike().containsKey(id) && !cause.alike().containsKey(other.id()))
            .map(other -> Map.entry(other, other.alike().get(id)))
            .toList());
    model.addAttribute("change", knowledge.changes().find(cause.change()).orElseThrow());
    model.addAttribute("byWay", ByWay.of(cause, knowledge));
    model.addAttribute("life", remedies.pests().find(id).orElse(null));
    model.addAttribute(
        "lives", remedies.pests().find(id).map(KnowController::generations).orElse(null));
    model.addAttribute("without", remedies.without(id).orElse(null));
    model.addAttribute(
        "signs",
        cause.signs().entrySet().stream()
            .map(
                e -> {
                  Node node = knowledge.node(e.getKey()).orElseThrow();
                  return shown("/know/signs/" + node.sign().id(), node.label(), e.getValue());
                })
            .sorted((a, b) -> Double.compare(b.probability(), a.probability()))
            .toList());
    model.addAttribute(
        "alike",
        cause.alike().entrySet().stream()
            .map(e -> Map.entry(knowledge.causes().find(e.getKey()).orElseThrow(), e.getValue()))
            .toList());
    model.addAttribute(
        "context",
        cause.context().entrySet().stream()
            .map(
                e ->
                    Map.entry(
                        knowledge.conditions().find(e.getKey()).orElseThrow().label(),
                        e.getValue().name()))
            .toList());
    return "know/cause";
  }

  private static final LocalDate MIDSUMMER = LocalDate.of(2026, 6, 21);

  private static final double[] WARMTHS = {16, 20, 24, 28};

  /** Days of one generation by warmth, in words. */
  private static Map<String, String> generations(LifeCycle life) {
    Map<String, String> days = new LinkedHashMap<>();
    for (double celsius : WARMTHS) {
      days.put(Math.round(celsius) + " °C", Generation.of(life, celsius).working().result());
    }
    return days;
  }

  /** The marks of what the cause shows usually or more often on the form. */
  private List<Mark> typical(Cause cause, GrowthForm form) {
    return cause.signs().entrySet().stream()
        .filter(e -> e.getValue().probability() >= Level.USUALLY.probability())
        .map(e -> knowledge.node(e.getKey()).orElseThrow())
        .filter(node -> knowledge.occursOn(node, form))
        .map(Mark::new)
        .toList();
  }

  @GetMapping("/know/taxa/{id}")
  String taxon(@PathVariable String id, Model model) {
    var taxon = knowledge.taxa().find(id).orElseThrow(Web::missing);
    model.addAttribute("taxon", taxon);
    GrowthForm form = knowledge.forms().find(taxon.form()).orElseThrow();
    model.addAttribute("form", form);
    model.addAttribute("wish", knowledge.lightWish(knowledge.kind(taxon)).orElseThrow());
    model.addAttribute("toxic", knowledge.toxicity(taxon));
    model.addAttribute("way", knowledge.kind(taxon).way());
    model.addAttribute(
        "restWay", knowledge.lore(knowledge.kind(taxon), Stage.REST, true).living().now());
    model.addAttribute(
        "shedding",
        Stream.of(Stage.values())
            .map(stage -> Map.entry(stage, shedding(taxon, stage, null)))
            .toList());
    model.addAttribute("moved", shedding(taxon, Stage.GROWTH, 0));
    drawn(form, List.of(), model);
    model.addAttribute(
        "relatives",
        knowledge.taxa().stream()
            .filter(other -> id.equals(other.like()) || other.id().equals(taxon.like()))
            .toList());
    model.addAttribute(
        "prone",
        taxon.prone().entrySet().stream()
            .map(
                e ->
                    Map.entry(
                        knowledge.causes().find(e.getKey()).orElseThrow(), e.getValue().name()))
            .toList());
    return "know/taxon";
  }

  /** In the middle of a northern summer, when no kind but a summer sleeper rests. */
  private Shedding shedding(Taxon taxon, Stage stage, Integer sinceChange) {
    return Shedding.of(knowledge.kind(taxon), stage, MIDSUMMER, 53, sinceChange);
  }

  private static Shown shown(String href, String label, Level level) {
    return new Shown(href, label, level.word(), level.probability());
  }
}
