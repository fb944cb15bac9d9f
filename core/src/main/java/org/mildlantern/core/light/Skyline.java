package org.mildlantern.core.light;

import java.util.List;
import java.util.stream.Stream;

/** What stands outside, as heights by direction. */
public record Skyline(List<Part> parts) {
  public static final Skyline OPEN = new Skyline(List.of());

  /**
   * A part of it.
   *
   * @param from degrees from north clockwise where it begins
   * @param to where it ends, clockwise from there
   * @param up how high it rises above the level of the spot, degrees, 0 to 90
   * @param passes share of light that goes through, as through a tree without leaves
   */
  public record Part(double from, double to, double up, double passes) {
    boolean covers(Sun.Position there) {
      double along = (there.from() - from % 360 + 720) % 360;
      double wide = to - from >= 360 ? 360 : (to - from + 720) % 360;
      return along <= wide && there.up() < up;
    }
  }

  public Skyline {
    parts = List.copyOf(parts);
  }

  /** Share of light from a direction that is not kept off. */
  double passes(Sun.Position there) {
    double passes = 1;
    for (Part part : parts) {
      if (part.covers(there)) {
        passes = Math.min(passes, part.passes());
      }
    }
    return passes;
  }

  /** The same with more that stands out above it. */
  public Skyline with(List<Part> more) {
    return new Skyline(Stream.concat(parts.stream(), more.stream()).toList());
  }

  /** How high it rises in a direction. */
  public double up(double from) {
    return parts.stream()
        .filter(part -> part.covers(new Sun.Position(-1, from)))
        .mapToDouble(Part::up)
        .max()
        .orElse(0);
  }
}
