package org.mildlantern.core.reliability;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Learning.Lesson;

/** What reading is learned from: ways to say one thing, and texts that may be looked at. */
public final class Lessons {
  private static final String WAYS = "/texts/ways.txt";

  /** Before what tells nothing. */
  private static final String NOTHING = "-";

  private static final String AND = "\\+";

  private Lessons() {}

  /** Of all that ships. */
  public static List<Lesson> of(Knowledge knowledge) {
    List<Lesson> lessons = new ArrayList<>(ways());
    SaidText.all(knowledge).stream()
        .filter(SaidText::open)
        .map(Lessons::lesson)
        .forEach(lessons::add);
    return lessons;
  }

  /** Each with the signs or circumstances that it tells. */
  public static List<Lesson> ways() {
    try (InputStream in = Lessons.class.getResourceAsStream(WAYS)) {
      List<Lesson> ways = new ArrayList<>();
      for (String line : new String(in.readAllBytes(), StandardCharsets.UTF_8).split("\n")) {
        if (!line.startsWith("#")) {
          String[] entry = line.split(": ", 2);
          for (String way : entry[1].split("; ")) {
            ways.add(new Lesson(way, null, tells(entry[0])));
          }
        }
      }
      return ways;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static Set<String> tells(String entry) {
    return entry.equals(NOTHING) ? Set.of() : Set.of(entry.split(AND));
  }

  private static Lesson lesson(SaidText text) {
    Set<String> tells = new TreeSet<>(text.says());
    text.also().stream().filter(also -> !also.startsWith(SaidText.NOT)).forEach(tells::add);
    text.context().forEach((field, value) -> tells.add(field + "=" + value));
    return new Lesson(text.text(), text.kind().form(), tells);
  }
}
