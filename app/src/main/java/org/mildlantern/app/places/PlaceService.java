package org.mildlantern.app.places;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the places of the collection. */
@Service
@Transactional
public class PlaceService {
  private final PlaceRepository places;

  PlaceService(PlaceRepository places) {
    this.places = places;
  }

  @Transactional(readOnly = true)
  public List<PlaceView> all() {
    return places.inOrder().stream().map(Place::view).toList();
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
    Optional<Place> place =
        id == null ? Optional.of(new Place((int) places.count())) : places.byId(id);
    return place.map(
        p -> {
          p.describe(form);
          return places.save(p).view();
        });
  }

  /** Moves a place one step earlier or later in the keeper's walk; says whether there is one. */
  public boolean walk(Long id, boolean earlier) {
    List<Place> order = new ArrayList<>(places.inOrder());
    int at =
        IntStream.range(0, order.size())
            .filter(i -> order.get(i).view().id().equals(id))
            .findFirst()
            .orElse(-1);
    if (at < 0) {
      return false;
    }
    int to = Math.max(0, Math.min(order.size() - 1, earlier ? at - 1 : at + 1));
    Collections.swap(order, at, to);
    for (int i = 0; i < order.size(); i++) {
      order.get(i).walkAt(i);
    }
    return true;
  }
}
