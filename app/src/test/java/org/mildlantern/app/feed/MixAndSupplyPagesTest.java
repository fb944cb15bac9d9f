package org.mildlantern.app.feed;

import static org.hamcrest.Matchers.allOf;
import static org.hamcrest.Matchers.containsString;
import static org.hamcrest.Matchers.not;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.redirectedUrl;

import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class MixAndSupplyPagesTest extends WebCase {
  @Autowired MixService mixes;
  @Autowired WaterService waters;

  private SignedIn keeper;

  @BeforeEach
  void aShelfOfThreeFeeds() throws Exception {
    keeper = keepers.make();
    feed("Green", "20", "10", "20");
    feed("Lime nitrate", "15.5", "0", "0", "ca", "19");
    feed("Bitter salt", "0", "0", "0", "mg", "9.8", "s", "12.9");
  }

  private void feed(String name, String n, String p, String k, String... more) throws Exception {
    List<String> all =
        new ArrayList<>(List.of("name", name, "convention", "OXIDE", "n", n, "p", p, "k", k));
    all.addAll(List.of(more));
    post(keeper, "/feed/products", all.toArray(String[]::new)).andExpect(redirectedUrl("/feed"));
  }

  private String ofAll() {
    StringBuilder of = new StringBuilder();
    keepers
        .as(keeper, () -> mixes.view(null, 5))
        .products()
        .forEach(product -> of.append("&of=").append(product.id()));
    return of.toString();
  }

  private void water(String name, String kind, String... more) throws Exception {
    List<String> all = new ArrayList<>(List.of("name", name, "kind", kind));
    all.addAll(List.of(more));
    post(keeper, "/waters", all.toArray(String[]::new)).andExpect(redirectedUrl("/waters"));
  }

  @Test
  void threeFeedsAreMixedToAWishInPureWater() throws Exception {
    get(keeper, "/feed/mix?n=100&ratio=3-1-2&ca=60&mg=20&can=10&stock=100" + ofAll())
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("g of Green"),
                        containsString("g of Lime nitrate"),
                        containsString("Stock 2"),
                        containsString("fall out where they are strong"),
                        containsString("of 60 wished"))));
  }

  @Test
  void hardWaterNeedsNoCalciumMore() throws Exception {
    water("tap", "TAP", "hardness", "20", "hardnessIn", "DH");
    Long tap = keepers.as(keeper, () -> waters.view(5)).waters().get(0).id();
    get(keeper, "/feed/mix?n=100&ratio=3-1-2&ca=60&mg=20&water=" + tap + ofAll())
        .andExpect(content().string(containsString("Left out, as it leads away")));
  }

  @Test
  void wishesThatAreNoneAreAskedByTheirField() throws Exception {
    get(keeper, "/feed/mix?n=100&ratio=3-1-2")
        .andExpect(content().string(containsString("Pick one to 4 feeds")));
    get(keeper, "/feed/mix?n=much&ratio=3-1-2" + ofAll())
        .andExpect(
            content()
                .string(allOf(containsString("such as 100"), containsString("value=\"much\""))));
    get(keeper, "/feed/mix?n=100&ratio=some" + ofAll())
        .andExpect(content().string(containsString("Three numbers, such as 3-1-2")));
    get(keeper, "/feed/mix?n=100&ratio=0-1-2" + ofAll())
        .andExpect(content().string(containsString("is nitrogen, above 0")));
    get(keeper, "/feed/mix?n=9999&ratio=3-1-2" + ofAll())
        .andExpect(content().string(containsString("Between 5 and 1,000 ppm")));
    get(keepers.make(), "/feed/mix?n=100&ratio=3-1-2" + ofAll())
        .andExpect(
            content()
                .string(
                    allOf(containsString("No feed is entered yet"), not(containsString("Green")))));
  }

  @Test
  void aRoofIsHeldAgainstWhatNeedsSoftWater() throws Exception {
    PlaceView sill = keepers.place(keeper, "Sill", PlaceKind.INDOOR);
    keepers.plant(keeper, sill, "Masdevallia");
    get(keeper, "/waters/supply")
        .andExpect(content().string(containsString("one of them, which needs softer water")));
    get(keeper, "/waters/supply?roof=10&rain=60")
        .andExpect(
            content()
                .string(
                    allOf(
                        containsString("About 480 l from 60 mm"),
                        containsString(": enough for those"))));
    get(keeper, "/waters/supply?roof=10")
        .andExpect(content().string(containsString("usual at your latitude")));
    get(keeper, "/waters/supply?roof=much")
        .andExpect(content().string(containsString("A number, please, such as 6.")));
    get(keeper, "/waters/supply?roof=-1")
        .andExpect(content().string(containsString("Between 0.1 and 10,000 m²")));
  }

  @Test
  void aCartridgeLastsByTheHardnessThatItGets() throws Exception {
    water("tap", "TAP", "hardness", "20", "hardnessIn", "DH");
    Long tap = keepers.as(keeper, () -> waters.view(5)).waters().get(0).id();
    get(keeper, "/waters/supply?promised=150&at=10&atIn=DH&water=" + tap)
        .andExpect(content().string(containsString("About 75 l of your water")));
    get(keeper, "/waters/supply?promised=150&at=10&water=" + tap)
        .andExpect(content().string(containsString("in what unit, does its label promise")));
    get(keeper, "/waters/supply?promised=150&at=10&atIn=DH&water=999999")
        .andExpect(content().string(containsString("Which of your waters does it get?")));
  }
}
