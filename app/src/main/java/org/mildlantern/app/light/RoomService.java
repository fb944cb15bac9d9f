package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.SpotLight;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the rooms of places, their further windows, and who stands where in them. */
@Service
@Transactional
public class RoomService {
  private static final Words WORDS = Words.of(RoomService.class);

  private static final int MOST_WINDOWS = 8;
  private static final int MOST_SPOTS = 30;
  private static final int MOST_PARTS = 30;

  private final LightBook book;
  private final PlaceLightRepository lights;
  private final PlaceWindowRepository windows;
  private final PlaceSkylineRepository skylines;
  private final PlaceSpotRepository spots;
  private final StandingRepository standings;
  private final PlaceService places;
  private final PlantService plants;
  private final Scope scope;

  RoomService(
      LightBook book,
      PlaceLightRepository lights,
      PlaceWindowRepository windows,
      PlaceSkylineRepository skylines,
      PlaceSpotRepository spots,
      StandingRepository standings,
      PlaceService places,
      PlantService plants,
      Scope scope) {
    this.book = book;
    this.lights = lights;
    this.windows = windows;
    this.skylines = skylines;
    this.spots = spots;
    this.standings = standings;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  /** A place’s room; empty when there is no such place, or nothing was said yet of its light. */
  @Transactional(readOnly = true)
  Optional<RoomView> of(Long placeId) {
    return places.find(placeId).flatMap(book::of).map(this::view);
  }

  @Transactional(readOnly = true)
  boolean isPlace(Long placeId) {
    return places.find(placeId).isPresent();
  }

  private RoomView view(LightBook.Lit lit) {
    LocalDate today = scope.today();
    Map<Long, Long> standing = book.standing(List.of(lit));
    List<PlantView> here =
        plants.kept().stream().filter(p -> p.place().id().equals(lit.place().id())).toList();
    Map<Long, Integer> count = new HashMap<>();
    here.forEach(plant -> count.merge(standing.getOrDefault(plant.id(), 0L), 1, Integer::sum));
    LitPlace usual = book.usual(lit);
    List<RoomView.Stand> stands = new ArrayList<>();
    stands.add(
        stand(
            null,
            WORDS.say("usual"),
            lit.drawn().room().holds(),
            book.on(lit, null, today),
            count.getOrDefault(0L, 0)));
    List<RoomPicture.At> drawn = new ArrayList<>();
    drawn.add(new RoomPicture.At(null, WORDS.say("usual"), lit.drawn().usual()));
    for (PlaceSpot spot : lit.spots()) {
      SpotForm form = spot.form();
      stands.add(
          stand(
              spot.id(),
              form.name(),
              form.holds(),
              book.on(lit, spot, today),
              count.getOrDefault(spot.id(), 0)));
      drawn.add(
          new RoomPicture.At(spot.id(), form.name(), LitPlace.At.spot(lit.drawn(), form).point()));
    }
    return new RoomView(
        lit.place(),
        lit.drawn().room(),
        windows.of(lit.place().id()).stream()
            .map(w -> new RoomView.Further(w.id(), w.form()))
            .toList(),
        skylines.of(lit.place().id()).stream()
            .map(s -> new RoomView.Rises(s.id(), s.form()))
            .toList(),
        stands,
        here.stream().map(p -> new RoomView.Placed(p, standing.get(p.id()))).toList(),
        usual.outdoors() ? null : RoomPicture.of(lit.drawn(), drawn, scope.latitude(), today));
  }

  private static RoomView.Stand stand(
      Long id, String name, Integer holds, SpotLight now, int count) {
    return new RoomView.Stand(
        id,
        name,
        holds,
        now,
        WORDS.say("stand", now.dli(), now.low(), now.high(), now.directHours(), count));
  }

  /**
   * Keeps the room’s size.
   *
   * @throws IllegalArgumentException where its windows or stands do not fit in
   */
  boolean save(Long placeId, RoomForm form) {
    Optional<LightBook.Lit> lit = places.find(placeId).flatMap(book::of);
    lit.ifPresent(
        known -> {
          Drawn drawn =
              new Drawn(
                  known.drawn().window(), form, known.drawn().further(), known.drawn().skyline());
          fits(drawn);
          for (PlaceSpot spot : known.spots()) {
            if (!holds(known.place(), drawn, spot.form())) {
              throw new IllegalArgumentException(WORDS.say("spot-outside", spot.form().name()));
            }
          }
          PlaceLight light = lights.of(placeId).orElseThrow();
          light.describe(form);
          lights.save(light);
        });
    return lit.isPresent();
  }

  private static void fits(Drawn drawn) {
    for (Drawn.InWall window : drawn.windows()) {
      double half = window.opening().width() / 2;
      double length = drawn.plan().length(window.wall());
      if (window.along() - half < -0.01 || window.along() + half > length + 0.01) {
        throw new IllegalArgumentException(
            WORDS.say("window-outside", window.wall().label(), length * 100));
      }
    }
  }

  private static boolean holds(PlaceView place, Drawn drawn, SpotForm spot) {
    FloorPlan.Point point = LitPlace.At.spot(drawn, spot).point();
    return place.kind() == PlaceKind.OUTDOOR || drawn.plan().holds(point);
  }

  /**
   * Adds a window.
   *
   * @throws IllegalArgumentException where it does not fit into its wall
   */
  boolean add(Long placeId, FurtherForm form) {
    Optional<LightBook.Lit> lit = places.find(placeId).flatMap(book::of);
    lit.ifPresent(
        known -> {
          List<FurtherForm> all = new ArrayList<>(known.drawn().further());
          if (all.size() >= MOST_WINDOWS) {
            throw new IllegalArgumentException(WORDS.say("windows-enough", MOST_WINDOWS));
          }
          all.add(form);
          fits(new Drawn(known.drawn().window(), known.drawn().room(), all, List.of()));
          windows.save(new PlaceWindow(placeId, form));
        });
    return lit.isPresent();
  }

  /** Takes a window out; the place that it was in. */
  Optional<Long> takeWindow(Long id) {
    Optional<PlaceWindow> window = windows.byId(id);
    window.ifPresent(windows::delete);
    return window.map(PlaceWindow::placeId);
  }

  /**
   * Adds something that stands out of the skyline.
   *
   * @throws IllegalArgumentException when there are too many
   */
  boolean add(Long placeId, SkylineForm form) {
    Optional<LightBook.Lit> lit = places.find(placeId).flatMap(book::of);
    lit.ifPresent(
        known -> {
          if (known.drawn().skyline().size() >= MOST_PARTS) {
            throw new IllegalArgumentException(WORDS.say("skyline-enough", MOST_PARTS));
          }
          skylines.save(new PlaceSkyline(placeId, form));
        });
    return lit.isPresent();
  }

  /** Takes it out; the place before which it stood. */
  Optional<Long> takeSkyline(Long id) {
    Optional<PlaceSkyline> part = skylines.byId(id);
    part.ifPresent(skylines::delete);
    return part.map(PlaceSkyline::placeId);
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
    Optional<LightBook.Lit> lit = places.find(placeId).flatMap(book::of);
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
    if (!holds(lit.get().place(), lit.get().drawn(), form)) {
      throw new IllegalArgumentException(WORDS.say("outside"));
    }
    Optional<PlaceSpot> spot =
        id == null
            ? Optional.of(new PlaceSpot(placeId))
            : all.stream().filter(one -> one.id().equals(id)).findFirst();
    spot.ifPresent(
        one -> {
          one.describe(form);
          spots.save(one);
        });
    return spot.isPresent();
  }

  /** Moves a stand as it was dragged, within the walls; the place that it is in. */
  Optional<Long> drag(Long id, double across, double back) {
    return spots
        .byId(id)
        .map(
            spot -> {
              book.of(places.find(spot.placeId()).orElseThrow())
                  .ifPresent(
                      lit -> {
                        RoomForm room = lit.drawn().room();
                        spot.moveTo(
                            Math.max(0, Math.min(room.wide(), across)),
                            Math.max(0, Math.min(room.deep(), back)));
                        spots.save(spot);
                      });
              return spot.placeId();
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
