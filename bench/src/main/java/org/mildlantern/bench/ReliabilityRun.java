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

  /** Arguments: the file to write, and the number of cases to draw. */
  public static void main(String[] arguments) throws Exception {
    Measured measured =
        Measured.now(
            Library.shipped().knowledge(),
            LocalDate.now().toString(),
            Integer.parseInt(arguments[1]),
            new Random(SEED));
    Files.writeString(Path.of(arguments[0]), measured.json() + "\n");
  }
}
