package org.mildlantern.core.knowledge.load;

import com.fasterxml.jackson.core.JsonProcessingException;
import com.fasterxml.jackson.databind.JsonMappingException;
import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.PropertyNamingStrategies;
import com.fasterxml.jackson.databind.json.JsonMapper;
import com.networknt.schema.JsonSchema;
import com.networknt.schema.JsonSchemaFactory;
import com.networknt.schema.SchemaLocation;
import com.networknt.schema.SpecVersion;
import com.networknt.schema.ValidationMessage;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import java.util.stream.StreamSupport;
import java.util.zip.CRC32;

/** Makes {@link Table}s of the entries in a folder, and gathers what is wrong with them. */
public final class Shelf {
  private static final String SCHEMA = "schema/knowledge.schema.json";
  private static final ObjectMapper MAPPER =
      JsonMapper.builder().propertyNamingStrategy(PropertyNamingStrategies.KEBAB_CASE).build();

  private final Files files;
  private final JsonNode definitions;
  private final Faults faults = new Faults();
  private final Map<String, Document> documents = new LinkedHashMap<>();

  public Shelf(Files files) {
    this.files = files;
    try {
      this.definitions = MAPPER.readTree(files.texts().get(SCHEMA)).get("$defs");
    } catch (JsonProcessingException e) {
      throw new IllegalStateException("cannot read " + SCHEMA, e);
    }
  }

  public Faults faults() {
    return faults;
  }

  /** Fingerprint of the files whose path is one of those meant. */
  public String fingerprint(Predicate<String> path) {
    CRC32 sum = new CRC32();
    files
        .texts()
        .forEach(
            (name, text) -> {
              if (name.endsWith(".yaml") && path.test(name)) {
                sum.update(name.getBytes(StandardCharsets.UTF_8));
                sum.update(text.getBytes(StandardCharsets.UTF_8));
              }
            });
    return "%08x".formatted(sum.getValue());
  }

  /** The entries of a file, or of all files in a folder. */
  public <T> Table<T> table(String what, String path, String schema, Class<T> type) {
    return table(what, path, schema, type, UnaryOperator.identity());
  }

  /**
   * The same, each entry completed before it is checked.
   *
   * @param complete given an entry as it stands
   */
  public <T> Table<T> table(
      String what, String path, String schema, Class<T> type, UnaryOperator<JsonNode> complete) {
    Table<T> table = new Table<>(what);
    for (Document document : documents(path)) {
      fill(table, document, document.root(), schema, type, complete);
    }
    return table;
  }

  /** One named list out of a file that holds several. */
  public <T> Table<T> section(String what, String file, String section, Class<T> type) {
    Table<T> table = new Table<>(what);
    for (Document document : documents(file)) {
      JsonNode list = document.broken() ? document.root() : document.root().path(section);
      fill(table, document, list, section, type, UnaryOperator.identity());
    }
    return table;
  }

  /** The entries as they stand, by id. */
  public Map<String, JsonNode> raw(String path) {
    Map<String, JsonNode> raw = new LinkedHashMap<>();
    for (Document document : documents(path)) {
      document.root().forEach(entry -> raw.putIfAbsent(entry.path("id").asText(), entry));
    }
    return raw;
  }

  private List<Document> documents(String path) {
    List<Document> found = new ArrayList<>();
    files
        .below(path)
        .forEach(
            (file, text) ->
                found.add(documents.computeIfAbsent(file, f -> Document.read(f, text, faults))));
    if (found.isEmpty()) {
      throw new IllegalStateException("Knowledge file is missing: " + path);
    }
    return found;
  }

  private <T> void fill(
      Table<T> table,
      Document document,
      JsonNode list,
      String schemaName,
      Class<T> type,
      UnaryOperator<JsonNode> complete) {
    if (document.broken()) {
      table.broken();
      return;
    }
    JsonSchema schema = schema(schemaName);
    for (JsonNode entry : list) {
      String id = entry.path("id").asText("?");
      if (takesFromNowhere(table, document, entry, id)) {
        continue;
      }
      JsonNode whole = complete.apply(entry);
      var messages = schema.validate(MAPPER.createArrayNode().add(whole));
      messages.stream()
          .filter(message -> !inherited(message, entry, whole, table))
          .forEach(message -> faults.add(fault(document, entry, id, message)));
      T value = messages.isEmpty() ? value(whole, type, document, entry, id) : null;
      if (!table.add(id, value, new Table.Place(document, entry))) {
        faults.add(new Fault(document.file(), document.line(entry, "id"), id, "id: stands twice"));
      }
    }
  }

  /** Null when a text in it is no pattern, which is then a fault. */
  private <T> T value(JsonNode whole, Class<T> type, Document document, JsonNode entry, String id) {
    try {
      return MAPPER.convertValue(whole, type);
    } catch (IllegalArgumentException e) {
      if (!(e.getCause() instanceof JsonMappingException mapping)) {
        throw e;
      }
      String field = mapping.getPath().get(0).getFieldName();
      String what = mapping.getOriginalMessage().replaceFirst(".*problem: ", "");
      faults.add(new Fault(document.file(), document.line(entry, field), id, field + ": " + what));
      return null;
    }
  }

  /** An entry that names another in {@code like} which is nowhere is that one fault. */
  private boolean takesFromNowhere(Table<?> table, Document document, JsonNode entry, String id) {
    String like = entry.path("like").asText("");
    boolean nowhere =
        !like.isEmpty()
            && documents.values().stream()
                .flatMap(any -> StreamSupport.stream(any.root().spliterator(), false))
                .noneMatch(other -> other.path("id").asText().equals(like));
    if (nowhere) {
      faults.missing(
          new Fault(document.file(), document.line(entry, "like"), id, "like"),
          table.what() + " “" + like + "”");
      table.add(id, null, new Table.Place(document, entry));
    }
    return nowhere;
  }

  /** Whether a fault is that of the entry from which this one takes the field. */
  private static boolean inherited(
      ValidationMessage message, JsonNode entry, JsonNode whole, Table<?> table) {
    String field = field(message);
    return field.isEmpty()
        ? entry.has("like") && table.isFaulty(entry.path("like").asText())
        : !entry.has(field) && whole.has(field);
  }

  private static String field(ValidationMessage message) {
    return message
        .getInstanceLocation()
        .toString()
        .replaceFirst("^\\$\\[0]\\.?", "")
        .replaceFirst("[.\\[].*", "");
  }

  private static Fault fault(
      Document document, JsonNode entry, String id, ValidationMessage message) {
    String what = message.getMessage().replaceFirst("^\\$\\[0][.:]? ?", "");
    String field = field(message);
    return new Fault(
        document.file(), document.line(entry, field.isEmpty() ? null : field), id, what);
  }

  private JsonSchema schema(String name) {
    var root = MAPPER.createObjectNode();
    root.put("$schema", "https://json-schema.org/draft/2020-12/schema");
    root.put("$ref", "#/$defs/" + name);
    root.set("$defs", definitions);
    return JsonSchemaFactory.getInstance(SpecVersion.VersionFlag.V202012)
        .getSchema(SchemaLocation.of("urn:mild-lantern:" + name), root);
  }

  /** Notes each of an entry's ids that is not in the other table. */
  public <T> void refers(
      Table<T> from, String entry, String field, Collection<String> ids, Table<?> to) {
    for (String id : new LinkedHashSet<>(ids)) {
      if (!to.knows(id)) {
        missing(from, entry, field, id, to.what() + " “" + id + "”");
      }
    }
  }

  /**
   * Notes each of an entry's names that is not known.
   *
   * @param what one of them is called
   */
  public void named(
      Table<?> from,
      String entry,
      String field,
      Collection<String> names,
      Set<String> known,
      String what) {
    names.stream()
        .filter(name -> !known.contains(name))
        .forEach(name -> missing(from, entry, field, name, what + " “" + name + "”"));
  }

  /** Notes each place of an entry's sentence that nothing fills. */
  public void places(
      Table<?> from, String entry, String field, Set<String> places, Set<String> filled) {
    named(from, entry, field, places, filled, "figure");
  }

  /**
   * Notes a reference to what is not there.
   *
   * @param word as it stands in the field
   * @param what it should have been
   */
  public void missing(Table<?> from, String entry, String field, String word, String what) {
    faults.missing(at(from, entry, field, word, field), what);
  }

  /** Notes something else that is wrong with an entry's field. */
  public void wrong(Table<?> table, String entry, String field, String what) {
    faults.add(at(table, entry, field, "", field + ": " + what));
  }

  private static Fault at(Table<?> table, String entry, String field, String word, String what) {
    Table.Place place = table.place(entry);
    return new Fault(
        place.document().file(), place.document().line(place.entry(), field, word), entry, what);
  }
}
