package org.mildlantern.bench;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Random;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.reliability.Measured;

/** Measures the reliability of the shipped knowledge and writes it beside the knowledge. */
public final class ReliabilityRun {
  private static final long SEED = 20261124;

  private ReliabilityRun() {}

  /** Arguments: the file to write, and the number of cases to draw, or “words” for these alone. */
  public static void main(String[] arguments) throws Exception {
    Measured measured = measured(arguments[1]);
    Files.writeString(Path.of(arguments[0]), measured.json() + "\n");
  }

  private static Measured measured(String what) {
    if (what.equals("words")) {
      return Measured.shipped().reading(Library.shipped().knowledge());
    }
    return Measured.now(
        Library.shipped().knowledge(),
        LocalDate.now().toString(),
        Integer.parseInt(what),
        new Random(SEED));
  }
}
