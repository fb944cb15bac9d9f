package org.mildlantern.app.figure;

import com.fasterxml.jackson.core.type.TypeReference;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Sign;
import org.springframework.stereotype.Component;

/** The drawn plates of pests, spots and roots. */
@Component
public class Plates {
  private final List<Plate> all;

  Plates(Knowledge knowledge) {
    all = FigureFiles.read("plates", new TypeReference<List<Plate>>() {});
    for (Plate plate : all) {
      plate.causes().forEach(id -> require(knowledge.causes().find(id).isPresent(), plate, id));
      plate.signs().forEach(id -> require(knowledge.signs().find(id).isPresent(), plate, id));
    }
  }

  private static void require(boolean known, Plate plate, String id) {
    if (!known) {
      throw new IllegalStateException("figures/plates.yaml: " + plate.id() + ": no '" + id + "'");
    }
  }

  /** All of them by family, in the order of the file. */
  public Map<String, List<Plate>> byFamily() {
    return all.stream()
        .collect(Collectors.groupingBy(Plate::family, LinkedHashMap::new, Collectors.toList()));
  }

  public List<Plate> of(Cause cause) {
    return all.stream().filter(plate -> plate.causes().contains(cause.id())).toList();
  }

  public List<Plate> of(Sign sign) {
    return all.stream().filter(plate -> plate.signs().contains(sign.id())).toList();
  }
}
