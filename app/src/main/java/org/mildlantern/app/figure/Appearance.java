package org.mildlantern.app.figure;

import java.util.Set;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.season.Stage;

/**
 * How a plant looks at its stage, whatever ails it: bare, in bud, in flower, with dry stalks.
 *
 * @param clay whether the pot is of clay
 */
public record Appearance(boolean clay, Stage stage, Sheds sheds) {

  /** In flower, with every part there is. */
  public static final Appearance WHOLE = new Appearance(true, Stage.FLOWER, Sheds.KEEPS);

  static final String GHOST = "ghost";
  private static final String DRY = "dry";
  private static final String DULL = "t4";
  private static final Set<String> STALKS = Set.of("stalk", "stalk2");
  private static final Set<String> LEAVES = Set.of("leaf-new", "leaf-mid", "leaf-old", "trap");

  /** The tone in which a shape of a part is drawn; a ghost is only outlined. */
  String tone(String usual, String partKind, GrowthForm form) {
    if (partKind.equals("flower")) {
      return flower(usual);
    }
    return LEAVES.contains(partKind) ? leaf(usual, partKind, form) : usual;
  }

  private String flower(String usual) {
    if (usual.equals("bark")) {
      return usual;
    }
    return switch (stage) {
      case GROWTH, REST, SEEDLING -> GHOST;
      case BUD -> STALKS.contains(usual) ? usual : "t3";
      case FLOWER -> usual;
      case AFTER_FLOWER -> STALKS.contains(usual) ? "drystalk" : DRY;
    };
  }

  private String leaf(String usual, String partKind, GrowthForm form) {
    if (stage == Stage.AFTER_FLOWER) {
      return sheds == Sheds.DIES_DOWN ? DRY : form.shed().get(stage.id()) == 1 ? DULL : usual;
    }
    if (stage != Stage.REST) {
      return usual;
    }
    return switch (sheds) {
      case ALL, DIES_DOWN -> GHOST;
      case HALF -> partKind.equals("leaf-old") || usual.equals("spent") ? DRY : grown(usual);
      case KEEPS, EXCHANGE, ON_MOVE -> grown(usual);
    };
  }

  /** Nothing is fresh at rest. */
  private static String grown(String usual) {
    return usual.equals("t3") ? "t2" : usual;
  }

  /** How much smaller than in full flower a flower is drawn. */
  double flowerSize() {
    return switch (stage) {
      case BUD -> 0.6;
      case AFTER_FLOWER -> 0.7;
      case GROWTH, REST, FLOWER, SEEDLING -> 1;
    };
  }
}
