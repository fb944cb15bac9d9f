package org.mildlantern.app.cases;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the looks at open cases, and what is to be decided about them, on the round. */
@Component
@Order(1)
class CasesOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(CasesOnTheRound.class);

  private final CaseService cases;

  CasesOnTheRound(CaseService cases) {
    this.cases = cases;
  }

  private Stream<CaseView> open(Ground ground) {
    return cases.open().values().stream().filter(c -> ground.plant(c.plantId()).isPresent());
  }

  @Override
  public List<Due> due(Ground ground) {
    return open(ground)
        .filter(open -> open.dueOn() != null)
        .map(
            open ->
                Due.on(
                        open.dueOn(),
                        item(ground.plant(open.plantId()).orElseThrow(), open, ground.today()))
                    .asking(Ask.MUCH))
        .toList();
  }

  @Override
  public Map<Long, Ask> asks(Ground ground) {
    return open(ground)
        .collect(
            Collectors.toMap(
                CaseView::plantId,
                open -> open.cause().verdict() == Verdict.URGENT ? Ask.MUCH : Ask.SOME));
  }

  @Override
  public Set<Long> catching(Ground ground) {
    return open(ground)
        .filter(open -> open.cause().catching())
        .map(CaseView::plantId)
        .collect(Collectors.toSet());
  }

  private static RoundItem item(PlantView plant, CaseView open, LocalDate today) {
    CaseView.Step step = open.current();
    boolean look = step.waiting();
    RoundItem item =
        RoundItem.due(
                "case-" + open.id(),
                look ? Work.LOOK : Work.TREAT,
                plant,
                look ? "look again" : "decide what next",
                look
                    ? WORDS.say(
                        "look", open.cause().label(), Days.ago(step.window().madeOn(), today))
                    : WORDS.say("decide", open.cause().label(), step.answer().response().name()))
            .leadingTo("/cases/" + open.id(), "Open case");
    String action = "/today/cases/" + open.id();
    return look
        ? item.answered(
            List.of(
                new RoundItem.Answer("Better", action, "outcome", "BETTER"),
                new RoundItem.Answer("Same", action, "outcome", "SAME"),
                new RoundItem.Answer("Worse", action, "outcome", "WORSE")))
        : item;
  }
}
