package org.mildlantern.app.know;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.IdentityHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;

/** Finds plants, taxa, signs and causes by any of their names. */
@Service
class FindService {
  private static final Words WORDS = Words.of(FindService.class);
  private static final int MISSED = 9;
  private static final int BY_SAYING = 4;

  private final PlantService plants;
  private final CollectionMemo memo;
  private final Knowledge knowledge;
  private final Reader reader;
  private final List<Named> known;

  /** By the words that each is said with, once somebody looks for one. */
  private volatile Map<Named, Set<String>> said;

  FindService(
      PlantService plants,
      CollectionMemo memo,
      Knowledge knowledge,
      Remedies remedies,
      Reader reader) {
    this.plants = plants;
    this.memo = memo;
    this.knowledge = knowledge;
    this.reader = reader;
    this.known = known(remedies);
  }

  /** A find: kind, label, what else it is called, and where it leads. */
  record Hit(String kind, String label, String also, String href) {}

  /**
   * Something with its names.
   *
   * @param hit what is shown when it is found
   * @param rank of its kind
   * @param names in small letters
   * @param sign id of the sign that it is, or null
   */
  private record Named(Supplier<Hit> hit, int rank, List<String> names, String sign) {}

  private record Ranked(Named named, int rank) {
    Ranked bySaying() {
      return new Ranked(named, named.rank() + BY_SAYING);
    }
  }

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
    Set<String> stems = reader.stems(wanted);
    Map<Named, Set<String>> bySaying = said();
    List<Named> mine = memo.once(From.GROUND, "names-to-find", this::ofPlants);
    String inside = " " + wanted;
    List<Ranked> found =
        Stream.concat(mine.stream(), known.stream())
            .map(named -> new Ranked(named, named.rank() + best(named.names(), wanted, inside)))
            .map(one -> missed(one) && isSaid(bySaying, one.named(), stems) ? one.bySaying() : one)
            .filter(ranked -> !missed(ranked))
            .sorted(Comparator.comparingInt(Ranked::rank))
            .toList();
    return Paged.of(found, page, size).map(ranked -> ranked.named().hit().get());
  }

  private static boolean missed(Ranked ranked) {
    return ranked.rank() % 10 == MISSED;
  }

  /** Whether all words are among those that it is said with, in whatever form. */
  private static boolean isSaid(Map<Named, Set<String>> said, Named named, Set<String> stems) {
    return !stems.isEmpty() && said.getOrDefault(named, Set.of()).containsAll(stems);
  }

  private Map<Named, Set<String>> said() {
    Map<Named, Set<String>> now = said;
    if (now == null) {
      Map<String, Set<String>> phrases = reader.wordsBySign();
      now = new IdentityHashMap<>();
      for (Named named : known) {
        Set<String> stems = new HashSet<>(reader.stems(String.join(", ", named.names())));
        stems.addAll(phrases.getOrDefault(named.sign(), Set.of()));
        now.put(named, stems);
      }
      said = now;
    }
    return now;
  }

  /** Names that what was not found may be meant for; each is found. */
  List<String> like(String words) {
    return words == null || words.isBlank() ? List.of() : knowledge.namesLike(words);
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
                              taxa.computeIfAbsent(
                                  taxon.id(), id -> small(knowledge.namesOf(taxon)))));
              return new Named(() -> hit(plant), 0, names, null);
            })
        .toList();
  }

  private static Hit hit(PlantView plant) {
    String where =
        WORDS.say("plant", plant.code(), plant.place().name(), Words.yes(plant.archived()));
    return new Hit("plant", plant.name(), where, "/plants/" + plant.id());
  }

  private List<Named> known(Remedies remedies) {
    List<Named> known = new ArrayList<>();
    knowledge
        .signs()
        .forEach(
            s -> {
              Hit hit =
                  new Hit("sign", s.label(), String.join(", ", s.words()), "/know/signs/" + s.id());
              List<String> names = new ArrayList<>(List.of(s.label()));
              names.addAll(s.words());
              known.add(new Named(() -> hit, 10, small(names), s.id()));
            });
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
                        small(knowledge.namesOf(t)),
                        null)));
    knowledge
        .changes()
        .forEach(
            c -> known.add(named("change", c.label(), List.of(), "/know/changes/" + c.id(), 40)));
    remedies
        .means()
        .forEach(
            m ->
                known.add(
                    named(
                        "means",
                        m.label(),
                        m.group().equals("none") ? List.of() : List.of(m.group()),
                        "/know/means/" + m.id(),
                        40)));
    for (Shortcut page : Shortcut.values()) {
      known.add(named("page", page.label(), page.words(), page.href(), 40));
    }
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
                        50)));
    return known;
  }

  private static Named named(
      String kind, String label, Collection<String> also, String href, int rank) {
    List<String> names = new ArrayList<>(List.of(label));
    names.addAll(also);
    Hit hit = new Hit(kind, label, String.join(", ", also), href);
    return new Named(() -> hit, rank, small(names), null);
  }

  private static List<String> small(Collection<String> names) {
    return names.stream().map(name -> name.toLowerCase(Locale.ROOT)).toList();
  }
}
