package org.mildlantern.app.feed;

import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.feed.Band;
import org.mildlantern.core.feed.Supply;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a roof gives and a cartridge lasts, beside what the collection drinks. */
@Service
@Transactional(readOnly = true)
class SupplyService {
  private static final Words WORDS = Words.of(SupplyService.class);
  private static final double DAYS_A_MONTH = 30.44;

  private final OwnWaterRepository waters;
  private final PlantService plants;
  private final FeedPlants checks;
  private final Scope scope;

  SupplyService(OwnWaterRepository waters, PlantService plants, FeedPlants checks, Scope scope) {
    this.waters = waters;
    this.plants = plants;
    this.checks = checks;
    this.scope = scope;
  }

  /**
   * The page.
   *
   * @param drinks of the collection in a month now, in words
   * @param roof what it gives, in words; empty where none was said
   * @param cartridge how long it lasts, in words; empty where none was said
   */
  record View(List<MixView.Water> waters, String drinks, String roof, String cartridge) {}

  /** Litres that plants drink in a month. */
  private record Drunk(double all, double soft, int shy) {}

  /**
   * The page.
   *
   * @throws IllegalArgumentException for a cartridge of which too little was said
   */
  View view(SupplyForm form) {
    List<OwnWater> all = waters.all();
    Drunk drunk = drunk(all);
    return new View(
        all.stream().map(water -> new MixView.Water(water.id(), water.name())).toList(),
        WORDS.say("month-drinks", drunk.all(), drunk.shy(), drunk.soft()),
        form.roof() == null ? "" : roof(form, drunk),
        form.promised() == null ? "" : cartridge(form, all, drunk));
  }

  private Drunk drunk(List<OwnWater> all) {
    double tap =
        all.stream()
            .map(OwnWater::sheet)
            .filter(sheet -> sheet.kind() == WaterSheet.Kind.TAP)
            .mapToDouble(sheet -> sheet.ec().value())
            .min()
            .orElseGet(() -> WaterSheet.of(WaterSheet.Kind.TAP).ec().value());
    List<FeedPlants.Checked> checked = checks.check(plants.kept());
    Map<Long, Double> ml = checks.drinksADay(checked);
    double month = DAYS_A_MONTH / 1000;
    List<FeedPlants.Checked> shy = checked.stream().filter(one -> one.water() < tap).toList();
    return new Drunk(
        ml.values().stream().mapToDouble(Double::doubleValue).sum() * month,
        shy.stream().mapToDouble(one -> ml.get(one.plant().id())).sum() * month,
        shy.size());
  }

  private String roof(SupplyForm form, Drunk drunk) {
    double rain = form.rain() == null ? Supply.rain(scope.latitude()) : form.rain();
    Band month = Supply.roof(form.roof(), rain);
    int enough = month.low() >= drunk.soft() ? 1 : month.high() >= drunk.soft() ? 2 : 0;
    return form.rain() == null
        ? WORDS.say(
            "roof-usual",
            month.value(),
            month.low(),
            month.high(),
            rain,
            enough,
            scope.today().getMonth().getDisplayName(TextStyle.FULL, Locale.ENGLISH))
        : WORDS.say("roof", month.value(), month.low(), month.high(), rain, enough);
  }

  private String cartridge(SupplyForm form, List<OwnWater> all, Drunk drunk) {
    if (form.at() == null || form.atIn() == null) {
      throw new IllegalArgumentException(WORDS.say("cartridge-at"));
    }
    WaterSheet sheet =
        all.stream()
            .filter(water -> water.id().equals(form.water()))
            .map(OwnWater::sheet)
            .findFirst()
            .orElseThrow(() -> new IllegalArgumentException(WORDS.say("cartridge-water")));
    Band hard = sheet.hard();
    if (hard.value() <= 0) {
      return WORDS.say("cartridge-soft");
    }
    double litres = Supply.cartridge(form.promised(), form.atIn().ppm(form.at()), hard.value());
    return WORDS.say(
        "cartridge",
        litres,
        drunk.soft() > 0 ? litres / drunk.soft() : 0,
        hard.known() ? 1 : 0,
        drunk.soft() > 0 ? 1 : 0);
  }
}
