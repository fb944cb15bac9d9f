package org.mildlantern.app.treatment;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the visits of running courses on the round. */
@Component
@Order(3)
class VisitsOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(VisitsOnTheRound.class);

  private final CaseService cases;
  private final CourseService courses;
  private final VisitService visits;
  private final Remedies remedies;

  VisitsOnTheRound(
      CaseService cases, CourseService courses, VisitService visits, Remedies remedies) {
    this.cases = cases;
    this.courses = courses;
    this.visits = visits;
    this.remedies = remedies;
  }

  @Override
  public List<Due> due(Ground known) {
    Set<Long> open = cases.open().values().stream().map(CaseView::id).collect(Collectors.toSet());
    List<CourseService.Picked> underWay =
        courses.underWay().stream().filter(p -> open.contains(p.course().caseId())).toList();
    Map<TreatmentVisit, PlantView> ahead = new LinkedHashMap<>();
    Map<Long, LifeCycle> pests = new HashMap<>();
    for (CourseService.Picked picked : underWay) {
      pests.put(picked.course().id(), remedies.pests().find(picked.course().pest()).orElseThrow());
      known
          .plant(picked.course().plantId())
          .ifPresent(plant -> planned(picked).forEach(v -> ahead.put(v, plant)));
    }
    Map<Long, VisitService.Brief> briefs = visits.briefs(ahead, pests);
    List<Due> due = new ArrayList<>();
    for (CourseService.Picked picked : underWay) {
      known
          .plant(picked.course().plantId())
          .ifPresent(
              plant ->
                  planned(picked).forEach(v -> due.add(due(picked, v, plant, briefs.get(v.id())))));
    }
    return due;
  }

  private static Stream<TreatmentVisit> planned(CourseService.Picked picked) {
    return picked.visits().stream().filter(v -> v.state() == TreatmentVisit.State.PLANNED);
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
    return Due.on(
        visit.plannedOn(),
        RoundItem.due(
                "visit-" + visit.id(),
                Work.TREAT,
                plant,
                "treat",
                blocked ? WORDS.say("not-yet", planned, brief.block().reason()) : planned)
            .answered(answers)
            .leadingTo(action, "Open visit"));
  }
}
