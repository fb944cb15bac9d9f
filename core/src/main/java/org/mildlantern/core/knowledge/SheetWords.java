package org.mildlantern.core.knowledge;

import java.text.Normalizer;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.sheet.Column;
import org.mildlantern.core.water.PotShape;

/** The words that growers put over the columns of their lists and into the cells. */
public final class SheetWords {
  private static final String FILE = "words/sheet.yaml";
  private static final Pattern ACCENTS = Pattern.compile("\\p{M}");
  private static final Pattern MARKS = Pattern.compile("[^\\p{L}\\p{N}✓✔?…–—-]+");
  private static final Set<String> FILLER =
      Set.of("and", "with", "in", "of", "the", "a", "plus", "some", "parts", "part", "mixed");

  private final Map<String, Column> headings;
  private final Map<String, PotMaterial> materials;
  private final Map<String, PotShape.Kind> shapes;
  private final Map<String, WaterGiven> waters;
  private final Map<String, Stage> stages;
  private final Map<String, Boolean> yesNo;
  private final Set<String> blanks;
  private final Map<String, PlaceKind> placeKinds;
  private final Map<String, String> mixes = new HashMap<>();

  /** One list: what is meant, and how it is written. */
  record Written(String id, List<String> names) {}

  SheetWords(Shelf shelf, Knowledge knowledge) {
    headings = read(shelf, "headings", id -> Column.valueOf(constant(id)));
    materials = read(shelf, "materials", id -> PotMaterial.valueOf(constant(id)));
    shapes = read(shelf, "shapes", id -> PotShape.Kind.valueOf(constant(id)));
    waters = read(shelf, "waters", id -> WaterGiven.valueOf(constant(id)));
    stages = read(shelf, "stages", id -> Stage.of(id).orElseThrow());
    yesNo = read(shelf, "yes-no", id -> id.equals("yes"));
    blanks = read(shelf, "blank", Function.identity()).keySet();
    placeKinds = read(shelf, "place-kinds", id -> PlaceKind.valueOf(constant(id)));
    Table<Written> mixed = shelf.section("mix", FILE, "mixes", Written.class);
    for (Written one : mixed) {
      shelf.refers(mixed, one.id(), "id", List.of(one.id()), knowledge.media());
      Stream.concat(
              one.names().stream(), knowledge.media().find(one.id()).map(Medium::label).stream())
          .forEach(name -> twice(shelf, mixed, one, name));
    }
  }

  private void twice(Shelf shelf, Table<Written> table, Written one, String name) {
    String other = mixes.putIfAbsent(mixKey(name), one.id());
    if (other != null && !other.equals(one.id())) {
      shelf.wrong(table, one.id(), "names", "“" + name + "” is also " + other);
    }
  }

  private static <T> Map<String, T> read(Shelf shelf, String section, Function<String, T> meant) {
    Map<String, T> words = new HashMap<>();
    Table<Written> table = shelf.section("word of a list", FILE, section, Written.class);
    for (Written one : table) {
      for (String name : one.names()) {
        if (words.putIfAbsent(fold(name), meant.apply(one.id())) != null) {
          shelf.wrong(table, one.id(), "names", "“" + name + "” stands twice");
        }
      }
    }
    return Map.copyOf(words);
  }

  private static String constant(String id) {
    return id.toUpperCase(Locale.ROOT).replace('-', '_');
  }

  private static String fold(String text) {
    String lower = text.strip().toLowerCase(Locale.ROOT).replace("#", " number ").replace("&", " ");
    String plain = ACCENTS.matcher(Normalizer.normalize(lower, Normalizer.Form.NFD)).replaceAll("");
    String bare = MARKS.matcher(plain.replace("'", "").replace("’", "")).replaceAll(" ").strip();
    return bare.matches("[?…–—-]+") ? bare : bare.replaceAll("[?…–—-]+", " ").strip();
  }

  /** The words of a mix in one order, without amounts. */
  private static String mixKey(String text) {
    return Arrays.stream(fold(text).split(" "))
        .filter(word -> !FILLER.contains(word) && !word.matches("\\d+"))
        .collect(Collectors.toCollection(TreeSet::new))
        .stream()
        .collect(Collectors.joining(" "));
  }

  private static <T> Optional<T> find(Map<String, T> words, String text) {
    return Optional.ofNullable(words.get(fold(text)));
  }

  /** What a column holds, by its heading without a unit. */
  public Optional<Column> column(String heading) {
    return find(headings, heading);
  }

  public Optional<PotMaterial> material(String text) {
    return find(materials, text);
  }

  public Optional<PotShape.Kind> shape(String text) {
    return find(shapes, text);
  }

  public Optional<WaterGiven> water(String text) {
    return find(waters, text);
  }

  public Optional<Stage> stage(String text) {
    return find(stages, text);
  }

  public Optional<Boolean> yesNo(String text) {
    return find(yesNo, text);
  }

  /** Whether a cell says that nothing is known. */
  public boolean isBlank(String text) {
    return text.isBlank() || blanks.contains(fold(text));
  }

  /** Id of the medium that a grower's words name, whatever their order. */
  public Optional<String> medium(String text) {
    return Optional.ofNullable(mixes.get(mixKey(text)));
  }

  /** The kind of place that a word of its name tells; indoors where none does. */
  public PlaceKind placeKind(String name) {
    return Arrays.stream(fold(name).split(" "))
        .flatMap(word -> Optional.ofNullable(placeKinds.get(word)).stream())
        .findFirst()
        .orElse(PlaceKind.INDOOR);
  }
}
