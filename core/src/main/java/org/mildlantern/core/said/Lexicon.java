package org.mildlantern.core.said;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Wording;

/**
 * The words by which keepers name signs, places and circumstances, ready to be looked up by stem.
 *
 * <p>A phrase such as {@code leaf/ brown|black spot} needs its words in one clause, in any order,
 * but those tied by {@code _} one after the other; {@code |} parts words of which one will do,
 * {@code @name} stands for any word of a place, {@code ~name} for any of a class of words, and what
 * stands before the slash is the part that is spoken of.
 */
final class Lexicon {
  private static final Pattern SPACE = Pattern.compile("\\s+");

  private static final double PART = 0.5;
  private static final double OPEN = 0.75;
  private static final double TRAIT = 0.1;
  private static final double FIRST = 9;
  static final String IDIOM = "idiom";

  private final Tokens tokens;
  private final Map<String, Set<String>> subjects = new HashMap<>();
  private final Map<String, Set<String>> places = new HashMap<>();
  private final Map<String, List<Phrase>> byStem = new HashMap<>();
  private final List<Phrase> all = new ArrayList<>();
  private final Map<String, List<String>> classes = new HashMap<>();

  /** Words that may stand for a word of a phrase, by stem. */
  private final Map<String, Set<String>> standIns = new HashMap<>();

  private final Set<String> filler = new HashSet<>();
  private final Set<String> words = new HashSet<>();
  private final Map<String, List<String>> open = new HashMap<>();
  private final Set<String> traits = new HashSet<>();

  Lexicon(Knowledge knowledge, Tokens tokens) {
    this.tokens = tokens;
    knowledge.openWords().forEach(word -> open.put(word.id(), word.meant()));
    knowledge.signs().stream()
        .filter(sign -> sign.of() != null)
        .forEach(sign -> traits.add(sign.id()));
    knowledge.wording().subjects().forEach(one -> put(subjects, one));
    knowledge.wording().places().forEach(one -> put(places, one));
    knowledge.wording().filler().forEach(one -> one.say().forEach(w -> filler.add(tokens.stem(w))));
    knowledge.wording().classes().forEach(one -> classes.put(one.id(), one.say()));
    knowledge.wording().alike().forEach(one -> one.say().forEach(w -> standIn(w, one.say())));
    knowledge.wording().sorts().forEach(one -> standIn(one.id(), one.say()));
    knowledge.wording().idioms().forEach(one -> one.say().forEach(say -> add(IDIOM, say)));
    knowledge.wording().says().forEach(one -> one.say().forEach(say -> add(one.id(), say)));
    knowledge.signs().forEach(sign -> phrases(sign.id(), sign.words(), knowledge));
    knowledge.openWords().forEach(word -> phrases(word.id(), word.words(), knowledge));
    index();
  }

  /** Words of a sign for which no phrases were gathered; single ones are too open to be read. */
  private void phrases(String id, List<String> words, Knowledge knowledge) {
    if (!knowledge.wording().says().has(id)) {
      words.stream().filter(say -> tokens.of(say).size() > 1).forEach(say -> add(id, say));
    }
  }

  private void standIn(String word, List<String> others) {
    Set<String> stems = standIns.computeIfAbsent(tokens.stem(word), s -> new HashSet<>());
    others.forEach(other -> stems.add(tokens.stem(other)));
  }

  private void put(Map<String, Set<String>> into, Wording.Say one) {
    one.say()
        .forEach(
            word -> into.computeIfAbsent(tokens.stem(word), s -> new HashSet<>()).add(one.id()));
  }

  /**
   * A compiled phrase.
   *
   * @param id of the sign, the open word or, when it tells a circumstance, the field
   * @param told the field's value, or null when it names a sign
   * @param subject the part that is spoken of, or null
   * @param items words of which each needs one of its stems
   * @param next numbers of the items that must stand right after the one before them
   * @param marks of each item's words, to rule it out fast
   * @param weight what says more goes first; a part tells less than what is said of it, and a word
   *     that can mean several signs less than one that means one
   */
  record Phrase(
      String id,
      Reading.Value told,
      String subject,
      List<Set<String>> items,
      Set<Integer> next,
      double weight,
      long[] marks) {
    /** Whether each of its items has a word with one of these marks. */
    boolean mayStandIn(long around) {
      for (long item : marks) {
        if ((item & around) == 0) {
          return false;
        }
      }
      return true;
    }

    boolean isIdiom() {
      return id.equals(IDIOM);
    }

    /** The sign, or the circumstance as {@code field=value}. */
    String name() {
      return told == null ? id : id + "=" + told;
    }

    /** What it says; two signs with the same words are said together. */
    Object words() {
      return subject == null ? items : List.of(subject, items);
    }
  }

  private void add(String id, String say) {
    int slash = say.indexOf('/');
    String subject = slash < 0 ? null : say.substring(0, slash).strip();
    List<Set<String>> items = new ArrayList<>();
    Set<Integer> next = new HashSet<>();
    for (String word : SPACE.split(say.substring(slash + 1).strip())) {
      String[] row = word.split("_");
      for (int i = 0; i < row.length; i++) {
        if (i > 0) {
          next.add(items.size());
        }
        item(row[i], items, !id.equals(IDIOM));
      }
    }
    String[] told = id.split("=", 2);
    Reading.Value value = told.length == 1 ? null : Reading.Value.written(told[0], told[1]);
    double words =
        items.stream().mapToDouble(item -> subjects.keySet().containsAll(item) ? PART : 1).sum();
    double weight =
        words
            + (subject == null ? 0 : PART)
            + (traits.contains(id) ? TRAIT : 0)
            + (id.equals(IDIOM) ? FIRST : 0)
            - (open.containsKey(id) ? OPEN : 0);
    all.add(
        new Phrase(
            told[0], value, subject, List.copyOf(items), Set.copyOf(next), weight, marks(items)));
  }

  private static long[] marks(List<Set<String>> items) {
    return items.stream()
        .mapToLong(item -> item.stream().mapToLong(Lexicon::mark).reduce(0, (a, b) -> a | b))
        .toArray();
  }

  /** One of 64 marks; other words may have it too. */
  static long mark(String stem) {
    return 1L << stem.hashCode();
  }

  /** The marks under which phrases may want a word. */
  long marks(Token token) {
    return mark(token.stem()) | (words.contains(token.asItStands()) ? mark(token.asItStands()) : 0);
  }

  /** A word of a phrase, or words of which one will do. */
  private void item(String word, List<Set<String>> items, boolean widely) {
    if (word.startsWith(Tokens.AS_IT_STANDS)) {
      items.add(Set.of(word));
      return;
    }
    if (word.indexOf('|') < 0 && !word.startsWith("@") && !word.startsWith("~")) {
      tokens.of(word).forEach(token -> items.add(widen(Set.of(token.stem()), widely)));
      return;
    }
    Set<String> stems = new HashSet<>();
    for (String one : word.split("\\|")) {
      if (one.startsWith("~")) {
        classes.getOrDefault(one.substring(1), List.of()).forEach(w -> stems.add(tokens.stem(w)));
      } else if (one.startsWith("@")) {
        places.forEach(
            (stem, names) -> {
              if (names.contains(one.substring(1))) {
                stems.add(stem);
              }
            });
      } else {
        stems.add(tokens.stem(one));
      }
    }
    items.add(widen(stems, widely));
  }

  private Set<String> widen(Set<String> stems, boolean widely) {
    if (!widely || stems.stream().noneMatch(standIns::containsKey)) {
      return stems;
    }
    Set<String> all = new HashSet<>(stems);
    stems.forEach(stem -> all.addAll(standIns.getOrDefault(stem, Set.of())));
    return all;
  }

  /** Looks each phrase up by that of its words which fewest others have. */
  private void index() {
    Map<String, Integer> uses = new HashMap<>();
    all.forEach(p -> p.items().forEach(item -> item.forEach(s -> uses.merge(s, 1, Integer::sum))));
    words.addAll(uses.keySet());
    for (Phrase phrase : all) {
      phrase.items().stream()
          .min(Comparator.comparingInt(item -> item.stream().mapToInt(uses::get).sum()))
          .orElseThrow()
          .forEach(stem -> byStem.computeIfAbsent(stem, s -> new ArrayList<>()).add(phrase));
    }
  }

  List<Phrase> all() {
    return all;
  }

  /** The stems by which a part is called. */
  List<String> namesOf(String part) {
    return subjects.entrySet().stream()
        .filter(one -> one.getValue().contains(part))
        .map(Map.Entry::getKey)
        .sorted()
        .toList();
  }

  /** All words in which each sign is said. */
  Map<String, Set<String>> wordsBySign() {
    return all.stream()
        .collect(
            Collectors.groupingBy(
                Phrase::id,
                Collectors.flatMapping(
                    phrase -> phrase.items().stream().flatMap(Set::stream), Collectors.toSet())));
  }

  /** Those that are looked up by a word's stem or by the word as it stands. */
  List<Phrase> phrases(String stem, String word) {
    List<Phrase> ofWord = byStem.get(word);
    List<Phrase> ofStem = byStem.getOrDefault(stem, List.of());
    return ofWord == null ? ofStem : Stream.concat(ofStem.stream(), ofWord.stream()).toList();
  }

  /** Of an open word what it can mean. */
  List<String> meant(String id) {
    return open.getOrDefault(id, List.of());
  }

  Set<String> subjects(String stem) {
    return subjects.getOrDefault(stem, Set.of());
  }

  Set<String> places(String stem) {
    return places.getOrDefault(stem, Set.of());
  }

  /** Whether it is a word of any phrase, part or place, or says nothing. */
  boolean isKnown(String stem) {
    return isFiller(stem)
        || words.contains(stem)
        || subjects.containsKey(stem)
        || places.containsKey(stem);
  }

  boolean isFiller(String stem) {
    return filler.contains(stem) || stem.length() < 2;
  }
}
