package org.mildlantern.core.air;

import java.util.List;
import java.util.Locale;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.working.Working;

/**
 * A window on a cold night: how warm its pane is inside, and the air before it.
 *
 * <p>Example: with 18 °C in the room and −6 °C outdoors a double pane is at 9 °C, air five
 * centimetres off at 12 °C, an arm’s length off at 18 °C.
 *
 * @param indoors air of the room, °C
 * @param outdoors air outdoors, °C
 */
public record ColdPane(double indoors, double outdoors, Glass glass) {
  /** What still air before a wall keeps off, m² K/W (EN ISO 6946). */
  private static final double INNER_FILM = 0.13;

  /** Within so many metres the cold of the pane falls to a third. Rule of thumb. */
  private static final double REACH = 0.12;

  /** What a closed curtain with the air behind it keeps off, m² K/W. Rule of thumb. */
  private static final double CURTAIN = 0.15;

  public ColdPane {
    if (!(indoors >= -40 && indoors <= 60 && outdoors >= -60 && outdoors <= 60)) {
      throw new IllegalArgumentException("air is −40 to 60 °C indoors, −60 to 60 °C outdoors");
    }
  }

  /** The pane on the side of the room, °C. */
  public double pane() {
    return indoors - Math.min(1, glass.loss() * INNER_FILM) * (indoors - outdoors);
  }

  /** Air at a distance from the pane, °C. */
  public double at(double metres) {
    return before(indoors, pane(), metres);
  }

  /** Air at a distance from a pane whose warmth was read, °C. */
  public static double before(double indoors, double pane, double metres) {
    return indoors - (indoors - pane) * Math.exp(-metres / REACH);
  }

  /** Between a closed curtain and the pane, °C. */
  public double behindCurtain() {
    double outer = 1 / glass.loss() - INNER_FILM;
    double share = Math.max(0, outer + INNER_FILM / 2) / (1 / glass.loss() + CURTAIN);
    return outdoors + Math.min(1, share) * (indoors - outdoors);
  }

  public Working working() {
    return new Working(
        "Pane on a cold night",
        "room − loss × film × (room − outdoors)",
        List.of(
            new Working.Step("Room", figure(indoors) + " °C"),
            new Working.Step("Outdoors", figure(outdoors) + " °C"),
            new Working.Step("Loss", figure(glass.loss()) + " W/(m² K)", glass.label()),
            new Working.Step("Still air before it", figure(INNER_FILM) + " m² K/W")),
        figure(pane()) + " °C",
        "EN ISO 6946; the fall before the pane by a rule of thumb");
  }

  private static String figure(double value) {
    return String.format(Locale.ROOT, Math.abs(value) < 1 ? "%.2f" : "%.1f", value);
  }
}
