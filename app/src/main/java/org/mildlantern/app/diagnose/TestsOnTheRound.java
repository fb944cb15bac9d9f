package org.mildlantern.app.diagnose;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts tests that take days on the round; a plant whose look is open asks for some attention. */
@Component
@Order(2)
class TestsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(TestsOnTheRound.class);

  private final WaitingTestService tests;
  private final DiagnoseService diagnose;

  TestsOnTheRound(WaitingTestService tests, DiagnoseService diagnose) {
    this.tests = tests;
    this.diagnose = diagnose;
  }

  @Override
  public List<Due> due(Ground ground) {
    return tests.open().stream()
        .flatMap(
            test ->
                ground
                    .plant(test.plantId())
                    .map(plant -> Due.on(test.dueOn(), item(plant, test, ground.today())))
                    .stream())
        .toList();
  }

  @Override
  public Map<Long, Ask> asks(Ground ground) {
    return diagnose.plantsWithOpenLook().stream()
        .collect(Collectors.toMap(Function.identity(), plant -> Ask.SOME));
  }

  private static RoundItem item(PlantView plant, WaitingTestView test, LocalDate today) {
    String action = "/today/tests/" + test.id();
    boolean waits = test.check().waits();
    return RoundItem.due(
            "test-" + test.id(),
            Work.LOOK,
            plant,
            waits ? "read the test" : "look, as planned",
            waits
                ? WORDS.say("test-asked", test.node().label(), Days.ago(test.startedOn(), today))
                : WORDS.say("look-asked", test.check().label(), test.node().label()))
        .answered(
            List.of(
                new RoundItem.Answer("Yes", action, "there", "true"),
                new RoundItem.Answer("No", action, "there", "false")))
        .leadingTo("/plants/" + plant.id() + "/diagnose", "Open");
  }
}
