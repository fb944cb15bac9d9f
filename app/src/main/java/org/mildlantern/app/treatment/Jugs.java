package org.mildlantern.app.treatment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.mixing.CabinetView;
import org.mildlantern.app.mixing.Doses;
import org.mildlantern.app.mixing.Vessels;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.treatment.Gauge;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** How much is mixed for a visit, in how many fills of the keeper's sprayer or can. */
@Component
class Jugs {
  private static final Words WORDS = Words.of(Jugs.class);

  private final Vessels vessels;

  Jugs(Vessels vessels) {
    this.vessels = vessels;
  }

  /** A plant that is treated, and how large it is. */
  record Portion(PlantView plant, MixVolume.Size size) {}

  /**
   * What is mixed for all plants of a visit.
   *
   * @param portions that it is for
   * @param litres of each means in one fill, by its id
   * @param fills how many fills of the keeper's sprayer or can that makes; 1 where none is known
   */
  record Jug(List<Portion> portions, Map<String, Double> litres, int fills) {}

  Jug of(List<Portion> portions, List<Means> means, LifeCycle pest) {
    Map<String, Double> all = new HashMap<>();
    for (Portion one : portions) {
      litres(means, one, pest).forEach((id, litres) -> all.merge(id, litres, Double::sum));
    }
    double most = all.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double largest = vessels.litres().stream().mapToDouble(Double::doubleValue).max().orElse(most);
    int fills = most <= 0 ? 1 : (int) Math.max(1, Math.ceil(most / largest - 1e-9));
    all.replaceAll((id, litres) -> litres / fills);
    return new Jug(portions, all, fills);
  }

  /** Litres of each product for one plant, by id. */
  static Map<String, Double> litres(List<Means> means, Portion portion, LifeCycle pest) {
    Map<String, Double> litres = new HashMap<>();
    for (Means one : means) {
      if (one.product()) {
        double each = MixVolume.of(one.as(pest.id()), portion.size(), portion.plant().pot().cm());
        litres.put(one.id(), MixVolume.total(List.of(each)) / 1000);
      }
    }
    return litres;
  }

  /**
   * The doses of a jug from the cabinet, by means. What stands indoors and what stands outdoors may
   * have rates of their own; where those are not the same there is no common dose.
   */
  static Map<String, CabinetView.Dosed> doses(
      List<Means> means, Jug jug, LifeCycle pest, List<CabinetView> bottles, List<Gauge> gauges) {
    return jug.portions().stream()
        .map(one -> use(one.plant(), pest))
        .distinct()
        .map(use -> Doses.of(means, jug.litres(), use, bottles, gauges))
        .reduce(Jugs::common)
        .orElse(Map.of());
  }

  static Doses.For use(PlantView plant, LifeCycle pest) {
    return new Doses.For(plant.place().kind() == PlaceKind.OUTDOOR, pest.id());
  }

  private static Map<String, CabinetView.Dosed> common(
      Map<String, CabinetView.Dosed> one, Map<String, CabinetView.Dosed> other) {
    Map<String, CabinetView.Dosed> common = new HashMap<>();
    one.forEach((means, dosed) -> common.put(means, common(dosed, other.get(means))));
    return common;
  }

  private static CabinetView.Dosed common(CabinetView.Dosed one, CabinetView.Dosed other) {
    if (one.problem() != null || other.problem() != null) {
      return one.problem() != null ? one : other;
    }
    return one.rate().equals(other.rate())
        ? one
        : new CabinetView.Dosed(one.item(), null, null, WORDS.say("apart", one.item().name()));
  }
}
