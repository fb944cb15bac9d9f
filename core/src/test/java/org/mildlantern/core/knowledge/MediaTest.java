package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;

class MediaTest {
  private static final Knowledge KNOWLEDGE = Library.shipped().knowledge();
  private final Media media = Library.shipped().media();

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
    assertThat(KNOWLEDGE.forms()).allMatch(form -> media.thirst(Kinds.form(form.id())) > 0);
    assertThat(media.thirst(Kinds.form("fern")))
        .isGreaterThan(3 * media.thirst(Kinds.form("succulent-stem")));
    assertThat(media.thirst(Kinds.taxon("cymbidium")))
        .as("a thin-leaved orchid draws more than one that opens its pores at night")
        .isGreaterThan(2 * media.thirst(Kinds.taxon("cattleya")));
    assertThat(media.thirst(Kinds.taxon("dracaena-trifasciata")))
        .as("a succulent of any form")
        .isLessThan(0.4 * media.thirst(Kinds.form("strap-clump")));
  }

  @Test
  void aWrongFileNamesFileEntryAndField() {
    broken("components.yaml", "alpha: 1.2", "alpha: -1", ": bark-coarse: alpha");
    broken(
        "recipes.yaml",
        "{peat: 1, perlite: 1}",
        "{peat: 1, fluff: 1}",
        "there is no component “fluff”");
    broken("recipes.yaml", "id: sphagnum, parts", "id: moss, parts", "there is no medium “moss”");
    broken(
        "recipes.yaml",
        "id: sphagnum, parts",
        "id: moss, parts",
        "sphagnum: id: is missing in water/recipes.yaml");
    broken("thirst.yaml", "id: fern,", "id: palm,", "fern: id: is missing in water/thirst.yaml");
  }

  private static void broken(String file, String good, String bad, String words) {
    assertThatThrownBy(
            () ->
                Library.load(
                    KnowledgeTest.SHIPPED.with("water/" + file, text -> text.replace(good, bad))))
        .isInstanceOf(KnowledgeException.class)
        .hasMessageContaining(words);
  }
}
