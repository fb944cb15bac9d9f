package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.HashSet;
import java.util.List;
import java.util.Set;
import org.junit.jupiter.api.Test;

/** Every word can change an answer, and no fact is asked twice. */
class VocabularyTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  @Test
  void everySignTellsOfACause() {
    Set<String> told = new HashSet<>();
    knowledge.causes().forEach(cause -> told.addAll(cause.nodes()));
    assertThat(knowledge.nodes())
        .extracting(Node::id)
        .filteredOn(node -> !told.contains(node))
        .isEmpty();
  }

  @Test
  void everyCircumstanceTellsOfACause() {
    Set<String> used = new HashSet<>();
    for (Cause cause : knowledge.causes()) {
      used.addAll(cause.context().keySet());
      cause.on().values().stream()
          .filter(differs -> differs.context() != null)
          .forEach(differs -> used.addAll(differs.context().keySet()));
    }
    assertThat(knowledge.conditions())
        .extracting(Condition::id)
        .filteredOn(condition -> !used.contains(condition))
        .isEmpty();
    Set<String> asked = new HashSet<>();
    knowledge.conditions().forEach(condition -> asked.add(condition.field()));
    knowledge.fields().stream()
        .filter(field -> asked.contains(field.id()))
        .forEach(field -> asked.addAll(field.from()));
    assertThat(knowledge.fields())
        .extracting(ContextField::id)
        .filteredOn(field -> !asked.contains(field) && !ELSEWHERE.contains(field))
        .isEmpty();
  }

  /** Fields that the computation itself takes: the stage, and light in other units. */
  private static final Set<String> ELSEWHERE = Set.of("light-lux", "light-ppfd");

  /** What joins two facts could be there in part. */
  @Test
  void aLabelNamesOneFact() {
    assertThat(knowledge.signs())
        .extracting(Sign::label)
        .filteredOn(label -> label.matches(".*\\band\\b.*"))
        .containsExactlyInAnyOrderElementsOf(ONE_LOOK);
  }

  /** What is one look although it takes two words. */
  private static final List<String> ONE_LOOK =
      List.of(
          "Blackened, limp and glassy overnight",
          "Clear drops at tips and margins at dawn",
          "Beads and knots on the roots",
          "Day and night differ by more than 12 K",
          "Brown on the side of winter sun and wind",
          "White wool on bark and needle bases");

  @Test
  void anOpenWordMeansSeveralSigns() {
    assertThat(knowledge.openWords())
        .allSatisfy(word -> assertThat(word.meant()).hasSizeGreaterThan(1).doesNotHaveDuplicates());
  }
}
