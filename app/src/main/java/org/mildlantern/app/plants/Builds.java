package org.mildlantern.app.plants;

import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Usual;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** How a plant of unknown kind may be built and live. */
@Component
public class Builds {
  private static final Words WORDS = Words.of(Builds.class);

  private final List<Build> all;

  Builds(Knowledge knowledge) {
    all = knowledge.usual().stream().map(usual -> build(usual, knowledge.kind(usual))).toList();
  }

  /** One of them: the growth form, and how it lives. */
  public record Build(String id, String form, String lives) {
    public String label() {
      return form + ": " + lives;
    }
  }

  private static Build build(Usual usual, Kind kind) {
    String lives =
        usual.label() == null
            ? WORDS.say("build.usual", kind.way().label().toLowerCase(Locale.ROOT))
            : usual.label();
    return new Build(usual.id(), kind.form().label(), lives);
  }

  List<Build> all() {
    return all;
  }

  public Map<String, List<Build>> byForm() {
    return all.stream()
        .collect(Collectors.groupingBy(Build::form, TreeMap::new, Collectors.toList()));
  }

  /** What each is called, by its id. */
  public Map<String, String> labels() {
    return all.stream()
        .collect(Collectors.toMap(Build::id, Build::label, (first, second) -> first, TreeMap::new));
  }

  Optional<Build> find(String id) {
    return all.stream().filter(build -> build.id().equals(id)).findFirst();
  }
}
