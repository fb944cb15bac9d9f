package org.mildlantern.app;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.MatchResult;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Styles: a file for each feature, no rule twice, none for what is nowhere. */
class StylesTest {
  private static final Path STYLES = Path.of("src/main/resources/static/css");
  private static final Pattern RULE = Pattern.compile("(?m)^( *)([^@/{}\\s][^{}@]*?) \\{$");
  private static final Pattern NAME = Pattern.compile("[.#]([A-Za-z][\\w-]*)");

  @Test
  void everyNameIsThatOfSomething() throws IOException {
    String everything =
        String.join(
            "\n",
            texts(Path.of("src/main/resources/templates"), ".html"),
            texts(Path.of("src/main/resources/static/js"), ".js"),
            texts(Path.of("src/main/resources/figures"), ".yaml"),
            texts(Path.of("src/main/java"), ".java"),
            texts(Path.of("../core/src/main/java"), ".java"));
    for (Path file : files(STYLES, ".css")) {
      for (MatchResult rule : RULE.matcher(Files.readString(file)).results().toList()) {
        Matcher name = NAME.matcher(rule.group(2));
        while (name.find()) {
          // Shapes and kinds are put behind a fixed beginning, as in ic-drop.
          String word = name.group(1).replaceFirst("^(ic|pot)-", "");
          assertThat(Pattern.compile("(?i)\\b" + word + "\\b").matcher(everything).find())
              .as(file.getFileName() + ": " + name.group())
              .isTrue();
        }
      }
    }
  }

  @Test
  void noRuleStandsTwice() throws IOException {
    for (Path file : files(STYLES, ".css")) {
      List<String> seen = new ArrayList<>();
      for (String block : Files.readString(file).split("\n(?=@media)")) {
        String media = block.startsWith("@media") ? block.substring(0, block.indexOf('{')) : "";
        for (MatchResult rule : RULE.matcher(block).results().toList()) {
          seen.add(media + rule.group(2).replaceAll("\\s+", " "));
        }
      }
      assertThat(seen).as(file.getFileName().toString()).doesNotHaveDuplicates();
    }
  }

  @Test
  void thePageLinksEachFile() throws IOException {
    String layout = Files.readString(Path.of("src/main/resources/templates/frame/layout.html"));
    for (Path file : files(STYLES, ".css")) {
      assertThat(layout).contains("'" + file.getFileName().toString().replace(".css", "") + "'");
    }
  }

  private static List<Path> files(Path folder, String ending) throws IOException {
    try (Stream<Path> all = Files.walk(folder)) {
      return all.filter(file -> file.toString().endsWith(ending)).sorted().toList();
    }
  }

  private static String texts(Path folder, String ending) throws IOException {
    StringBuilder texts = new StringBuilder();
    for (Path file : files(folder, ending)) {
      texts.append(Files.readString(file)).append('\n');
    }
    return texts.toString();
  }
}
