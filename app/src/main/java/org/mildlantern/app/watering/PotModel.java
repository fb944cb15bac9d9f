package org.mildlantern.app.watering;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.growth.Stage;
import org.mildlantern.core.journal.EntryKind;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Demand;
import org.mildlantern.core.water.Holding;
import org.mildlantern.core.water.Pace;
import org.mildlantern.core.water.PotEvent;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.WaterOutlook;
import org.mildlantern.core.water.WaterStory;
import org.mildlantern.core.water.Wish;
import org.springframework.stereotype.Component;

/** Turns a plant and its day book into what the core asks for. */
@Component
class PotModel {
  /** The air of a place of which nothing was noted. Rule of thumb for a lived-in room. */
  private static final double ROOM_CELSIUS = 20;

  private static final double ROOM_HUMIDITY = 50;

  /** Records older than this say nothing of a pot's present pace. */
  static final int STORY_DAYS = 150;

  private final Media media;
  private final Scope scope;

  PotModel(Media media, Scope scope) {
    this.media = media;
    this.scope = scope;
  }

  /** A pot whose drying can be followed. */
  record Kept(PotShape shape, Holding holding, double guess, Wish wish) {}

  /** Empty for mounts, cups and pots of which size or medium is not known. */
  Optional<Kept> kept(PlantView plant) {
    boolean cup =
        plant.form().id().equals("tank-bromeliad") || plant.form().id().equals("air-plant");
    if (plant.potCm() == null
        || plant.medium() == null
        || cup
        || plant.potShape() == Pot.Shape.MOUNT) {
      return Optional.empty();
    }
    return media
        .mixOf(plant.medium().id())
        .map(
            mix -> {
              PotShape shape =
                  PotShape.of(
                      PotShape.Kind.valueOf(plant.potShape().name()),
                      plant.potCm(),
                      plant.potDepthCm());
              Holding holding = Holding.of(shape, mix);
              double guess = Pace.guess(shape, holding, media.thirst(plant.form().id()));
              return new Kept(
                  shape,
                  holding,
                  guess,
                  Wish.of(plant.taxon() == null ? null : plant.taxon().water(), resting(plant)));
            });
  }

  /** At rest by what was noted, or by the season when its kind rests in it. */
  boolean resting(PlantView plant) {
    return plant.stage() == Stage.REST
        || plant.taxon() != null
            && plant.stage() == Stage.GROWTH
            && plant.taxon().restsIn(Season.of(scope.today(), scope.latitude()));
  }

  /** The demand of the plant's place by day, from its usual air and light. */
  ToDoubleFunction<LocalDate> demand(PlaceView place) {
    double celsius = place.temperature() == null ? ROOM_CELSIUS : place.temperature();
    double humidity = place.humidity() == null ? ROOM_HUMIDITY : place.humidity();
    LightClass light = place.surroundings().light();
    double dli = (light == null ? LightClass.MEDIUM : light).meanDli();
    boolean steady = place.surroundings().lamp() || place.kind() == PlaceKind.CASE;
    double latitude = scope.latitude();
    return day ->
        Demand.of(celsius, humidity, steady ? dli : dli * Demand.seasonOfLight(day, latitude))
            .value();
  }

  WaterOutlook outlook(PlantView plant, Kept pot, List<Entry> entries, LocalDate trailFrom) {
    LocalDate today = scope.today();
    ToDoubleFunction<LocalDate> demand = demand(plant.place());
    WaterStory story =
        WaterStory.tell(
            pot.holding(),
            pot.guess(),
            entries.stream().map(this::event).toList(),
            today,
            demand,
            trailFrom);
    return WaterOutlook.of(story, pot.holding(), pot.wish(), today, demand);
  }

  private PotEvent event(Entry entry) {
    PotEvent.Kind kind =
        entry.kind() == EntryKind.WATER
            ? PotEvent.Kind.WATERED
            : entry.kind() == EntryKind.STOOD
                ? PotEvent.Kind.STOOD
                : entry.kind() == EntryKind.REPOT ? PotEvent.Kind.REPOTTED : PotEvent.Kind.SEEN;
    return new PotEvent(
        scope.day(entry.at()), kind, entry.volumeMl(), entry.moisture(), entry.potNote());
  }
}
