package org.mildlantern.app.places;

import jakarta.persistence.Embeddable;
import java.util.Objects;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

/**
 * What is near a place, the same from the form to the row to the page; null is not known.
 *
 * @param draught that reaches the plants
 * @param glass that gets cold
 * @param heater a radiator or vent
 * @param lamp a strong one above them
 */
@Embeddable
public record Near(Boolean draught, Boolean glass, Boolean heater, Boolean lamp) {
  static final Near UNKNOWN = new Near(null, null, null, null);

  /** Whether air is known to move there. */
  public boolean airMoves() {
    return Boolean.TRUE.equals(draught);
  }

  /** Whether it is known to stand under a lamp. */
  public boolean lit() {
    return Boolean.TRUE.equals(lamp);
  }

  /** Whether something is known not to be there. */
  boolean looked() {
    return Stream.of(draught, glass, heater, lamp)
        .filter(Objects::nonNull)
        .anyMatch(there -> !there);
  }

  /** What was ticked is there; what was not is known not to be only where the keeper says so. */
  Near ticked(boolean noOther) {
    Boolean unticked = noOther ? Boolean.FALSE : null;
    UnaryOperator<Boolean> one = box -> Boolean.TRUE.equals(box) ? Boolean.TRUE : unticked;
    return new Near(one.apply(draught), one.apply(glass), one.apply(heater), one.apply(lamp));
  }
}
