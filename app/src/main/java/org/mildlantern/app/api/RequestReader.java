package org.mildlantern.app.api;

import com.fasterxml.jackson.databind.JsonNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.Iterator;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Node;
import org.mildlantern.core.knowledge.OpenWord;
import org.mildlantern.core.knowledge.Sign;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Usual;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.label.Region;
import org.mildlantern.core.said.Reader;

/** Reads a request into a question, collecting every fault with its path. */
final class RequestReader extends JsonFields {
  private static final int MOST_FINDINGS = 60;
  private static final double LEAST_SURE = 0.01;
  private static final Set<String> FIELDS =
      Set.of("taxon", "form", "date", "latitude", "findings", "context");

  /** Of a finding; from, to and alternatives come with what was read and tell nothing more. */
  private static final Set<String> FINDING =
      Set.of("sign", "pattern", "state", "from", "to", "sure", "alternatives");

  private final Knowledge knowledge;

  RequestReader(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  Question read(JsonNode body, LocalDate today, double latitude) {
    requireObject(body);
    body.fieldNames()
        .forEachRemaining(
            name -> {
              if (!FIELDS.contains(name)) {
                unknown("$." + name, name, FIELDS);
              }
            });
    Kind kind = kind(body);
    LocalDate day = day(body, today);
    double where = number(body.get("latitude"), "$.latitude", -90.0, 90.0).orElse(latitude);
    List<Finding> findings = findings(body.get("findings"), kind);
    Circumstances circumstances = circumstances(body.get("context"));
    throwFaults();
    return new Question(kind, day, where, findings, circumstances, List.of());
  }

  /**
   * A text to be read.
   *
   * @param kind null when the request names none
   * @param day from which days that it names are counted
   */
  record Said(String text, Kind kind, LocalDate day) {}

  Said said(JsonNode body, LocalDate today) {
    requireObject(body);
    unknownFields(body, "$", Set.of("text", "taxon", "form", "date"));
    Optional<String> said = text(body.get("text"), "$.text");
    if (said.isEmpty() && isSound()) {
      fault("$.text", "is needed");
    }
    if (said.map(String::length).orElse(0) > Reader.LONGEST) {
      fault("$.text", "at most " + Reader.LONGEST + " characters");
    }
    Kind kind = body.hasNonNull("taxon") || body.hasNonNull("form") ? kind(body) : null;
    LocalDate day = day(body, today);
    throwFaults();
    return new Said(said.orElseThrow(), kind, day);
  }

  /**
   * A rate to be read.
   *
   * @param region null when the request names none
   */
  record Label(String text, Product product, Region region) {}

  Label label(JsonNode body) {
    requireObject(body);
    unknownFields(body, "$", Set.of("text", "product", "region"));
    Optional<String> text = text(body.get("text"), "$.text");
    if (text.isEmpty() && isSound()) {
      fault("$.text", "is needed");
    }
    Product product = one(body.get("product"), "$.product", Product.values());
    Region region = one(body.get("region"), "$.region", Region.values());
    throwFaults();
    return new Label(text.orElseThrow(), product == null ? Product.UNKNOWN : product, region);
  }

  private Kind kind(JsonNode body) {
    Optional<String> taxonId = text(body.get("taxon"), "$.taxon");
    Optional<String> formId = text(body.get("form"), "$.form");
    if (taxonId.isEmpty() && formId.isEmpty()) {
      fault("$.taxon", "give a taxon or a form");
      return null;
    }
    Taxon taxon = null;
    if (taxonId.isPresent()) {
      taxon =
          knowledge
              .taxa()
              .find(taxonId.get())
              .or(() -> knowledge.taxonNamed(taxonId.get()))
              .orElse(null);
      if (taxon == null) {
        unknown("$.taxon", taxonId.get(), knowledge.taxa().stream().map(Taxon::id).toList());
        return null;
      }
    }
    String wanted = formId.orElse(taxon == null ? "" : taxon.form());
    Usual lives = knowledge.usual().find(wanted).orElse(null);
    if (lives == null) {
      unknown("$.form", wanted, knowledge.usual().stream().map(Usual::id).toList());
      return null;
    }
    if (taxon != null && !taxon.form().equals(lives.form())) {
      fault("$.form", "contradicts the taxon, whose form is '" + taxon.form() + "'");
    }
    return taxon == null ? knowledge.kind(lives) : knowledge.kind(taxon);
  }

  private LocalDate day(JsonNode body, LocalDate today) {
    return day(body.get("date"), "$.date").orElse(today);
  }

  private List<Finding> findings(JsonNode list, Kind kind) {
    if (list == null || list.isNull()) {
      return List.of();
    }
    if (!list.isArray()) {
      fault("$.findings", "a list is expected");
      return List.of();
    }
    if (list.size() > MOST_FINDINGS) {
      fault("$.findings", "at most " + MOST_FINDINGS + " findings");
      return List.of();
    }
    List<Finding> findings = new ArrayList<>();
    for (int i = 0; i < list.size(); i++) {
      finding(list.get(i), "$.findings[" + i + "]", kind).ifPresent(findings::add);
    }
    contradictions(list, findings);
    return findings;
  }

  private Optional<Finding> finding(JsonNode node, String path, Kind kind) {
    if (!node.isObject()) {
      fault(path, "an object with sign and state is expected");
      return Optional.empty();
    }
    unknownFields(node, path, FINDING);
    Optional<String> signId = text(node.get("sign"), path + ".sign");
    Optional<String> pattern = text(node.get("pattern"), path + ".pattern");
    Optional<String> state = text(node.get("state"), path + ".state");
    if (signId.isEmpty()) {
      fault(path + ".sign", "is needed");
    }
    if (state.isEmpty()) {
      fault(path + ".state", "present or absent is expected");
    } else if (!Set.of("present", "absent").contains(state.get())) {
      unknown(path + ".state", state.get(), List.of("present", "absent"));
    }
    String word = signId.orElse("");
    List<Node> anywhere = knowledge.meant(word, null);
    if (anywhere.isEmpty()) {
      signId.ifPresent(id -> unknown(path + ".sign", id, words()));
      return Optional.empty();
    }
    List<Node> nodes = knowledge.meant(word, pattern.orElse(null));
    if (nodes.isEmpty()) {
      unknown(
          path + ".pattern",
          pattern.orElseThrow(),
          anywhere.stream().map(one -> one.pattern().id()).distinct().toList());
      return Optional.empty();
    }
    if (kind != null && nodes.stream().noneMatch(one -> knowledge.occursOn(one, kind.form()))) {
      fault(path + ".sign", "cannot occur on the form '" + kind.form().id() + "'");
      return Optional.empty();
    }
    double sure = number(node.get("sure"), path + ".sure", LEAST_SURE, 1.0).orElse(1.0);
    return state.map(s -> new Finding(word, pattern.orElse(null), s.equals("present"), sure));
  }

  private List<String> words() {
    return Stream.concat(
            knowledge.signs().stream().map(Sign::id),
            knowledge.openWords().stream().map(OpenWord::id))
        .toList();
  }

  /** The same node twice, or a sign absent as a whole beside one of its patterns being present. */
  private void contradictions(JsonNode list, List<Finding> findings) {
    if (!isSound()) {
      return;
    }
    for (int i = 0; i < findings.size(); i++) {
      for (int j = 0; j < i; j++) {
        Finding a = findings.get(i);
        Finding b = findings.get(j);
        boolean sameSign = a.sign().equals(b.sign());
        boolean overlap =
            a.pattern() == null || b.pattern() == null || a.pattern().equals(b.pattern());
        if (sameSign && a.key().equals(b.key())) {
          fault(
              "$.findings[" + i + "]",
              a.present() == b.present()
                  ? "stands twice, see $.findings[" + j + "]"
                  : "contradicts $.findings[" + j + "]");
        } else if (sameSign && overlap && contradict(a, b)) {
          fault("$.findings[" + i + "]", "contradicts $.findings[" + j + "]");
        }
      }
    }
  }

  private static boolean contradict(Finding a, Finding b) {
    Finding whole = a.pattern() == null ? a : b;
    Finding part = whole == a ? b : a;
    return !whole.present() && part.present();
  }

  private Circumstances circumstances(JsonNode context) {
    Map<String, Double> numbers = new HashMap<>();
    Map<String, String> choices = new HashMap<>();
    Set<String> neighbours = new HashSet<>();
    if (context == null || context.isNull()) {
      return Circumstances.UNKNOWN;
    }
    if (!context.isObject()) {
      fault("$.context", "an object is expected");
      return Circumstances.UNKNOWN;
    }
    Iterator<Map.Entry<String, JsonNode>> fields = context.fields();
    while (fields.hasNext()) {
      Map.Entry<String, JsonNode> entry = fields.next();
      String path = "$.context." + entry.getKey();
      ContextField field =
          knowledge.fields().find(entry.getKey()).filter(f -> !f.derived()).orElse(null);
      if (field == null) {
        unknown(
            path,
            entry.getKey(),
            knowledge.fields().stream().filter(f -> !f.derived()).map(ContextField::id).toList());
      } else if (field.list()) {
        neighbours(entry.getValue(), path, neighbours);
      } else if (field.numeric()) {
        number(entry.getValue(), path, field.min(), field.max())
            .ifPresent(value -> numbers.put(field.id(), value));
      } else {
        text(entry.getValue(), path)
            .ifPresent(
                value -> {
                  if (field.values().contains(value)) {
                    choices.put(field.id(), value);
                  } else {
                    unknown(path, value, field.values());
                  }
                });
      }
    }
    return new Circumstances(numbers, choices, neighbours);
  }

  private void neighbours(JsonNode list, String path, Set<String> neighbours) {
    if (!list.isArray()) {
      fault(path, "a list of causes is expected");
      return;
    }
    for (int i = 0; i < list.size(); i++) {
      String at = path + "[" + i + "]";
      text(list.get(i), at)
          .ifPresent(
              id -> {
                if (knowledge.causes().find(id).isPresent()) {
                  neighbours.add(id);
                } else {
                  unknown(at, id, knowledge.causes().stream().map(Cause::id).toList());
                }
              });
    }
  }
}
