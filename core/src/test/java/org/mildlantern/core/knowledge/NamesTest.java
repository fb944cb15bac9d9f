package org.mildlantern.core.knowledge;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.stream.Collectors;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.words.Nearest;

class NamesTest {
  private final Knowledge knowledge = Library.shipped().knowledge();

  @ParameterizedTest
  @CsvSource({
    "Sansevieria, Dracaena trifasciata",
    "Saintpaulia, Streptocarpus ionanthus",
    "Schefflera, Heptapleurum arboricola",
    "Dendrobium, Dendrobium",
    "Calathea, Goeppertia",
    "Haworthiopsis, Haworthia",
    "Myrciaria, Plinia cauliflora",
    "Zygocactus, Schlumbergera truncata",
    "Dypsis, Chrysalidocarpus lutescens",
    "peace lily, Spathiphyllum wallisii",
    "snake plant, Dracaena trifasciata",
    "jade, Crassula ovata",
    "moth orchid, Phalaenopsis",
    "money tree, Pachira aquatica",
    "string of pearls, Curio rowleyanus",
    "azalea, Rhododendron indicum",
    "Venus flytrap, Dionaea muscipula",
    "nepenthes  VILLOSA, Nepenthes",
    "Dionaea, Dionaea muscipula",
    "Brassolaeliocattleya, × Rhyncholaeliocattleya",
    "queens tears, Billbergia nutans",
    "Phalenopsis, Phalaenopsis hybrids",
    "pine bonsai, Pinus",
    "monstera plant, Monstera",
    "Spathyphyllum, Spathiphyllum wallisii",
    "Diffenbachia, Dieffenbachia seguine",
    "Kalanchoë, Kalanchoe",
    "Den. nobile, Dendrobium nobile",
    "Den. unheardofii, Dendrobium",
    "Paph. rothschildianum, Paphiopedilum rothschildianum",
    "paph, Paphiopedilum",
    "fiddle-leaf fig, Ficus lyrata",
    "parlor palm, Chamaedorea elegans",
    "Nepenthes villosa, Nepenthes",
    "x Graptoveria, × Graptoveria",
    "swiss-cheese plant, Monstera deliciosa",
    "wax plant, Hoya carnosa",
    "air plant, Tillandsia",
    "VENUS FLY-TRAP, Dionaea muscipula"
  })
  void findTheKindThatIsMeant(String typed, String name) {
    assertThat(knowledge.taxonNamed(typed).map(Taxon::name)).contains(name);
  }

  @Test
  void aNameOfSeveralKindsIsAskedAndNeverGuessed() {
    for (String name : new String[] {"money plant", "Elephant's foot", "pitcher plant", "neo"}) {
      assertThat(knowledge.taxonNamed(name)).as(name).isEmpty();
      assertThat(knowledge.namesLike(name)).as(name).hasSizeGreaterThan(1);
    }
    assertThat(knowledge.namesLike("mother-in-law's tongue"))
        .containsExactly("Dracaena trifasciata", "Dieffenbachia seguine");
  }

  @Test
  void everyNameThatIsAskedLeadsToKindsThatAreFound() {
    for (String name : new String[] {"jewel orchid", "prayer plant", "zygo", "angel wings"}) {
      assertThat(knowledge.namesLike(name))
          .allMatch(choice -> knowledge.taxonNamed(choice).isPresent());
    }
  }

  @Test
  void everyGenusFindsSomethingOfIt() {
    assertThat(
            knowledge.taxa().stream()
                .map(Taxon::genus)
                .filter(genus -> knowledge.taxonNamed(genus).isEmpty())
                .collect(Collectors.toSet()))
        .isEmpty();
    assertThat(knowledge.taxonNamed("cactus")).isEmpty();
  }

  @Test
  void everyKindSaysWhatItDoesToPetsAndTheDeadlyOnesSaySo() {
    for (Taxon taxon : knowledge.taxa()) {
      assertThat(knowledge.toxicity(taxon)).as(taxon.id()).isNotNull();
    }
    for (String id :
        new String[] {"taxus", "nerium", "cycas-revoluta", "lilium", "adenium-obesum"}) {
      Toxicity toxic = knowledge.toxicity(Kinds.taxon(id).taxon().orElseThrow());
      assertThat(toxic.step()).as(id).isEqualTo(Toxicity.Step.DEADLY);
      assertThat(toxic.harmful()).isTrue();
    }
    Toxicity malus = knowledge.toxicity(Kinds.taxon("malus").taxon().orElseThrow());
    assertThat(malus.words()).startsWith("for cats, dogs and horses: pips");
    Toxicity vanda = knowledge.toxicity(Kinds.taxon("vanda").taxon().orElseThrow());
    assertThat(vanda.harmful()).isFalse();
    assertThat(vanda.step().label()).contains("not tested");
    assertThat(vanda.words()).isEqualTo("no case is known");
  }

  @Test
  void aMistypedNameIsLikeTheRightOneAndNonsenseLikeNone() {
    assertThat(knowledge.namesLike("Phalenopsis amabilis")).startsWith("Phalaenopsis amabilis");
    assertThat(knowledge.namesLike("Dionea muscipula")).startsWith("Dionaea muscipula");
    assertThat(knowledge.namesLike("Sansevaria")).containsExactly("Dracaena trifasciata");
    assertThat(knowledge.namesLike("Xyzzy")).isEmpty();
    assertThat(knowledge.namesLike("a".repeat(100_000))).isEmpty();
    assertThat(Nearest.distance("kitten", "sitting")).isEqualTo(3);
  }

  @Test
  void eachWayInWhichAnUnknownPlantMayLiveIsOneOfItsForm() {
    for (Usual one : knowledge.usual()) {
      Kind kind = knowledge.kind(one);
      assertThat(kind.form().id()).isEqualTo(one.form());
      if (one.label() != null) {
        Kind most = knowledge.kind(kind.form());
        assertThat(kind.way().id() + kind.habits().rest())
            .as(one.id())
            .isNotEqualTo(most.way().id() + most.habits().rest());
      }
    }
  }

  @Test
  void choicesSayWhatTellsThemApart() {
    assertThat(knowledge.choicesLike("money plant"))
        .extracting(NameChoice::name)
        .containsExactly("Crassula ovata", "Epipremnum aureum", "Pilea peperomioides");
    assertThat(knowledge.choicesLike("money plant").get(0).also())
        .isEqualTo("jade plant, succulent stem");
    assertThat(NameChoice.of("Ficus").also()).isEqualTo("several kinds");
    assertThat(knowledge.choicesLike("")).isEmpty();
  }

  @Test
  void allNamesOfAKindAreToldThoseThatItSharesLast() {
    Taxon fern = knowledge.taxa().find("phlebodium").orElseThrow();
    assertThat(knowledge.namesOf(fern))
        .startsWith("Phlebodium aureum")
        .contains("gold-foot fern")
        .endsWith("rabbits foot")
        .doesNotHaveDuplicates();
  }

  private static void broken(String good, String bad, String words) {
    assertThatThrownBy(
            () ->
                Library.load(
                    KnowledgeTest.SHIPPED.with(
                        "words/names.yaml", text -> text.replace(good, bad))))
        .hasMessageContaining(words);
  }

  @Test
  void aNameOfAnotherKindAndOneThatIsAskedAreFaults() {
    broken(
        "[wandering dude,",
        "[Dionaea muscipula, wandering dude,",
        "tradescantia: names: “Dionaea muscipula” is a name of Dionaea muscipula");
    broken("[wandering dude,", "[money plant, wandering dude,", "“money plant” is asked");
    broken("kinds: [crassula-ovata,", "kinds: [moon-plant,", "there is no kind “moon-plant”");
    broken("{id: phal, kind: phalaenopsis}", "{id: phal, kind: nothing}", "“nothing”");
    broken("{id: tradescantia, names", "{id: tradescantja, names", "“tradescantja”");
  }
}
