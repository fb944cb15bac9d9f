package org.mildlantern.core.reliability;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
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
  void eachLessonTellsWhatThereIs() {
    assertThat(Lessons.of(KNOWLEDGE))
        .hasSizeGreaterThan(14000)
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
  void noWayStandsTwiceOrTellsSomethingAndNothing() {
    assertThat(Lessons.ways())
        .map(way -> way.text().toLowerCase(Locale.ROOT) + way.tells())
        .doesNotHaveDuplicates();
    Set<String> silent =
        Lessons.ways().stream()
            .filter(way -> way.tells().isEmpty())
            .map(Lesson::text)
            .collect(Collectors.toSet());
    assertThat(Lessons.ways())
        .filteredOn(way -> !way.tells().isEmpty())
        .map(Lesson::text)
        .doesNotContainAnyElementsOf(silent);
  }

  @Test
  void otherLessonsHaveAnotherKey() {
    List<Lesson> few = Lessons.ways().subList(0, 40);
    assertThat(Learning.key(KNOWLEDGE, few))
        .isEqualTo(Learning.key(KNOWLEDGE, List.copyOf(few)))
        .isNotEqualTo(Learning.key(KNOWLEDGE, few.subList(1, 40)));
  }

  @Test
  void whatASecondLookFoundIsKnownAndWasNotNotedBefore() {
    assertThat(SaidText.all(KNOWLEDGE))
        .filteredOn(text -> !text.also().isEmpty())
        .hasSizeGreaterThan(100)
        .allSatisfy(
            text -> {
              assertThat(text.also())
                  .doesNotHaveDuplicates()
                  .noneMatch(also -> text.says().contains(also));
              assertThat(text.also())
                  .map(also -> also.startsWith(SaidText.NOT) ? also.substring(4) : also)
                  .allMatch(
                      also ->
                          also.contains("=")
                              ? KNOWLEDGE.fields().has(also.split("=")[0])
                              : Stream.of(KNOWLEDGE.signs(), KNOWLEDGE.openWords())
                                  .anyMatch(table -> table.has(also)));
            });
  }
}
