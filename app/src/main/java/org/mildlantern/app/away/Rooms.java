package org.mildlantern.app.away;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.seasons.PlaceNights;
import org.mildlantern.app.weather.ClimateService;
import org.mildlantern.core.air.Nights;
import org.mildlantern.core.away.Means;
import org.mildlantern.core.away.RoomAir;
import org.mildlantern.core.knowledge.Absence;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.LightClass;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** What can be done to the rooms in which plants stand, before one leaves. */
@Component
class Rooms {
  private static final Words WORDS = Words.of(Rooms.class);

  /** With this chance it is said that rooms are heated. */
  private static final double HEATED = 0.5;

  private final PlantService plants;
  private final PlaceNights nights;
  private final ClimateService climate;
  private final Absence absence;

  Rooms(PlantService plants, PlaceNights nights, ClimateService climate, Absence absence) {
    this.plants = plants;
    this.nights = nights;
    this.climate = climate;
    this.absence = absence;
  }

  /**
   * A place with plants.
   *
   * @param air or null where nobody lives
   * @param means that may be done to it
   */
  record Room(PlaceView place, RoomAir air, List<Means> means) {
    /** What is done, as a step. */
    String step(Means done) {
      return switch (done.kind()) {
        case HEATING -> WORDS.say("heating", place.name(), air.celsius() - air.down(), done.how());
        default -> WORDS.say("blinds", place.name(), done.how());
      };
    }
  }

  /** All places with plants. */
  List<Room> all(LocalDate from, LocalDate until) {
    int days = (int) ChronoUnit.DAYS.between(from, until);
    double outdoors = climate.here().air(from.plusDays(days / 2)).celsius();
    boolean heated = Nights.heating(outdoors) > HEATED;
    Map<Long, List<PlantView>> standing =
        plants.byName().stream()
            .collect(
                Collectors.groupingBy(
                    plant -> plant.place().id(), LinkedHashMap::new, Collectors.toList()));
    List<Room> all = new ArrayList<>();
    standing.values().forEach(here -> all.add(room(here, heated, days)));
    return all;
  }

  private Room room(List<PlantView> here, boolean heated, int days) {
    PlaceView place = here.get(0).place();
    if (place.kind() != PlaceKind.INDOOR && !place.quarantine()) {
      return new Room(place, null, List.of());
    }
    LightClass light = place.surroundings().light();
    RoomAir air =
        new RoomAir(
            nights.warmth(place),
            nights.usual(place),
            nights.humidity(place),
            heated,
            light != null && light.above(LightClass.BRIGHT) >= 0,
            here.stream()
                .map(plant -> plant.kind().taxon().map(Taxon::coldestWished).orElse(null))
                .toList(),
            days);
    return new Room(place, air, absence.means(air));
  }
}
