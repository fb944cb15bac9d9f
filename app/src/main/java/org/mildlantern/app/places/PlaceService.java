package org.mildlantern.app.places;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the places of the collection. */
@Service
@Transactional
public class PlaceService {
  private final PlaceRepository places;
  private final CollectionMemo memo;

  PlaceService(PlaceRepository places, CollectionMemo memo) {
    this.memo = memo;
    this.places = places;
  }

  @Transactional(readOnly = true)
  public List<PlaceView> all() {
    return memo.once(
        From.GROUND, "places", () -> places.inOrder().stream().map(Place::view).toList());
  }

  @Transactional(readOnly = true)
  public Optional<PlaceView> find(Long id) {
    return id == null ? Optional.empty() : places.byId(id).map(Place::view);
  }

  @Transactional(readOnly = true)
  public Optional<PlaceView> named(String name) {
    return places.byName(name.strip()).map(Place::view);
  }

  /**
   * Adds a place, or changes the one with the id.
   *
   * @throws IllegalArgumentException when the name is taken
   */
  public Optional<PlaceView> save(Long id, PlaceForm form) {
    String name = form.name().strip();
    places
        .byName(name)
        .map(Place::view)
        .filter(other -> !other.id().equals(id))
        .ifPresent(
            other -> {
              throw new IllegalArgumentException("There is a place called that already.");
            });
    Optional<Place> place = id == null ? Optional.of(new Place(places.count())) : places.byId(id);
    return place.map(
        p -> {
          p.describe(form);
          return places.save(p).view();
        });
  }

  /** Adds a place of which a list tells only the name. */
  public PlaceView add(String name, PlaceKind kind, Long importId) {
    Place place = new Place(places.count());
    place.describe(PlaceForm.of(name, kind, null, null));
    place.cameWith(importId);
    return places.save(place).view();
  }

  /** Takes out the places that came with a list and are not used any more. */
  public void takeOut(Long importId) {
    places.ofImport(importId).stream()
        .filter(place -> !places.isUsed(place.view().id()))
        .forEach(places::delete);
  }

  /**
   * Takes out a place that was entered by mistake.
   *
   * @return the place; empty when there is none
   * @throws IllegalArgumentException while a plant stands there or something that was noted tells
   *     of it
   */
  public Optional<PlaceView> takeOutOne(Long id) {
    Optional<Place> place = places.byId(id);
    place.ifPresent(
        there -> {
          if (places.isUsed(id)) {
            throw new IllegalArgumentException(
                "Plants stand here or have stood here, so it stays. Move them first; what the day"
                    + " book tells of a place keeps it.");
          }
          places.delete(there);
        });
    return place.map(Place::view);
  }

  /**
   * Sets the order in which places are walked; they change places among themselves.
   *
   * @param first one that is walked before all others, or null
   * @return whether all of them are places of the collection
   */
  public boolean walk(Long first, List<Long> order) {
    Optional<List<Place>> walked =
        Walk.set(places.inOrder(), place -> place.view().id(), first, order);
    walked.ifPresent(all -> IntStream.range(0, all.size()).forEach(i -> all.get(i).walkAt(i)));
    return walked.isPresent();
  }
}
