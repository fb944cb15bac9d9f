package org.mildlantern.core.knowledge;

import java.util.List;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;

/**
 * The words of keepers: how they name parts, places, signs and circumstances, and what they say
 * besides.
 */
public final class Wording {
  private static final String FILE = "words/english.yaml";

  private final Table<Say> shorthand;
  private final Table<Say> inflections;
  private final Table<Say> particles;
  private final Table<Say> subjects;
  private final Table<Say> places;
  private final Table<Say> classes;
  private final Table<Say> alike;
  private final Table<Say> sorts;
  private final Table<Say> idioms;
  private final Table<Say> says;
  private final Table<Say> filler;

  /**
   * One thing and the ways to say it.
   *
   * @param id of a sign or an open word, or {@code field=value}; in the other sections a name
   */
  public record Say(String id, List<String> say) {}

  Wording(Shelf shelf) {
    shorthand = shelf.section("word", FILE, "shorthand", Say.class);
    inflections = shelf.section("word", FILE, "inflections", Say.class);
    particles = shelf.section("particle", FILE, "particles", Say.class);
    subjects = shelf.section("subject", FILE, "subjects", Say.class);
    places = shelf.section("place", FILE, "places", Say.class);
    alike = shelf.section("word", FILE, "alike", Say.class);
    sorts = shelf.section("word", FILE, "sorts", Say.class);
    idioms = shelf.section("idiom", FILE, "idioms", Say.class);
    classes = shelf.section("class", FILE, "classes", Say.class);
    says = shelf.section("phrase", FILE, "says", Say.class);
    filler = shelf.section("filler", FILE, "filler", Say.class);
  }

  /** All that is said anywhere. */
  public Stream<Say> all() {
    return Stream.of(
            inflections, particles, subjects, places, alike, sorts, idioms, classes, says, filler)
        .flatMap(Table::stream);
  }

  void check(Shelf shelf, Knowledge knowledge) {
    for (Say say : says) {
      int is = say.id().indexOf('=');
      if (is < 0 && !knowledge.signs().knows(say.id()) && !knowledge.openWords().knows(say.id())) {
        shelf.missing(says, say.id(), "id", say.id(), "sign “" + say.id() + "”");
      }
      if (is >= 0 && !fits(say.id(), is, knowledge)) {
        shelf.wrong(says, say.id(), "id", "is no value of a field");
      }
      for (String phrase : say.say()) {
        int slash = phrase.indexOf('/');
        if (slash >= 0 && !subjects.has(phrase.substring(0, slash).strip())) {
          shelf.wrong(says, say.id(), "say", "“" + phrase + "” speaks of no known subject");
        }
      }
    }
  }

  private static boolean fits(String id, int is, Knowledge knowledge) {
    String field = id.substring(0, is);
    List<String> values = List.of(id.substring(is + 1).split("\\|"));
    return knowledge.fields().knows(field)
        && knowledge
            .fields()
            .find(field)
            .map(
                f ->
                    f.list()
                        ? values.stream().allMatch(knowledge.causes()::knows)
                        : f.values().containsAll(values))
            .orElse(true);
  }

  /** Words and how they are cut short or run together. */
  public Table<Say> shorthand() {
    return shorthand;
  }

  /** Forms of a word that no rule leads back to it. */
  public Table<Say> inflections() {
    return inflections;
  }

  /** Words that deny, doubt, ask or turn to something else; none when there are no such. */
  public List<String> particles(String id) {
    return particles.find(id).map(Say::say).orElse(List.of());
  }

  public Table<Say> subjects() {
    return subjects;
  }

  public Table<Say> places() {
    return places;
  }

  /** Words that say much the same. */
  public Table<Say> classes() {
    return classes;
  }

  /** Words of which each may stand for each of its row in a phrase. */
  public Table<Say> alike() {
    return alike;
  }

  /** Words that say the same and more: “lemon” where a phrase says yellow, not the other way. */
  public Table<Say> sorts() {
    return sorts;
  }

  /** Turns of phrase that tell nothing. */
  public Table<Say> idioms() {
    return idioms;
  }

  public Table<Say> says() {
    return says;
  }

  public Table<Say> filler() {
    return filler;
  }
}
