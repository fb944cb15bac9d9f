package org.mildlantern.app.mixing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.treatment.Gauge;
import org.springframework.beans.factory.annotation.Autowired;

class MixingPageTest extends WebCase {
  @Autowired CabinetService cabinet;

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
    return post(keeper, path + "/rates", "usedFor", use, "printed", printed);
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
    refused(mix("800", "own", "5 g/L"), "The label counts in ml");
    refused(mix("9000"), "50 ml are left");
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
          {"indoor", "a cap", "could not be read"},
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
    post(keeper, "/mixing/gauges", "gauge", "JUG", "gauge", "SCALE_FINE")
        .andExpect(redirectedUrl("/mixing"));
    assertThat(keepers.as(keeper, cabinet::gauges)).containsExactly(Gauge.JUG, Gauge.SCALE_FINE);
    get(keeper, path + "?volume=800&unit=MILLILITRES")
        .andExpect(content().string(containsString("Rounding is")));
    post(keeper, "/mixing/gauges").andExpect(redirectedUrl("/mixing"));
    get(keeper, path + "?volume=800&unit=MILLILITRES")
        .andExpect(content().string(containsString("None of what you measure with fits")));
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
