package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Map;
import java.util.Set;

/** Fills up a kind's entry with what it takes from another entry and from its growth form. */
final class TaxonEntry {
  /** What belongs to one kind alone. */
  private static final Set<String> OWN =
      Set.of("id", "name", "rank", "like", "synonyms", "common", "parents");

  private TaxonEntry() {}

  static JsonNode complete(
      ObjectNode entry, Map<String, JsonNode> all, Map<String, JsonNode> usual) {
    ObjectNode full = entry.deepCopy();
    JsonNode like = all.get(entry.path("like").asText());
    if (like != null) {
      inherit(full, like);
    }
    JsonNode form = usual.get(full.path("form").asText());
    if (form != null) {
      inherit(full, ((ObjectNode) form.deepCopy()).without("way"));
    }
    return full;
  }

  private static void inherit(ObjectNode full, JsonNode from) {
    from.fields()
        .forEachRemaining(
            field -> {
              if (OWN.contains(field.getKey())) {
                return;
              }
              if (!full.has(field.getKey())) {
                full.set(field.getKey(), field.getValue());
              } else if (field.getKey().equals("prone")) {
                inherit((ObjectNode) full.get("prone"), field.getValue());
              }
            });
  }
}
