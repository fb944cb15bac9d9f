package org.mildlantern.app.weather;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;

class CarriagePageTest extends WebCase {
  @Test
  void theWrapSaysHowLong() throws Exception {
    SignedIn keeper = keepers.make();
    get(keeper, "/carriage")
        .andExpect(status().isOk())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("How long?"),
                        not(containsString("So long")),
                        not(containsString("How cold is it outside?")))));
    get(keeper, "/carriage?kind=moth orchid&outside=-8")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("Phalaenopsis"),
                        containsString("a minute"),
                        containsString("4 minutes"),
                        containsString("its leaves bear 8 °C"))));
    get(keeper, "/carriage?kind=juniper&outside=-5")
        .andExpect(content().string(containsString("as long as you like")));
    get(keeper, "/carriage?kind=money plant&outside=-5")
        .andExpect(content().string(containsString("its leaves bear")));
    get(keeper, "/carriage?kind=&outside=18 F")
        .andExpect(content().string(containsString("A tender plant")));
  }

  @Test
  void badInputStaysByItsField() throws Exception {
    SignedIn keeper = keepers.make();
    get(keeper, "/carriage?kind=qqqqqq&outside=-8")
        .andExpect(content().string(containsString("That kind is not known")));
    get(keeper, "/carriage?kind=&outside=")
        .andExpect(content().string(containsString("How cold is it outside?")));
    get(keeper, "/carriage?kind=&outside=icy")
        .andExpect(content().string(containsString("A number, please")));
    get(keeper, "/carriage?kind=&outside=-900")
        .andExpect(content().string(containsString("Between −50 and 40")));
  }
}
