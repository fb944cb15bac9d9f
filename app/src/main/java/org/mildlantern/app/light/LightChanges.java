package org.mildlantern.app.light;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.core.light.SunYear;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Notices that a place has much more light since it was drawn anew, and asks whether it does or was
 * drawn wrong before.
 */
@Service
@Transactional
class LightChanges {
  private static final Words WORDS = Words.of(LightChanges.class);

  private final LightChangeRepository changes;
  private final LightBook book;
  private final PlaceService places;
  private final Scope scope;

  LightChanges(LightChangeRepository changes, LightBook book, PlaceService places, Scope scope) {
    this.changes = changes;
    this.book = book;
    this.places = places;
    this.scope = scope;
  }

  /** Does what changes the drawing of a place, and keeps what that does to its light. */
  <T> T watch(Long placeId, Supplier<T> drawing) {
    Map<Long, SunYear.Clear> before = clear(placeId);
    T done = drawing.get();
    if (before.isEmpty()) {
      return done;
    }
    LocalDate today = scope.today();
    List<LightChange> open =
        changes.of(placeId).stream().filter(c -> !c.meant() && c.day().equals(today)).toList();
    Map<Long, SunYear.Clear> first = new HashMap<>(before);
    open.forEach(change -> first.put(change.spotId(), change.before()));
    changes.deleteAll(open);
    clear(placeId)
        .forEach(
            (spot, after) -> {
              SunYear.Clear was = first.get(spot);
              if (was != null && SunYear.multiplies(was, after)) {
                changes.save(new LightChange(placeId, spot, today, was, after));
              }
            });
    return done;
  }

  /** A clear day of now on each stand of a place that is drawn; the usual one under null. */
  private Map<Long, SunYear.Clear> clear(Long placeId) {
    Map<Long, SunYear.Clear> all = new HashMap<>();
    places
        .find(placeId)
        .flatMap(book::drawn)
        .ifPresent(
            lit -> {
              all.put(null, clear(lit, null));
              lit.spots().forEach(spot -> all.put(spot.id(), clear(lit, spot)));
            });
    return all;
  }

  private SunYear.Clear clear(LightBook.Lit lit, PlaceSpot spot) {
    return book.stand(lit, spot).clear(scope.today(), book.trust(lit, spot));
  }

  /** What is to be asked of a place, in words; empty when nothing is. */
  @Transactional(readOnly = true)
  Optional<String> asked(Long placeId) {
    List<String> all = new ArrayList<>();
    for (LightChange change : changes.of(placeId)) {
      if (!change.meant()) {
        all.add(
            WORDS.say(
                "change",
                name(placeId, change.spotId()),
                change.before().dli(),
                change.after().dli(),
                change.before().directHours(),
                change.after().directHours()));
      }
    }
    return all.isEmpty() ? Optional.empty() : Optional.of(String.join(" ", all));
  }

  private String name(Long placeId, Long spotId) {
    return places
        .find(placeId)
        .flatMap(book::of)
        .flatMap(lit -> lit.spot(spotId))
        .map(spot -> spot.form().name())
        .orElse(WORDS.say("usual"));
  }

  /**
   * Keeps what the keeper says.
   *
   * @param real whether the light changed; else the drawing was put right
   * @return empty when there is no such place
   */
  Optional<PlaceView> answer(Long placeId, boolean real) {
    Optional<PlaceView> place = places.find(placeId);
    if (place.isPresent()) {
      for (LightChange change : changes.of(placeId)) {
        if (!change.meant()) {
          if (real) {
            change.mean();
          } else {
            changes.delete(change);
          }
        }
      }
    }
    return place;
  }
}
