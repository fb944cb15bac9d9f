package org.mildlantern.core.light;

import com.fasterxml.jackson.core.JsonParser;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.dataformat.yaml.YAMLFactory;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.season.LightClass;

/** The light that kinds wish: by kind, else by genus, else by the word that stands for it. */
public final class Wishes {
  private static final Wishes SHIPPED = read();

  private final Map<LightClass, Wish> words;
  private final Map<String, Wish> kinds;

  private Wishes(Map<LightClass, Wish> words, Map<String, Wish> kinds) {
    this.words = words;
    this.kinds = kinds;
  }

  /** As written in {@code knowledge/light.yaml}. */
  private record File(Map<String, List<Double>> words, List<Line> kinds) {}

  /** Ids of kinds and names of genera that wish the same. */
  private record Line(List<String> of, List<Double> dli) {}

  public static Wishes shipped() {
    return SHIPPED;
  }

  private static Wishes read() {
    ObjectMapper yaml =
        new ObjectMapper(new YAMLFactory().enable(JsonParser.Feature.STRICT_DUPLICATE_DETECTION));
    try (InputStream in = Wishes.class.getResourceAsStream("/knowledge/light.yaml")) {
      File file = yaml.readValue(in, File.class);
      Map<LightClass, Wish> words = new HashMap<>();
      file.words().forEach((word, dli) -> words.put(LightClass.of(word), wish(dli)));
      Map<String, Wish> kinds = new HashMap<>();
      for (Line line : file.kinds()) {
        for (String of : line.of()) {
          if (kinds.put(of, wish(line.dli())) != null) {
            throw new IllegalStateException("knowledge/light.yaml: '" + of + "' stands twice");
          }
        }
      }
      return new Wishes(words, kinds);
    } catch (IOException e) {
      throw new UncheckedIOException("knowledge/light.yaml", e);
    }
  }

  private static Wish wish(List<Double> dli) {
    return new Wish(dli.get(0), dli.get(1));
  }

  /** All that is named. */
  Set<String> named() {
    return kinds.keySet();
  }

  /** What a kind wishes; empty while it is not known what it is. */
  public Optional<Wish> of(Kind kind) {
    return kind.taxon()
        .map(
            taxon ->
                Stream.of(taxon.id(), taxon.genus())
                    .filter(kinds::containsKey)
                    .findFirst()
                    .map(kinds::get)
                    .orElseGet(() -> words.get(LightClass.of(taxon.light()))));
  }
}
