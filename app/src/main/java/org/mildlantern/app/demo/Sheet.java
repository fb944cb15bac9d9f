package org.mildlantern.app.demo;

import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.load.PlainYaml;

/** One mapping of the demo file, read by name. */
record Sheet(Map<String, Object> map) {

  static Sheet read(String resource) {
    return new Sheet(PlainYaml.resource(resource));
  }

  @SuppressWarnings("unchecked")
  List<Sheet> list(String key) {
    return ((List<Map<String, Object>>) map.getOrDefault(key, List.of()))
        .stream().map(Sheet::new).toList();
  }

  boolean has(String key) {
    return map.containsKey(key);
  }

  Object get(String key) {
    return map.get(key);
  }

  Object get(String key, Object otherwise) {
    return map.getOrDefault(key, otherwise);
  }

  String text(String key) {
    Object value = map.get(key);
    return value == null ? null : value.toString();
  }

  double number(String key) {
    return ((Number) map.get(key)).doubleValue();
  }

  /** Whole days before today. */
  int days(String key) {
    return (int) number(key);
  }
}
