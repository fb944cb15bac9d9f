package org.mildlantern.app.light;

import java.util.List;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.light.SpotLight;

/**
 * A place’s room with its windows and stands, ready to be shown.
 *
 * @param picture null outdoors
 */
record RoomView(
    PlaceView place,
    RoomForm room,
    List<Further> windows,
    List<Rises> skyline,
    List<InRoom> things,
    List<Stand> stands,
    List<Placed> plants,
    RoomPicture picture,
    HorizonPicture horizon) {

  /** What stands out of the skyline. */
  record Rises(Long id, SkylineForm form) {}

  /** What warms or blows in it. */
  record InRoom(Long id, ThingForm form) {}

  /** A further window. */
  record Further(Long id, FurtherForm form) {}

  /**
   * Where plants can stand.
   *
   * @param id null for the usual stand
   * @param holds plants that find room, or null
   * @param words its light, the sun on it and how many plants are there
   */
  record Stand(Long id, String name, Integer holds, SpotLight now, String words) {}

  /** A plant of the place and the stand it is on, null for the usual one. */
  record Placed(PlantView plant, Long spot) {}
}
