package org.mildlantern.app.feed;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.DoubleStream;
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

  private final OwnWaterRepository waters;
  private final Waters book;
  private final PlantService plants;
  private final FeedPlants checks;

  WaterService(OwnWaterRepository waters, Waters book, PlantService plants, FeedPlants checks) {
    this.waters = waters;
    this.book = book;
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

  /** Conductivities up to which plants are served alike, µS/cm. */
  private static final double[] SERVED_ALIKE = {110, 220, 350, 600, 20_000};

  /** What a group of plants bears alike. */
  private record Bears(double water, double lime) {
    static Bears of(List<FeedPlants.Checked> alike) {
      return new Bears(
          alike.stream().mapToDouble(FeedPlants.Checked::water).min().orElseThrow(),
          alike.stream().mapToDouble(FeedPlants.Checked::lime).min().orElseThrow());
    }
  }

  @Transactional(readOnly = true)
  WatersView view(double litres) {
    List<FeedPlants.Checked> checked = checks.check(plants.kept());
    List<OwnWater> all = waters.all();
    List<Can.AtHand> atHand = book.atHand();
    List<Blend.Of> blended = atHand.stream().map(Can.AtHand::of).toList();
    Map<Double, List<FeedPlants.Checked>> alike = new TreeMap<>();
    checked.forEach(
        one ->
            alike
                .computeIfAbsent(
                    DoubleStream.of(SERVED_ALIKE)
                        .filter(up -> one.water() <= up)
                        .findFirst()
                        .orElseThrow(),
                    up -> new ArrayList<>())
                .add(one));
    List<WatersView.Serves> serves =
        alike.values().stream().map(group -> serves(group, blended, litres)).toList();
    String forAll = "";
    if (!all.isEmpty() && !checked.isEmpty()) {
      Bears strictest = Bears.of(checked);
      forAll = blend(Blend.within(blended, strictest.water(), strictest.lime()), litres);
    }
    return new WatersView(
        all.stream().map(water -> shown(water, checked)).toList(), serves, forAll, litres);
  }

  private static WatersView.Serves serves(
      List<FeedPlants.Checked> alike, List<Blend.Of> waters, double litres) {
    Bears bears = Bears.of(alike);
    Blend blend = Blend.within(waters, bears.water(), bears.lime());
    return new WatersView.Serves(
        alike.stream()
            .map(one -> one.plant().name())
            .distinct()
            .sorted()
            .collect(Collectors.joining(", ")),
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
    return switch (sheet.hazard()) {
      case HARMLESS -> "";
      case SOME -> WORDS.say("sodium", sheet.sar());
      case MUCH -> WORDS.say("much-sodium", sheet.sar());
    };
  }

  private static String standing(WaterSheet sheet) {
    return switch (sheet.disinfectant()) {
      case CHLORINE -> WORDS.say("let-stand");
      case CHLORAMINE -> WORDS.say("no-use-standing");
      case NONE, UNKNOWN -> "";
    };
  }
}
