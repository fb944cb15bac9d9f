package org.mildlantern.app.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.NextCheck;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.said.Reading;
import org.mildlantern.core.words.Words;

/**
 * The one thing to ask next: first what an open word means and whether it was heard right, which
 * its keeper knows without another look, then the look that tells most for its trouble.
 */
final class NextQuestion {
  private static final Words WORDS = Words.of(NextQuestion.class);

  /** Pictures of one question. */
  private static final int PICTURES = 4;

  private static final int LIKELY = 12;

  private final Heard heard;
  private final Knowledge knowledge;
  private final Figures figures;

  NextQuestion(Heard heard, Knowledge knowledge, Figures figures) {
    this.figures = figures;
    this.heard = heard;
    this.knowledge = knowledge;
  }

  Optional<SaidView.Asked> asked() {
    return heard
        .diagnosis()
        .flatMap(
            diagnosis ->
                heard.sightings().stream()
                    .filter(one -> one.isOpen() && !one.asked())
                    .findFirst()
                    .flatMap(open -> which(open, diagnosis))
                    .or(this::meant)
                    .or(this::told)
                    .or(() -> look(diagnosis)));
  }

  /** Whether the least sure of what was read was meant. */
  private Optional<SaidView.Asked> meant() {
    return heard.sightings().stream()
        .filter(one -> one.isThere() && one.isDoubted() && !one.isOpen() && !one.asked())
        .min(Comparator.comparingDouble(Sighting::sure))
        .map(this::meant);
  }

  private SaidView.Asked meant(Sighting doubted) {
    Sign sign = knowledge.signs().find(doubted.word()).orElseThrow();
    return meant(
        doubted.quote(),
        knowledge.label(doubted.word(), doubted.place()),
        figures.swatch(sign),
        act -> said(doubted, act));
  }

  /** Whether the least sure of the circumstances was meant. */
  private Optional<SaidView.Asked> told() {
    return heard.told().stream()
        .filter(one -> !one.isSure() && !heard.form().corrections().isAside(one.field()))
        .min(Comparator.comparingDouble(Reading.Told::sure))
        .map(
            one ->
                meant(
                    Sightings.quote(one.span().of(heard.form().text())),
                    ToldWords.of(one, knowledge).label(),
                    null,
                    act -> said(Correction.Of.FIELD, one.field(), null, act)));
  }

  private static SaidView.Asked meant(
      String quote, String label, String swatch, Function<Correction.Act, String> said) {
    return new SaidView.Asked(
        WORDS.say("meant-title"),
        WORDS.say("meant", quote, label.toLowerCase(Locale.ROOT)),
        List.of(
            new SaidView.Answer(said.apply(Correction.Act.THERE), WORDS.say("yes"), swatch),
            new SaidView.Answer(said.apply(Correction.Act.OUT), WORDS.say("no"), null),
            new SaidView.Answer(said.apply(Correction.Act.OPEN), WORDS.say("cannot-tell"), null)));
  }

  private static String said(Sighting one, Correction.Act act) {
    return said(Correction.Of.SAID, one.word(), one.place(), act);
  }

  /** Which of its signs an open word means, the likeliest first. */
  private Optional<SaidView.Asked> which(Sighting open, Diagnosis diagnosis) {
    GrowthForm form = heard.who().kind().map(Kind::form).orElseThrow();
    Set<String> answered =
        heard.form().corrections().answers().stream()
            .map(Correction::word)
            .collect(Collectors.toSet());
    List<Sign> signs =
        open.alternatives().stream()
            .flatMap(id -> knowledge.signs().find(id).stream())
            .filter(sign -> knowledge.occurs(sign.id(), null, form))
            .filter(sign -> !answered.contains(sign.id()))
            .sorted(Comparator.comparingDouble((Sign sign) -> -expected(sign, diagnosis)))
            .limit(PICTURES)
            .toList();
    if (signs.size() < 2) {
      return Optional.empty();
    }
    List<SaidView.Answer> answers = new ArrayList<>();
    for (Sign sign : signs) {
      answers.add(
          new SaidView.Answer(
              Correction.there(sign.id(), place(sign, open)), sign.label(), figures.swatch(sign)));
    }
    if (open.isDoubted()) {
      answers.add(
          new SaidView.Answer(said(open, Correction.Act.OUT), WORDS.say("none-of-these"), null));
    }
    answers.add(
        new SaidView.Answer(said(open, Correction.Act.OPEN), WORDS.say("cannot-tell"), null));
    return Optional.of(
        new SaidView.Asked(
            WORDS.say("which-title"), WORDS.say("which", open.quote()), List.copyOf(answers)));
  }

  /** The place that was said, where the sign can sit there; its only one, where it has one. */
  private static String place(Sign sign, Sighting open) {
    if (open.place() != null && sign.patterns().contains(open.place())) {
      return open.place();
    }
    return sign.patterns().size() == 1 ? sign.patterns().get(0) : null;
  }

  /** How often the likeliest causes show a sign, by how likely they are. */
  private static double expected(Sign sign, Diagnosis diagnosis) {
    return diagnosis.ranking().stream()
        .limit(LIKELY)
        .mapToDouble(
            ranked ->
                ranked.probability()
                    * sign.patterns().stream()
                        .map(place -> ranked.cause().signs().get(Node.idOf(sign.id(), place)))
                        .filter(Objects::nonNull)
                        .mapToDouble(level -> level.probability())
                        .max()
                        .orElse(0))
        .sum();
  }

  private Optional<SaidView.Asked> look(Diagnosis diagnosis) {
    Set<String> aside =
        heard.form().corrections().answers().stream()
            .filter(one -> one.act() == Correction.Act.OPEN)
            .map(one -> Node.idOf(one.word(), one.place()))
            .collect(Collectors.toSet());
    for (NextCheck next : diagnosis.nextChecks()) {
      if (next.check().waits()) {
        continue;
      }
      Optional<Node> node =
          next.nodes().stream().filter(one -> !aside.contains(one.id())).findFirst();
      if (node.isPresent()) {
        return node.map(one -> look(next, one));
      }
    }
    return Optional.empty();
  }

  private SaidView.Asked look(NextCheck next, Node node) {
    String sign = node.sign().id();
    String place = node.pattern().id();
    return new SaidView.Asked(
        next.check().label(),
        WORDS.say("look", node.label().toLowerCase(Locale.ROOT)),
        List.of(
            new SaidView.Answer(
                Correction.there(sign, place), WORDS.say("there"), figures.swatch(node.sign())),
            new SaidView.Answer(
                said(Correction.Of.ANSWER, sign, place, Correction.Act.NOT),
                WORDS.say("not-there"),
                null),
            new SaidView.Answer(
                said(Correction.Of.ANSWER, sign, place, Correction.Act.OPEN),
                WORDS.say("not-now"),
                null)));
  }

  private static String said(Correction.Of of, String word, String place, Correction.Act act) {
    return new Correction(of, word, place, act).written();
  }
}
