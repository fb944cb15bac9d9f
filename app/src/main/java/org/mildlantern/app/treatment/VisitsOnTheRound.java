package org.mildlantern.app.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the visits of running courses on the round, and the patch tests that they ask for. */
@Component
@Order(3)
class VisitsOnTheRound implements RoundSource {
  /**
   * Share of a visit that each of several plants takes, mixed and dressed for once. Rule of thumb.
   */
  private static final double EACH = 0.6;

  private static final Words WORDS = Words.of(VisitsOnTheRound.class);

  private final CaseService cases;
  private final CourseService courses;
  private final VisitService visits;
  private final VisitGround ground;
  private final Remedies remedies;

  VisitsOnTheRound(
      CaseService cases,
      CourseService courses,
      VisitService visits,
      VisitGround ground,
      Remedies remedies) {
    this.cases = cases;
    this.courses = courses;
    this.visits = visits;
    this.ground = ground;
    this.remedies = remedies;
  }

  @Override
  public List<Due> due(Ground known) {
    Set<Long> open = cases.open().values().stream().map(CaseView::id).collect(Collectors.toSet());
    List<CourseService.Picked> underWay =
        courses.underWay().stream().filter(p -> open.contains(p.course().caseId())).toList();
    if (underWay.isEmpty()) {
      return List.of();
    }
    Map<TreatmentVisit, PlantView> ahead = new LinkedHashMap<>();
    Map<Long, LifeCycle> pests = new HashMap<>();
    for (CourseService.Picked picked : underWay) {
      pests.put(picked.course().id(), remedies.pests().find(picked.course().pest()).orElseThrow());
      known
          .plant(picked.course().plantId())
          .ifPresent(plant -> picked.planned().forEach(v -> ahead.put(v, plant)));
    }
    VisitGround.Known before =
        ground.known(ahead.values().stream().map(PlantView::id).distinct().toList());
    Map<Long, VisitService.Brief> briefs = visits.briefs(ahead, pests, before);
    List<Due> due = new ArrayList<>();
    for (CourseService.Picked picked : underWay) {
      known
          .plant(picked.course().plantId())
          .ifPresent(
              plant -> {
                picked.planned().forEach(v -> due.add(due(picked, v, plant, briefs.get(v.id()))));
                PatchAhead.of(picked, courses, before)
                    .forEach(test -> due.add(due(test, plant, picked.course().caseId())));
              });
    }
    return due;
  }

  private static Due due(PatchAhead test, PlantView plant, Long caseId) {
    String means = test.means().label().toLowerCase(Locale.ROOT);
    return Due.on(
        test.on(),
        RoundItem.due(
                "try-" + plant.id() + "-" + test.means().id(),
                Work.TREAT,
                plant,
                "try one leaf",
                WORDS.say("try-leaf", means, Days.near(test.before())))
            .answered(
                List.of(
                    new RoundItem.Answer(
                        "Done", "/patch-tests/on/" + plant.id(), "means", test.means().id())))
            .leadingTo("/cases/" + caseId + "/treatment", "Open course"));
  }

  private Due due(
      CourseService.Picked picked,
      TreatmentVisit visit,
      PlantView plant,
      VisitService.Brief brief) {
    String action = "/visits/" + visit.id();
    int number = picked.visits().indexOf(visit) + 1;
    boolean blocked = brief.block() != null;
    List<RoundItem.Answer> answers = new ArrayList<>();
    if (!blocked) {
      answers.add(new RoundItem.Answer("Done", action, "done", "true"));
    }
    answers.add(RoundItem.Answer.skip("Skip", action, "done", "false"));
    String planned =
        WORDS.say(
            "on-the-round",
            brief.mix().isEmpty() ? "none" : brief.mix(),
            courses.words(visit),
            number,
            picked.visits().size());
    Due due =
        Due.on(
            visit.plannedOn(),
            RoundItem.due(
                    "visit-" + visit.id(),
                    Work.TREAT,
                    plant,
                    "treat",
                    blocked ? WORDS.say("not-yet", planned, brief.block().reason()) : planned)
                .answered(answers)
                .leadingTo(action, "Open visit"));
    return visit.togetherId() == null || blocked
        ? due
        : due.within(party(visit, number, picked), null);
  }

  private Party party(TreatmentVisit visit, int number, CourseService.Picked picked) {
    return new Party(
        "visits-" + visit.togetherId() + "-" + visit.plannedOn(),
        plants -> WORDS.say("treat-together", plants),
        WORDS.say("together", courses.words(visit), number, picked.visits().size()),
        "/visits/" + visit.id() + "/all",
        "Done",
        WORDS.say("left-out"),
        "/visits/" + visit.id(),
        EACH);
  }
}
