package org.mildlantern.app.plantlist;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.today.Lamp;
import org.mildlantern.core.plant.Group;
import org.springframework.web.util.UriUtils;

/**
 * A way of looking at the list; what is null or empty narrows nothing.
 *
 * @param q words that its name, code, place or notes hold
 * @param kind a genus
 * @param way id of a way of life
 */
record PlantQuery(
    String q, Long place, Group group, Lamp lamp, String kind, String way, Due due, Order sort) {
  private static final int LONGEST = 80;

  PlantQuery {
    q = bounded(q);
    kind = bounded(kind);
    way = bounded(way);
    sort = sort == null ? Order.NAME : sort;
  }

  private static String bounded(String text) {
    String plain = text == null ? "" : text.strip();
    return plain.length() <= LONGEST ? plain : plain.substring(0, LONGEST);
  }

  /** When the next work on a plant is due. */
  enum Due {
    TODAY("today", 0),
    WEEK("in seven days", 7);

    private final String label;
    private final int days;

    Due(String label, int days) {
      this.label = label;
      this.days = days;
    }

    public String label() {
      return label;
    }

    int days() {
      return days;
    }
  }

  /** What the list is sorted by. */
  enum Order {
    NAME("name"),
    CODE("code"),
    PLACE("place, as walked"),
    NEED("need"),
    DUE("next work"),
    ARRIVED("arrival, the latest first"),
    REPOTTED("medium, the oldest first");

    private final String label;

    Order(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /** Whether it shows all plants. */
  public boolean whole() {
    return params().isEmpty() || params().keySet().equals(java.util.Set.of("sort"));
  }

  /** Whether it narrows the list by more than words and place. */
  public boolean narrowed() {
    return group != null || lamp != null || due != null || !kind.isEmpty() || !way.isEmpty();
  }

  /** The parameters that make it, as they stand in an address. */
  public String text() {
    return params().entrySet().stream()
        .map(
            param ->
                param.getKey()
                    + "="
                    + UriUtils.encodeQueryParam(param.getValue(), StandardCharsets.UTF_8)
                        .replace("+", "%2B"))
        .collect(Collectors.joining("&"));
  }

  private Map<String, String> params() {
    Map<String, String> params = new LinkedHashMap<>();
    put(params, "q", q);
    put(params, "place", place);
    put(params, "group", group);
    put(params, "lamp", lamp);
    put(params, "kind", kind);
    put(params, "way", way);
    put(params, "due", due);
    put(params, "sort", sort == Order.NAME ? null : sort);
    return params;
  }

  private static void put(Map<String, String> params, String name, Object value) {
    if (value != null && !value.toString().isEmpty()) {
      params.put(name, value.toString());
    }
  }
}
