package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.mixing.CabinetView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.treatment.Dilution;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.treatment.Safety;
import org.mildlantern.core.treatment.VisitCheck;
import org.mildlantern.core.words.Words;

/** One visit of a course, ready to be shown and printed. */
record VisitView(
    Visit visit,
    CaseView kase,
    PlantView plant,
    String school,
    MixVolume.Size size,
    VisitGround.Seen seen,
    Work work,
    Jugs.Jug jug,
    List<Member> members) {
  private static final Words WORDS = Words.of(VisitView.class);

  /**
   * A plant of a visit that is made on several.
   *
   * @param checks what speaks against it in particular, what blocks first
   */
  record Member(PlantView plant, String size, List<VisitCheck> checks) {}

  /**
   * Which visit it is.
   *
   * @param number of the visit, from 1
   * @param of how many
   */
  record Visit(Long id, int number, int of, LocalDate day, String state, String reason) {}

  /**
   * What is to be done and minded.
   *
   * @param checks what speaks against it on the day
   */
  record Work(List<Step> steps, List<VisitCheck> checks, Safety safety) {}

  /**
   * One means of the visit.
   *
   * @param method how a product is put on, or null
   * @param volume of mix in words, empty when none is mixed
   * @param dosed from the cabinet, or null
   * @param dilution of a stock from the cabinet, or null
   * @param uptake when a systemic begins to work, in words, or null
   * @param patchable whether a patch test may be begun now
   */
  record Step(
      Means means,
      LabelUse.Method method,
      String volume,
      double litres,
      CabinetView.Dosed dosed,
      Dilution dilution,
      String uptake,
      boolean patchable) {

    /** Whether it comes out of a bottle of which no label rate is known. */
    public boolean unlabelled() {
      return means.product() && dosed == null && dilution == null && litres > 0;
    }
  }

  /** For how many of the plants the jug is, and in how many fills. */
  public String jugWords() {
    int in = jug.portions().size();
    return WORDS.say("mixed-for", in, members.size() - in, jug.fills());
  }

  public boolean planned() {
    return visit.state().equals("planned");
  }

  public boolean blocked() {
    return work.checks().stream().anyMatch(VisitCheck::blocks);
  }
}
