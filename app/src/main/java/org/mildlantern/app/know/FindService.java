package org.mildlantern.app.know;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;

/** Finds plants, taxa, signs and causes by any of their names. */
@Service
class FindService {
  private static final Words WORDS = Words.of(FindService.class);
  private static final int MISSED = 9;

  private final PlantService plants;
  private final CollectionMemo memo;
  private final List<Named> known;

  FindService(PlantService plants, CollectionMemo memo, Knowledge knowledge) {
    this.plants = plants;
    this.memo = memo;
    this.known = known(knowledge);
  }

  /** A find: kind, label, what else it is called, and where it leads. */
  record Hit(String kind, String label, String also, String href) {}

  /**
   * Something with its names.
   *
   * @param hit what is shown when it is found
   * @param rank of its kind
   * @param names in small letters
   */
  private record Named(Supplier<Hit> hit, int rank, List<String> names) {}

  private record Ranked(Named named, int rank) {}

  /**
   * All that is called so, the best first.
   *
   * @param page from 1, or null for the first
   */
  Paged<Hit> find(String words, Integer page, int size) {
    String wanted = words == null ? "" : words.strip().toLowerCase(Locale.ROOT);
    if (wanted.length() < 2 || wanted.length() > 80) {
      return Paged.of(List.of(), page, size);
    }
    List<Named> mine = memo.once(From.GROUND, "names-to-find", this::ofPlants);
    String inside = " " + wanted;
    List<Ranked> found =
        Stream.concat(mine.stream(), known.stream())
            .map(named -> new Ranked(named, named.rank() + best(named.names(), wanted, inside)))
            .filter(ranked -> ranked.rank() % 10 < MISSED)
            .sorted(Comparator.comparingInt(Ranked::rank))
            .toList();
    return Paged.of(found, page, size).map(ranked -> ranked.named().hit().get());
  }

  private static int best(List<String> names, String wanted, String inside) {
    int best = MISSED;
    for (String name : names) {
      int rank =
          name.startsWith(wanted) ? 0 : name.contains(inside) ? 1 : name.contains(wanted) ? 2 : 9;
      best = Math.min(best, rank);
    }
    return best;
  }

  private List<Named> ofPlants() {
    Map<String, List<String>> taxa = new HashMap<>();
    return Stream.concat(plants.byName().stream(), plants.archived().stream())
        .map(
            plant -> {
              List<String> names = new ArrayList<>(small(List.of(plant.name(), plant.code())));
              plant
                  .kind()
                  .taxon()
                  .ifPresent(
                      taxon ->
                          names.addAll(
                              taxa.computeIfAbsent(taxon.id(), id -> small(names(taxon)))));
              return new Named(() -> hit(plant), 0, names);
            })
        .toList();
  }

  private static Hit hit(PlantView plant) {
    String where =
        WORDS.say("plant", plant.code(), plant.place().name(), Words.yes(plant.archived()));
    return new Hit("plant", plant.name(), where, "/plants/" + plant.id());
  }

  private static List<String> names(Taxon taxon) {
    List<String> names = new ArrayList<>(List.of(taxon.name()));
    names.addAll(taxon.synonyms());
    names.addAll(taxon.common());
    return names;
  }

  private static List<Named> known(Knowledge knowledge) {
    List<Named> known = new ArrayList<>();
    knowledge
        .signs()
        .forEach(s -> known.add(named("sign", s.label(), s.words(), "/know/signs/" + s.id(), 10)));
    knowledge
        .causes()
        .forEach(c -> known.add(named("cause", c.label(), c.also(), "/know/causes/" + c.id(), 20)));
    knowledge
        .taxa()
        .forEach(
            t ->
                known.add(
                    new Named(
                        () ->
                            new Hit(
                                "kind of plant",
                                t.name(),
                                String.join(", ", t.synonyms()),
                                "/know/taxa/" + t.id()),
                        30,
                        small(names(t)))));
    knowledge
        .terms()
        .forEach(
            t ->
                known.add(
                    named(
                        "word",
                        t.label(),
                        t.whole() == null ? List.of() : List.of(t.whole()),
                        "/know#word-" + t.id(),
                        40)));
    return known;
  }

  private static Named named(
      String kind, String label, Collection<String> also, String href, int rank) {
    List<String> names = new ArrayList<>(List.of(label));
    names.addAll(also);
    Hit hit = new Hit(kind, label, String.join(", ", also), href);
    return new Named(() -> hit, rank, small(names));
  }

  private static List<String> small(Collection<String> names) {
    return names.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
  }
}
