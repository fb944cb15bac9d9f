package org.mildlantern.app.feed;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.feed.Band;
import org.mildlantern.core.feed.Blend;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.Hardness;
import org.mildlantern.core.feed.WaterSheet;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the waters of the collection, and tells whom they serve. */
@Service
@Transactional
class WaterService {
  private static final Words WORDS = Words.of(WaterService.class);
  private static final int MOST = 20;

  /** Ratio from which sodium begins to harm, and from which it does severely (Ayers & Westcot). */
  private static final double SODIUM = 3;

  private static final double MUCH_SODIUM = 9;

  private final OwnWaterRepository waters;
  private final PlantService plants;
  private final FeedPlants checks;

  WaterService(OwnWaterRepository waters, PlantService plants, FeedPlants checks) {
    this.waters = waters;
    this.plants = plants;
    this.checks = checks;
  }

  /**
   * Keeps a water.
   *
   * @param id null for a new one
   * @return whether there is such a one
   * @throws IllegalArgumentException where its name is taken, or there are too many
   */
  boolean save(Long id, WaterForm form) {
    List<OwnWater> all = waters.all();
    if (id == null && all.size() >= MOST) {
      throw new IllegalArgumentException(WORDS.say("waters-enough", MOST));
    }
    if (all.stream()
        .anyMatch(
            other ->
                !other.id().equals(id) && other.name().equalsIgnoreCase(form.name().strip()))) {
      throw new IllegalArgumentException(WORDS.say("name-taken"));
    }
    Optional<OwnWater> water = id == null ? Optional.of(OwnWater.fresh()) : waters.byId(id);
    water.ifPresent(
        one -> {
          one.describe(form);
          waters.save(one);
        });
    return water.isPresent();
  }

  boolean remove(Long id) {
    Optional<OwnWater> water = waters.byId(id);
    water.ifPresent(waters::delete);
    return water.isPresent();
  }

  @Transactional(readOnly = true)
  Optional<WaterForm> form(Long id) {
    return waters.byId(id).map(OwnWater::form);
  }

  /** The waters at hand; a tap of which nothing is known where none was described. */
  @Transactional(readOnly = true)
  List<Can.AtHand> atHand() {
    List<OwnWater> all = waters.all();
    return all.isEmpty()
        ? List.of(atHand(WORDS.say("some-tap"), WaterSheet.of(WaterSheet.Kind.TAP), null))
        : all.stream().map(w -> atHand(w.name(), w.sheet(), w.cost())).toList();
  }

  @Transactional(readOnly = true)
  boolean none() {
    return waters.all().isEmpty();
  }

  private static Can.AtHand atHand(String name, WaterSheet sheet, Double cost) {
    return new Can.AtHand(
        new Blend.Of(
            name,
            sheet.ec().value(),
            sheet.alkaline().value(),
            cost == null ? usualCost(sheet.kind()) : cost),
        sheet.solution());
  }

  /**
   * What a litre is worth where nothing is said: rain runs out, so tap goes first where it will do;
   * softened water comes last.
   */
  private static double usualCost(WaterSheet.Kind kind) {
    return switch (kind) {
      case TAP -> 0.002;
      case RAIN -> 0.01;
      case RO -> 0.02;
      case DISTILLED, BOTTLED -> 0.4;
      case SOFTENED -> 5;
    };
  }

  /** What a group of plants bears alike. */
  private record Bears(double water, double lime) {}

  @Transactional(readOnly = true)
  WatersView view(double litres) {
    List<FeedPlants.Checked> checked = checks.check(plants.kept());
    List<OwnWater> all = waters.all();
    List<Can.AtHand> atHand = atHand();
    List<Blend.Of> blended = atHand.stream().map(Can.AtHand::of).toList();
    Map<Bears, List<String>> groups =
        new TreeMap<>(Comparator.comparingDouble(Bears::water).thenComparingDouble(Bears::lime));
    checked.forEach(
        one ->
            groups
                .computeIfAbsent(new Bears(one.water(), one.lime()), bears -> new ArrayList<>())
                .add(one.plant().name()));
    List<WatersView.Serves> serves = new ArrayList<>();
    groups.forEach((bears, names) -> serves.add(serves(bears, names, blended, litres)));
    String forAll =
        all.isEmpty() || groups.isEmpty()
            ? ""
            : blend(
                Blend.within(
                    blended,
                    groups.keySet().stream().mapToDouble(Bears::water).min().orElseThrow(),
                    groups.keySet().stream().mapToDouble(Bears::lime).min().orElseThrow()),
                litres);
    return new WatersView(
        all.stream().map(water -> shown(water, checked)).toList(), serves, forAll, litres);
  }

  private static WatersView.Serves serves(
      Bears bears, List<String> names, List<Blend.Of> waters, double litres) {
    Blend blend = Blend.within(waters, bears.water(), bears.lime());
    return new WatersView.Serves(
        names.stream().distinct().sorted().collect(Collectors.joining(", ")),
        WORDS.say("bears", bears.water(), bears.lime()),
        blend(blend, litres),
        blend.over(bears.water(), bears.lime()) > 0);
  }

  /** The parts of a can, in words. */
  static String blend(Blend blend, double litres) {
    return WORDS.say(
        "blend",
        blend.parts().entrySet().stream()
            .filter(part -> part.getValue() > 0.005)
            .map(part -> WORDS.say("part", part.getKey(), part.getValue() * litres))
            .collect(Collectors.joining(" + ")),
        (double) Math.round(blend.ecUsCm()),
        (double) Math.round(blend.alkalinity()));
  }

  private static WatersView.Water shown(OwnWater water, List<FeedPlants.Checked> checked) {
    WaterSheet sheet = water.sheet();
    long bear =
        checked.stream()
            .filter(
                one -> sheet.ec().value() <= one.water() && sheet.alkaline().value() <= one.lime())
            .count();
    List<WatersView.Figure> figures = new ArrayList<>();
    figures.add(figure("conductivity", sheet.ec(), "µS/cm", 1));
    figures.add(figure("hardness", sheet.hard(), "°dH", 1 / Hardness.DH.ppm(1)));
    figures.add(figure("alkalinity", sheet.alkaline(), "ppm CaCO₃", 1));
    figures.add(figure("sodium", sheet.salt(), "mg/l", 1));
    if (sheet.ph() != null) {
      figures.add(figure("pH", new Band(sheet.ph(), sheet.ph(), sheet.ph(), true), "", 1));
    }
    return new WatersView.Water(
        water.id(),
        water.name(),
        sheet.kind().label(),
        figures,
        hazard(sheet),
        standing(sheet),
        WORDS.say("suits", bear, checked.size()));
  }

  private static WatersView.Figure figure(String name, Band band, String unit, double factor) {
    String value =
        band.known()
            ? WORDS.say("figure", number(band.value() * factor), unit)
            : WORDS.say(
                "about",
                number(band.value() * factor),
                unit,
                number(band.low() * factor),
                number(band.high() * factor));
    return new WatersView.Figure(name, value.strip(), band.known());
  }

  private static String number(double value) {
    return String.format(Locale.ROOT, value < 20 ? "%.1f" : "%.0f", value)
        .replaceFirst("\\.0$", "");
  }

  private static String hazard(WaterSheet sheet) {
    double sar = sheet.sar();
    return sar < SODIUM || sheet.salt().value() < 50
        ? ""
        : WORDS.say(sar < MUCH_SODIUM ? "sodium" : "much-sodium", sar);
  }

  private static String standing(WaterSheet sheet) {
    return switch (sheet.disinfectant()) {
      case CHLORINE -> WORDS.say("let-stand");
      case CHLORAMINE -> WORDS.say("no-use-standing");
      case NONE, UNKNOWN -> "";
    };
  }
}
