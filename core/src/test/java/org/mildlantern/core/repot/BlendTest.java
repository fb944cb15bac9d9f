package org.mildlantern.core.repot;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Repots;

class BlendTest {
  private static final Repots REPOTS = Library.shipped().repots();

  private static Material material(String id) {
    return REPOTS.materials().find(id).orElseThrow();
  }

  private static double sum(Blend blend) {
    return blend.litres().values().stream().mapToDouble(Double::doubleValue).sum();
  }

  @Test
  void volumesConserveThroughEveryRecipe() {
    for (Medium medium : Library.shipped().knowledge().media()) {
      Map<Material, Double> parts =
          REPOTS.of(Library.shipped().media().mixOf(medium.id()).orElseThrow());
      for (double litres : List.of(0.2, 1.0, 7.5, 400.0)) {
        Blend blend = Blend.of(parts, litres);
        assertThat(sum(blend) * (1 - blend.lost())).isCloseTo(litres, within(1e-9));
        assertThat(blend.lost()).isBetween(0.0, 0.2);
      }
    }
  }

  @Test
  void partsKeepTheirShares() {
    Blend blend = Blend.of(Map.of(material("bark-coarse"), 2.0, material("peat"), 1.0), 10);
    assertThat(blend.litres().get(material("bark-coarse")))
        .isCloseTo(2 * blend.litres().get(material("peat")), within(1e-9));
    assertThat(blend.litres().get(material("bark-coarse"))).isCloseTo(8.1, within(0.05));
  }

  @Test
  void oneMaterialLosesNothingAndCoarseWithFineLosesMost() {
    assertThat(Blend.of(Map.of(material("peat"), 1.0), 5).lost()).isCloseTo(0, within(1e-9));
    double half = Blend.of(Map.of(material("grit"), 1.0, material("peat"), 1.0), 5).lost();
    double near = Blend.of(Map.of(material("perlite"), 1.0, material("peat"), 1.0), 5).lost();
    assertThat(half).isCloseTo(0.2, within(1e-9));
    assertThat(near).isLessThan(half);
  }

  @Test
  void nothingIsNotMixed() {
    assertThatThrownBy(() -> Blend.of(Map.of(), 5)).isInstanceOf(IllegalArgumentException.class);
    assertThatThrownBy(() -> Blend.of(Map.of(material("peat"), 1.0), 0))
        .isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void whatTheCupboardHasStandsInForWhatItHasNot() {
    Set<Material> needed = Set.of(material("perlite"), material("peat"));
    assertThat(Blend.standIns(needed, Set.of("grit", "pumice")))
        .isEqualTo(Map.of("perlite", "pumice", "peat", ""));
    assertThat(
            Blend.standIns(needed, needed.stream().map(Material::id).collect(Collectors.toSet())))
        .isEmpty();
  }
}
