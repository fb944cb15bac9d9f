package org.mildlantern.core.reliability;

import java.util.ArrayList;
import java.util.List;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Verdict;

/**
 * How the diagnosis does on written cases.
 *
 * <p>A case is hit first when a right cause leads the ranking, and among the first three when a
 * right one is there; where several causes are at work, all of them must be. An urgent cause is
 * missed when it is not among the first three with at least {@value #URGENT_LEAST}. A normal case
 * is sent to treatment when a cause that asks to act leads.
 */
public record HitRate(
    int cases,
    int first,
    int amongThree,
    int severalCases,
    Urgent urgent,
    Normal normal,
    List<Miss> misses) {
  /** Cases with an urgent cause. */
  public record Urgent(int urgentCases, int urgentFound) {}

  /** Cases of nothing wrong. */
  public record Normal(int normalCases, int normalLeftAlone) {}

  public int urgentCases() {
    return urgent.urgentCases();
  }

  public int urgentFound() {
    return urgent.urgentFound();
  }

  public int normalCases() {
    return normal.normalCases();
  }

  public int normalLeftAlone() {
    return normal.normalLeftAlone();
  }

  static final int AMONG = 3;
  static final double URGENT_LEAST = 0.2;

  /**
   * A case whose right cause does not lead.
   *
   * @param instead the leading causes with their probabilities
   */
  public record Miss(WrittenCase written, boolean amongThree, List<RankedCause> instead) {}

  public static HitRate of(List<WrittenCase> cases, Knowledge knowledge) {
    Diagnostician diagnostician = new Diagnostician(knowledge);
    int first = 0;
    int among = 0;
    int several = 0;
    int urgent = 0;
    int urgentFound = 0;
    int normal = 0;
    int leftAlone = 0;
    List<Miss> misses = new ArrayList<>();
    for (WrittenCase written : cases) {
      Diagnosis diagnosis = diagnostician.diagnose(written.question());
      List<RankedCause> lead = diagnosis.ranking().subList(0, AMONG);
      List<String> ids = lead.stream().map(r -> r.cause().id()).toList();
      boolean isFirst = written.answers().contains(ids.get(0));
      boolean isAmong =
          written.several()
              ? ids.containsAll(written.answers())
              : ids.stream().anyMatch(written.answers()::contains);
      first += isFirst ? 1 : 0;
      among += isAmong ? 1 : 0;
      several += written.several() ? 1 : 0;
      if (!isFirst || !isAmong) {
        misses.add(new Miss(written, isAmong, lead));
      }
      if (written.urgent() != null) {
        urgent++;
        int at = ids.indexOf(written.urgent());
        urgentFound += at >= 0 && lead.get(at).probability() >= URGENT_LEAST ? 1 : 0;
      }
      if (isNormal(written, knowledge)) {
        normal++;
        leftAlone += asksToAct(lead.get(0)) ? 0 : 1;
      }
    }
    return new HitRate(
        cases.size(),
        first,
        among,
        several,
        new Urgent(urgent, urgentFound),
        new Normal(normal, leftAlone),
        List.copyOf(misses));
  }

  private static boolean isNormal(WrittenCase written, Knowledge knowledge) {
    return written.answers().stream()
        .allMatch(id -> knowledge.causes().find(id).orElseThrow().verdict() == Verdict.NORMAL);
  }

  private static boolean asksToAct(RankedCause ranked) {
    Verdict verdict = ranked.asks();
    return verdict == Verdict.ACT || verdict == Verdict.URGENT;
  }
}
