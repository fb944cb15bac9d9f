package org.mildlantern.app.plants;

import java.util.Optional;

/**
 * Something that a feature shows on the page of a plant. Sections stand in the order that {@link
 * org.springframework.core.annotation.Order} gives them.
 */
public interface PlantSection {

  /** What to show of the plant; empty when there is nothing. */
  Optional<Section> of(PlantView plant);

  /**
   * A section.
   *
   * @param template whose fragment {@code section(view)} shows it
   * @param first whether it stands above all else, the figure included
   */
  record Section(String template, Object view, boolean first) {
    public Section(String template, Object view) {
      this(template, view, false);
    }
  }
}
