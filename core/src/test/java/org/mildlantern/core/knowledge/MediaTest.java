package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import org.junit.jupiter.api.Test;

class MediaTest {
  private static final Knowledge KNOWLEDGE = Knowledge.load();
  private final Media media = Media.load(KNOWLEDGE);

  @Test
  void everyMediumHasARecipeWhoseSharesAddUp() {
    for (Medium medium : KNOWLEDGE.media()) {
      assertThat(media.mixOf(medium.id()).orElseThrow().values().stream().mapToDouble(s -> s).sum())
          .as(medium.id())
          .isCloseTo(1, within(1e-12));
    }
    assertThat(media.mixOf("moon-dust")).isEmpty();
  }

  @Test
  void everyFormHasItsThirst() {
    assertThat(KNOWLEDGE.forms()).allMatch(form -> media.thirst(form.id()) > 0);
    assertThat(media.thirst("fern")).isGreaterThan(media.thirst("succulent-stem"));
  }

  @Test
  void aWrongFileNamesFileEntryAndField() {
    broken(
        "components.yaml", "alpha: 1.2", "alpha: -1", "water/components.yaml: bark-coarse: alpha");
    broken("recipes.yaml", "{peat: 1, perlite: 1}", "{peat: 1, fluff: 1}", "no component fluff");
    broken("recipes.yaml", "id: sphagnum, parts", "id: moss, parts", "moss: id: no such medium");
    broken("recipes.yaml", "id: sphagnum, parts", "id: moss, parts", "sphagnum: is missing");
    broken("thirst.yaml", "id: fern,", "id: palm,", "thirst.yaml: fern: is missing");
  }

  private static void broken(String file, String good, String bad, String words) {
    assertThatThrownBy(
            () ->
                Media.load(
                    KNOWLEDGE,
                    name -> {
                      try (InputStream in =
                          MediaTest.class.getResourceAsStream("/knowledge/" + name)) {
                        String text = new String(in.readAllBytes(), StandardCharsets.UTF_8);
                        String changed = name.endsWith(file) ? text.replace(good, bad) : text;
                        return new ByteArrayInputStream(changed.getBytes(StandardCharsets.UTF_8));
                      } catch (IOException e) {
                        throw new UncheckedIOException(e);
                      }
                    }))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining(words);
  }
}
