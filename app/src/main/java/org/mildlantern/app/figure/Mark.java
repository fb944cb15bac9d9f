package org.mildlantern.app.figure;

import java.util.List;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;

/** A sign that is present and shall be seen on the figure. */
public record Mark(Node node) {

  /**
   * Marks for what is there. A sign whose place was not said is drawn where it most often sits, an
   * open word as the first that it can mean.
   */
  public static List<Mark> of(List<Finding> findings, GrowthForm form, Knowledge knowledge) {
    return findings.stream()
        .filter(Finding::present)
        .flatMap(
            finding ->
                knowledge.meant(finding.sign(), finding.pattern()).stream()
                    .filter(node -> knowledge.occursOn(node, form))
                    .limit(1))
        .map(Mark::new)
        .toList();
  }
}
