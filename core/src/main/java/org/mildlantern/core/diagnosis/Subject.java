package org.mildlantern.core.diagnosis;

import java.util.Objects;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Taxon;

/** What is being looked at: its growth form and, if known, its taxon (else null). */
public record Subject(GrowthForm form, Taxon taxon) {
  public Subject {
    Objects.requireNonNull(form, "form");
  }
}
