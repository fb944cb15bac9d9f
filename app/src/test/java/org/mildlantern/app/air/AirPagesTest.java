package org.mildlantern.app.air;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.util.regex.Pattern;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;

class AirPagesTest extends WebCase {
  private SignedIn keeper;
  private String page;
  private PlaceView sill;

  @BeforeEach
  void aSill() {
    keeper = keepers.make();
    sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    page = "/places/" + sill.id() + "/air";
  }

  @Test
  void theRoomTellsWhatMoistensIt() throws Exception {
    keepers.plant(keeper, sill, "Masdevallia");
    get(keeper, page)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("How large is its room?"),
                        not(containsString("Moister air")))));
    post(keeper, page, "volume", "40", "airing", "USUAL").andExpect(redirectedUrl(page));
    get(keeper, page)
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("a tray of wet stones"),
                        containsString("g of water an hour"),
                        containsString("They wish it moister"))));
  }

  @Test
  void badInputStaysByItsField() throws Exception {
    post(keeper, page, "volume", "0", "airing", "USUAL")
        .andExpect(status().isUnprocessableEntity())
        .andExpect(content().string(containsString("Between 0.01 and 10000")));
    post(keeper, page, "volume", "large", "airing", "USUAL")
        .andExpect(
            content()
                .string(allOf(containsString("such as 40"), containsString("value=\"large\""))));
    post(keeper, page, "volume", "40")
        .andExpect(content().string(containsString("Pick how it is aired.")));
    post(keeper, page, "volume", "40", "airing", "STORM")
        .andExpect(status().isUnprocessableEntity());
  }

  @Test
  void anotherKeepersPlaceIsNotThere() throws Exception {
    SignedIn stranger = keepers.make();
    get(stranger, page).andExpect(status().isNotFound());
    post(stranger, page, "volume", "40", "airing", "USUAL").andExpect(status().isNotFound());
  }

  @Test
  void theGlassOfACaseCountsWhereItIsSaid() throws Exception {
    PlaceView box = keepers.place(keeper, "Case", PlaceKind.CASE);
    String its = "/places/" + box.id() + "/air";
    post(keeper, its, "volume", "0.06", "airing", "SHUT", "watts", "40", "glass", "0.3")
        .andExpect(redirectedUrl(its));
    String little = get(keeper, its).andReturn().getResponse().getContentAsString();
    post(keeper, its, "volume", "0.06", "airing", "SHUT", "watts", "40", "glass", "3")
        .andExpect(redirectedUrl(its));
    String much = get(keeper, its).andReturn().getResponse().getContentAsString();
    assertThat(warmest(little)).isGreaterThan(warmest(much) + 5);
    post(keeper, its, "volume", "0.06", "airing", "SHUT", "glass", "0")
        .andExpect(content().string(containsString("Between 0.01 and 500 m²")));
  }

  /** The highest of the temperatures on a page of its own air. */
  private static double warmest(String page) {
    String own = page.substring(page.indexOf("Its own air"), page.indexOf("Its size"));
    return Pattern.compile("(\\d+(?:\\.\\d)?) °C")
        .matcher(own)
        .results()
        .mapToDouble(found -> Double.parseDouble(found.group(1)))
        .max()
        .orElseThrow();
  }
}
