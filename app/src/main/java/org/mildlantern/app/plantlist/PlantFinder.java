package org.mildlantern.app.plantlist;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.today.Board;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.app.today.RoundService;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.plant.Group;
import org.mildlantern.core.round.Agenda;
import org.springframework.stereotype.Component;

/** Finds and sorts the plants that a query asks for, out of the board that is read once. */
@Component
class PlantFinder {
  /** Days ahead whose work is looked at. */
  private static final int AHEAD = 60;

  private final RoundService rounds;
  private final Knowledge knowledge;
  private final CollectionMemo memo;
  private final Scope scope;
  private final Map<Taxon, String> names = new ConcurrentHashMap<>();

  PlantFinder(RoundService rounds, Knowledge knowledge, CollectionMemo memo, Scope scope) {
    this.rounds = rounds;
    this.knowledge = knowledge;
    this.memo = memo;
    this.scope = scope;
  }

  /**
   * A row of the list.
   *
   * @param next day of the next work on it, or null when none comes in the days that are looked at
   */
  record Row(PlantView plant, Lamp lamp, LocalDate next) {}

  /** All kept plants that the query asks for, in its order. */
  List<Row> find(PlantQuery query) {
    return memo.lately("plantlist " + query.text(), () -> work(query));
  }

  private List<Row> work(PlantQuery query) {
    Board board = rounds.board();
    Map<Long, LocalDate> next = memo.once("next-work", () -> next(board));
    LocalDate last = query.due() == null ? null : scope.today().plusDays(query.due().days());
    List<String> words = List.of(query.q().toLowerCase(Locale.ROOT).split("\\s+"));
    return board.plants().stream()
        .filter(plant -> fits(plant, query))
        .filter(plant -> query.lamp() == null || board.lamp(plant) == query.lamp())
        .filter(plant -> query.q().isEmpty() || words.stream().allMatch(told(plant)::contains))
        .map(plant -> new Row(plant, board.lamp(plant), next.get(plant.id())))
        .filter(row -> last == null || row.next() != null && !row.next().isAfter(last))
        .sorted(order(query.sort()))
        .toList();
  }

  private static boolean fits(PlantView plant, PlantQuery query) {
    Kind kind = plant.kind();
    return (query.place() == null || plant.place().id().equals(query.place()))
        && (query.group() == null || Group.of(plant.form()) == query.group())
        && (query.way().isEmpty() || kind.way().id().equals(query.way()))
        && (query.kind().isEmpty() || genus(plant).equalsIgnoreCase(query.kind()));
  }

  /** Its genus; the name of a plant whose kind is not known. */
  static String genus(PlantView plant) {
    return plant.kind().taxon().map(Taxon::genus).orElse(plant.name());
  }

  private String told(PlantView plant) {
    String all =
        plant.kind().taxon().map(taxon -> names.computeIfAbsent(taxon, this::allNames)).orElse("");
    return String.join(
            "\n",
            plant.name(),
            plant.code(),
            plant.place().name(),
            plant.form().label(),
            plant.notes())
        .toLowerCase(Locale.ROOT)
        .concat(all);
  }

  private String allNames(Taxon taxon) {
    return "\n" + String.join("\n", knowledge.namesOf(taxon)).toLowerCase(Locale.ROOT);
  }

  private Map<Long, LocalDate> next(Board board) {
    Map<Long, LocalDate> next = new HashMap<>();
    for (int ahead = 0; ahead <= AHEAD; ahead++) {
      LocalDate day = board.today().plusDays(ahead);
      for (Agenda.Task<RoundSource.Due> task : board.agenda().on(day)) {
        next.putIfAbsent(task.work().plant().id(), day);
      }
    }
    return next;
  }

  private static Comparator<Row> order(PlantQuery.Order sort) {
    Comparator<Row> name =
        Comparator.comparing((Row row) -> row.plant().name().toLowerCase(Locale.ROOT))
            .thenComparing(row -> row.plant().code());
    return switch (sort) {
      case NAME -> name;
      case CODE -> Comparator.comparing((Row row) -> row.plant().code().toLowerCase(Locale.ROOT));
      case PLACE -> (one, other) -> 0;
      case NEED -> Comparator.comparing((Row row) -> row.lamp().rank()).thenComparing(name);
      case DUE -> byDay(Row::next, Comparator.naturalOrder()).thenComparing(name);
      case ARRIVED ->
          byDay((Row row) -> row.plant().arrivedOn(), Comparator.reverseOrder())
              .thenComparing(name);
      case REPOTTED ->
          byDay((Row row) -> row.plant().mediumSince(), Comparator.naturalOrder())
              .thenComparing(name);
    };
  }

  private static Comparator<Row> byDay(
      java.util.function.Function<Row, LocalDate> day, Comparator<LocalDate> order) {
    return Comparator.comparing(day, Comparator.nullsLast(order));
  }
}
