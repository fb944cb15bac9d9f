package org.mildlantern.app.today;

import java.util.List;
import org.mildlantern.core.working.Working;

/**
 * One stop of the round.
 *
 * @param shape sprite shape of the kind of work
 * @param task what to do, in bold
 * @param reason why now
 * @param answers what can be said, in the order of their keys
 * @param undoEntry id of the entry that undoes it when it is done, else null
 * @param href where more can be done about it
 */
public record RoundItem(
    String id,
    String shape,
    Long plantId,
    String plantName,
    String code,
    String task,
    String reason,
    List<Answer> answers,
    boolean done,
    Long undoEntry,
    String href,
    Working working) {

  /** The same on a day to come, when it cannot be answered yet. */
  RoundItem ahead() {
    return new RoundItem(
        id, shape, plantId, plantName, code, task, reason, List.of(), done, null, href, working);
  }

  /** What the way to more is called. */
  public String hrefLabel() {
    if (href.startsWith("/visits/")) {
      return "Open visit";
    }
    return done ? "Case" : href.startsWith("/cases/") ? "Open case" : "Open";
  }

  /** The answers of a kind. */
  public List<Answer> answers(String kind) {
    return answers.stream().filter(a -> a.kind().name().equals(kind)).toList();
  }

  /**
   * One answer: a button with what it posts, or a figure to be typed.
   *
   * @param value what it posts; null when it is typed
   */
  public record Answer(String label, String action, String field, String value, Kind kind) {

    /** How it stands in the row. */
    public enum Kind {
      /** A button. */
      MAIN,
      /** It puts the work off, so that it stands back behind the real answers. */
      SKIP,
      /** A figure to be typed. */
      TYPED
    }

    public Answer(String label, String action, String field, String value) {
      this(label, action, field, value, Kind.MAIN);
    }

    public static Answer skip(String label, String action, String field, String value) {
      return new Answer(label, action, field, value, Kind.SKIP);
    }

    static Answer typed(String label, String action, String field) {
      return new Answer(label, action, field, null, Kind.TYPED);
    }
  }
}
