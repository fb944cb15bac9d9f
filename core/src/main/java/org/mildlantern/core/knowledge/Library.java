package org.mildlantern.core.knowledge;

import java.util.List;
import org.mildlantern.core.knowledge.load.Fault;
import org.mildlantern.core.knowledge.load.Files;
import org.mildlantern.core.knowledge.load.Shelf;

/**
 * All that is known, read from one folder with one list of faults.
 *
 * @param edition fingerprint of all files
 */
public record Library(
    Knowledge knowledge,
    Remedies remedies,
    Media media,
    Repots repots,
    Raising raising,
    Absence absence,
    Rescue rescue,
    SheetWords sheet,
    String edition) {
  /** Read at its first use and shared: it is immutable. */
  private static final class Shipped {
    private static final Library LIBRARY = load(Files.ofClassPath("/knowledge"));
  }

  /** What ships with the core, read once. */
  public static Library shipped() {
    return Shipped.LIBRARY;
  }

  /** Each change is fit, or another is, wherever a plant may live. */
  private static void index(Shelf shelf, Knowledge knowledge) {
    try {
      knowledge.index();
      knowledge.allLore().forEach(lore -> knowledge.changes().forEach(lore::fit));
      new KnowledgeCheck(shelf, knowledge).prone();
    } catch (IllegalStateException e) {
      String id = e.getMessage().replaceFirst(":.*", "");
      shelf.wrong(knowledge.changes(), id, "unfit", e.getMessage().replaceFirst(".*?: ", ""));
      throw new KnowledgeException(shelf.faults().all());
    }
    List<Fault> faults = shelf.faults().all();
    if (!faults.isEmpty()) {
      throw new KnowledgeException(faults);
    }
  }

  /**
   * Reads a folder.
   *
   * @throws KnowledgeException with each fault once, by file, line, entry and field
   */
  public static Library load(Files files) {
    Shelf shelf = new Shelf(files);
    Knowledge knowledge = new Knowledge(shelf);
    Remedies remedies = new Remedies(shelf, knowledge);
    Media media = new Media(shelf, knowledge);
    Repots repots = new Repots(shelf, knowledge, media);
    Raising raising = new Raising(shelf);
    Absence absence = new Absence(shelf, knowledge);
    Rescue rescue = new Rescue(shelf, knowledge);
    SheetWords sheet = new SheetWords(shelf, knowledge);
    List<Fault> faults = shelf.faults().all();
    if (!faults.isEmpty()) {
      throw new KnowledgeException(faults);
    }
    index(shelf, knowledge);
    return new Library(
        knowledge,
        remedies,
        media,
        repots,
        raising,
        absence,
        rescue,
        sheet,
        shelf.fingerprint(path -> true));
  }
}
