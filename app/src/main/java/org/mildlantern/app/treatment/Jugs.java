package org.mildlantern.app.treatment;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.mixing.Vessels;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.treatment.MixVolume;
import org.springframework.stereotype.Component;

/** How much is mixed for a visit, in how many fills of the keeper's sprayer or can. */
@Component
class Jugs {
  private final Vessels vessels;

  Jugs(Vessels vessels) {
    this.vessels = vessels;
  }

  /**
   * What is mixed for all plants of a visit.
   *
   * @param litres of each means in one fill, by its id
   * @param fills how many fills of the keeper's sprayer or can that makes; 1 where none is known
   */
  record Jug(Map<String, Double> litres, int fills) {}

  Jug of(List<Together.Member> members, List<Means> means, LifeCycle pest, MixVolume.Size size) {
    Map<String, Double> all = new HashMap<>();
    for (Together.Member member : members) {
      PlantView plant = member.plant();
      MixVolume.Size its = members.size() == 1 ? size : MixVolume.Size.ofPot(plant.pot().cm());
      litres(means, plant, pest, its).forEach((id, litres) -> all.merge(id, litres, Double::sum));
    }
    double most = all.values().stream().mapToDouble(Double::doubleValue).max().orElse(0);
    double largest = vessels.litres().stream().mapToDouble(Double::doubleValue).max().orElse(most);
    int fills = most <= 0 ? 1 : (int) Math.max(1, Math.ceil(most / largest - 1e-9));
    all.replaceAll((id, litres) -> litres / fills);
    return new Jug(all, fills);
  }

  /** Litres of each product for one plant, by id. */
  static Map<String, Double> litres(
      List<Means> means, PlantView plant, LifeCycle pest, MixVolume.Size size) {
    Map<String, Double> litres = new HashMap<>();
    for (Means one : means) {
      if (one.product()) {
        double each = MixVolume.of(one.as(pest.id()), size, plant.pot().cm());
        litres.put(one.id(), MixVolume.total(List.of(each)) / 1000);
      }
    }
    return litres;
  }
}
