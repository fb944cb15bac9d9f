package org.mildlantern.core.knowledge;

import java.text.Normalizer;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.words.Nearest;

/**
 * Names of kinds as people type them: accepted names, synonyms, common and trade names, usual
 * misspellings and short forms of genera, whatever the case, spacing, dots, hyphens and accents.
 */
final class Names {
  private static final int LONGEST = 80;
  private static final int MOST = 4;

  /** The share of its letters in which a name may differ from one that it is like. */
  private static final double UNLIKE = 0.25;

  /** A genus that is as like as a kind comes after it. */
  private static final double BY_GENUS = 0.01;

  private static final Pattern ACCENTS = Pattern.compile("\\p{M}");
  private static final Pattern MARKS = Pattern.compile("[×'’.\"]|\\bx\\b");

  /** Words after a name that only say what sort of plant it is. */
  private static final Pattern SORT = Pattern.compile(" (bonsai|plant|tree|hybrid)$");

  private static final Pattern BLANKS = Pattern.compile("[\\s-]+");

  private final Table<Taxon> taxa;
  private final Table<Called> called;
  private final Table<Asked> asked;
  private final Table<Short> shorts;
  private final Map<String, Taxon> byName = new LinkedHashMap<>();

  /** Accepted names and synonyms alone: what may stand for a genus before another word. */
  private final Map<String, Taxon> scientific;

  /** The kinds of a genus, by its name today. */
  private final Map<String, List<Taxon>> today;

  /** The kinds that stood in a genus once. */
  private final Map<String, Set<Taxon>> once = new HashMap<>();

  /**
   * What else a kind is called.
   *
   * @param id of the kind
   */
  record Called(String id, List<String> names) {}

  /**
   * A name that is given to several kinds, so that it is asked and never guessed.
   *
   * @param id the name, with hyphens between its words
   */
  record Asked(String id, List<String> kinds) {}

  /**
   * A short form of a genus.
   *
   * @param id the form, without its dot
   * @param kind id of a kind of the genus
   */
  record Short(String id, String kind) {}

  Names(Shelf shelf, Table<Taxon> taxa) {
    this.taxa = taxa;
    called = shelf.section("kind", "words/names.yaml", "called", Called.class);
    asked = shelf.section("name", "words/names.yaml", "asked", Asked.class);
    shorts = shelf.section("short form", "words/names.yaml", "short", Short.class);
    taxa.forEach(taxon -> byName.put(fold(taxon.name()), taxon));
    taxa.forEach(taxon -> taxon.synonyms().forEach(name -> add(name, taxon)));
    scientific = Map.copyOf(byName);
    today = taxa.stream().collect(Collectors.groupingBy(taxon -> fold(taxon.genus())));
    taxa.forEach(
        taxon ->
            taxon
                .synonyms()
                .forEach(
                    name ->
                        once.computeIfAbsent(
                                fold(name).split(" ")[0], genus -> new LinkedHashSet<>())
                            .add(taxon)));
    for (Called one : called) {
      shelf.refers(called, one.id(), "id", List.of(one.id()), taxa);
      taxa.find(one.id()).ifPresent(taxon -> call(shelf, taxon, one.names()));
    }
    taxa.forEach(taxon -> taxon.common().forEach(name -> add(name, taxon)));
    for (Asked one : asked) {
      shelf.refers(asked, one.id(), "kinds", one.kinds(), taxa);
    }
    for (Short one : shorts) {
      shelf.refers(shorts, one.id(), "kind", List.of(one.kind()), taxa);
    }
  }

  private void call(Shelf shelf, Taxon taxon, List<String> names) {
    for (String name : names) {
      Taxon other = byName.putIfAbsent(fold(name), taxon);
      if (other != null) {
        shelf.wrong(called, taxon.id(), "names", "“" + name + "” is a name of " + other.name());
      }
      if (asked.knows(fold(name).replace(' ', '-'))) {
        shelf.wrong(called, taxon.id(), "names", "“" + name + "” is asked");
      }
    }
  }

  private void add(String name, Taxon taxon) {
    byName.putIfAbsent(fold(name), taxon);
  }

  private static String fold(String name) {
    String lower = name.strip().toLowerCase(Locale.ROOT);
    String plain = ACCENTS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFD)).replaceAll("");
    return BLANKS.matcher(MARKS.matcher(plain).replaceAll("")).replaceAll(" ").strip();
  }

  /**
   * The kind of a name; empty for what is not known and for what must be asked. A name that is not
   * known but begins with a genus that is, today or once, finds the genus or the only kind of it.
   */
  Optional<Taxon> find(String name) {
    Matcher cross = CROSS.matcher(cut(name).strip());
    return cross.matches() ? ofCross(cross.group(1), cross.group(2)) : plain(name);
  }

  /** A cross of two kinds is of no known kind, but for their genus where they have the same. */
  private Optional<Taxon> ofCross(String seed, String pollen) {
    Optional<String> genus = find(seed).map(Taxon::genus);
    return genus
        .filter(one -> find(pollen).map(Taxon::genus).filter(one::equals).isPresent())
        .map(one -> scientific.get(fold(one)));
  }

  private Optional<Taxon> plain(String name) {
    String folded = whole(fold(cut(name)));
    return isOfSeveral(folded)
        ? Optional.empty()
        : Optional.ofNullable(byName.get(folded))
            .or(() -> genusOf(folded))
            .or(() -> Optional.ofNullable(byName.get(SORT.matcher(folded).replaceFirst(""))));
  }

  /** Whether it is a name of several kinds. */
  boolean isAsked(String name) {
    return isOfSeveral(whole(fold(cut(name))));
  }

  private boolean isOfSeveral(String folded) {
    return asked.knows(folded.replace(' ', '-'));
  }

  /** Two names with a cross between them; “Cattleya × dolosa” is one name. */
  private static final Pattern CROSS = Pattern.compile("(\\p{L}.*?) +[×xX] +(\\p{Lu}.*)");

  private static String cut(String name) {
    return name.length() <= LONGEST ? name : name.substring(0, LONGEST);
  }

  /** With the genus written out where its short form stands before a second word. */
  private String whole(String folded) {
    int blank = folded.indexOf(' ');
    return blank < 0
        ? folded
        : shorts
            .find(folded.substring(0, blank))
            .flatMap(one -> taxa.find(one.kind()))
            .map(kind -> fold(kind.genus()) + folded.substring(blank))
            .orElse(folded);
  }

  /** All names of a kind, those that it shares with others last. */
  List<String> of(Taxon taxon) {
    List<String> also = called.find(taxon.id()).map(Called::names).orElse(List.of());
    List<String> shared =
        asked.stream()
            .filter(one -> one.kinds().contains(taxon.id()))
            .map(one -> one.id().replace('-', ' '))
            .toList();
    return Stream.of(List.of(taxon.name()), taxon.synonyms(), taxon.common(), also, shared)
        .flatMap(List::stream)
        .distinct()
        .toList();
  }

  /** Whether it is a name of that very kind, and not only of its genus. */
  boolean isOf(Taxon taxon, String name) {
    return taxon.equals(byName.get(whole(fold(cut(name)))));
  }

  /**
   * Names that a typed one may stand for: the kinds that are called so, where these are several;
   * else, the likest first, kinds that differ in no more than a quarter of their letters, and
   * genera that are as like its first word.
   */
  List<String> like(String typed) {
    String folded = whole(fold(cut(typed)));
    if (isOfSeveral(folded)) {
      return asked.find(folded.replace(' ', '-')).orElseThrow().kinds().stream()
          .map(id -> taxa.find(id).orElseThrow().name())
          .toList();
    }
    Map<String, Double> unlike = new HashMap<>();
    for (Map.Entry<String, Taxon> known : byName.entrySet()) {
      unlike.merge(known.getValue().name(), unlike(folded, known.getKey()), Math::min);
      String genus = known.getValue().genus();
      unlike.merge(genus, unlike(folded.split(" ")[0], fold(genus)) + BY_GENUS, Math::min);
    }
    return unlike.entrySet().stream()
        .filter(name -> name.getValue() <= UNLIKE)
        .sorted(Map.Entry.<String, Double>comparingByValue().thenComparing(Map.Entry::getKey))
        .limit(MOST)
        .map(Map.Entry::getKey)
        .toList();
  }

  /** The same with what tells them apart. */
  List<NameChoice> choices(String typed, Table<GrowthForm> forms) {
    return like(typed).stream()
        .map(
            name -> find(name).map(taxon -> choice(name, taxon, forms)).orElse(NameChoice.of(name)))
        .toList();
  }

  private static NameChoice choice(String name, Taxon taxon, Table<GrowthForm> forms) {
    return new NameChoice(
        name,
        taxon.common().stream().findFirst().orElse(""),
        forms.find(taxon.form()).orElseThrow());
  }

  /** Letters that differ, as a share of the longer name's. */
  private static double unlike(String a, String b) {
    return (double) Nearest.distance(a, b) / Math.max(1, Math.max(a.length(), b.length()));
  }

  private Optional<Taxon> genusOf(String folded) {
    String genus = folded.split(" ")[0];
    Taxon entry = scientific.get(genus);
    if (entry != null) {
      return Optional.of(entry);
    }
    List<Taxon> now = today.getOrDefault(genus, List.of());
    if (!now.isEmpty()) {
      return now.size() == 1 ? Optional.of(now.get(0)) : Optional.empty();
    }
    Set<Taxon> then = once.getOrDefault(genus, Set.of());
    List<String> genera = then.stream().map(Taxon::genus).distinct().toList();
    return then.size() == 1
        ? then.stream().findFirst()
        : genera.size() == 1
            ? Optional.ofNullable(scientific.get(fold(genera.get(0))))
            : Optional.empty();
  }
}
