package org.mildlantern.core.plant;

import org.mildlantern.core.knowledge.GrowthForm;

/** The groups by which growers sort what they keep. */
public enum Group {
  ORCHID("orchids", "orchid"),
  BROMELIAD("bromeliads", "bromeliad"),
  BONSAI("bonsai and trees", "woody"),
  CARNIVORE("carnivorous", "carnivore"),
  POTTED("potted plants", "");

  private final String label;
  private final String tag;

  Group(String label, String tag) {
    this.label = label;
    this.tag = tag;
  }

  public String label() {
    return label;
  }

  /** The group of plants that are built so. */
  public static Group of(GrowthForm form) {
    for (Group group : values()) {
      if (form.tags().contains(group.tag)) {
        return group;
      }
    }
    return POTTED;
  }
}
