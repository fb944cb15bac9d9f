package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import java.util.zip.CRC32;
import org.yaml.snakeyaml.Yaml;

/** Reads YAML lists of entries and checks each entry against its JSON Schema. */
final class KnowledgeReader {
  private static final ObjectMapper MAPPER =
      JsonMapper.builder().propertyNamingStrategy(PropertyNamingStrategies.KEBAB_CASE).build();

  private final Function<String, InputStream> files;
  private final JsonNode definitions;
  private final List<String> faults = new ArrayList<>();
  private final CRC32 edition = new CRC32();

  KnowledgeReader(Function<String, InputStream> files) {
    this.files = files;
    try (InputStream schema = open("schema/knowledge.schema.json")) {
      this.definitions = MAPPER.readTree(schema).get("$defs");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  List<String> faults() {
    return faults;
  }

  /** Fingerprint of all that was read. */
  String edition() {
    return "%08x".formatted(edition.getValue());
  }

  <T> List<T> entries(String file, String kind, Class<T> type) {
    return entries(file, document(file), kind, type);
  }

  /** Reads one named list out of a file that holds several. */
  <T> List<T> section(String file, String kind, Class<T> type) {
    return entries(file, document(file).path(kind), kind, type);
  }

  /**
   * Reads the kinds of plant: what an entry leaves out comes from the entry that it names in {@code
   * like}, and then from what is usual for its growth form.
   */
  List<Taxon> taxa(List<String> files) {
    Map<String, JsonNode> all = new LinkedHashMap<>();
    Map<String, JsonNode> documents = new LinkedHashMap<>();
    for (String file : files) {
      documents.put(file, document(file));
      documents.get(file).forEach(entry -> all.put(entry.path("id").asText(), entry));
    }
    Map<String, JsonNode> usual = new LinkedHashMap<>();
    for (JsonNode entry :
        checked("taxa/usual.yaml", document("taxa/usual.yaml"), "usual", "form")) {
      usual.put(entry.path("form").asText(), entry);
    }
    List<Taxon> taxa = new ArrayList<>();
    documents.forEach(
        (file, list) -> {
          var full = MAPPER.createArrayNode();
          list.forEach(entry -> full.add(TaxonEntry.complete(entry, all, usual)));
          taxa.addAll(entries(file, full, "taxa", Taxon.class));
        });
    return taxa;
  }

  private <T> List<T> entries(String file, JsonNode list, String kind, Class<T> type) {
    List<T> found = new ArrayList<>();
    for (JsonNode entry : checked(file, list, kind, "id")) {
      found.add(MAPPER.convertValue(entry, type));
    }
    return found;
  }

  private List<JsonNode> checked(String file, JsonNode list, String kind, String key) {
    JsonSchema schema = schema(kind);
    List<JsonNode> sound = new ArrayList<>();
    for (JsonNode entry : list) {
      String id = entry.path(key).asText("?");
      var messages = schema.validate(MAPPER.createArrayNode().add(entry));
      for (ValidationMessage message : messages) {
        faults.add(
            file + ": " + id + ": " + message.getMessage().replaceFirst("^\\$\\[0]\\.?", ""));
      }
      if (messages.isEmpty()) {
        sound.add(entry);
      }
    }
    return sound;
  }

  private JsonNode document(String file) {
    try (InputStream in = open(file)) {
      byte[] text = in.readAllBytes();
      edition.update(text);
      Object yaml = new Yaml().load(new String(text, StandardCharsets.UTF_8));
      return MAPPER.valueToTree(yaml);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private JsonSchema schema(String kind) {
    var root = MAPPER.createObjectNode();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("$ref", "#/$defs/" + kind);
    root.set("$defs", definitions);
    return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
        .getSchema(SchemaLocation.of("urn:mild-lantern:" + kind), root);
  }

  private InputStream open(String file) {
    InputStream in = files.apply(file);
    if (in == null) {
      throw new IllegalStateException("Knowledge file is missing: " + file);
    }
    return in;
  }
}
