package org.mildlantern.core.reliability;

import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.load.PlainYaml;

/**
 * A description as a keeper would say it, with what it says and what is right.
 *
 * @param id up to {@value #LAST_OPEN} they may be looked at while words are gathered, and reading
 *     learns from them; the others are only measured
 * @param says signs or open words that it says are there
 * @param also what it says besides, as a second look noted after it was read: signs, circumstances
 *     as {@code field=value}, and after {@value #NOT} what is not there
 * @param not those that it says are not there
 * @param context circumstances that it tells, by field
 * @param accept causes of which one should lead
 * @param urgent a cause that must not be missed, or null
 */
public record SaidText(
    int id,
    String text,
    Kind kind,
    LocalDate day,
    List<String> says,
    List<String> also,
    List<String> not,
    Map<String, String> context,
    List<String> accept,
    String urgent) {
  static final String NOT = "not ";

  private static final int LAST_OPEN = 2610;

  private static final List<String> VOICES =
      List.of("beginner", "expert", "phone", "abroad", "later", "latest", "newest", "fresh");

  /** All that ship with the core. */
  public static List<SaidText> all(Knowledge knowledge) {
    List<SaidText> texts = new ArrayList<>();
    for (String voice : VOICES) {
      List<Map<String, Object>> entries = PlainYaml.resource("/texts/" + voice + ".yaml");
      entries.forEach(entry -> texts.add(of(entry, knowledge)));
    }
    return texts;
  }

  /** Whether it may be looked at and learned from. */
  public boolean open() {
    return id <= LAST_OPEN;
  }

  private static SaidText of(Map<String, Object> entry, Knowledge knowledge) {
    Kind kind =
        entry.containsKey("form")
            ? knowledge.kind(knowledge.forms().find((String) entry.get("form")).orElseThrow())
            : knowledge.kind(named((String) entry.get("kind"), knowledge));
    Map<String, String> context = new LinkedHashMap<>();
    ((Map<?, ?>) entry.getOrDefault("context", Map.of()))
        .forEach((field, value) -> context.put(field.toString(), value.toString()));
    return new SaidText(
        (Integer) entry.get("id"),
        (String) entry.get("text"),
        kind,
        ((Date) entry.get("day")).toInstant().atZone(ZoneOffset.UTC).toLocalDate(),
        strings(entry, "says"),
        strings(entry, "also"),
        strings(entry, "not"),
        context,
        strings(entry, "accept"),
        (String) entry.get("urgent"));
  }

  @SuppressWarnings("unchecked")
  private static List<String> strings(Map<String, Object> entry, String key) {
    return (List<String>) entry.getOrDefault(key, List.of());
  }

  /** The kind; of a name that several have, the first that a keeper would be asked about. */
  private static Taxon named(String name, Knowledge knowledge) {
    return knowledge
        .taxonNamed(name)
        .or(() -> knowledge.taxonNamed(knowledge.namesLike(name).get(0)))
        .orElseThrow();
  }
}
