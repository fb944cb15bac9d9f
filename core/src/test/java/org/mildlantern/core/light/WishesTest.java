package org.mildlantern.core.light;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Taxon;

class WishesTest {
  private final Knowledge knowledge = Library.shipped().knowledge();
  private final Wishes wishes = Wishes.shipped();

  private Wish of(String taxon) {
    return wishes.of(knowledge.kind(knowledge.taxa().find(taxon).orElseThrow())).orElseThrow();
  }

  @Test
  void everyLineNamesAKindOrGenusThatIsKnown() {
    Set<String> known =
        knowledge.taxa().stream()
            .flatMap(taxon -> Stream.of(taxon.id(), taxon.genus()))
            .collect(Collectors.toSet());
    assertThat(wishes.named()).isSubsetOf(known);
  }

  @Test
  void everyKindHasAWishNearItsWord() {
    List<String> far = new ArrayList<>();
    for (Taxon taxon : knowledge.taxa()) {
      Wish wish = wishes.of(knowledge.kind(taxon)).orElseThrow();
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
    assertThat(of("phalaenopsis").met(1.5)).isEqualTo(Wish.Met.FAR_SHORT);
    assertThat(of("phalaenopsis").met(3)).isEqualTo(Wish.Met.SHORT);
    assertThat(of("phalaenopsis").met(7)).isEqualTo(Wish.Met.MET);
    assertThat(of("phalaenopsis").met(12)).isEqualTo(Wish.Met.ABOVE);
  }

  @Test
  void whatIsNotKnownHasNoWish() {
    assertThat(wishes.of(knowledge.kind(knowledge.usual().find("fern").orElseThrow()))).isEmpty();
  }
}
