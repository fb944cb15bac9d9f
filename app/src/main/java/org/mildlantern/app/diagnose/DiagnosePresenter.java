package org.mildlantern.app.diagnose;

import java.math.BigDecimal;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.figure.Mark;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.records.PlantRecords;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.NextCheck;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.diagnosis.RecordNote;
import org.mildlantern.core.diagnosis.Weight;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Lore;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Part;
import org.mildlantern.core.knowledge.SignFamilies;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Turns a look and its diagnosis into what the page shows. */
@Component
class DiagnosePresenter {
  /** Signs of a part that are shown before the families, and so many that nothing is folded. */
  private static final int LIKELY = 8;

  private static final int UNFOLDED = 16;

  private static final Words WORDS = Words.of(DiagnosePresenter.class);

  private static final int CARDS = 5;
  private static final int LESSER = 6;

  /** Causes beyond these are named from this probability on. */
  private static final double LEAST = 0.005;

  private static final int RECORDS = 5;
  private static final int REASONS = 4;
  private static final int ASKS = 3;
  private static final double STRONG = 4;

  private final Knowledge knowledge;
  private final Figures figures;
  private final Scope scope;

  DiagnosePresenter(Knowledge knowledge, Figures figures, Scope scope) {
    this.knowledge = knowledge;
    this.figures = figures;
    this.scope = scope;
  }

  DiagnoseView show(LookState state, List<WaitingTestView> tests, String wantedPart) {
    PlantView plant = state.plant();
    Part part =
        plant.form().part(wantedPart == null ? "" : wantedPart).orElse(plant.form().parts().get(0));
    Lore lore = plant.now(knowledge).lore(scope.today(), scope.latitude());
    Map<String, Boolean> marked = new HashMap<>();
    state.findings().stream()
        .map(LookState.Noted::finding)
        .filter(Finding::isSure)
        .forEach(one -> marked.put(one.key(), one.present()));
    Diagnosis diagnosis = state.diagnosis();
    String suspected = state.openCase().map(OpenCases.OpenCase::causeId).orElse("");
    List<DiagnoseView.CauseCard> cards =
        IntStream.range(0, diagnosis.ranking().size())
            .filter(i -> i < CARDS + LESSER || diagnosis.ranking().get(i).probability() >= LEAST)
            .mapToObj(i -> card(diagnosis.ranking().get(i), suspected))
            .toList();
    List<DiagnoseView.RecordLine> records = records(state);
    boolean anySeen = state.findings().stream().anyMatch(n -> n.finding().present());
    return new DiagnoseView(
        new DiagnoseView.Subject(
            plant,
            about(plant),
            state.said(),
            figures.draw(plant.form(), marks(state), part.id(), plant.appearance()).orElse(null),
            state.started(),
            state.openCase().orElse(null)),
        new DiagnoseView.Marking(
            plant.form().parts().stream()
                .map(
                    p ->
                        new DiagnoseView.PartLink(
                            p.id(), p.label(), p == part, count(plant, p, marked)))
                .toList(),
            part.id(),
            part.label(),
            chips(lore.nodesOn(part), marked, diagnosis),
            state.findings().stream()
                .map(
                    n ->
                        new DiagnoseView.Ledger(
                            n.finding().key(),
                            label(n.finding()),
                            n.finding().present(),
                            n.finding().isSure(),
                            n.detail(),
                            n.quote(),
                            diagnosis.unexplained().contains(n.finding().key())))
                .toList()),
        new DiagnoseView.Evidence(
            records.stream().limit(RECORDS).toList(),
            records.stream().skip(RECORDS).toList(),
            state.records().shedding()),
        new DiagnoseView.Ranking(
            cards.subList(0, Math.min(CARDS, cards.size())),
            cards.subList(Math.min(CARDS, cards.size()), cards.size()),
            diagnosis.besides(),
            diagnosis.natural(),
            Decibans.percent(diagnosis.fit()),
            diagnosis.fitWorking(),
            diagnosis.fitsNothing(),
            diagnosis.unexplained().stream().map(Finding::present).map(this::label).toList(),
            anySeen),
        new DiagnoseView.Settling(
            diagnosis.nextChecks().stream().map(c -> check(c, tests)).toList(),
            tests.stream().map(this::underWay).toList()));
  }

  private List<Mark> marks(LookState state) {
    return Mark.of(
        state.findings().stream().map(LookState.Noted::finding).toList(),
        state.plant().form(),
        knowledge);
  }

  /** The records: overruled ones first, then those that move the likely causes most. */
  private List<DiagnoseView.RecordLine> records(LookState state) {
    Diagnosis diagnosis = state.diagnosis();
    Map<String, Double> influence = new HashMap<>();
    for (RankedCause ranked : diagnosis.ranking()) {
      for (Weight weight : ranked.weights()) {
        influence.merge(
            weight.key(), ranked.probability() * Math.abs(weight.decibans()), Double::sum);
      }
    }
    List<DiagnoseView.RecordLine> lines = new ArrayList<>();
    for (String condition : state.overruled()) {
      lines.add(
          new DiagnoseView.RecordLine(
              condition,
              capital(knowledge.conditions().find(condition).orElseThrow().label()),
              "you said this does not hold",
              false));
    }
    diagnosis.records().stream()
        .sorted(Comparator.comparingDouble(r -> -influence.getOrDefault(r.condition(), 0.0)))
        .map(
            r ->
                new DiagnoseView.RecordLine(
                    r.condition(), capital(r.label()), origin(r, state.records()), true))
        .forEach(lines::add);
    return lines;
  }

  private int count(PlantView plant, Part part, Map<String, Boolean> marked) {
    return (int)
        knowledge.nodesOn(plant.form(), part).stream()
            .filter(node -> Boolean.TRUE.equals(marked.get(node.id())))
            .count();
  }

  /**
   * The signs of a part: those that are marked or that the likeliest causes show first, the others
   * by family, folded where they are many. A sign's place is named only where it can sit in several
   * ways.
   */
  private List<DiagnoseView.ChipGroup> chips(
      List<Node> nodes, Map<String, Boolean> marked, Diagnosis diagnosis) {
    Map<String, Long> ways =
        nodes.stream().collect(Collectors.groupingBy(n -> n.sign().id(), Collectors.counting()));
    Set<Node> first = first(nodes, marked, diagnosis);
    Map<String, List<DiagnoseView.Chip>> groups = new LinkedHashMap<>();
    groups.put(WORDS.say("likely-here"), new ArrayList<>());
    for (Node node : nodes) {
      String label = ways.get(node.sign().id()) > 1 ? node.label() : node.sign().label();
      String group =
          first.contains(node)
              ? WORDS.say("likely-here")
              : SignFamilies.label(node.sign().family());
      groups
          .computeIfAbsent(group, g -> new ArrayList<>())
          .add(chip(node, label, marked.get(node.id())));
    }
    boolean few = nodes.size() <= UNFOLDED;
    return groups.entrySet().stream()
        .filter(group -> !group.getValue().isEmpty())
        .map(
            group ->
                new DiagnoseView.ChipGroup(
                    group.getKey(),
                    few || group.getKey().equals(WORDS.say("likely-here")),
                    group.getValue()))
        .toList();
  }

  /** What is marked, and what one may most expect to see by the causes as they rank now. */
  private static Set<Node> first(
      List<Node> nodes, Map<String, Boolean> marked, Diagnosis diagnosis) {
    Map<String, Double> expected = new HashMap<>();
    for (RankedCause ranked : diagnosis.ranking()) {
      ranked
          .cause()
          .signs()
          .forEach(
              (node, level) ->
                  expected.merge(node, ranked.probability() * level.probability(), Double::sum));
    }
    Set<Node> first =
        nodes.stream()
            .filter(node -> !marked.containsKey(node.id()) && expected.containsKey(node.id()))
            .sorted(Comparator.comparingDouble(node -> -expected.get(node.id())))
            .limit(LIKELY)
            .collect(Collectors.toCollection(HashSet::new));
    nodes.stream().filter(node -> marked.containsKey(node.id())).forEach(first::add);
    return first;
  }

  private DiagnoseView.Chip chip(Node node, String label, Boolean state) {
    return new DiagnoseView.Chip(
        node.id(),
        label,
        figures.swatch(node.sign()),
        state == null ? "none" : state ? "present" : "absent",
        state == null ? "present" : state ? "absent" : "none");
  }

  private DiagnoseView.CauseCard card(RankedCause ranked, String suspected) {
    return new DiagnoseView.CauseCard(
        new DiagnoseView.CauseCard.Name(
            ranked.cause().id(), ranked.cause().label(), ranked.cause().what()),
        new DiagnoseView.CauseCard.Urgency(ranked.asks().label(), ranked.asks().id()),
        new DiagnoseView.CauseCard.Odds(
            Decibans.percent(ranked.probability()), Math.round(ranked.probability() * 1000) / 10.0),
        new DiagnoseView.CauseCard.Reasons(
            reasons(ranked.reasonsFor()),
            reasons(ranked.reasonsAgainst()),
            more(ranked.reasonsFor()) + more(ranked.reasonsAgainst()),
            String.join("; ", ranked.unexplained()).toLowerCase(Locale.ROOT)),
        ranked.cause().id().equals(suspected),
        ranked.working());
  }

  private static int more(List<Weight> weights) {
    return Math.max(0, weights.size() - REASONS);
  }

  private static List<DiagnoseView.Reason> reasons(List<Weight> weights) {
    return weights.stream()
        .limit(REASONS)
        .map(
            w ->
                new DiagnoseView.Reason(
                    lower(w.label()),
                    Decibans.text(w.decibans()),
                    Math.abs(w.decibans()) >= STRONG))
        .toList();
  }

  private DiagnoseView.UnderWay underWay(WaitingTestView test) {
    return new DiagnoseView.UnderWay(
        test.check().label(),
        test.node().label(),
        test.startedOn(),
        test.dueOn(),
        test.check().waits());
  }

  private DiagnoseView.CheckCard check(NextCheck next, List<WaitingTestView> tests) {
    List<String> cost = new ArrayList<>();
    cost.add(minutes(next.check().minutes()));
    cost.add(next.check().stress().label());
    if (next.check().days() > 0) {
      cost.add(WORDS.say("answer", next.check().days()));
    }
    return new DiagnoseView.CheckCard(
        new DiagnoseView.CheckCard.What(
            next.check().id(), next.check().label(), next.check().how(), String.join(" · ", cost)),
        next.check().waits(),
        next.check().kind().equals("photo"),
        next.nodes().stream()
            .filter(n -> tests.stream().noneMatch(t -> t.node().equals(n)))
            .limit(ASKS)
            .map(n -> new DiagnoseView.Ask(n.id(), n.label()))
            .toList(),
        next.working());
  }

  private static String minutes(double minutes) {
    return minutes < 1 ? WORDS.say("half-a-minute") : WORDS.say("minutes", minutes);
  }

  private String about(PlantView plant) {
    List<String> words = new ArrayList<>();
    words.add(plant.code());
    words.add(plant.place().name());
    words.add(plant.pot().words());
    if (plant.arrivedOn() != null
        && ChronoUnit.DAYS.between(plant.arrivedOn(), scope.today()) <= Shedding.SETTLING_DAYS) {
      words.add("newly arrived");
    }
    if (plant.stage() != Stage.GROWTH) {
      words.add(plant.stageWords(scope.today(), scope.latitude()));
    }
    if (plant.mediumWords() != null) {
      String medium = lower(plant.mediumWords());
      words.add(
          plant.mediumSince() == null
              ? medium
              : WORDS.say(
                  "medium-age",
                  medium,
                  ChronoUnit.MONTHS.between(plant.mediumSince(), scope.today())));
    }
    return String.join(" · ", words);
  }

  private String label(Finding finding) {
    return knowledge.label(finding.sign(), finding.pattern());
  }

  /** What was read, and the entry or page that says so. */
  private String origin(RecordNote note, PlantRecords records) {
    ContextField field = knowledge.fields().find(note.field()).orElseThrow();
    List<String> words = new ArrayList<>();
    if (note.value() != null && field.numeric()) {
      words.add(field.label() + ": " + field.figure(new BigDecimal(note.value())));
    }
    String source = records.sourceOf(field);
    words.add(source.isEmpty() ? "by the day and the kind" : source);
    return String.join(" · ", words);
  }

  private static String capital(String text) {
    return Character.toUpperCase(text.charAt(0)) + text.substring(1);
  }

  private static String lower(String text) {
    return Character.toLowerCase(text.charAt(0)) + text.substring(1);
  }
}
