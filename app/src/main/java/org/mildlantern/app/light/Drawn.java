package org.mildlantern.app.light;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.core.light.Blind;
import org.mildlantern.core.light.FloorPlan;
import org.mildlantern.core.light.Glass;
import org.mildlantern.core.light.Opening;
import org.mildlantern.core.light.Setting;
import org.mildlantern.core.season.LightClass;

/**
 * A place as it was drawn: its main window, its room, and further windows.
 *
 * @param window what was said of its main window
 * @param skyline what stands out above the rest outside
 * @param byWord whether nothing was drawn, and a usual window for the place’s word is taken
 */
record Drawn(
    WindowForm window,
    RoomForm room,
    List<FurtherForm> further,
    List<SkylineForm> skyline,
    boolean byWord) {
  /** A usual window of a room, cm. Rules of thumb. */
  private static final double WIDTH = 140;

  private static final double HEIGHT = 130;
  private static final double SILL = 90;

  /** Leaves of a pot on the sill. */
  private static final double ABOVE_SILL = 20;

  /** Of a place of whose light only a word is known. */
  static Drawn byWord(LightClass word, boolean outdoors, double latitude) {
    return new Drawn(
        UsualWindow.of(word, outdoors, latitude), RoomForm.EMPTY, List.of(), List.of(), true);
  }

  /** The same with another room. */
  Drawn with(RoomForm other) {
    return new Drawn(window, other, further, skyline, byWord);
  }

  /** The same with one more window. */
  Drawn with(FurtherForm more) {
    return new Drawn(
        window, room, Stream.concat(further.stream(), Stream.of(more)).toList(), skyline, byWord);
  }

  Drawn {
    further = List.copyOf(further);
    skyline = List.copyOf(skyline);
  }

  FloorPlan plan() {
    return new FloorPlan(room.wide() / 100, room.deep() / 100, window.faces());
  }

  /** Its main window, a usual one where nothing was said of it. */
  Opening main() {
    return opening(
        window.faces(),
        window.width(),
        window.height(),
        window.sill(),
        window.glass(),
        room.over(),
        window.blind().blind());
  }

  private static Opening opening(
      double faces,
      Double width,
      Double height,
      Double sill,
      Glass glass,
      OverForm over,
      Blind blind) {
    return new Opening(
        faces,
        metres(width, WIDTH),
        metres(height, HEIGHT),
        metres(sill, SILL),
        glass == null ? Glass.DOUBLE : glass,
        over.over(),
        blind,
        over.revealed());
  }

  private static double metres(Double cm, double usual) {
    return (cm == null ? usual : cm) / 100;
  }

  /** Where leaves are of whose height nothing was said, m. */
  double usualHeight() {
    return metres(window.sill(), SILL) + ABOVE_SILL / 100;
  }

  /** Its usual stand, straight before the main window. */
  FloorPlan.Point usual() {
    return new FloorPlan.Point(
        room.windowAlong() / 100,
        window.distance() / 100,
        window.leaves() == null ? usualHeight() : window.leaves() / 100);
  }

  /** A window in its wall. */
  record InWall(FloorPlan.Wall wall, double along, Opening opening) {}

  List<InWall> windows() {
    List<InWall> all = new ArrayList<>();
    all.add(new InWall(FloorPlan.Wall.FRONT, room.windowAlong() / 100, main()));
    for (FurtherForm one : further) {
      all.add(
          new InWall(
              one.wall(),
              one.along() / 100,
              opening(
                  plan().faces(one.wall()),
                  one.width(),
                  one.height(),
                  one.sill(),
                  one.glass(),
                  one.over(),
                  one.blind().blind())));
    }
    return all;
  }

  /** All its windows as a point sees them. */
  List<Setting.Seen> seenFrom(FloorPlan.Point point) {
    return windows().stream()
        .map(w -> new Setting.Seen(w.opening(), plan().from(w.wall(), w.along(), point)))
        .toList();
  }
}
