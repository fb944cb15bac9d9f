package org.mildlantern.core.repot;

import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * A medium mixed by parts: how much of each material makes so many litres. Fine pieces fill the
 * gaps between coarse ones, so that the mix is less than the sum of what went in; the more so, the
 * more unlike the pieces are. Rule of thumb: up to a fifth, of equal parts of coarse and fine.
 *
 * <p>Example: 10 litres of two parts of coarse bark and one of peat take 8.1 and 4.1 litres.
 *
 * @param litres of each material, before they are mixed
 * @param mixed litres of the mix
 * @param salts conductivity of its 1:2 extract, mS/cm, the mean of its parts
 */
public record Blend(Map<Material, Double> litres, double mixed, double salts) {
  private static final double MOST_LOST = 0.2;
  private static final double STEPS_APART = 0.5;

  /**
   * For a volume.
   *
   * @param shares of materials, above 0, in any unit
   * @param wanted litres of the mix, above 0
   * @throws IllegalArgumentException where nothing is mixed
   */
  public static Blend of(Map<Material, Double> shares, double wanted) {
    double all = shares.values().stream().mapToDouble(Double::doubleValue).sum();
    if (!(all > 0) || !(wanted > 0)) {
      throw new IllegalArgumentException("a mix takes some parts and some litres");
    }
    double left = 1 - lost(shares, all);
    Map<Material, Double> litres = new LinkedHashMap<>();
    double salts = 0;
    for (Map.Entry<Material, Double> part : shares.entrySet()) {
      double share = part.getValue() / all;
      litres.put(part.getKey(), wanted / left * share);
      salts += share * part.getKey().salts();
    }
    return new Blend(litres, wanted, salts);
  }

  /** Share of the sum that is lost by mixing. */
  public double lost() {
    double sum = litres.values().stream().mapToDouble(Double::doubleValue).sum();
    return Math.max(0, 1 - mixed / sum);
  }

  private static double lost(Map<Material, Double> shares, double all) {
    EnumMap<Material.Grain, Double> grains = new EnumMap<>(Material.Grain.class);
    shares.forEach((material, parts) -> grains.merge(material.grain(), parts / all, Double::sum));
    double coarse = grains.getOrDefault(Material.Grain.COARSE, 0.0);
    double medium = grains.getOrDefault(Material.Grain.MEDIUM, 0.0);
    double fine = grains.getOrDefault(Material.Grain.FINE, 0.0);
    double unlike = coarse * fine + STEPS_APART * (coarse * medium + medium * fine);
    return MOST_LOST * 4 * unlike;
  }

  /**
   * The same with what is in the cupboard: for what is not, the best that stands in for it.
   *
   * @param has ids of what there is
   * @return what each missing material is replaced by; empty text where nothing stands in
   */
  public static Map<String, String> standIns(Set<Material> needed, Set<String> has) {
    return needed.stream()
        .filter(material -> !has.contains(material.id()))
        .collect(
            Collectors.toMap(
                Material::id,
                material ->
                    material.instead().stream().filter(has::contains).findFirst().orElse(""),
                (a, b) -> a,
                LinkedHashMap::new));
  }
}
