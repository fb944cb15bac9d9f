package org.mildlantern.app.figure;

import java.util.List;

/**
 * A drawing with a scale bar of what is seen through a lens or on a leaf.
 *
 * @param family what it is shown among
 * @param say what settles that it is this
 * @param causes ids of the causes that it shows
 * @param signs ids of the signs that it shows
 */
public record Plate(
    String id, String family, String label, String say, List<String> causes, List<String> signs) {
  /** Where the drawing stands among the files of the interface. */
  public String file() {
    return "/img/plates/" + id + ".svg";
  }
}
