package org.mildlantern.app.cases;

import java.time.LocalDate;
import java.util.List;
import org.mildlantern.core.diagnosis.Response;
import org.mildlantern.core.knowledge.Advice;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.working.Working;

/**
 * A case as pages show it.
 *
 * @param changes first to last; the last may be under test
 */
public record CaseView(
    Long id,
    int number,
    Long plantId,
    Cause cause,
    Opened opened,
    Closed closed,
    List<Step> changes) {
  /** When it was opened, and how likely its cause was then. */
  public record Opened(LocalDate openedOn, double probability) {}

  /** When and how it was closed; all null while it is open. */
  public record Closed(LocalDate closedOn, Outcome outcome, String learned) {}

  public LocalDate openedOn() {
    return opened.openedOn();
  }

  public double probability() {
    return opened.probability();
  }

  public LocalDate closedOn() {
    return closed.closedOn();
  }

  public Outcome outcome() {
    return closed.outcome();
  }

  public String learned() {
    return closed.learned();
  }

  /**
   * One change with its window and result; lookWorking says how the day was found.
   *
   * @param advice what to do in this plant's way of life, or null in lists
   */
  public record Step(
      Long id,
      Change change,
      Advice advice,
      Window window,
      String reason,
      String confoundedBy,
      Answer answer,
      State state) {
    /** When it was made, and when it can be judged. */
    public record Window(LocalDate madeOn, LocalDate lookOn, Working lookWorking) {}

    /** How the plant answered; all null until it has. */
    public record Answer(
        Response.Outcome response, LocalDate respondedOn, Double probabilityAfter) {}

    /** Whether it is undone, or the present one. */
    public record State(LocalDate undoneOn, boolean current) {}

    public boolean current() {
      return state.current();
    }

    public boolean waiting() {
      return current() && answer.response() == null;
    }

    public boolean toDecide() {
      return current() && answer.response() != null;
    }

    public boolean confounded() {
      return confoundedBy != null;
    }
  }

  public boolean open() {
    return closedOn() == null;
  }

  /** The change under test or to decide on, or null. */
  public Step current() {
    return changes.stream().filter(Step::current).reduce((a, b) -> b).orElse(null);
  }

  /** The day on which the case wants the keeper, or null when closed. */
  public LocalDate dueOn() {
    Step step = current();
    if (!open() || step == null) {
      return null;
    }
    return step.toDecide() ? step.answer().respondedOn() : step.window().lookOn();
  }
}
