package org.mildlantern.app.said;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.NameChoice;

/**
 * Which plant is spoken of.
 *
 * @param kind what it is, when that is known
 * @param called the name by which the keeper called it, or empty
 * @param inText whether the name stands in the text
 * @param plant the plant of the collection that it is, if it is one
 * @param choices plants of the collection of which it may be one
 * @param like names that an unknown one may stand for
 */
record Who(
    Optional<Kind> kind,
    String called,
    boolean inText,
    Optional<PlantView> plant,
    List<PlantView> choices,
    List<NameChoice> like) {

  static Who of(PlantView plant, String called, boolean inText) {
    return new Who(
        Optional.of(plant.kind()), called, inText, Optional.of(plant), List.of(), List.of());
  }

  static Who unknown(String called, List<NameChoice> like) {
    return new Who(Optional.empty(), called, false, Optional.empty(), List.of(), like);
  }
}
