package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.light.LightWish;

class LightWishesTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  private LightWish of(String taxon) {
    return knowledge
        .lightWish(knowledge.kind(knowledge.taxa().find(taxon).orElseThrow()))
        .orElseThrow();
  }

  @Test
  void everyKindHasAWishNearItsWord() {
    List<String> far = new ArrayList<>();
    for (Taxon taxon : knowledge.taxa()) {
      LightWish wish = knowledge.lightWish(knowledge.kind(taxon)).orElseThrow();
      double word =
          switch (taxon.light()) {
            case "low" -> 3.2;
            case "medium" -> 6.3;
            case "bright" -> 11.3;
            default -> 20.5;
          };
      double middle = Math.sqrt(wish.low() * wish.high());
      if (middle / word < 0.45 || middle / word > 2.2) {
        far.add(taxon.id() + " " + taxon.light() + " " + wish.words());
      }
    }
    assertThat(far).isEmpty();
  }

  @Test
  void aKindGoesBeforeItsGenusAndItsGenusBeforeItsWord() {
    assertThat(of("neoregelia-cruenta").words()).isEqualTo("15 to 30");
    assertThat(of("phalaenopsis").met(1.5)).isEqualTo(LightWish.Met.FAR_SHORT);
    assertThat(of("phalaenopsis").met(3)).isEqualTo(LightWish.Met.SHORT);
    assertThat(of("phalaenopsis").met(7)).isEqualTo(LightWish.Met.MET);
    assertThat(of("phalaenopsis").met(12)).isEqualTo(LightWish.Met.ABOVE);
  }

  @Test
  void whatIsNotKnownHasNoWish() {
    assertThat(knowledge.lightWish(knowledge.kind(knowledge.usual().find("fern").orElseThrow())))
        .isEmpty();
  }
}
