package org.mildlantern.app.know;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;

/** Finds plants, taxa, signs and causes by any of their names. */
@Service
class FindService {
  private static final Words WORDS = Words.of(FindService.class);

  private final PlantService plants;
  private final Knowledge knowledge;

  FindService(PlantService plants, Knowledge knowledge) {
    this.plants = plants;
    this.knowledge = knowledge;
  }

  /** A find: kind, label, what else it is called, and where it leads. */
  record Hit(String kind, String label, String also, String href, int rank) {}

  /** All that is called so, the best first. */
  List<Hit> find(String words) {
    String wanted = words == null ? "" : words.strip().toLowerCase(Locale.ROOT);
    if (wanted.length() < 2 || wanted.length() > 80) {
      return List.of();
    }
    List<Hit> hits = new ArrayList<>();
    plants
        .all()
        .forEach(
            p -> {
              List<String> names = new ArrayList<>(List.of(p.name(), p.code()));
              p.kind()
                  .taxon()
                  .ifPresent(
                      taxon -> {
                        names.add(taxon.name());
                        names.addAll(taxon.synonyms());
                        names.addAll(taxon.common());
                      });
              String where =
                  WORDS.say("plant", p.code(), p.place().name(), Words.yes(p.archived()));
              add(hits, "plant", p.name(), where, "/plants/" + p.id(), 0, names, wanted);
            });
    knowledge
        .signs()
        .forEach(
            s ->
                add(
                    hits,
                    "sign",
                    s.label(),
                    String.join(", ", s.words()),
                    "/know/signs/" + s.id(),
                    10,
                    concat(s.label(), s.words()),
                    wanted));
    knowledge
        .causes()
        .forEach(
            c ->
                add(
                    hits,
                    "cause",
                    c.label(),
                    String.join(", ", c.also()),
                    "/know/causes/" + c.id(),
                    20,
                    concat(c.label(), c.also()),
                    wanted));
    knowledge
        .taxa()
        .forEach(
            t ->
                add(
                    hits,
                    "kind of plant",
                    t.name(),
                    String.join(", ", t.synonyms()),
                    "/know/taxa/" + t.id(),
                    30,
                    Stream.concat(concat(t.name(), t.synonyms()).stream(), t.common().stream())
                        .toList(),
                    wanted));
    knowledge
        .terms()
        .forEach(
            t ->
                add(
                    hits,
                    "word",
                    t.label(),
                    t.whole() == null ? "" : t.whole(),
                    "/know#word-" + t.id(),
                    40,
                    t.whole() == null ? List.of(t.label()) : List.of(t.label(), t.whole()),
                    wanted));
    return hits.stream().sorted(Comparator.comparingInt(Hit::rank)).toList();
  }

  private static List<String> concat(String one, Collection<String> more) {
    return Stream.concat(Stream.of(one), more.stream()).toList();
  }

  private static void add(
      List<Hit> hits,
      String kind,
      String label,
      String also,
      String href,
      int rank,
      List<String> names,
      String wanted) {
    int best =
        names.stream()
            .map(n -> n.toLowerCase(Locale.ROOT))
            .mapToInt(
                n ->
                    n.startsWith(wanted)
                        ? 0
                        : n.contains(" " + wanted) ? 1 : n.contains(wanted) ? 2 : 9)
            .min()
            .orElse(9);
    if (best < 9) {
      hits.add(new Hit(kind, label, also, href, rank + best));
    }
  }
}
