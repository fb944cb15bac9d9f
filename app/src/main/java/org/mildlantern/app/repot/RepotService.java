package org.mildlantern.app.repot;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.diagnose.LookBook;
import org.mildlantern.app.feed.PotWaters;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.seasons.PlantSeasons;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Verdict;
import org.mildlantern.core.repot.Material;
import org.mildlantern.core.repot.MediumLife;
import org.mildlantern.core.repot.Reason;
import org.mildlantern.core.repot.RepotDecision;
import org.mildlantern.core.repot.Rhythm;
import org.mildlantern.core.repot.TreeWork;
import org.mildlantern.core.water.PaceChange;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Decides on the repotting of plants. */
@Service
@Transactional
class RepotService {
  private static final double A_YEAR = 365.25;

  /** What was seen so long ago still counts, as far as the medium was not renewed since. */
  private static final int SEEN_DAYS = 400;

  /** In a collection of more plants pace and salts of pots do not count: it would take too long. */
  private static final int PACED = 300;

  /** A plant that came within so many days settles first. */
  private static final int NEW_DAYS = 21;

  private final PlantService plants;
  private final PlantSeasons seasons;
  private final LookBook looks;
  private final CaseService cases;
  private final WateringService watering;
  private final PotWaters waters;
  private final TreeService trees;
  private final RepotPutOffRepository putOffs;
  private final Repots repots;
  private final Media media;
  private final CollectionMemo memo;
  private final Scope scope;

  RepotService(
      PlantService plants,
      PlantSeasons seasons,
      LookBook looks,
      CaseService cases,
      WateringService watering,
      PotWaters waters,
      TreeService trees,
      RepotPutOffRepository putOffs,
      Repots repots,
      Media media,
      CollectionMemo memo,
      Scope scope) {
    this.plants = plants;
    this.seasons = seasons;
    this.looks = looks;
    this.cases = cases;
    this.watering = watering;
    this.waters = waters;
    this.trees = trees;
    this.putOffs = putOffs;
    this.repots = repots;
    this.media = media;
    this.memo = memo;
    this.scope = scope;
  }

  /** Of all plants that stand in a medium, by id. */
  @Transactional(readOnly = true)
  Map<Long, Decided> all() {
    return memo.once("repots", () -> of(plants.kept()));
  }

  /** Of one; empty for what lives without a pot. */
  @Transactional(readOnly = true)
  Optional<Decided> of(PlantView plant) {
    return Optional.ofNullable(of(List.of(plant)).get(plant.id()));
  }

  /** What is known of the plants. */
  private record Known(
      Map<Long, Map<String, Instant>> seen,
      Map<Long, CaseView> open,
      Map<Long, PaceChange> paces,
      Set<Long> salty,
      Map<Long, List<TreeWork.Done>> works,
      Map<Long, RepotPutOff> putOffs) {}

  /** Of several, by id; what lives without a pot is left out. */
  @Transactional(readOnly = true)
  Map<Long, Decided> of(List<PlantView> those) {
    List<PlantView> potted =
        those.stream().filter(plant -> !plant.kind().way().tags().contains("potless")).toList();
    Instant since = scope.now().minus(SEEN_DAYS, ChronoUnit.DAYS);
    boolean many = plants.kept().size() > PACED;
    Known known =
        new Known(
            looks.lastSeen(repots.bySign().keySet(), since),
            cases.open(),
            many ? Map.of() : watering.paces(potted),
            many ? Set.of() : waters.salty(potted),
            trees.done(potted.stream().filter(p -> repots.bonsai(p.kind()).isPresent()).toList()),
            putOffs.after(scope.today()).stream()
                .collect(Collectors.toMap(RepotPutOff::plantId, Function.identity())));
    return potted.stream()
        .map(plant -> decide(plant, known))
        .collect(Collectors.toMap(decided -> decided.plant().id(), Function.identity()));
  }

  private Decided decide(PlantView plant, Known known) {
    Rhythm rhythm = repots.rhythm(plant.kind()).orElse(null);
    RepotDecision.Year year =
        new RepotDecision.Year(
            seasons.course(plant), scope.latitude(), seasons.here(plant), seasons.noted(plant));
    RepotDecision decision =
        RepotDecision.of(
            year,
            rhythm,
            medium(plant, rhythm),
            reasons(plant, known),
            holds(plant, known),
            scope.today());
    RepotPutOff off = known.putOffs.get(plant.id());
    return new Decided(
        plant, decision, off == null ? null : off.until(), off == null ? null : off.reason());
  }

  private RepotDecision.Medium medium(PlantView plant, Rhythm rhythm) {
    double life = lifeYears(plant, rhythm).orElse(0.0);
    if (life == 0 || plant.mediumSince() == null) {
      return new RepotDecision.Medium(null, 1);
    }
    double years = ChronoUnit.DAYS.between(plant.mediumSince(), scope.today()) / A_YEAR;
    return new RepotDecision.Medium(Math.max(0, years / life), life);
  }

  /** Years for which its medium lasts, or after which its kind is repotted. */
  Optional<Double> lifeYears(PlantView plant, Rhythm rhythm) {
    if (plant.medium() == null) {
      Integer days = plant.kind().way().repotDays();
      return rhythm != null
          ? Optional.of(rhythm.meanYears())
          : Optional.ofNullable(days).map(d -> d / A_YEAR);
    }
    boolean mineral =
        media
            .mixOf(plant.medium().id())
            .map(mix -> repots.of(mix).keySet().stream().allMatch(Material::mineral))
            .orElse(false);
    return Optional.of(
        MediumLife.years(
            plant.kind(), plant.medium(), rhythm, mineral, waters.lime(plant).orElse(null)));
  }

  /** While a change is under test in a case, that goes on first: one at a time. */
  private List<Reason> reasons(PlantView plant, Known known) {
    Map<Reason.Why, Reason> reasons = new EnumMap<>(Reason.Why.class);
    known
        .seen
        .getOrDefault(plant.id(), Map.of())
        .forEach(
            (sign, at) -> {
              if (plant.mediumSince() == null || scope.day(at).isAfter(plant.mediumSince())) {
                Reason.Why why = repots.bySign().get(sign);
                reasons.put(why, Reason.of(why));
              }
            });
    Optional.ofNullable(known.open.get(plant.id()))
        .filter(open -> open.current() == null)
        .flatMap(open -> repots.by(open.cause()))
        .ifPresent(why -> reasons.put(why, Reason.of(why)));
    if (known.salty.contains(plant.id())) {
      reasons.put(Reason.Why.SALTS, Reason.of(Reason.Why.SALTS));
    }
    PaceChange pace = known.paces.get(plant.id());
    if (pace != null && pace.surelyFaster()) {
      reasons.put(Reason.Why.DRIES_FASTER, Reason.of(Reason.Why.DRIES_FASTER, pace.ratio()));
    }
    return new ArrayList<>(reasons.values());
  }

  private Set<RepotDecision.Hold> holds(PlantView plant, Known known) {
    EnumSet<RepotDecision.Hold> holds = EnumSet.noneOf(RepotDecision.Hold.class);
    CaseView open = known.open.get(plant.id());
    if (open != null
        && open.cause().verdict().compareTo(Verdict.ACT) >= 0
        && (open.current() != null || repots.by(open.cause()).isEmpty())) {
      holds.add(RepotDecision.Hold.WEAK);
    }
    if (plant.place().quarantine()) {
      holds.add(RepotDecision.Hold.QUARANTINE);
    }
    if (TreeWork.ROOTS_CUT
        .waitsFor(known.works.getOrDefault(plant.id(), List.of()), scope.today())
        .isPresent()) {
      holds.add(RepotDecision.Hold.WORKED);
    }
    if (plant.arrivedOn() != null && plant.arrivedOn().isAfter(scope.today().minusDays(NEW_DAYS))) {
      holds.add(RepotDecision.Hold.NEW);
    }
    return holds;
  }

  /** Puts it off; empty where there is no such plant. */
  Optional<PlantView> putOff(Long plantId, LocalDate until, String reason) {
    return plants
        .find(plantId)
        .map(
            plant -> {
              RepotPutOff off = putOffs.of(plantId).orElseGet(() -> new RepotPutOff(plantId));
              off.until(until, reason.strip());
              putOffs.save(off);
              return plant;
            });
  }

  /** Takes it back that a repotting was put off. */
  Optional<PlantView> takeBack(Long plantId) {
    return plants
        .find(plantId)
        .map(
            plant -> {
              putOffs.of(plantId).ifPresent(putOffs::delete);
              return plant;
            });
  }
}
