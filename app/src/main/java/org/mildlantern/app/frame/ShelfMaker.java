package org.mildlantern.app.frame;

import java.util.List;
import java.util.Map;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.Asking;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.app.web.Paged;
import org.mildlantern.app.web.Parts;
import org.springframework.stereotype.Component;

/** Lays out the shelf: all of a small collection, of a large one what is open. */
@Component
class ShelfMaker {
  /** Most plants, and most places, in one view; up to so many plants all places stand open. */
  private static final int ROOM = PlantService.AT_ONCE;

  private final RoundService rounds;
  private final Parts parts;
  private final CollectionMemo memo;

  ShelfMaker(RoundService rounds, Parts parts, CollectionMemo memo) {
    this.rounds = rounds;
    this.parts = parts;
    this.memo = memo;
  }

  /**
   * The shelf, written out.
   *
   * @param current id of the plant that the page is about, or null; its place stands open
   */
  String shelf(Board board, Shelf.Choice choice, Long current) {
    Shelf.View view = choice.byNeed() ? byNeed(board, current) : byPlace(board, choice, current);
    String shelf =
        memo.once(
            "shelf " + view, () -> parts.of("frame/shelf", "shelf", Map.of("s", lay(board, view))));
    return current == null ? shelf : current(shelf, "/plants/" + current);
  }

  private Shelf.View byNeed(Board board, Long current) {
    return new Shelf.View(true, null, holding(rounds.asking(board).plants(), current), 1);
  }

  private static Shelf.View byPlace(Board board, Shelf.Choice choice, Long current) {
    PlaceView stands =
        current == null ? null : board.plant(current).map(PlantView::place).orElse(null);
    Long open = stands == null ? choice.place() : stands.id();
    boolean there =
        folded(board) && board.places().stream().anyMatch(place -> place.id().equals(open));
    return new Shelf.View(
        false,
        there ? open : null,
        Paged.holding(board.places(), ROOM, place -> place.id().equals(open)),
        stands == null ? 1 : holding(board.in(stands), current));
  }

  private static boolean folded(Board board) {
    return board.plants().size() > ROOM;
  }

  private Shelf lay(Board board, Shelf.View view) {
    Asking asking = rounds.asking(board);
    return new Shelf(
        view.byNeed(),
        folded(board),
        asking.plants().size(),
        view.byNeed()
            ? null
            : Paged.of(board.places(), view.page(), ROOM)
                .map(place -> place(place, board, asking, view)),
        view.byNeed()
            ? Paged.of(asking.plants(), view.page(), ROOM).map(plant -> plant(plant, board))
            : null);
  }

  private static Shelf.Place place(PlaceView place, Board board, Asking asking, Shelf.View view) {
    List<PlantView> here = board.in(place);
    boolean open = !folded(board) || place.id().equals(view.place());
    return new Shelf.Place(
        place.id(),
        place.name(),
        place.air(),
        here.size(),
        asking.in(place.id()),
        open ? Paged.of(here, view.plants(), ROOM).map(plant -> plant(plant, board)) : null);
  }

  private static Shelf.Plant plant(PlantView plant, Board board) {
    Lamp lamp = board.lamp(plant);
    return new Shelf.Plant(plant.id(), plant.name(), lamp.id(), lamp.label());
  }

  private static int holding(List<PlantView> plants, Long current) {
    return Paged.holding(plants, ROOM, plant -> plant.id().equals(current));
  }

  /** The text with the link to a page marked as the one that is shown. */
  private static String current(String html, String path) {
    String link = "<a href=\"" + path + "\"";
    return html.replace(link, link + " aria-current=\"true\"");
  }
}
