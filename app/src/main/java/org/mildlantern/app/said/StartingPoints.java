package org.mildlantern.app.said;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.diagnose.LookBook;
import org.mildlantern.app.figure.Figure;
import org.mildlantern.app.figure.Figures;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.web.Paged;
import org.springframework.stereotype.Component;

/** What one can start from besides words: the plants place by place, and what was seen lately. */
@Component
class StartingPoints {
  private static final int LOOKS = 6;
  private static final int SHARED = 3;

  private final PlantService plants;
  private final RoundService rounds;
  private final LookBook looks;
  private final Figures figures;

  StartingPoints(PlantService plants, RoundService rounds, LookBook looks, Figures figures) {
    this.plants = plants;
    this.rounds = rounds;
    this.looks = looks;
    this.figures = figures;
  }

  /**
   * Plants and looks.
   *
   * @param figures small figures of the forms that are shown, by form
   * @param folded whether there are too many plants to show those of all places
   */
  record Starts(
      List<Place> places,
      boolean folded,
      Map<String, Figure> figures,
      List<LookBook.Recent> looks,
      List<LookBook.SharedSign> shared) {}

  /**
   * A place.
   *
   * @param shown its plants, or null while they are not shown
   */
  record Place(PlaceView place, int count, Paged<Start> shown) {}

  /** A plant to start from. */
  record Start(PlantView plant, Lamp lamp) {}

  Starts of(Long place, Integer page) {
    Board board = rounds.board();
    List<Place> places =
        plants.byPlace(place, page).stream()
            .map(
                of ->
                    new Place(
                        of.place(),
                        of.count(),
                        of.shown() == null
                            ? null
                            : of.shown().map(plant -> new Start(plant, board.lamp(plant)))))
            .toList();
    Map<String, Figure> drawn =
        figures.small(
            places.stream()
                .flatMap(of -> Optional.ofNullable(of.shown()).stream())
                .flatMap(of -> of.rows().stream())
                .map(start -> start.plant().form()));
    return new Starts(
        places,
        places.stream().anyMatch(of -> of.shown() == null),
        drawn,
        looks.recent(LOOKS),
        looks.shared(SHARED));
  }
}
