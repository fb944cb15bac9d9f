package org.mildlantern.core.away;

import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.core.air.Air;

/**
 * A room that is lived in, as far as it decides what may be done to it while nobody is there.
 *
 * @param celsius warmth by day
 * @param night the coldest night, °C
 * @param humidity relative, %, or null where it is not known
 * @param heated whether the heating is on
 * @param sunny whether sun falls into it
 * @param wished the coldest night that each plant in it wishes, °C; null of one whose is not known
 * @param days of the absence
 */
public record RoomAir(
    double celsius,
    double night,
    Double humidity,
    boolean heated,
    boolean sunny,
    List<Double> wished,
    int days) {
  /** It is turned down by so much at most, K. Rule of thumb. */
  private static final int MOST = 4;

  /** The air of a heated room where nobody measured it, %; drier air gains less. Rule of thumb. */
  private static final double USUAL = 35;

  /** Leaves and still air lose water too. Rule of thumb. */
  private static final double SLOWEST = 0.5;

  /** Longer than this plants are not left without their light, days. Rule of thumb. */
  private static final int SHADED = 21;

  /**
   * By how much the heating goes down, whole K: as far as every plant in the room bears it, and not
   * at all where that is not known of one.
   */
  public int down() {
    if (!heated || wished.stream().anyMatch(Objects::isNull)) {
      return 0;
    }
    double coldest = wished.stream().mapToDouble(one -> one).max().orElse(night);
    return (int) Math.max(0, Math.min(MOST, Math.floor(night - coldest)));
  }

  /**
   * What becomes of the pace at which pots dry: that of what the air lacks of its fill of water
   * (vapour pressure deficit), while the water in it stays; and no less than half of it.
   */
  double pace(int down) {
    double holds = Air.saturation(celsius) * (humidity == null ? USUAL : humidity) / 100;
    double now = Air.saturation(celsius) - holds;
    double then = Air.saturation(celsius - down) - holds;
    return now <= 0 ? 1 : Math.max(SLOWEST, then / now);
  }

  /** The means as it works there, where it may be done. */
  public Optional<Means> takes(Means means) {
    return switch (means.kind()) {
      case HEATING -> down() == 0 ? Optional.empty() : Optional.of(means.at(pace(down())));
      case BLINDS -> sunny && days <= SHADED ? Optional.of(means) : Optional.empty();
      default -> Optional.empty();
    };
  }
}
