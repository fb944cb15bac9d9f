package org.mildlantern.app.today;

import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;

/**
 * The plants that ask for their keeper.
 *
 * @param plants those that ask most first, else in the order of the walk
 * @param byPlace how many there are in each place
 */
public record Asking(List<PlantView> plants, Map<Long, Long> byPlace) {

  static Asking on(Board board) {
    List<PlantView> plants =
        board.plants().stream()
            .filter(plant -> board.lamp(plant) != Lamp.UNLIT)
            .sorted(Comparator.comparing((PlantView plant) -> board.lamp(plant).rank()))
            .toList();
    return new Asking(
        plants,
        plants.stream()
            .collect(Collectors.groupingBy(plant -> plant.place().id(), Collectors.counting())));
  }

  public long in(Long place) {
    return byPlace.getOrDefault(place, 0L);
  }
}
