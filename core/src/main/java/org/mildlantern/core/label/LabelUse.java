package org.mildlantern.core.label;

import java.util.Arrays;
import java.util.Set;

/**
 * What a label gives a rate for.
 *
 * @param crop plants, and where they stand
 * @param method how it is put on
 * @param against ids of pests and diseases; empty when the label names none for this rate
 */
public record LabelUse(Crop crop, Method method, Set<String> against) {
  /** Plants that labels name. */
  public enum Crop {
    INDOORS("indoors or under glass"),
    OUTDOORS("outdoors"),
    BOTH("indoors and outdoors");

    private final String label;

    Crop(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }

    boolean grows(boolean outdoors) {
      return this == BOTH || (this == OUTDOORS) == outdoors;
    }
  }

  /** Ways to put a product on. */
  public enum Method {
    SPRAY("sprayed"),
    DRENCH("watered in"),
    SWAB("swabbed on"),
    DUST("dusted on"),
    BAIT("laid out as bait"),
    BATH("dipped");

    private final String label;

    Method(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }

    /**
     * The way in which a means is used, such as {@code spray}; null when no product is put on so.
     */
    public static Method of(String as) {
      return Arrays.stream(values())
          .filter(method -> method.name().equalsIgnoreCase(as))
          .findFirst()
          .orElse(null);
    }
  }

  public LabelUse {
    against = Set.copyOf(against);
  }

  /**
   * Whether a treatment is one of those that the label gives the rate for.
   *
   * @param as how the means is used
   * @param outdoors where the plant stands
   * @param pest what is treated
   */
  public boolean covers(String as, boolean outdoors, String pest) {
    return method == Method.of(as)
        && crop.grows(outdoors)
        && (against.isEmpty() || against.contains(pest));
  }
}
