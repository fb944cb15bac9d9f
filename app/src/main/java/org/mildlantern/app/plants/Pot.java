package org.mildlantern.app.plants;

import jakarta.persistence.Column;
import jakarta.persistence.Embeddable;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.units.InUnits;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
import org.mildlantern.core.words.Units;
import org.mildlantern.core.words.Words;

/**
 * What a plant stands in: the same from the form to the row to the page.
 *
 * @param cm diameter or side in centimetres, or null
 * @param depthCm or null for what is usual
 * @param material or null when it is not known
 * @param holes whether water can drain, or null when it is not known
 * @param outer whether it stands in an outer pot, or null when it is not known
 */
@Embeddable
public record Pot(
    @Enumerated(EnumType.STRING) @Column(name = "pot_shape") PotShape.Kind shape,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        @Column(name = "pot_cm")
        Double cm,
    @InUnits(Units.Measure.WIDTH)
        @DecimalMin(value = "1", message = "Between 1 and 200 cm.")
        @DecimalMax(value = "200", message = "Between 1 and 200 cm.")
        @Column(name = "pot_depth_cm")
        Double depthCm,
    @Enumerated(EnumType.STRING) @Column(name = "pot_material") PotMaterial material,
    @Column(name = "pot_holes") Boolean holes,
    @Column(name = "outer_pot") Boolean outer,
    @Enumerated(EnumType.STRING) @Column(name = "stands_in") Standing.Kind standsIn) {
  private static final Words WORDS = Words.of(Pot.class);

  public Pot {
    shape = shape == null ? PotShape.Kind.ROUND : shape;
    standsIn = standsIn == null ? Standing.Kind.NONE : standsIn;
  }

  /** A pot of which nothing is known, or only its width. */
  public static Pot unknown(Double cm) {
    return new Pot(null, cm, null, null, null, null, null);
  }

  Pot wide(Double newCm) {
    return new Pot(shape, newCm, depthCm, material, holes, outer, standsIn);
  }

  /** Whether it is known that water runs out below. */
  public boolean drains() {
    return Boolean.TRUE.equals(holes);
  }

  public boolean mount() {
    return shape == PotShape.Kind.MOUNT;
  }

  /** Whether roots and drops can be seen through its wall. */
  public boolean clear() {
    return material == PotMaterial.CLEAR || material == PotMaterial.GLASS;
  }

  /** Whether it stands in water or draws from it. */
  public boolean stands() {
    return standsIn != Standing.Kind.NONE;
  }

  /** In words, for example {@code 13 cm clay pot, in an outer pot}. */
  public String words() {
    if (mount()) {
      return "mounted";
    }
    List<String> words = new ArrayList<>();
    if (cm != null) {
      words.add(WORDS.say("pot.cm", cm));
    }
    if (material != null) {
      words.add(material.label());
    }
    words.add(shape == PotShape.Kind.ROUND ? "pot" : shape.label());
    return WORDS.say(
        "pot",
        String.join(" ", words),
        holes == null ? "unknown" : Words.yes(holes),
        outer == null ? "unknown" : Words.yes(outer),
        stands() ? standsIn.label() : "none");
  }
}
