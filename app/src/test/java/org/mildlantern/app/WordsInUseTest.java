package org.mildlantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.Reader;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Properties;
import java.util.Set;
import java.util.TreeSet;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.DynamicTest;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.TestFactory;
import org.mildlantern.core.knowledge.Hazard;
import org.mildlantern.core.words.Sentence;
import org.mildlantern.core.words.Words;

/** Every sentence that is asked for is there, and every one that is there is asked for. */
class WordsInUseTest {
  private static final Path TEMPLATES = Path.of("src/main/resources/templates");
  private static final Pattern LITERAL = Pattern.compile("\"((?:[^\"\\\\\\n]|\\\\.)*)\"");
  private static final Pattern SAID = Pattern.compile("WORDS\\s*\\.say\\(\\s*\"([^\"]+)\"\\s*[,)]");
  private static final Pattern IN_TEMPLATE = Pattern.compile("#\\{([a-z]+)\\.([a-z0-9.-]+)");

  @TestFactory
  Stream<DynamicTest> eachRoomSaysWhatItHas() throws IOException {
    return Stream.concat(rooms(Path.of("../core")), rooms(Path.of("."))).map(WordsInUseTest::test);
  }

  @TestFactory
  Stream<DynamicTest> eachSentenceIsWholeOnceItsPlacesAreFilled() throws IOException {
    return Stream.concat(rooms(Path.of("../core")), rooms(Path.of(".")))
        .map(
            file ->
                DynamicTest.dynamicTest(
                    file.getParent().getFileName().toString(), () -> said(file)));
  }

  private static void said(Path file) throws IOException {
    Properties patterns = new Properties();
    try (Reader in = Files.newBufferedReader(file)) {
      patterns.load(in);
    }
    for (String key : patterns.stringPropertyNames()) {
      Sentence sentence = Sentence.of(patterns.getProperty(key));
      for (int value : new int[] {0, 1, 2, 1240}) {
        Map<String, Integer> values = new HashMap<>();
        sentence.names().forEach(name -> values.put(name, value));
        assertThat(sentence.say(values))
            .as(key)
            .isNotBlank()
            .doesNotContain("{", "}", "1,240", "plural", "select");
      }
    }
  }

  private static Stream<Path> rooms(Path module) throws IOException {
    Path resources = module.resolve("src/main/resources/org");
    try (Stream<Path> all = Files.walk(resources)) {
      return all.filter(file -> file.endsWith("words.properties")).toList().stream();
    }
  }

  private static DynamicTest test(Path file) {
    Path folder = file.getParent();
    String room = folder.toString().replaceFirst(".*src/main/resources/", "").replace('/', '.');
    return DynamicTest.dynamicTest(
        room,
        () -> {
          Set<String> known = Words.of(room, WordsInUseTest.class.getClassLoader()).keys();
          Set<String> literals = new TreeSet<>(inTemplates(folder.getFileName().toString()));
          Stream.of(Hazard.values()).map(h -> h.name().toLowerCase()).forEach(literals::add);
          Path sources = Path.of(folder.toString().replace("/resources/", "/java/"));
          for (String source : texts(sources, ".java")) {
            found(SAID, source).forEach(key -> assertThat(known).contains(key));
            literals.addAll(found(LITERAL, source));
          }
          assertThat(known).allMatch(key -> used(key, literals));
        });
  }

  /** Whole, or put together from a beginning or an end that stands in the room. */
  private static boolean used(String key, Set<String> literals) {
    return literals.contains(key)
        || literals.stream()
            .anyMatch(
                l ->
                    l.endsWith(".")
                        && key.startsWith(l)
                        && literals.contains(key.substring(l.length())))
        || key.endsWith("-because") && literals.contains(key.replace("-because", ""));
  }

  private static List<String> inTemplates(String room) throws IOException {
    return texts(TEMPLATES, ".html").stream()
        .flatMap(
            text ->
                IN_TEMPLATE
                    .matcher(text)
                    .results()
                    .filter(match -> match.group(1).equals(room))
                    .map(match -> match.group(2)))
        .toList();
  }

  @Test
  void templatesSayWhatRoomsHave() throws IOException {
    for (String text : texts(TEMPLATES, ".html")) {
      Matcher said = IN_TEMPLATE.matcher(text);
      while (said.find()) {
        Words words = Words.of("org.mildlantern.app." + said.group(1), getClass().getClassLoader());
        assertThat(words.keys()).contains(said.group(2));
      }
    }
  }

  private static List<String> found(Pattern pattern, String text) {
    return pattern.matcher(text).results().map(match -> match.group(1)).toList();
  }

  private static List<String> texts(Path folder, String ending) throws IOException {
    try (Stream<Path> files = Files.walk(folder)) {
      return files
          .filter(file -> file.toString().endsWith(ending))
          .map(
              file -> {
                try {
                  return Files.readString(file);
                } catch (IOException e) {
                  throw new java.io.UncheckedIOException(e);
                }
              })
          .toList();
    }
  }
}
