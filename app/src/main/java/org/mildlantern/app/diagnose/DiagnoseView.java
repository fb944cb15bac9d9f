package org.mildlantern.app.diagnose;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.app.figure.Figure;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.working.Working;

/** The diagnose page, ready to be shown. */
record DiagnoseView(
    Subject subject, Marking marking, Evidence evidence, Ranking ranking, Settling settling) {
  /** Who is looked at. */
  record Subject(
      PlantView plant, String about, Figure figure, boolean started, OpenCases.OpenCase openCase) {}

  /** What can be marked, and what was. */
  record Marking(
      List<PartLink> parts,
      String part,
      String partLabel,
      List<ChipGroup> chips,
      List<Ledger> findings) {}

  /** What the records say. */
  record Evidence(List<RecordLine> records, List<RecordLine> moreRecords, Shedding shedding) {}

  /** What fits. */
  record Ranking(
      List<CauseCard> causes,
      List<CauseCard> lesserCauses,
      String fit,
      Working fitWorking,
      boolean fitsNothing,
      List<String> unexplained,
      boolean anySeen) {}

  /** What would settle it. */
  record Settling(List<CheckCard> checks, List<UnderWay> underWay) {}

  /** A part in the list; count of findings on it. */
  record PartLink(String id, String label, boolean chosen, int present) {}

  /** The signs of one family on the chosen part. */
  record ChipGroup(String label, List<Chip> chips) {}

  /** A sign that can be marked on the chosen part; state is present, absent or none. */
  record Chip(String node, String label, String swatch, String state, String next) {}

  /** A finding in the ledger. */
  record Ledger(String node, String label, boolean present, String detail, boolean unexplained) {}

  /** Something that the records say; whether it counts or was overruled. */
  record RecordLine(String condition, String label, String value, boolean counts) {}

  /** A ranked cause. */
  record CauseCard(
      String id,
      String label,
      String verdict,
      String verdictId,
      String percent,
      double width,
      String what,
      List<Reason> reasonsFor,
      List<Reason> reasonsAgainst,
      int moreReasons,
      String unexplained,
      boolean suspected,
      Working working) {}

  /** A reason with its weight in decibans. */
  record Reason(String label, String decibans, boolean strong) {}

  /** A look worth its while. */
  record CheckCard(
      String id,
      String label,
      String how,
      String cost,
      boolean waits,
      boolean photos,
      List<Ask> asks,
      Working working) {}

  /** A test under way. */
  record UnderWay(String check, String node, LocalDate startedOn, LocalDate dueOn, boolean waits) {}

  /** A question of a check. */
  record Ask(String node, String label) {}
}
