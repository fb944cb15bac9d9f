package org.mildlantern.app.mixing;

import java.util.List;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Region;

/**
 * A rate as it is copied from a label.
 *
 * @param usedFor what the label says that it is for
 * @param region where the label is from, or null
 * @param against ids of pests and diseases that the label names for it
 * @param as the reading that was confirmed, in plain units; empty before
 */
record RateForm(
    String usedFor,
    String printed,
    Region region,
    LabelUse.Crop crop,
    LabelUse.Method method,
    List<String> against,
    String as) {
  RateForm {
    usedFor = usedFor == null ? "" : usedFor.strip();
    printed = printed == null ? "" : printed.strip();
    against = against == null ? List.of() : against;
    as = as == null ? "" : as;
  }

  static RateForm empty(Region region, LabelUse.Method method) {
    return new RateForm("", "", region, LabelUse.Crop.INDOORS, method, List.of(), "");
  }
}
