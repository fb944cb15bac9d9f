package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.Set;
import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;

class RemediesTest {
  private static final Knowledge KNOWLEDGE = Knowledge.load();
  private final Remedies remedies = Remedies.load(KNOWLEDGE);

  @Test
  void everyCatchingPestHasALifeOrAReasonNotTo() {
    Set<String> withoutGenerationsIndoors =
        Set.of("weevil-grubs", "caterpillars", "leafhoppers", "ant-nest", "pet-bites");
    assertThat(
            KNOWLEDGE.causes().stream()
                .filter(c -> c.family().equals("pest"))
                .map(Cause::id)
                .filter(id -> remedies.pest(id).isEmpty())
                .collect(Collectors.toSet()))
        .isEqualTo(withoutGenerationsIndoors);
  }

  @Test
  void oneSchoolIsTheDefaultAndEachUsesMeansThatHitThePest() {
    assertThat(remedies.schools().stream().filter(School::byDefault)).hasSize(1);
    for (School school : remedies.schools()) {
      school
          .courses()
          .forEach(
              (pest, pattern) ->
                  pattern.visits().stream()
                      .flatMap(java.util.List::stream)
                      .forEach(
                          id ->
                              assertThat(remedies.means(id).orElseThrow().against())
                                  .as(school.id() + " " + id)
                                  .containsKey(pest)));
    }
  }

  @Test
  void syntheticMeansHaveAGroupAndALegalNote() {
    assertThat(remedies.means().stream().filter(m -> m.legal() != Means.Legal.FREE))
        .isNotEmpty()
        .allMatch(m -> m.group().startsWith("IRAC"))
        .allMatch(m -> m.legal().note().contains("the label decides"));
  }

  @Test
  void aWrongFileNamesFileEntryAndField() {
    assertThatThrownBy(() -> broken("pests.yaml", "lower: 10\n", "lower: hot\n"))
        .hasMessageContaining("treatment/pests.yaml: spider-mites: lower");
    assertThatThrownBy(() -> broken("means.yaml", "aphids: {young:", "aphids: {pupa:"))
        .hasMessageContaining("no pupa of aphids");
    assertThatThrownBy(() -> broken("schools.yaml", "[night-hunt]", "[moon-hunt]"))
        .hasMessageContaining("slugs: no means moon-hunt");
  }

  private static Remedies broken(String file, String good, String bad) {
    return Remedies.load(
        KNOWLEDGE,
        name -> {
          InputStream in = RemediesTest.class.getResourceAsStream("/knowledge/" + name);
          try {
            String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
            String changed =
                name.endsWith(file)
                    ? text.replaceFirst(java.util.regex.Pattern.quote(good), bad)
                    : text;
            return new ByteArrayInputStream(changed.getBytes(StandardCharsets.UTF_8));
          } catch (IOException e) {
            throw new UncheckedIOException(e);
          }
        });
  }
}
