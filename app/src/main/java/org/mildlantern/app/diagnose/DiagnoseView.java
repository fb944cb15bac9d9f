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
      PlantView plant,
      String about,
      String said,
      Figure figure,
      boolean started,
      OpenCases.OpenCase openCase) {}

  /** What can be marked, and what was. */
  record Marking(
      List<PartLink> parts,
      String part,
      String partLabel,
      List<ChipGroup> chips,
      List<Ledger> findings) {}

  /** What the records say. */
  record Evidence(List<RecordLine> records, List<RecordLine> moreRecords, Shedding shedding) {}

  /**
   * What fits.
   *
   * @param besides the number of the first card that is likelier than the one before it, but
   *     explains nothing of what was seen; or -1
   * @param natural the same of one that is natural and comes after a fault; or -1
   */
  record Ranking(
      List<CauseCard> causes,
      List<CauseCard> lesserCauses,
      int besides,
      int natural,
      String fit,
      Working fitWorking,
      boolean fitsNothing,
      List<String> unexplained,
      boolean anySeen) {}

  /** What would settle it. */
  record Settling(List<CheckCard> checks, List<UnderWay> underWay) {}

  /** A part in the list; count of findings on it. */
  record PartLink(String id, String label, boolean chosen, int present) {}

  /** The signs of one family on the chosen part, or those that are marked or likely there. */
  record ChipGroup(String label, boolean open, List<Chip> chips) {}

  /** A sign that can be marked on the chosen part; state is present, absent or none. */
  record Chip(String node, String label, String swatch, String state, String next) {
    /** What a tap posts. */
    public String mark() {
      return next + " " + node;
    }
  }

  /** A finding in the ledger; one that was said and may not have been meant is not sure. */
  record Ledger(
      String node,
      String label,
      boolean present,
      boolean sure,
      String detail,
      String quote,
      boolean unexplained) {}

  /** Something that the records say; whether it counts or was overruled. */
  record RecordLine(String condition, String label, String value, boolean counts) {}

  /** A ranked cause. */
  record CauseCard(
      Name name, Urgency urgency, Odds odds, Reasons reasons, boolean suspected, Working working) {
    /** Which cause. */
    record Name(String id, String label, String what) {}

    /** What it asks for. */
    record Urgency(String verdict, String verdictId) {}

    /** How likely it is. */
    record Odds(String percent, double width) {}

    /** What speaks for and against it. */
    record Reasons(
        List<Reason> reasonsFor,
        List<Reason> reasonsAgainst,
        int moreReasons,
        String unexplained) {}

    public String id() {
      return name.id();
    }

    public String label() {
      return name.label();
    }

    public String what() {
      return name.what();
    }

    public String verdict() {
      return urgency.verdict();
    }

    public String verdictId() {
      return urgency.verdictId();
    }

    public String percent() {
      return odds.percent();
    }

    public double width() {
      return odds.width();
    }

    public List<Reason> reasonsFor() {
      return reasons.reasonsFor();
    }

    public List<Reason> reasonsAgainst() {
      return reasons.reasonsAgainst();
    }

    public int moreReasons() {
      return reasons.moreReasons();
    }

    public String unexplained() {
      return reasons.unexplained();
    }
  }

  /** A reason with its weight in decibans. */
  record Reason(String label, String decibans, boolean strong) {}

  /** A look worth its while. */
  record CheckCard(What what, boolean waits, boolean photos, List<Ask> asks, Working working) {
    /** Which look, and what it takes. */
    record What(String id, String label, String how, String cost) {}

    public String id() {
      return what.id();
    }

    public String label() {
      return what.label();
    }

    public String how() {
      return what.how();
    }

    public String cost() {
      return what.cost();
    }
  }

  /** A test under way. */
  record UnderWay(String check, String node, LocalDate startedOn, LocalDate dueOn, boolean waits) {}

  /** A question of a check. */
  record Ask(String node, String label) {}
}
