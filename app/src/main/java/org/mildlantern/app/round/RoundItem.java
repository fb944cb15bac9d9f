package org.mildlantern.app.round;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.working.Working;

/**
 * One stop of the round.
 *
 * @param id of its row
 * @param work empty for what was noted and is no work
 * @param task what to do, in bold; of what is done, what was done
 * @param reason why now
 * @param answers what can be said, in the order of their keys
 */
public record RoundItem(
    String id,
    Optional<Work> work,
    PlantView plant,
    String task,
    String reason,
    List<Answer> answers,
    More more) {

  /**
   * What a row leads to.
   *
   * @param href where more can be done about it, or null
   * @param label what the way there is called
   * @param working or null
   * @param undoEntry id of the entry that undoes it when it is done, else null
   * @param paper what a printed row says besides, or null
   */
  public record More(String href, String label, Working working, Long undoEntry, String paper) {
    static final More NOTHING = new More(null, null, null, null, null);
  }

  public static RoundItem due(String id, Work work, PlantView plant, String task, String reason) {
    return new RoundItem(id, Optional.of(work), plant, task, reason, List.of(), More.NOTHING);
  }

  public static RoundItem done(Optional<Work> work, PlantView plant, String text, Long undoEntry) {
    return new RoundItem(
        "done-" + undoEntry,
        work,
        plant,
        text,
        "",
        List.of(),
        new More(null, null, null, undoEntry, null));
  }

  public RoundItem answered(List<Answer> with) {
    return new RoundItem(id, work, plant, task, reason, List.copyOf(with), more);
  }

  public RoundItem leadingTo(String href, String label) {
    return with(new More(href, label, more.working, more.undoEntry, more.paper));
  }

  public RoundItem worked(Working working) {
    return with(new More(more.href, more.label, working, more.undoEntry, more.paper));
  }

  public RoundItem onPaper(String besides) {
    return with(new More(more.href, more.label, more.working, more.undoEntry, besides));
  }

  private RoundItem with(More other) {
    return new RoundItem(id, work, plant, task, reason, answers, other);
  }

  /** The same on a day to come, when it cannot be answered yet. */
  public RoundItem ahead() {
    return answered(List.of());
  }

  public boolean done() {
    return more.undoEntry != null;
  }

  /** The sprite shape of its work. */
  public String shape() {
    return work.map(Work::shape).orElse("note");
  }

  /** The id of its work, as answers send it. */
  public String workId() {
    return work.map(Work::id).orElse("");
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

    public static Answer typed(String label, String action, String field) {
      return new Answer(label, action, field, null, Kind.TYPED);
    }
  }
}
