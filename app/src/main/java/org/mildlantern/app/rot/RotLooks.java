package org.mildlantern.app.rot;

import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the looks at rots on the round: every day at first, then wider. */
@Component
@Order(1)
class RotLooks implements RoundSource {
  private static final Words WORDS = Words.of(RotLooks.class);

  private final CaseService cases;
  private final RotService rots;

  RotLooks(CaseService cases, RotService rots) {
    this.cases = cases;
    this.rots = rots;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<CaseView> open =
        cases.open().values().stream()
            .filter(kase -> rots.rot(kase).isPresent())
            .filter(kase -> ground.plant(kase.plantId()).isPresent())
            .toList();
    Map<Long, List<Entry>> looks = rots.looks(open);
    return open.stream()
        .flatMap(kase -> due(kase, looks.getOrDefault(kase.plantId(), List.of()), ground))
        .toList();
  }

  private Stream<Due> due(CaseView kase, List<Entry> looks, Ground ground) {
    return rots.next(kase, looks).stream()
        .map(
            day ->
                Due.on(
                        day,
                        RoundItem.due(
                                "rot-" + kase.id(),
                                Work.LOOK,
                                ground.plant(kase.plantId()).orElseThrow(),
                                "look at the rot",
                                WORDS.say("asked", kase.cause().label()))
                            .answered(answers(kase))
                            .leadingTo("/cases/" + kase.id() + "/rot", "The rot"))
                    .asking(Ask.MUCH));
  }

  private static List<RoundItem.Answer> answers(CaseView kase) {
    return Arrays.stream(Edge.values())
        .map(
            edge ->
                new RoundItem.Answer(edge.label(), "/today/rots/" + kase.id(), "edge", edge.name()))
        .toList();
  }
}
