package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.DoubleConsumer;
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

/** Keeps the rooms of places: their size, further windows, skyline, and what stands in them. */
@Service
@Transactional
class RoomService {
  private static final Words WORDS = Words.of(RoomService.class);

  private static final int MOST_WINDOWS = 8;
  private static final int MOST_PARTS = 30;
  private static final int MOST_THINGS = 20;
  private static final double SOUTH = 180;
  private static final double STEEPEST = 90;

  private final LightBook book;
  private final PlaceLightRepository lights;
  private final PlaceWindowRepository windows;
  private final PlaceSkylineRepository skylines;
  private final PlaceThingRepository things;
  private final PlaceService places;
  private final PlantService plants;
  private final LightChanges changes;
  private final Scope scope;

  RoomService(
      LightBook book,
      PlaceLightRepository lights,
      PlaceWindowRepository windows,
      PlaceSkylineRepository skylines,
      PlaceThingRepository things,
      PlaceService places,
      PlantService plants,
      LightChanges changes,
      Scope scope) {
    this.book = book;
    this.lights = lights;
    this.windows = windows;
    this.skylines = skylines;
    this.things = things;
    this.places = places;
    this.plants = plants;
    this.changes = changes;
    this.scope = scope;
  }

  /** A place’s room; empty when there is no such place, or nothing was said yet of its light. */
  @Transactional(readOnly = true)
  Optional<RoomView> of(Long placeId) {
    return drawn(placeId).map(this::view);
  }

  private Optional<LightBook.Lit> drawn(Long placeId) {
    return places.find(placeId).flatMap(book::drawn);
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
            count.getOrDefault(0L, 0),
            Felt.of(lit.drawn(), lit.things(), usual.point())));
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
              count.getOrDefault(spot.id(), 0),
              Felt.of(lit.drawn(), lit.things(), book.stand(lit, spot).point())));
      drawn.add(
          new RoomPicture.At(spot.id(), form.name(), LitPlace.At.spot(lit.drawn(), form).point()));
    }
    List<RoomView.Rises> skyline =
        skylines.of(lit.place().id()).stream()
            .map(s -> new RoomView.Rises(s.id(), s.form()))
            .toList();
    return new RoomView(
        lit.place(),
        lit.drawn().room(),
        windows.of(lit.place().id()).stream()
            .map(w -> new RoomView.Further(w.id(), w.form()))
            .toList(),
        skyline,
        things.of(lit.place().id()).stream()
            .map(t -> new RoomView.InRoom(t.id(), t.form()))
            .toList(),
        stands,
        here.stream().map(p -> new RoomView.Placed(p, standing.get(p.id()))).toList(),
        usual.outdoors()
            ? null
            : RoomPicture.of(lit.drawn(), lit.things(), drawn, scope.latitude(), today),
        HorizonPicture.of(
            usual.outdoors() ? (scope.latitude() < 0 ? 0 : SOUTH) : lit.drawn().window().faces(),
            skyline));
  }

  private static RoomView.Stand stand(
      Long id, String name, Integer holds, SpotLight now, int count, Felt felt) {
    return new RoomView.Stand(
        id,
        name,
        holds,
        now,
        WORDS.say("stand", now.dli(), now.low(), now.high(), now.directHours(), count)
            + felt(felt));
  }

  private static String felt(Felt felt) {
    List<String> all = new ArrayList<>();
    for (Felt.Thing thing : felt.things()) {
      if (thing.kind().heats(thing.metres())) {
        all.add(
            WORDS.say(
                "heated",
                thing.kind().label(),
                thing.metres() * 100,
                thing.kind().warmer(thing.metres())));
      }
      if (thing.kind().blows(thing.metres())) {
        all.add(WORDS.say("blown", thing.kind().label()));
      }
    }
    return all.isEmpty() ? "" : ". " + String.join(". ", all);
  }

  /**
   * Keeps the room’s size.
   *
   * @throws IllegalArgumentException where its windows or stands do not fit in
   */
  boolean save(Long placeId, RoomForm form) {
    Optional<LightBook.Lit> lit = drawn(placeId);
    lit.ifPresent(
        known -> {
          Drawn drawn = known.drawn().with(form);
          fits(drawn);
          for (PlaceSpot spot : known.spots()) {
            if (!holds(known.place(), drawn, spot.form())) {
              throw new IllegalArgumentException(WORDS.say("spot-outside", spot.form().name()));
            }
          }
          PlaceLight light = lights.of(placeId).orElseThrow();
          changes.watch(
              placeId,
              () -> {
                light.describe(form);
                return lights.save(light);
              });
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

  static boolean holds(PlaceView place, Drawn drawn, SpotForm spot) {
    FloorPlan.Point point = LitPlace.At.spot(drawn, spot).point();
    return place.kind() == PlaceKind.OUTDOOR || drawn.plan().holds(point);
  }

  /**
   * Adds a window.
   *
   * @throws IllegalArgumentException where it does not fit into its wall
   */
  boolean add(Long placeId, FurtherForm form) {
    Optional<LightBook.Lit> lit = drawn(placeId);
    lit.ifPresent(
        known -> {
          if (known.drawn().further().size() >= MOST_WINDOWS) {
            throw new IllegalArgumentException(WORDS.say("windows-enough", MOST_WINDOWS));
          }
          fits(known.drawn().with(form));
          changes.watch(placeId, () -> windows.save(new PlaceWindow(placeId, form)));
        });
    return lit.isPresent();
  }

  /** Slides the main window along its wall as far as that goes. */
  Optional<Long> slideMain(Long placeId, double along) {
    drawn(placeId)
        .ifPresent(
            known -> {
              RoomForm room = known.drawn().room();
              double half = known.drawn().main().width() * 50;
              slide(
                  placeId,
                  room.wide(),
                  half,
                  along,
                  to -> {
                    PlaceLight light = lights.of(placeId).orElseThrow();
                    light.describe(
                        new RoomForm(room.width(), room.depth(), to, room.holds(), room.over()));
                    lights.save(light);
                  });
            });
    return places.find(placeId).map(PlaceView::id);
  }

  /** Slides a window along its wall as far as that goes; the place that it is in. */
  Optional<Long> slideWindow(Long id, double along) {
    Optional<PlaceWindow> window = windows.byId(id);
    window.ifPresent(
        one ->
            slide(
                one.placeId(),
                length(one.placeId(), one.form().wall()),
                one.form().width() / 2,
                along,
                to -> {
                  one.slideTo(to);
                  windows.save(one);
                }));
    return window.map(PlaceWindow::placeId);
  }

  /** Slides a radiator, vent or door along its wall; the place that it is in. */
  Optional<Long> slideThing(Long id, double along) {
    Optional<PlaceThing> thing = things.byId(id);
    thing.ifPresent(
        one ->
            slide(
                one.placeId(),
                length(one.placeId(), one.form().wall()),
                0,
                along,
                to -> {
                  one.slideTo(to);
                  things.save(one);
                }));
    return thing.map(PlaceThing::placeId);
  }

  /** Length of a wall, cm. */
  private double length(Long placeId, FloorPlan.Wall wall) {
    return drawn(placeId).map(known -> known.drawn().plan().length(wall) * 100).orElse(0.0);
  }

  private void slide(Long placeId, double length, double half, double along, DoubleConsumer put) {
    double to = Math.max(half, Math.min(Math.max(half, length - half), along));
    changes.watch(
        placeId,
        () -> {
          put.accept(to);
          return to;
        });
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
    Optional<LightBook.Lit> lit = drawn(placeId);
    lit.ifPresent(
        known -> {
          if (known.drawn().skyline().size() >= MOST_PARTS) {
            throw new IllegalArgumentException(WORDS.say("skyline-enough", MOST_PARTS));
          }
          changes.watch(placeId, () -> skylines.save(new PlaceSkyline(placeId, form)));
        });
    return lit.isPresent();
  }

  /**
   * Moves and shapes what stands out of the skyline; the place before which it stands.
   *
   * @throws IllegalArgumentException for what cannot stand there
   */
  Optional<Long> shape(Long id, double begins, double ends, double up) {
    if (!(Double.isFinite(begins) && Double.isFinite(ends) && up >= 0 && up <= STEEPEST)) {
      throw new IllegalArgumentException(WORDS.say("skyline-shape"));
    }
    Optional<PlaceSkyline> part = skylines.byId(id);
    part.ifPresent(
        one ->
            changes.watch(
                one.placeId(),
                () -> {
                  one.shape(begins, ends, up);
                  return skylines.save(one);
                }));
    return part.map(PlaceSkyline::placeId);
  }

  /** Takes it out; the place before which it stood. */
  Optional<Long> takeSkyline(Long id) {
    Optional<PlaceSkyline> part = skylines.byId(id);
    part.ifPresent(
        one ->
            changes.watch(
                one.placeId(),
                () -> {
                  skylines.delete(one);
                  return one;
                }));
    return part.map(PlaceSkyline::placeId);
  }

  /**
   * Adds a radiator, vent or door.
   *
   * @throws IllegalArgumentException where it lies outside its wall, or there are too many
   */
  boolean add(Long placeId, ThingForm form) {
    Optional<LightBook.Lit> lit = drawn(placeId);
    lit.ifPresent(
        known -> {
          if (known.things().size() >= MOST_THINGS) {
            throw new IllegalArgumentException(WORDS.say("things-enough", MOST_THINGS));
          }
          double length = known.drawn().plan().length(form.wall());
          if (form.along() / 100 > length) {
            throw new IllegalArgumentException(
                WORDS.say("window-outside", form.wall().label(), length * 100));
          }
          things.save(new PlaceThing(placeId, form));
        });
    return lit.isPresent();
  }

  /** Takes it out; the place that it was in. */
  Optional<Long> takeThing(Long id) {
    Optional<PlaceThing> thing = things.byId(id);
    thing.ifPresent(things::delete);
    return thing.map(PlaceThing::placeId);
  }
}
