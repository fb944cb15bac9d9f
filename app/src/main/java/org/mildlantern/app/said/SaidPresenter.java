package org.mildlantern.app.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Predicate;
import java.util.stream.Collector;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.diagnose.OpenCases;
import org.mildlantern.app.figure.Appearance;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.figure.Mark;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.knowledge.SignFamilies;
import org.mildlantern.core.said.Reading;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Prepares what was heard for the page. */
@Component
class SaidPresenter {
  private static final Words WORDS = Words.of(SaidPresenter.class);

  private static final int CARDS = 4;
  private static final int LESSER = 6;
  private static final int UNREAD = 4;

  /** What is less likely is offered on demand only: three in a hundred of it were meant. */
  private static final double FOLDED = 0.15;

  private final Knowledge knowledge;
  private final Figures figures;
  private final OpenCases cases;

  SaidPresenter(Knowledge knowledge, Figures figures, OpenCases cases) {
    this.knowledge = knowledge;
    this.figures = figures;
    this.cases = cases;
  }

  SaidView show(Heard heard) {
    List<SaidView.Chip> chips = chips(heard);
    Optional<Diagnosis> diagnosis = heard.diagnosis();
    boolean anySaid =
        heard.sightings().stream().anyMatch(Sighting::isThere)
            || heard.before().stream().anyMatch(one -> one.finding().present());
    int statements =
        (int) heard.sightings().stream().filter(s -> s.state() != Sighting.State.OUT).count()
            + heard.told().size();
    return new SaidView(
        heard.form(),
        who(heard.who()),
        new SaidView.Text(
            pieces(heard),
            statements,
            heard.reading().unread().stream()
                .limit(UNREAD)
                .map(span -> guessed(span, offered(heard).filter(one -> one.isIn(span)), heard))
                .toList(),
            maybe(heard, one -> one.sure() >= FOLDED),
            maybe(heard, one -> one.sure() < FOLDED),
            signs(heard)),
        drawing(heard),
        chips,
        heard.form().text().isBlank()
            ? null
            : new NextQuestion(heard, knowledge, figures).asked().orElse(null),
        ranking(heard, anySaid),
        summary(statements, diagnosis, anySaid),
        heard.form().corrections().written());
  }

  private SaidView.Plant who(Who who) {
    PlantView mine = who.plant().orElse(null);
    return new SaidView.Plant(
        who.kind().map(Kind::name).orElse(""),
        who.called(),
        who.inText(),
        mine,
        mine != null && cases.openCase(mine.id()).isPresent(),
        who.choices(),
        who.like());
  }

  private static String summary(int statements, Optional<Diagnosis> diagnosis, boolean anySaid) {
    Optional<RankedCause> first = diagnosis.map(found -> found.ranking().get(0));
    return first.isPresent() && anySaid
        ? WORDS.say(
            "summary",
            statements,
            first.get().cause().label(),
            Decibans.percent(first.get().probability()))
        : WORDS.say("understood", statements);
  }

  private SaidView.Drawing drawing(Heard heard) {
    Optional<GrowthForm> form = heard.who().kind().map(Kind::form);
    String tapped = heard.form().part();
    List<Finding> findings =
        Stream.concat(
                heard.before().stream().map(LookState.Noted::finding),
                heard.sightings().stream().map(Sighting::finding))
            .toList();
    Appearance looks = heard.who().plant().map(PlantView::appearance).orElse(Appearance.WHOLE);
    return form.flatMap(
            of ->
                figures
                    .draw(of, Mark.of(findings, of, knowledge), tapped, looks)
                    .map(
                        figure ->
                            new SaidView.Drawing(figure, parts(of, tapped), seen(of, tapped))))
        .orElse(null);
  }

  private static List<SaidView.Choice> parts(GrowthForm form, String tapped) {
    return form.parts().stream()
        .map(part -> new SaidView.Choice(part.id(), part.label(), part.id().equals(tapped)))
        .toList();
  }

  /** What can be seen on a part. */
  private List<SaidView.Family> seen(GrowthForm form, String tapped) {
    return form.part(tapped).map(part -> knowledge.nodesOn(form, part)).orElse(List.of()).stream()
        .collect(
            families(
                node -> node.sign().family(),
                node -> answer(node.sign(), node.pattern().id(), node.label())));
  }

  private SaidView.Answer answer(Sign sign, String place, String label) {
    return new SaidView.Answer(Correction.there(sign.id(), place), label, figures.swatch(sign));
  }

  private static <T> Collector<T, ?, List<SaidView.Family>> families(
      Function<T, String> family, Function<T, SaidView.Answer> answer) {
    return Collectors.collectingAndThen(
        Collectors.groupingBy(
            family, LinkedHashMap::new, Collectors.mapping(answer, Collectors.toList())),
        byFamily ->
            byFamily.entrySet().stream()
                .map(one -> new SaidView.Family(SignFamilies.label(one.getKey()), one.getValue()))
                .toList());
  }

  /** The text cut where its taking changes. */
  private static List<SaidView.Piece> pieces(Heard heard) {
    String text = heard.form().text();
    String[] how = new String[text.length()];
    heard.reading().unread().forEach(span -> paint(how, span, "unread"));
    Optional.ofNullable(heard.reading().kind())
        .ifPresent(named -> paint(how, named.span(), "read"));
    heard.reading().seen().forEach(one -> paint(how, one.span(), "read"));
    heard.reading().told().forEach(one -> paint(how, one.span(), "read"));
    List<SaidView.Piece> pieces = new ArrayList<>();
    int from = 0;
    for (int i = 1; i <= how.length; i++) {
      if (i == how.length || !Objects.equals(how[i], how[from])) {
        pieces.add(new SaidView.Piece(text.substring(from, i), how[from]));
        from = i;
      }
    }
    return pieces;
  }

  private static void paint(String[] how, Reading.Span span, String as) {
    for (int i = span.from(); i < span.to(); i++) {
      how[i] = as;
    }
  }

  private List<SaidView.Chip> chips(Heard heard) {
    Optional<GrowthForm> form = heard.who().kind().map(Kind::form);
    record At(int from, SaidView.Chip chip) {}
    List<At> chips = new ArrayList<>();
    for (Sighting one : heard.sightings()) {
      chips.add(new At(one.from(), chip(one, form)));
    }
    for (Reading.Told one : heard.reading().told()) {
      chips.add(new At(one.span().from(), told(one, heard.told(one.field()))));
    }
    List<SaidView.Chip> sorted = new ArrayList<>();
    chips.stream().sorted(Comparator.comparingInt(At::from)).map(At::chip).forEach(sorted::add);
    heard.before().stream().map(this::before).forEach(sorted::add);
    return List.copyOf(sorted);
  }

  private SaidView.Chip chip(Sighting one, Optional<GrowthForm> form) {
    Correction.Act next =
        switch (one.state()) {
          case THERE -> one.isDoubted() ? Correction.Act.THERE : Correction.Act.NOT;
          case NOT -> one.isDoubted() ? Correction.Act.NOT : Correction.Act.OUT;
          case OUT -> Correction.Act.THERE;
        };
    String side =
        switch (one.state()) {
          case OUT -> WORDS.say("side.out");
          case NOT -> WORDS.say("side.not");
          case THERE ->
              one.place() == null
                  ? WORDS.say("side.somewhere")
                  : knowledge.patterns().find(one.place()).orElseThrow().label();
        };
    String state = one.state().name().toLowerCase(Locale.ROOT);
    String label = knowledge.label(one.word(), null);
    return new SaidView.Chip(
        "chip-" + one.of().name().charAt(0) + one.finding().key(),
        one.isDoubted() ? WORDS.say("doubted", label) : label,
        side,
        one.isDoubted() && one.isThere() ? "doubt" : state,
        new Correction(one.of(), one.word(), one.place(), next).written(),
        one.isThere() ? places(one, form) : List.of());
  }

  /** Where the sign can sit on the plant; none when there is only one place for it. */
  private List<SaidView.Choice> places(Sighting one, Optional<GrowthForm> form) {
    List<SaidView.Choice> places =
        knowledge.meant(one.word(), null).stream()
            .filter(node -> form.isEmpty() || knowledge.occursOn(node, form.get()))
            .map(Node::pattern)
            .distinct()
            .map(
                place ->
                    new SaidView.Choice(
                        new Correction(
                                Correction.Of.SAID, one.word(), place.id(), Correction.Act.THERE)
                            .written(),
                        place.label(),
                        place.id().equals(one.place())))
            .toList();
    return places.size() < 2 || one.of() == Correction.Of.ANSWER ? List.of() : places;
  }

  private SaidView.Chip told(Reading.Told told, Optional<Reading.Told> counts) {
    ToldWords words = ToldWords.of(told, knowledge);
    boolean sure = counts.filter(Reading.Told::isSure).isPresent();
    boolean doubted = counts.isPresent() && !sure;
    Correction.Act next = sure ? Correction.Act.OUT : Correction.Act.THERE;
    return new SaidView.Chip(
        "chip-F" + told.field(),
        doubted ? WORDS.say("doubted", words.label()) : words.label(),
        counts.isPresent() ? words.side() : WORDS.say("side.out"),
        sure ? "told" : doubted ? "doubt" : "out",
        new Correction(Correction.Of.FIELD, told.field(), null, next).written(),
        List.of());
  }

  private SaidView.Chip before(LookState.Noted noted) {
    Finding finding = noted.finding();
    return new SaidView.Chip(
        "chip-B" + finding.key(),
        knowledge.label(finding.sign(), finding.pattern()),
        WORDS.say(finding.present() ? "side.before" : "side.before-not"),
        finding.present() ? "there" : "not",
        null,
        List.of());
  }

  /** What the text may tell besides, of which its keeper has said nothing yet. */
  private static Stream<Reading.Seen> offered(Heard heard) {
    return heard.reading().maybe().stream()
        .filter(
            one -> heard.sightings().stream().noneMatch(seen -> seen.word().equals(one.sign())));
  }

  /** By the words that tell it. */
  private List<SaidView.Guessed> maybe(Heard heard, Predicate<Reading.Seen> which) {
    Map<Reading.Span, List<Reading.Seen>> byWords =
        offered(heard)
            .filter(which)
            .filter(one -> heard.reading().unread().stream().noneMatch(one::isIn))
            .collect(
                Collectors.groupingBy(Reading.Seen::span, LinkedHashMap::new, Collectors.toList()));
    return byWords.entrySet().stream()
        .map(one -> guessed(one.getKey(), one.getValue().stream(), heard))
        .toList();
  }

  private SaidView.Guessed guessed(Reading.Span words, Stream<Reading.Seen> signs, Heard heard) {
    return new SaidView.Guessed(
        Sightings.quote(words.of(heard.form().text())),
        signs
            .flatMap(one -> knowledge.signs().find(one.sign()).stream())
            .map(sign -> answer(sign, null, sign.label()))
            .toList());
  }

  /** The signs that can be seen on the plant, by family, for words that were not understood. */
  private List<SaidView.Family> signs(Heard heard) {
    Optional<GrowthForm> form = heard.who().kind().map(Kind::form);
    if (form.isEmpty() || heard.reading().unread().isEmpty()) {
      return List.of();
    }
    return knowledge.signs().stream()
        .filter(sign -> knowledge.occurs(sign.id(), null, form.get()))
        .sorted(Comparator.comparing(Sign::label))
        .collect(families(Sign::family, sign -> answer(sign, null, sign.label())));
  }

  private SaidView.Ranking ranking(Heard heard, boolean anySaid) {
    List<RankedCause> ranking = heard.diagnosis().map(Diagnosis::ranking).orElse(List.of());
    Because because = new Because(heard, knowledge);
    return new SaidView.Ranking(
        ranking.stream().limit(CARDS).map(one -> card(one, because)).toList(),
        ranking.stream()
            .skip(CARDS)
            .limit(LESSER)
            .map(
                one ->
                    new SaidView.Lesser(
                        one.cause().id(), one.cause().label(), Decibans.percent(one.probability())))
            .toList(),
        heard.diagnosis().map(Diagnosis::besides).orElse(-1),
        heard.diagnosis().map(Diagnosis::natural).orElse(-1),
        anySaid,
        heard.diagnosis().map(Diagnosis::fitsNothing).orElse(false));
  }

  private static SaidView.Card card(RankedCause ranked, Because because) {
    return new SaidView.Card(
        ranked.cause().id(),
        ranked.cause().label(),
        new SaidView.Card.Odds(
            Decibans.percent(ranked.probability()), Math.round(ranked.probability() * 1000) / 10.0),
        ranked.asks().label(),
        ranked.asks().id(),
        because.of(ranked),
        ranked.working());
  }
}
