package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Stream;
import java.util.zip.GZIPInputStream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.said.Learning;
import org.mildlantern.core.said.Learning.Lesson;

/** What reading learns from. */
class LessonsTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();

  @Test
  void whatShipsWasLearnedFromTheLessonsAsTheyAre() {
    assertThat(Learning.shippedKey())
        .as("bench/words")
        .isEqualTo(Learning.key(KNOWLEDGE, Lessons.of(KNOWLEDGE)));
  }

  @Test
  void aTextThatIsOnlyMeasuredIsNoLesson() {
    Set<String> lessons =
        Set.copyOf(Lessons.of(KNOWLEDGE).stream().map(Lesson::text).distinct().toList());
    List<String> closed =
        SaidText.all(KNOWLEDGE).stream().filter(text -> !text.open()).map(SaidText::text).toList();
    assertThat(closed).hasSizeGreaterThan(50).doesNotContainAnyElementsOf(lessons);
  }

  @Test
  void eachWayTellsWhatThereIs() {
    assertThat(Lessons.ways())
        .hasSizeGreaterThan(7000)
        .allSatisfy(
            way ->
                assertThat(way.tells())
                    .allMatch(
                        told ->
                            told.contains("=")
                                ? KNOWLEDGE.fields().has(told.split("=")[0])
                                : Stream.of(KNOWLEDGE.signs(), KNOWLEDGE.openWords())
                                    .anyMatch(table -> table.has(told))));
  }

  @Test
  void theSameLessonsGiveTheSame() throws IOException {
    List<Lesson> few = Lessons.ways().subList(0, 40);
    assertThat(unpacked(few)).isEqualTo(unpacked(few));
    assertThat(Learning.key(KNOWLEDGE, few))
        .isNotEqualTo(Learning.key(KNOWLEDGE, few.subList(1, 40)));
  }

  private static byte[] unpacked(List<Lesson> lessons) throws IOException {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    Learning.write(KNOWLEDGE, lessons, new Random(1), out);
    try (InputStream in = new GZIPInputStream(new ByteArrayInputStream(out.toByteArray()))) {
      return in.readAllBytes();
    }
  }
}
