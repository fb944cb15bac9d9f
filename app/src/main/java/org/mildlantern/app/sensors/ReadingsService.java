package org.mildlantern.app.sensors;

import java.time.Instant;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.air.Gauge;
import org.mildlantern.core.knowledge.Taxon;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was read at a place, beside what its plants wish. */
@Service
@Transactional(readOnly = true)
public class ReadingsService {
  private final AirStore store;
  private final PlaceService places;
  private final PlantService plants;
  private final Scope scope;

  ReadingsService(AirStore store, PlaceService places, PlantService plants, Scope scope) {
    this.store = store;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  Optional<PlaceView> place(Long id) {
    return places.find(id);
  }

  /** All that was measured at a place over a span; empty without such a place. */
  Optional<List<Series>> of(Long placeId, Series.Span span) {
    return places.find(placeId).map(place -> series(place, span));
  }

  /** Of what stretches of time readings are told. */
  public enum By {
    READING,
    HOUR,
    DAY
  }

  /**
   * A stretch of time.
   *
   * @param at its beginning
   */
  public record Stretch(Instant at, double mean, double low, double high) {}

  /**
   * What was read at a place from a time on, the latest of them where there are more than so many;
   * empty without such a place.
   */
  public Optional<List<Stretch>> of(Long placeId, Gauge gauge, By by, Instant from, int most) {
    return places
        .find(placeId)
        .map(
            place ->
                (switch (by) {
                      case READING -> store.raw(placeId, gauge, from, most);
                      case HOUR -> store.hours(placeId, gauge, from, most);
                      case DAY -> store.days(placeId, gauge, from, most);
                    })
                    .stream()
                        .map(p -> new Stretch(p.at(), hundredth(p.mean()), p.low(), p.high()))
                        .toList());
  }

  private static double hundredth(double value) {
    return Math.round(value * 100) / 100.0;
  }

  private List<Series> series(PlaceView place, Series.Span span) {
    List<Taxon> kinds =
        plants.kept().stream()
            .filter(plant -> plant.place().id().equals(place.id()))
            .flatMap(plant -> plant.kind().taxon().stream())
            .toList();
    List<Series> all = new ArrayList<>();
    for (Gauge gauge : Gauge.values()) {
      List<AirStore.Point> points = span.of(store, place.id(), gauge, scope.now());
      if (!points.isEmpty()) {
        all.add(Series.of(gauge, points, wish(gauge, kinds)));
      }
    }
    return all;
  }

  /** The band in which all of them are well; where there is none, that of the middle one. */
  private static Series.Wish wish(Gauge gauge, List<Taxon> kinds) {
    if (kinds.isEmpty()) {
      return Series.Wish.NONE;
    }
    return switch (gauge) {
      case TEMPERATURE -> {
        Taxon middle =
            kinds.stream()
                .sorted(Comparator.comparingDouble(Taxon::coldestWished))
                .toList()
                .get(kinds.size() / 2);
        double low = kinds.stream().mapToDouble(Taxon::coldestWished).max().orElseThrow();
        double high = kinds.stream().mapToDouble(Taxon::warmestWished).min().orElseThrow();
        yield low < high
            ? new Series.Wish(low, high)
            : new Series.Wish(middle.coldestWished(), middle.warmestWished());
      }
      case HUMIDITY ->
          new Series.Wish(kinds.stream().mapToDouble(Taxon::humidity).max().orElseThrow(), null);
      case LUX, PPFD, GLASS, CO2 -> Series.Wish.NONE;
    };
  }
}
