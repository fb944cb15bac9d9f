package org.mildlantern.app.feed;

import java.util.List;
import java.util.Optional;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.plant.WaterGiven;

/**
 * What plants are given, by the word that is noted for each: the water of the collection that is
 * meant by it.
 *
 * @param sheets of the collection’s waters
 */
record GivenWaters(List<WaterSheet> sheets) {
  /** The one that was described; where several are meant, that with most in it. */
  Optional<WaterSheet> described(WaterGiven given) {
    return sheets.stream()
        .filter(sheet -> isOf(sheet.kind(), given))
        .reduce((a, b) -> a.ec().value() >= b.ec().value() ? a : b);
  }

  /** The same, or what is usual where none was described. */
  WaterSheet of(WaterGiven given) {
    return described(given).orElseGet(() -> WaterSheet.of(usual(given)));
  }

  private static boolean isOf(WaterSheet.Kind kind, WaterGiven given) {
    return switch (given) {
      case RAIN ->
          kind == WaterSheet.Kind.RAIN
              || kind == WaterSheet.Kind.RO
              || kind == WaterSheet.Kind.DISTILLED;
      case TAP -> kind == WaterSheet.Kind.TAP;
      case SOFTENED -> kind == WaterSheet.Kind.SOFTENED;
    };
  }

  private static WaterSheet.Kind usual(WaterGiven given) {
    return switch (given) {
      case RAIN -> WaterSheet.Kind.RAIN;
      case TAP -> WaterSheet.Kind.TAP;
      case SOFTENED -> WaterSheet.Kind.SOFTENED;
    };
  }
}
