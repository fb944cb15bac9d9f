package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.mixing.CabinetService;
import org.mildlantern.app.mixing.CabinetView;
import org.mildlantern.app.mixing.Doses;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.treatment.Dilution;
import org.mildlantern.core.treatment.Dose;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.treatment.Safety;
import org.mildlantern.core.treatment.VisitCheck;
import org.mildlantern.core.treatment.VisitChecks.Patch;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Puts one visit together: its mix, what speaks against it, its safety; and takes it as done. */
@Service
@Transactional
class VisitService {
  private static final Words WORDS = Words.of(VisitService.class);

  /** A means that begins to work this many days later is bridged by contact visits. */
  private static final int SLOW_DAYS = 5;

  /** Strongest alcohol for a swab, and for a spray, in %. Rules of thumb. */
  private static final double SWAB_PERCENT = 70;

  private static final double SPRAY_PERCENT = 35;

  private final CourseService courses;
  private final TreatmentVisitRepository visits;
  private final VisitGround ground;
  private final CabinetService cabinet;
  private final Jugs jugs;
  private final Together together;
  private final CaseService cases;
  private final Remedies remedies;
  private final Scope scope;

  VisitService(
      CourseService courses,
      TreatmentVisitRepository visits,
      VisitGround ground,
      CabinetService cabinet,
      Jugs jugs,
      Together together,
      CaseService cases,
      Remedies remedies,
      Scope scope) {
    this.courses = courses;
    this.visits = visits;
    this.ground = ground;
    this.cabinet = cabinet;
    this.jugs = jugs;
    this.together = together;
    this.cases = cases;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** A visit that should not be made as it stands. */
  static class Blocked extends IllegalStateException {
    private static final long serialVersionUID = 1L;

    Blocked(VisitCheck check) {
      this(WORDS.say("blocked", check.what(), check.reason()));
    }

    Blocked(String message) {
      super(message);
    }
  }

  /**
   * A visit as it would be made today, or on its day when that lies ahead.
   *
   * @param size of the plant, or null for what its pot suggests
   */
  @Transactional(readOnly = true)
  Optional<VisitView> show(Long visitId, MixVolume.Size size, VisitGround.Seen seen) {
    return visits.byId(visitId).map(visit -> show(visit, size, seen));
  }

  private VisitView show(TreatmentVisit visit, MixVolume.Size size, VisitGround.Seen seen) {
    Together.Member own = together.alone(visit);
    List<Together.Member> party =
        Optional.of(together.members(visit))
            .filter(members -> members.contains(own))
            .orElse(List.of(own));
    TreatmentCourse course = own.course();
    List<TreatmentVisit> all = courses.withVisits(course.id()).visits();
    List<Means> means = courses.means(visit);
    LifeCycle pest = remedies.pests().find(course.pest()).orElseThrow();
    VisitGround.Known known = known(party);
    Map<Together.Member, List<VisitCheck>> checks = new LinkedHashMap<>();
    party.forEach(member -> checks.put(member, checks(member, seen, known)));
    List<Jugs.Portion> portions =
        party.stream()
            .map(
                member ->
                    size != null && member.equals(own)
                        ? new Jugs.Portion(member.plant(), size)
                        : usual(member.plant()))
            .toList();
    Jugs.Jug jug = jugs.of(ready(portions, List.copyOf(checks.values())), means, pest);
    return new VisitView(
        new VisitView.Visit(
            visit.id(),
            1 + all.indexOf(visit),
            all.size(),
            visit.day(),
            visit.state().name().toLowerCase(Locale.ROOT),
            visit.reason()),
        cases.find(course.caseId()).orElseThrow(),
        own.plant(),
        courses.school(course).label(),
        portions.get(0).size(),
        seen,
        new VisitView.Work(
            steps(means, own.plant(), pest, jug, dayOf(visit), known),
            checks.get(own),
            Safety.of(means)),
        jug,
        party.size() < 2 ? List.of() : members(portions, List.copyOf(checks.values())));
  }

  private static Jugs.Portion usual(PlantView plant) {
    return new Jugs.Portion(plant, MixVolume.Size.ofPot(plant.pot().cm()));
  }

  /** The portions that nothing blocks; all when each is blocked. */
  private static List<Jugs.Portion> ready(
      List<Jugs.Portion> portions, List<List<VisitCheck>> checks) {
    List<Jugs.Portion> ready =
        IntStream.range(0, portions.size())
            .filter(i -> checks.get(i).stream().noneMatch(VisitCheck::blocks))
            .mapToObj(portions::get)
            .toList();
    return ready.isEmpty() ? portions : ready;
  }

  /**
   * The plants with what speaks against each; cautions that hold for the first are not repeated.
   */
  private static List<VisitView.Member> members(
      List<Jugs.Portion> portions, List<List<VisitCheck>> checks) {
    return IntStream.range(0, portions.size())
        .mapToObj(
            i ->
                new VisitView.Member(
                    portions.get(i).plant(),
                    portions.get(i).size().label(),
                    checks.get(i).stream()
                        .filter(check -> check.blocks() || !checks.get(0).contains(check))
                        .toList()))
        .toList();
  }

  private VisitGround.Known known(List<Together.Member> party) {
    return ground.known(party.stream().map(member -> member.plant().id()).toList());
  }

  /** What speaks against a visit to come. */
  private List<VisitCheck> checks(
      Together.Member member, VisitGround.Seen seen, VisitGround.Known known) {
    TreatmentVisit visit = member.visit();
    LifeCycle pest = remedies.pests().find(member.course().pest()).orElseThrow();
    return visit.state() == TreatmentVisit.State.PLANNED
        ? ground.checks(member.plant(), pest, courses.means(visit), dayOf(visit), seen, known)
        : List.of();
  }

  private LocalDate dayOf(TreatmentVisit visit) {
    LocalDate today = scope.today();
    return visit.plannedOn().isAfter(today) ? visit.plannedOn() : today;
  }

  private List<VisitView.Step> steps(
      List<Means> means,
      PlantView plant,
      LifeCycle pest,
      Jugs.Jug jug,
      LocalDate day,
      VisitGround.Known known) {
    Map<String, Double> litres = jug.litres();
    List<CabinetView> bottles = cabinet.all();
    Map<String, CabinetView.Dosed> doses = Jugs.doses(means, jug, pest, bottles, cabinet.gauges());
    Map<String, Patch> patches = known.tests(plant.id());
    List<VisitView.Step> steps = new ArrayList<>();
    for (Means one : means) {
      double volume = litres.getOrDefault(one.id(), 0.0);
      steps.add(
          new VisitView.Step(
              one,
              one.product() ? LabelUse.Method.of(one.as(pest.id())) : null,
              volume > 0 ? Dose.amount(volume * 1000, "ml") : "",
              volume,
              doses.get(one.id()),
              volume > 0 ? dilution(one, volume, bottles) : null,
              uptake(one, day),
              one.use().patch() && patches.getOrDefault(one.id(), Patch.NONE) == Patch.NONE));
    }
    return steps;
  }

  private static Dilution dilution(Means means, double litres, List<CabinetView> bottles) {
    if (!means.use().flammable()) {
      return null;
    }
    double wished = means.use().as().equals("swab") ? SWAB_PERCENT : SPRAY_PERCENT;
    return bottles.stream()
        .filter(item -> item.means() != null && item.means().id().equals(means.id()))
        .filter(
            item ->
                !item.kept().away()
                    && !item.kept().expired()
                    && item.stock().stockPercent() != null)
        .filter(item -> item.stock().stockPercent() >= wished)
        .findFirst()
        .map(item -> Dilution.of(item.stock().stockPercent(), wished, litres * 1000))
        .orElse(null);
  }

  private static String uptake(Means means, LocalDate day) {
    boolean slow =
        !means.atOnce() && means.lasting() != null && means.lasting().from() >= SLOW_DAYS;
    return slow ? WORDS.say("works-from", Days.near(day.plusDays(means.lasting().from()))) : null;
  }

  /**
   * Takes a visit as done today; empty when there is none to answer.
   *
   * @param seen what the keeper saw of the day
   * @throws Blocked when something speaks against it and no reason is given
   */
  Optional<Entry> done(Long visitId, String reason, VisitGround.Seen seen) {
    return visits
        .byId(visitId)
        .map(together::alone)
        .flatMap(own -> done(own, reason, seen, known(List.of(own))));
  }

  private Optional<Entry> done(
      Together.Member member, String reason, VisitGround.Seen seen, VisitGround.Known known) {
    Optional<VisitCheck> block =
        checks(member, seen, known).stream().filter(VisitCheck::blocks).findFirst();
    if (block.isPresent() && reason.isBlank()) {
      throw new Blocked(block.get());
    }
    return courses.answer(member.visit().id(), true, reason.strip());
  }

  /**
   * Takes the visits that go together as done today, but for some plants.
   *
   * @param on plants that were to be treated, or empty for all
   * @param but those of them that were not
   * @throws Blocked when something speaks against one of them and no reason is given
   */
  List<Entry> doneTogether(
      Long visitId, List<Long> on, List<Long> but, String reason, VisitGround.Seen seen) {
    List<Together.Member> treated =
        visits.byId(visitId).map(together::members).orElse(List.of()).stream()
            .filter(member -> on.isEmpty() || on.contains(member.plant().id()))
            .filter(member -> !but.contains(member.plant().id()))
            .toList();
    VisitGround.Known known = known(treated);
    List<Entry> entries = new ArrayList<>();
    for (Together.Member member : treated) {
      try {
        done(member, reason, seen, known).ifPresent(entries::add);
      } catch (Blocked e) {
        throw new Blocked(
            WORDS.say("blocked-on", member.plant().name(), member.plant().code(), e.getMessage()));
      }
    }
    return entries;
  }

  Optional<Entry> skip(Long visitId, String reason) {
    return courses.answer(visitId, false, reason.strip());
  }

  /** Logs the mix of a visit from the cabinet. */
  Optional<CabinetView.Mixed> mix(
      Long visitId, String meansId, MixVolume.Size size, VisitGround.Seen seen) {
    return show(visitId, size, seen)
        .flatMap(
            view ->
                view.work().steps().stream()
                    .filter(
                        s ->
                            s.means().id().equals(meansId)
                                && s.dosed() != null
                                && s.dosed().dose() != null)
                    .findFirst())
        .flatMap(
            step ->
                cabinet.mix(
                    step.dosed().item().id(),
                    step.dosed().rate().id(),
                    "",
                    step.dosed().dose().of(),
                    visitId));
  }

  /**
   * A visit in brief for the round: the mix in words, and whether something blocks it.
   *
   * @param mix for example {@code 4 ml in 796 ml of water}; empty when nothing is mixed
   */
  record Brief(String mix, VisitCheck block) {}

  /**
   * Briefs of visits to come, by visit id; only those due are checked; read in a fixed number of
   * queries.
   */
  @Transactional(readOnly = true)
  Map<Long, Brief> briefs(
      Map<TreatmentVisit, PlantView> due, Map<Long, LifeCycle> pests, VisitGround.Known known) {
    Map<Long, Brief> briefs = new HashMap<>();
    if (due.isEmpty()) {
      return briefs;
    }
    List<CabinetView> bottles = cabinet.all();
    var gauges = cabinet.gauges();
    due.forEach(
        (visit, plant) -> {
          List<Means> means = courses.means(visit);
          LifeCycle pest = pests.get(visit.courseId());
          Map<String, Double> litres = Jugs.litres(means, usual(plant), pest);
          String mix =
              Doses.of(means, litres, Jugs.use(plant, pest), bottles, gauges).values().stream()
                  .filter(dosed -> dosed.dose() != null)
                  .map(CabinetView.Dosed::words)
                  .findFirst()
                  .orElse("");
          VisitCheck block =
              visit.plannedOn().isAfter(scope.today())
                  ? null
                  : ground
                      .checks(plant, pest, means, dayOf(visit), VisitGround.Seen.NOTHING, known)
                      .stream()
                      .filter(VisitCheck::blocks)
                      .findFirst()
                      .orElse(null);
          briefs.put(visit.id(), new Brief(mix, block));
        });
    return briefs;
  }
}
