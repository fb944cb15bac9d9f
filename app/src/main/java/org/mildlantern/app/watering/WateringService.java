package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.away.Endurance;
import org.mildlantern.core.away.Survival;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.water.Holding;
import org.mildlantern.core.water.HowToWater;
import org.mildlantern.core.water.PaceChange;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Scatter;
import org.mildlantern.core.water.WaterOutlook;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Says when to look at each pot, from its own pace where its pot and medium are known, else from
 * the interval of its kind.
 */
@Service
@Transactional(readOnly = true)
public class WateringService {
  private static final int TRAIL_DAYS = 21;
  private static final int SIGN_DAYS = 60;

  /** Below this share left, medium sheds water rather than take it. Rule of thumb. */
  private static final double BONE_DRY = 0.06;

  private final PotChecks checks;
  private final PotModel model;
  private final WaterChanges changes;
  private final JournalService journal;
  private final Scope scope;
  private final Media media;
  private final Knowledge knowledge;
  private final Absence absence;

  WateringService(
      PotChecks checks,
      PotModel model,
      WaterChanges changes,
      JournalService journal,
      Scope scope,
      Media media,
      Knowledge knowledge,
      Absence absence) {
    this.absence = absence;
    this.checks = checks;
    this.changes = changes;
    this.model = model;
    this.journal = journal;
    this.scope = scope;
    this.media = media;
    this.knowledge = knowledge;
  }

  private Map<Long, List<Entry>> potsSince(List<Long> plantIds) {
    return journal.potsSince(plantIds, scope.today().minusDays(PotModel.STORY_DAYS));
  }

  /**
   * How its pot stands and has stood, and whether its pace changed, as its day book tells.
   *
   * @param entries of the plant, the latest first
   */
  public Optional<PotSigns> signs(PlantView plant, List<Entry> entries) {
    LocalDate first = scope.today().minusDays(PotModel.STORY_DAYS);
    List<Entry> ofPot =
        entries.stream()
            .filter(e -> e.kind().ofPot() && !scope.day(e.at()).isBefore(first))
            .sorted(Comparator.comparing(Entry::at).thenComparing(Entry::id))
            .toList();
    return model
        .kept(plant)
        .map(pot -> model.story(plant, pot, ofPot, scope.today().minusDays(SIGN_DAYS)))
        .map(story -> PotSigns.of(story, scope.today()));
  }

  /**
   * By how much pots draw faster or slower than weeks ago; those of which it is not known are out.
   */
  public Map<Long, PaceChange> paces(List<PlantView> plants) {
    return checks.paces(plants);
  }

  /** How each of the plants lasts when nobody looks after it, by plant. */
  public Map<Long, Survival> survivals(List<PlantView> plants) {
    Map<Long, List<Entry>> entries = potsSince(plants.stream().map(PlantView::id).toList());
    return plants.stream()
        .collect(
            Collectors.toMap(
                PlantView::id,
                plant -> survival(plant, entries.getOrDefault(plant.id(), List.of()))));
  }

  private Survival survival(PlantView plant, List<Entry> entries) {
    LocalDate today = scope.today();
    if (plant.restsDry(today, scope.latitude())) {
      return Survival.untouched();
    }
    Endurance bears =
        absence.endurance(plant.kind(), plant.stage(), plant.resting(today, scope.latitude()));
    Optional<PotModel.Kept> pot = model.kept(plant);
    if (pot.isPresent()) {
      double[] demand =
          today
              .datesUntil(today.plusDays(WaterOutlook.AHEAD))
              .mapToDouble(model.demand(plant))
              .toArray();
      return Survival.of(model.story(plant, pot.get(), entries, today).now(), demand, bears);
    }
    return model
        .fed(plant)
        .map(fed -> model.standing(plant, fed, entries))
        .filter(water -> !water.off() && water.mlADay() > 0)
        .map(water -> Survival.unfollowed(bears).standing(water.level().ml() / water.mlADay()))
        .orElseGet(() -> Survival.unfollowed(bears));
  }

  /** What pots whose drying is followed lose on a day of the next two weeks, ml, by plant. */
  public Map<Long, Double> lossesADay(List<PlantView> plants) {
    LocalDate today = scope.today();
    Map<Long, Double> losses = new HashMap<>();
    for (PlantView plant : plants) {
      if (model.kept(plant).isPresent()) {
        today
            .datesUntil(today.plusDays(WaterOutlook.AHEAD))
            .mapToDouble(model.demand(plant))
            .average()
            .ifPresent(ml -> losses.put(plant.id(), ml));
      }
    }
    return losses;
  }

  /**
   * A pot whose water is known.
   *
   * @param holdsMl water when just drained, with that in which it stands
   * @param left share of that which is left when its plant wants a drink, or its tray another fill
   * @param stands whether it stands in water
   */
  public record PotWater(double holdsMl, double left, boolean stands) {}

  /** The pot of a plant; empty where its size or medium is not known, or it has none. */
  public Optional<PotWater> pot(PlantView plant) {
    return model
        .kept(plant)
        .map(
            kept -> {
              double full = kept.holding().fullMl();
              double dry = full - kept.holding().availableMl();
              double left = dry + kept.wish().threshold() * kept.holding().availableMl();
              return new PotWater(full, share(left / full), false);
            })
        .or(
            () ->
                model
                    .fed(plant)
                    .map(
                        fed -> {
                          double full = fed.holding().fullMl();
                          double all = full + fed.stands().level().ml();
                          return new PotWater(all, share(full / all), true);
                        }));
  }

  private static double share(double left) {
    return Math.max(0.05, Math.min(0.95, left));
  }

  /** A full drink of each of the plants, ml; those of which it is not known are left out. */
  public Map<Long, Double> drinks(List<PlantView> plants) {
    Map<Long, Double> drinks = new HashMap<>();
    checks
        .of(plants)
        .forEach(
            (plant, check) -> {
              if (check.drinkMl() != null) {
                drinks.put(plant, check.drinkMl());
              }
            });
    return drinks;
  }

  /** All that a plant's page shows of its water. */
  public WateringView view(PlantView plant) {
    List<Entry> entries = potsSince(List.of(plant.id())).getOrDefault(plant.id(), List.of());
    Optional<PotModel.Fed> fed = model.fed(plant);
    Optional<PotModel.Kept> pot = model.kept(plant);
    WaterOutlook outlook =
        pot.map(p -> model.outlook(plant, p, entries, scope.today().minusDays(TRAIL_DAYS)))
            .orElse(null);
    PotCheck check = check(plant, entries, fed, outlook);
    Holding holding =
        pot.map(PotModel.Kept::holding).or(() -> fed.map(PotModel.Fed::holding)).orElse(null);
    PotShape shape =
        pot.map(PotModel.Kept::shape).or(() -> fed.map(PotModel.Fed::shape)).orElse(null);
    PlaceView place = plant.place();
    List<String> how =
        HowToWater.of(
            media,
            plant.kind(),
            plant.now(knowledge).lore(scope.today(), scope.latitude()).living(),
            model.resting(plant),
            new HowToWater.Pot(
                plant.pot().holes(),
                plant.pot().outer(),
                plant.pot().mount(),
                outlook == null ? null : outlook.drinkMl(),
                outlook != null && outlook.left() < BONE_DRY,
                fed.map(PotModel.Fed::stands).orElse(null),
                new HowToWater.Air(
                    place.temperature(),
                    place.humidity(),
                    place.surroundings().near().airMoves())));
    return new WateringView(
        new WateringView.Look(check.dueOn(), check.reason(), check.working()),
        outlook,
        new WateringView.Holds(
            holding == null ? null : holding.working(),
            holding == null ? null : WetProfile.of(holding, shape),
            holding == null
                ? null
                : Scatter.of(shape, media.mixOf(plant.medium().id()).orElseThrow()).words()),
        outlook == null ? null : WaterChart.of(outlook, scope.today()),
        how,
        outlook == null ? List.of() : changes.of(plant, outlook.change()),
        scope.today());
  }

  private PotCheck check(
      PlantView plant, List<Entry> entries, Optional<PotModel.Fed> fed, WaterOutlook outlook) {
    if (outlook != null) {
      return new PotCheck(
          new PotCheck.Day(outlook.lookOn(), null, outlook.bears()),
          WaterWords.reason(outlook, scope.today()),
          outlook.working(),
          new PotCheck.Known(outlook.readyChance(), outlook.drinkMl(), false),
          plant.pot().standsIn());
    }
    if (fed.isPresent()) {
      return PotCheck.of(model.standing(plant, fed.get(), entries), plant.pot().standsIn());
    }
    Entry last =
        entries.stream()
            .filter(e -> JournalService.aboutWater(e.kind()))
            .reduce((a, b) -> b)
            .orElse(null);
    return checks.byInterval(plant, last);
  }
}
