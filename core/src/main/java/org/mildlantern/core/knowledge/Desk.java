package org.mildlantern.core.knowledge;

import java.io.PrintStream;
import java.nio.file.Path;
import org.mildlantern.core.knowledge.load.Files;

/** Says what a folder of knowledge holds, or what is wrong with it. */
public final class Desk {
  private Desk() {}

  /** Expects the folder; ends with 1 when it holds faults. */
  public static void main(String[] folder) {
    System.exit(check(Path.of(folder[0]), System.out));
  }

  static int check(Path folder, PrintStream out) {
    try {
      Library library = Library.load(Files.of(folder));
      Knowledge knowledge = library.knowledge();
      out.printf(
          "%d causes, %d signs, %d kinds, %d growth forms, %d means: no faults%n",
          knowledge.causes().size(),
          knowledge.signs().size(),
          knowledge.taxa().size(),
          knowledge.forms().size(),
          library.remedies().means().size());
      return 0;
    } catch (KnowledgeException e) {
      e.faults()
          .forEach(
              fault ->
                  out.println(
                      folder.resolve(fault.file())
                          + fault.toString().substring(fault.file().length())));
      out.printf("%d %s%n", e.faults().size(), e.faults().size() == 1 ? "fault" : "faults");
      return 1;
    }
  }
}
