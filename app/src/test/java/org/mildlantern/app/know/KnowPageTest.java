package org.mildlantern.app.know;

import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.knowledge.Change;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class KnowPageTest extends WebCase {
  @Autowired Knowledge knowledge;

  @ParameterizedTest
  @CsvSource({
    "calathea, Goeppertia",
    "moth orchid, Phalaenopsis",
    "overwater, Roots kept too wet",
    "droopy, Limp leaves",
    "xylophone, Nothing is called that",
    "SANSEVIERIA, Dracaena trifasciata",
  })
  void anyOfItsNamesFindsIt(String words, String found) throws Exception {
    get(keepers.make(), "/find?q=" + words)
        .andExpect(status().isOk())
        .andExpect(content().string(containsString(found)));
  }

  @Test
  void whatWasMeasuredIsTheKnowledgeThatShips() throws Exception {
    get(keepers.make(), "/know/reliability")
        .andExpect(content().string(not(containsString("knowledge has changed since"))));
  }

  @Test
  void aKindTellsTheLightThatItWishes() throws Exception {
    get(keepers.make(), "/know/taxa/phalaenopsis")
        .andExpect(content().string(containsString("4 to 10 mol a day")));
  }

  @Test
  void onesOwnPlantsComeFirstByEitherName() throws Exception {
    SignedIn keeper = keepers.make();
    var sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    var plant = keepers.plant(keeper, sill, "Vriesea ospinae");
    for (String words : new String[] {"goudaea", "vriesea osp", plant.code()}) {
      get(keeper, "/find?q=" + words)
          .andExpect(content().string(containsString("/plants/" + plant.id() + "\"")));
    }
    get(keepers.make(), "/find?q=goudaea")
        .andExpect(content().string(not(containsString("/plants/" + plant.id() + "\""))));
  }

  @Test
  void awkwardWordsFindNothingAndBreakNothing() throws Exception {
    for (String words : new String[] {"", "x", "%25", "<script>", "a".repeat(300)}) {
      get(keepers.make(), "/find?q=" + words.replace("<", "%3C").replace(">", "%3E"))
          .andExpect(status().isOk())
          .andExpect(content().string(not(containsString("<script>"))));
    }
  }

  @Test
  void everyEntryHasItsPage() throws Exception {
    SignedIn keeper = keepers.make();
    for (var cause : knowledge.causes().stream().limit(12).toList()) {
      get(keeper, "/know/causes/" + cause.id()).andExpect(status().isOk());
    }
    for (var sign : knowledge.signs().stream().limit(12).toList()) {
      get(keeper, "/know/signs/" + sign.id()).andExpect(status().isOk());
    }
    for (var taxon : knowledge.taxa().stream().limit(12).toList()) {
      get(keeper, "/know/taxa/" + taxon.id()).andExpect(status().isOk());
    }
    for (String path : new String[] {"causes", "signs", "taxa"}) {
      get(keeper, "/know/" + path + "/no-such").andExpect(status().isNotFound());
    }
  }

  @Test
  void theIndexLeadsToEveryKindOfEntry() throws Exception {
    get(keepers.make(), "/know")
        .andExpect(content().string(containsString("/know/causes/spider-mites")))
        .andExpect(content().string(containsString("/know/signs/stipple")))
        .andExpect(content().string(containsString("/know/taxa/vanda-coerulea")));
  }

  @Test
  void aCauseIsDrawnAndLinkedToItsLookAlikesBothWays() throws Exception {
    get(keepers.make(), "/know/causes/spider-mites")
        .andExpect(content().string(containsString("class=\"fig\"")))
        .andExpect(content().string(containsString("/know/compare?a=spider-mites&amp;b=thrips")))
        .andExpect(content().string(containsString("Leafhoppers")))
        .andExpect(content().string(containsString("Hedera helix")));
  }

  @Test
  void twoCausesStandSideBySide() throws Exception {
    get(keepers.make(), "/know/compare?a=too-wet&b=too-dry")
        .andExpect(content().string(containsString("Feel the medium two fingers deep.")))
        .andExpect(content().string(containsString("Medium dust-dry two fingers deep")));
    get(keepers.make(), "/know/compare?a=too-wet&b=nothing-such")
        .andExpect(status().isOk())
        .andExpect(content().string(containsString("Pick two causes")));
  }

  @Test
  void howGoodItIsIsShownWithWhatIsWeak() throws Exception {
    get(keepers.make(), "/know/reliability")
        .andExpect(content().string(containsString("Right cause first")))
        .andExpect(content().string(containsString("Storage roots rotting")))
        .andExpect(content().string(containsString("Known to be weak")))
        .andExpect(content().string(containsString("Mean distance from the line")));
  }

  @Test
  void everyEntryHasAPageThatRenders() throws Exception {
    SignedIn keeper = keepers.make();
    for (var cause : knowledge.causes()) {
      get(keeper, "/know/causes/" + cause.id()).andExpect(status().isOk());
    }
    for (var sign : knowledge.signs()) {
      get(keeper, "/know/signs/" + sign.id()).andExpect(status().isOk());
    }
  }

  @Test
  void whatTheGlanceLeavesOutCanBeOpened() throws Exception {
    var keeper = keepers.make();
    part(keeper, "/find?q=leaf")
        .andExpect(content().string(containsString("more: show all")))
        .andExpect(content().string(containsString("/find?q=leaf")));
    get(keeper, "/find?q=leaf").andExpect(content().string(not(containsString("show all"))));
  }

  @Test
  void wordsOfTheFieldAreToldAndFound() throws Exception {
    var keeper = keepers.make();
    get(keeper, "/know")
        .andExpect(content().string(containsString("id=\"word-vpd\"")))
        .andExpect(content().string(containsString("vapour pressure deficit")));
    get(keeper, "/find?q=vapour").andExpect(content().string(containsString("/know#word-vpd")));
  }

  private void finds(String words, String... what) throws Exception {
    for (String one : what) {
      get(keepers.make(), "/find?q=" + words).andExpect(content().string(containsString(one)));
    }
  }

  @Test
  void findKnowsSignsTasksProductsAndNamesAsPeopleTypeThem() throws Exception {
    finds("drooping", "/know/signs/");
    finds("yellow leaves", "/know/signs/");
    finds("white fuzz", "/know/signs/");
    finds("repot", "/know/changes/");
    finds("spinosad", "/know/means/spinosyn");
    finds("abamectin", "/know/means/avermectin");
    finds("Phalenopsis", "/know/taxa/phalaenopsis-hybrid");
    finds("money plant", "/know/taxa/crassula-ovata", "/know/taxa/pilea");
    finds("Zamioculcus", "Is it", "Zamioculcas");
    finds("flaxen xyz", "Try what you see");
  }

  @Test
  void changesAndMeansHaveTheirPages() throws Exception {
    SignedIn keeper = keepers.make();
    for (Means means : Library.shipped().remedies().means()) {
      get(keeper, "/know/means/" + means.id()).andExpect(status().isOk());
    }
    get(keeper, "/know/means/soap")
        .andExpect(content().string(containsString("No dose stands here")))
        .andExpect(content().string(containsString("5 days or more apart")));
    for (Change change : Library.shipped().knowledge().changes()) {
      get(keeper, "/know/changes/" + change.id()).andExpect(status().isOk());
    }
    get(keeper, "/know/means/moonlight").andExpect(status().isNotFound());
    get(keeper, "/know/changes/moonlight").andExpect(status().isNotFound());
  }
}
