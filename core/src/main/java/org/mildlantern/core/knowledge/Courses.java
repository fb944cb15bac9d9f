package org.mildlantern.core.knowledge;

import java.util.List;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.season.BloomYear;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.RestSigns;

/** How kinds go through their year. */
final class Courses {
  private final ByKind<BloomYear> blooms;
  private final ByKind<RestSigns> rests;

  Courses(Shelf shelf) {
    blooms =
        new ByKind<>(
            shelf,
            shelf.section("year", "seasons.yaml", "years", BloomYear.class),
            BloomYear::id,
            BloomYear::of);
    rests =
        new ByKind<>(
            shelf,
            shelf.section("sign of rest", "seasons.yaml", "rest-signs", RestSigns.class),
            RestSigns::id,
            RestSigns::of);
  }

  Course course(Kind kind) {
    Rest rest = kind.habits().rest();
    return new Course(
        switch (rest.as()) {
          case NONE -> Course.RestKind.NONE;
          case DRY -> Course.RestKind.DRY;
          case DRIER -> Course.RestKind.COOL;
          case DAMP -> Course.RestKind.MOIST_COLD;
        },
        rest.months(),
        rests.of(kind).orElse(null),
        blooms.of(kind).orElse(null),
        kind.way().repot(),
        kind.way().isOneOf(List.of("conifer", "hardy-tree")));
  }
}
