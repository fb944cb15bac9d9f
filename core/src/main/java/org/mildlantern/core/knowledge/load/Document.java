package org.mildlantern.core.knowledge.load;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.JsonNodeFactory;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.StringReader;
import java.util.HashMap;
import java.util.IdentityHashMap;
import java.util.Map;
import org.yaml.snakeyaml.LoaderOptions;
import org.yaml.snakeyaml.Yaml;
import org.yaml.snakeyaml.error.MarkedYAMLException;
import org.yaml.snakeyaml.nodes.MappingNode;
import org.yaml.snakeyaml.nodes.Node;
import org.yaml.snakeyaml.nodes.NodeTuple;
import org.yaml.snakeyaml.nodes.ScalarNode;
import org.yaml.snakeyaml.nodes.SequenceNode;
import org.yaml.snakeyaml.nodes.Tag;

/** A YAML file as a tree that remembers the line of each field. */
final class Document {
  private static final JsonNodeFactory JSON = JsonNodeFactory.instance;

  private final String file;
  private final Faults faults;
  private final Map<JsonNode, Integer> lines = new IdentityHashMap<>();
  private final Map<JsonNode, Map<String, Integer>> fieldLines = new IdentityHashMap<>();
  private JsonNode root;

  private Document(String file, Faults faults) {
    this.file = file;
    this.faults = faults;
  }

  /** Reads a text; a syntax fault is noted and leaves the root missing. */
  static Document read(String file, String text, Faults faults) {
    Document document = new Document(file, faults);
    try {
      Node node = new Yaml(new LoaderOptions()).compose(new StringReader(text));
      document.root = node == null ? JSON.arrayNode() : document.tree(node);
    } catch (MarkedYAMLException e) {
      int line = e.getProblemMark() == null ? 0 : e.getProblemMark().getLine() + 1;
      faults.add(new Fault(file, line, "", "cannot be read: " + e.getProblem()));
      document.root = JSON.missingNode();
    }
    return document;
  }

  String file() {
    return file;
  }

  JsonNode root() {
    return root;
  }

  boolean broken() {
    return root.isMissingNode();
  }

  /** The line of an entry, or of one of its fields. */
  int line(JsonNode entry, String field) {
    int own = lines.getOrDefault(entry, 0);
    return field == null ? own : fieldLines.getOrDefault(entry, Map.of()).getOrDefault(field, own);
  }

  /** The line of a word within a field: a key of its map, or an item of its list. */
  int line(JsonNode entry, String field, String word) {
    JsonNode value = entry.path(field);
    if (value.isObject() && value.has(word)) {
      return line(value, word);
    }
    for (JsonNode item : value) {
      if (item.asText().equals(word)) {
        return line(item, null);
      }
    }
    return line(entry, field);
  }

  private JsonNode tree(Node node) {
    JsonNode tree =
        node instanceof MappingNode map
            ? object(map)
            : node instanceof SequenceNode list ? array(list) : scalar((ScalarNode) node);
    lines.put(tree, node.getStartMark().getLine() + 1);
    return tree;
  }

  private JsonNode object(MappingNode map) {
    ObjectNode object = JSON.objectNode();
    Map<String, Integer> fields = new HashMap<>();
    for (NodeTuple pair : map.getValue()) {
      String key = ((ScalarNode) pair.getKeyNode()).getValue();
      int line = pair.getKeyNode().getStartMark().getLine() + 1;
      if (fields.put(key, line) != null) {
        String id = object.path("id").asText("");
        faults.add(new Fault(file, line, id, key + ": stands twice"));
      }
      object.set(key, tree(pair.getValueNode()));
    }
    fieldLines.put(object, fields);
    return object;
  }

  private JsonNode array(SequenceNode list) {
    ArrayNode array = JSON.arrayNode();
    list.getValue().forEach(item -> array.add(tree(item)));
    return array;
  }

  private static JsonNode scalar(ScalarNode node) {
    String text = node.getValue();
    Tag tag = node.getTag();
    if (tag.equals(Tag.INT)) {
      return JSON.numberNode(Integer.parseInt(text.replace("_", "")));
    }
    if (tag.equals(Tag.FLOAT)) {
      return JSON.numberNode(Double.parseDouble(text.replace("_", "")));
    }
    if (tag.equals(Tag.BOOL)) {
      return JSON.booleanNode(text.matches("(?i)true|yes|on"));
    }
    return tag.equals(Tag.NULL) ? JSON.nullNode() : JSON.textNode(text);
  }
}
