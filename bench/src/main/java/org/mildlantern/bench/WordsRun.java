package org.mildlantern.bench;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Random;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.reliability.Lessons;
import org.mildlantern.core.said.Learning;

/** Learns what clauses tell from the ways to say things and the texts that may be looked at. */
public final class WordsRun {
  private WordsRun() {}

  /** Argument: the file to write. */
  public static void main(String[] arguments) throws IOException {
    Knowledge knowledge = Library.shipped().knowledge();
    ByteArrayOutputStream learned = new ByteArrayOutputStream();
    Learning.write(knowledge, Lessons.of(knowledge), new Random(1), learned);
    Files.write(Path.of(arguments[0]), learned.toByteArray());
  }
}
