package org.mildlantern.app.mixing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.security.test.web.servlet.request.SecurityMockMvcRequestPostProcessors.user;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.flash;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.treatment.Gauge;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import org.springframework.web.util.HtmlUtils;

class MixingPageTest extends WebCase {
  @Autowired CabinetService cabinet;
  @Autowired JdbcClient jdbc;

  private SignedIn keeper;
  private CabinetView soap;
  private String path;

  @BeforeEach
  void aBottle() throws Exception {
    keeper = keepers.make();
    add("name", "Soap concentrate", "means", "soap", "amountLeft", "50", "unit", "ml")
        .andExpect(status().is3xxRedirection());
    soap = bottle();
    path = "/mixing/" + soap.id();
    rate("indoor plants", "15 ml/L").andExpect(redirectedUrl(path));
    soap = bottle();
  }

  private org.springframework.test.web.servlet.ResultActions add(String... pairs) throws Exception {
    return post(keeper, "/mixing/new", pairs);
  }

  private org.springframework.test.web.servlet.ResultActions rate(String use, String printed)
      throws Exception {
    String as =
        LabelReader.read(printed, Product.LIQUID, null).rates().stream()
            .findFirst()
            .map(LabelRate::plain)
            .orElse("");
    return rate(use, printed, as, "SPRAY", "");
  }

  private org.springframework.test.web.servlet.ResultActions rate(
      String use, String printed, String as, String method, String against) throws Exception {
    return post(
        keeper,
        path + "/rates",
        "usedFor",
        use,
        "printed",
        printed,
        "as",
        as,
        "crop",
        "INDOORS",
        "method",
        method,
        "against",
        against);
  }

  private CabinetView bottle() {
    return keepers.as(keeper, cabinet::all).get(0);
  }

  private org.springframework.test.web.servlet.ResultActions mix(String volume, String... more)
      throws Exception {
    String[] pairs = new String[6 + more.length];
    pairs[0] = "rate";
    pairs[1] = soap.rates().get(0).id().toString();
    pairs[2] = "volume";
    pairs[3] = volume;
    pairs[4] = "unit";
    pairs[5] = "MILLILITRES";
    System.arraycopy(more, 0, pairs, 6, more.length);
    return post(keeper, path + "/mix", pairs);
  }

  private void refused(org.springframework.test.web.servlet.ResultActions answer, String words)
      throws Exception {
    answer
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString(words)));
    assertThat(bottle().stock().amountLeft()).isEqualTo(50);
  }

  @Test
  void aLabelsRateBecomesAJugAndIsDrawnFromTheBottle() throws Exception {
    get(keeper, path + "?volume=800&unit=MILLILITRES")
        .andExpect(content().string(containsString("12 ml in 788 ml of water")));
    mix("800").andExpect(redirectedUrl(path));
    assertThat(bottle().stock().amountLeft()).isCloseTo(38, within(1e-9));
    CabinetView.Mixed mixed = keepers.as(keeper, cabinet::log).get(0);
    assertThat(mixed.words()).isEqualTo("12 ml for 0.8 L");
    post(keeper, "/mixing/mixes/" + mixed.id() + "/undo").andExpect(redirectedUrl("/mixing"));
    assertThat(bottle().stock().amountLeft()).isCloseTo(50, within(1e-9));
    post(keeper, "/mixing/mixes/" + mixed.id() + "/undo").andExpect(status().isNotFound());
  }

  @Test
  void gallonsAndOuncesAreReadToo() throws Exception {
    get(keeper, path + "?volume=0.25&unit=GALLONS")
        .andExpect(content().string(containsString("14 ml in 932 ml of water")));
    get(keeper, path + "?volume=alot&unit=GALLONS")
        .andExpect(content().string(containsString("A number, please")))
        .andExpect(content().string(containsString("value=\"alot\"")));
  }

  @Test
  void soManyPlantsOfEachSizeMakeTheVolume() throws Exception {
    get(keeper, path + "?plants=2&plants=3&plants=&plants=")
        .andExpect(content().string(containsString("value=\"360\"")))
        .andExpect(content().string(containsString("5.4 ml in 355 ml of water")));
    get(keeper, path + "?plants=1.5")
        .andExpect(content().string(containsString("Whole numbers of plants")));
  }

  @Test
  void zeroAboveTheLabelWrongUnitTooLittleAndTooOldAreRefused() throws Exception {
    refused(mix("0"), "More than nothing");
    refused(mix("800", "own", "20 ml/L"), "The label wins");
    refused(mix("800", "own", "0 ml/L"), "zero");
    refused(mix("800", "own", "5 g/L"), "The label counts in ml/l");
    refused(mix("4000"), "50 ml are left");
    post(
        keeper,
        path + "/edit",
        "name",
        "Soap",
        "means",
        "soap",
        "amountLeft",
        "50",
        "unit",
        "ml",
        "expiresOn",
        "2026-11-01");
    refused(mix("800"), "past its date");
    post(keeper, path + "/away", "away", "true").andExpect(redirectedUrl("/mixing"));
    refused(mix("800"), "put away");
  }

  @Test
  void weakerThanTheLabelIsTheKeepersOwnBusiness() throws Exception {
    mix("800", "own", "10 ml/L").andExpect(redirectedUrl(path));
    assertThat(bottle().stock().amountLeft()).isCloseTo(42, within(1e-9));
  }

  @Test
  void withoutALabelRateNoDoseIsCalledSafe() throws Exception {
    post(keeper, "/mixing/rates/" + soap.rates().get(0).id() + "/remove")
        .andExpect(redirectedUrl(path));
    get(keeper, path).andExpect(content().string(containsString("no dose can be called safe")));
    refused(mix("800"), "no dose can be called safe");
  }

  @Test
  void ratesThatCannotBeReadAreSaidByTheField() throws Exception {
    for (String[] bad :
        new String[][] {
          {"indoor", "a capful per litre", "size of the cap"},
          {"indoor", "60 ml/L", "more than 50 ml"},
          {"indoor", "1:1.000", "more than 50 ml"},
          {"indoor", "0 %", "zero"},
          {"indoor", "3 g/L", "counted in ml"},
          {"", "3 ml/L", "What is it for"},
          {"indoor plants", "3 ml/L", "already"},
        }) {
      rate(bad[0], bad[1])
          .andExpect(status().isUnprocessableEntity())
          .andExpect(content().string(containsString(bad[2])))
          .andExpect(content().string(containsString(bad[1])));
    }
    assertThat(bottle().rates()).hasSize(1);
  }

  @Test
  void bottlesAreCheckedAndKeepWhatWasTyped() throws Exception {
    add("name", "", "amountLeft", "x", "unit", "litres", "means", "moonlight")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("A number, please")));
    add(
            "name",
            "Bag",
            "amountLeft",
            "-3",
            "unit",
            "g",
            "stockPercent",
            "120",
            "openedOn",
            "2026-05-01",
            "expiresOn",
            "2026-04-01",
            "means",
            "moonlight")
        .andExpect(content().string(containsString("less than nothing")))
        .andExpect(content().string(containsString("up to 100 %")))
        .andExpect(content().string(containsString("before it was opened")))
        .andExpect(content().string(containsString("Pick one from the list")));
    post(keeper, path + "/edit", "name", "Soap", "amountLeft", "5", "unit", "g")
        .andExpect(content().string(containsString("in the other unit")));
    get(keeper, path + "/edit").andExpect(content().string(containsString("Soap concentrate")));
    get(keeper, "/mixing/new?means=soap").andExpect(status().isOk());
  }

  @Test
  void stocksAreThinnedAndGaugesKept() throws Exception {
    get(keeper, "/mixing?stock=96&wished=70&volume=100")
        .andExpect(content().string(containsString("72.9 ml of stock")));
    get(keeper, "/mixing?stock=70&wished=96&volume=100")
        .andExpect(content().string(containsString("stronger than its stock")));
    post(keeper, "/mixing/gauges", "gauge", "CYLINDER", "gauge", "SCALE_FINE")
        .andExpect(redirectedUrl("/mixing"));
    assertThat(keepers.as(keeper, cabinet::gauges))
        .containsExactly(Gauge.CYLINDER, Gauge.SCALE_FINE);
    get(keeper, path + "?volume=100&unit=MILLILITRES")
        .andExpect(content().string(containsString("First a stock")))
        .andExpect(content().string(containsString("of the stock")));
    post(keeper, "/mixing/gauges").andExpect(redirectedUrl("/mixing"));
    get(keeper, path + "?volume=800&unit=MILLILITRES")
        .andExpect(content().string(containsString("a syringe is wanted")))
        .andExpect(content().string(not(containsString("Mixed it"))));
  }

  @Test
  void aFewDropsOfMixAreAskedAboutAndNeverLogged() throws Exception {
    get(keeper, path + "?volume=1.5&unit=MILLILITRES")
        .andExpect(content().string(containsString("If you meant litres")))
        .andExpect(content().string(not(containsString("Mixed it"))));
    refused(mix("1.5"), "cannot be sprayed or poured evenly");
    get(keeper, path + "?volume=1.5&unit=LITRES")
        .andExpect(content().string(containsString("22 ml in 1478 ml of water")));
  }

  @Test
  void aRateIsShownAsReadAndKeptOnceConfirmed() throws Exception {
    rate("others", "5 ml/2 L", "", "SPRAY", "")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("<b>5 ml in 2 l</b>, that is")))
        .andExpect(content().string(containsString("2.5 ml in 1 l of mix")))
        .andExpect(content().string(containsString("value=\"others\"")));
    assertThat(bottle().rates()).hasSize(1);
    rate("others", "5 ml/2 L", "2.5 ml/l", "SPRAY", "").andExpect(redirectedUrl(path));
    assertThat(bottle().rates()).hasSize(2);
    get(keeper, path + "/reading?printed=5ml/2L")
        .andExpect(content().string(containsString("value=\"2.5 ml/l\" checked")));
  }

  @Test
  void whatCanBeReadInTwoWaysIsAskedAndNoneIsPicked() throws Exception {
    rate("others", "2 tsp/gal", "", "SPRAY", "")
        .andExpect(content().string(containsString("several ways")))
        .andExpect(content().string(containsString("2 US teaspoons in 1 US gallon")))
        .andExpect(content().string(containsString("2 metric teaspoons in 1 imperial gallon")))
        .andExpect(content().string(not(containsString("checked=\"checked\" name=\"as\""))));
    rate("others", "2 tsp/gal", "5 ml/l", "SPRAY", "").andExpect(status().isUnprocessableEntity());
    assertThat(bottle().rates()).hasSize(1);
    rate("others", "2 tsp/gal", "2.19969 ml/l", "SPRAY", "").andExpect(redirectedUrl(path));
    assertThat(bottle().rates().get(1).rate().least()).isCloseTo(2.19969, within(1e-5));
  }

  @Test
  void aTreatmentTakesTheRateForItsUseOrNone() throws Exception {
    rate("scale on ornamentals", "10 ml/L", "10 ml/l", "SPRAY", "soft-scale")
        .andExpect(redirectedUrl(path));
    assertThat(dose("soft-scale", false).dose().rate().printed()).isEqualTo("10 ml/L");
    assertThat(dose("aphids", false).dose().rate().printed()).isEqualTo("15 ml/L");
    CabinetView.Dosed outside = dose("aphids", true);
    assertThat(outside.dose()).isNull();
    assertThat(outside.problem()).contains("Not labelled for this; do not use");
  }

  private CabinetView.Dosed dose(String pest, boolean outdoors) {
    Means means = bottle().means();
    return Doses.of(
            List.of(means),
            Map.of(means.id(), 0.5),
            new Doses.For(outdoors, pest),
            List.of(bottle()),
            List.of(Gauge.values()))
        .get(means.id());
  }

  @Test
  void aRateFromBeforeIsReadAnewAndSaysNoUse() throws Exception {
    String[][] before = {{"5 ml/L", "5.0"}, {"1:1,000", "null"}};
    for (String[] rate : before) {
      jdbc.sql(
              "insert into cabinet_rate (collection_id, item_id, used_for, rate) values (?, ?, ?, ?)")
          .params(keeper.collectionId(), soap.id(), rate[0], rate[0])
          .update();
    }
    List<CabinetView.Rate> rates = bottle().rates();
    assertThat(rates.get(1).rate().least()).isEqualTo(5);
    assertThat(rates.get(1).use()).isNull();
    assertThat(rates.get(2).rate()).isNull();
    get(keeper, path)
        .andExpect(content().string(containsString("read in two ways, or not at all")));
    get(keeper, path + "?rate=" + rates.get(2).id() + "&volume=800&unit=MILLILITRES")
        .andExpect(content().string(containsString("Enter it anew as the label prints it")));
  }

  static Stream<String[]> labels() throws IOException {
    return Files.readAllLines(Path.of("../core/src/test/resources/labels.txt")).stream()
        .filter(line -> !line.startsWith("#"))
        .map(
            line -> Arrays.stream(line.split("\\|", -1)).map(String::strip).toArray(String[]::new));
  }

  @Test
  void everyOddLabelGivesADoseOrAQuestionOrAReason() throws Exception {
    for (String[] label : labels().toList()) {
      String page =
          web.perform(
                  MockMvcRequestBuilders.get("/mixing")
                      .with(user(keeper))
                      .param("label", label[0])
                      .param(
                          "product",
                          label[1].isEmpty() ? "UNKNOWN" : label[1].toUpperCase(Locale.ROOT))
                      .param("region", label[2].toUpperCase(Locale.ROOT))
                      .param("jug", "2"))
              .andExpect(status().isOk())
              .andReturn()
              .getResponse()
              .getContentAsString();
      boolean asked = page.contains("no dose is chosen for you");
      assertThat(asked).as(label[0]).isEqualTo(label[3].startsWith("ask "));
      assertThat(page.contains("</b>, that is"))
          .as(label[0])
          .isEqualTo(!label[3].startsWith("no "));
      if (label[3].startsWith("no ")) {
        assertThat(page).as(label[0]).contains(label[3].substring(3));
      }
      assertThat(page).contains("value=\"" + HtmlUtils.htmlEscape(label[0], "UTF-8") + "\"");
    }
  }

  @Test
  void vesselsAreTheKeepersOwn() throws Exception {
    post(keeper, "/mixing/vessels", "litres", "5 0,5 1.5")
        .andExpect(redirectedUrl("/mixing#vessels"));
    get(keeper, path).andExpect(content().string(containsString("volume=0.5&amp;unit=LITRES")));
    for (String bad : new String[] {"0", "a lot", "5 -1", "1e9"}) {
      post(keeper, "/mixing/vessels", "litres", bad)
          .andExpect(flash().attribute("vesselsProblem", containsString("Litres with blanks")))
          .andExpect(flash().attribute("vesselsTyped", bad));
    }
  }

  @Test
  void nobodyElseDrawsFromIt() throws Exception {
    SignedIn other = keepers.make();
    for (String at : new String[] {"/mix", "/edit", "/away", "/rates"}) {
      post(other, path + at, "volume", "800", "away", "true", "name", "Mine")
          .andExpect(status().isNotFound());
    }
    get(other, path).andExpect(status().isNotFound());
    post(other, "/mixing/rates/" + soap.rates().get(0).id() + "/remove")
        .andExpect(status().isNotFound());
    assertThat(keepers.as(other, cabinet::all)).isEmpty();
  }
}
