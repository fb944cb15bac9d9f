package org.mildlantern.app.feed;

import java.util.List;
import org.mildlantern.core.feed.Blend;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** The waters of the collection, as far as they are described. */
@Component
class Waters {
  private static final Words WORDS = Words.of(Waters.class);

  private final OwnWaterRepository waters;

  Waters(OwnWaterRepository waters) {
    this.waters = waters;
  }

  /** The waters at hand; a tap of which nothing is known where none was described. */
  @Transactional(readOnly = true)
  List<Can.AtHand> atHand() {
    List<OwnWater> all = waters.all();
    return all.isEmpty()
        ? List.of(atHand(WORDS.say("some-tap"), WaterSheet.of(WaterSheet.Kind.TAP), null))
        : all.stream().map(w -> atHand(w.name(), w.sheet(), w.cost())).toList();
  }

  @Transactional(readOnly = true)
  List<WaterSheet> sheets() {
    return waters.all().stream().map(OwnWater::sheet).toList();
  }

  @Transactional(readOnly = true)
  boolean none() {
    return waters.all().isEmpty();
  }

  private static Can.AtHand atHand(String name, WaterSheet sheet, Double cost) {
    return new Can.AtHand(
        new Blend.Of(
            name,
            sheet.ec().value(),
            sheet.alkaline().value(),
            cost == null ? usualCost(sheet.kind()) : cost),
        sheet.solution());
  }

  /**
   * What a litre is worth where nothing is said: rain runs out, so tap goes first where it will do;
   * softened water comes last.
   */
  private static double usualCost(WaterSheet.Kind kind) {
    return switch (kind) {
      case TAP -> 0.002;
      case RAIN -> 0.01;
      case RO -> 0.02;
      case DISTILLED, BOTTLED -> 0.4;
      case SOFTENED -> 5;
    };
  }
}
