package org.mildlantern.app.light;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the stands of places, and which plant is on which. */
@Service
@Transactional
public class StandService {
  private static final Words WORDS = Words.of(StandService.class);
  private static final int MOST_SPOTS = 30;

  private final LightBook book;
  private final LightChanges changes;
  private final PlaceSpotRepository spots;
  private final StandingRepository standings;
  private final PlaceService places;
  private final PlantService plants;

  StandService(
      LightBook book,
      LightChanges changes,
      PlaceSpotRepository spots,
      StandingRepository standings,
      PlaceService places,
      PlantService plants) {
    this.book = book;
    this.changes = changes;
    this.spots = spots;
    this.standings = standings;
    this.places = places;
    this.plants = plants;
  }

  Optional<SpotForm> spot(Long placeId, Long id) {
    return spots.of(placeId).stream()
        .filter(spot -> spot.id().equals(id))
        .map(PlaceSpot::form)
        .findFirst();
  }

  /**
   * Adds a stand, or changes one.
   *
   * @param id null for a new one
   * @throws IllegalArgumentException where it lies outside the room, or its name is taken
   */
  boolean save(Long placeId, Long id, SpotForm form) {
    Optional<LightBook.Lit> lit = places.find(placeId).flatMap(book::drawn);
    if (lit.isEmpty()) {
      return false;
    }
    List<PlaceSpot> all = lit.get().spots();
    if (id == null && all.size() >= MOST_SPOTS) {
      throw new IllegalArgumentException(WORDS.say("spots-enough", MOST_SPOTS));
    }
    if (all.stream()
        .anyMatch(
            other ->
                !other.id().equals(id)
                    && other.form().name().equalsIgnoreCase(form.name().strip()))) {
      throw new IllegalArgumentException(WORDS.say("name-taken"));
    }
    if (!RoomService.holds(lit.get().place(), lit.get().drawn(), form)) {
      throw new IllegalArgumentException(WORDS.say("outside"));
    }
    Optional<PlaceSpot> spot =
        id == null
            ? Optional.of(new PlaceSpot(placeId))
            : all.stream().filter(one -> one.id().equals(id)).findFirst();
    spot.ifPresent(
        one -> {
          changes.watch(
              placeId,
              () -> {
                one.describe(form);
                return spots.save(one);
              });
        });
    return spot.isPresent();
  }

  /** Moves a stand as it was dragged, within the walls; the place that it is in. */
  Optional<Long> drag(Long id, double across, double back) {
    return spots
        .byId(id)
        .map(
            spot -> {
              book.drawn(places.find(spot.placeId()).orElseThrow())
                  .ifPresent(lit -> moveTo(spot, lit.drawn().room(), across, back));
              return spot.placeId();
            });
  }

  private void moveTo(PlaceSpot spot, RoomForm room, double across, double back) {
    changes.watch(
        spot.placeId(),
        () -> {
          spot.moveTo(
              Math.max(0, Math.min(room.wide(), across)), Math.max(0, Math.min(room.deep(), back)));
          return spots.save(spot);
        });
  }

  Optional<Long> takeSpot(Long id) {
    Optional<PlaceSpot> spot = spots.byId(id);
    spot.ifPresent(spots::delete);
    return spot.map(PlaceSpot::placeId);
  }

  /**
   * Puts a plant on a stand of its place.
   *
   * @param spotId null for the usual one
   * @return the place; empty when there is no such plant, or no such stand there
   */
  public Optional<Long> stand(Long plantId, Long spotId) {
    Optional<Long> placeId = plants.find(plantId).map(plant -> plant.place().id());
    if (placeId.isEmpty() || spotId != null && spot(placeId.get(), spotId).isEmpty()) {
      return Optional.empty();
    }
    Optional<Standing> standing = standings.of(plantId);
    if (spotId == null) {
      standing.ifPresent(standings::delete);
    } else {
      Standing row = standing.orElseGet(() -> new Standing(plantId, spotId));
      row.moveTo(spotId);
      standings.save(row);
    }
    return placeId;
  }
}
