package org.mildlantern.core.knowledge;

import java.io.InputStream;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;

/** All that is known, loaded once and immutable. */
public final class Knowledge {
  private static final List<String> CAUSE_FILES =
      List.of(
          "normal",
          "habit",
          "water",
          "roots",
          "light",
          "air",
          "nutrition",
          "pests",
          "disease",
          "growth");

  private static final List<String> TAXON_FILES =
      List.of(
          "taxa/orchid.yaml",
          "taxa/bromeliad.yaml",
          "taxa/bonsai.yaml",
          "taxa/carnivorous.yaml",
          "taxa/potted.yaml");

  private final String edition;
  private final Map<String, GrowthForm> forms;
  private final Map<String, Pattern> patterns;
  private final Map<String, Check> checks;
  private final Map<String, Sign> signs;
  private final Map<String, Node> nodes;
  private final Map<String, ContextField> fields;
  private final Map<String, Condition> conditions;
  private final Map<String, Medium> media;
  private final Map<String, Change> changes;
  private final Map<String, Cause> causes;
  private final Map<String, Taxon> taxa;
  private final Map<String, Taxon> taxaByName = new LinkedHashMap<>();
  private final Map<String, Map<String, List<Node>>> nodesByFormAndCheck = new LinkedHashMap<>();
  private final Map<String, List<Cause>> causesByForm = new LinkedHashMap<>();

  private Knowledge(KnowledgeReader reader) {
    List<String> faults = reader.faults();
    forms =
        byId(
            "forms.yaml",
            reader.entries("forms.yaml", "forms", GrowthForm.class),
            GrowthForm::id,
            faults);
    patterns =
        byId(
            "patterns.yaml",
            reader.entries("patterns.yaml", "patterns", Pattern.class),
            Pattern::id,
            faults);
    checks =
        byId(
            "checks.yaml", reader.entries("checks.yaml", "checks", Check.class), Check::id, faults);
    signs = byId("signs.yaml", reader.entries("signs.yaml", "signs", Sign.class), Sign::id, faults);
    fields =
        byId(
            "context.yaml",
            reader.section("context.yaml", "fields", ContextField.class),
            ContextField::id,
            faults);
    conditions =
        byId(
            "context.yaml",
            reader.section("context.yaml", "conditions", Condition.class),
            Condition::id,
            faults);
    media =
        byId("media.yaml", reader.entries("media.yaml", "media", Medium.class), Medium::id, faults);
    changes =
        byId(
            "changes.yaml",
            reader.entries("changes.yaml", "changes", Change.class),
            Change::id,
            faults);
    List<Cause> all = new ArrayList<>();
    for (String file : CAUSE_FILES) {
      all.addAll(reader.entries("causes/" + file + ".yaml", "causes", Cause.class));
    }
    causes = byId("causes", all, Cause::id, faults);
    taxa = byId("taxa", reader.taxa(TAXON_FILES), Taxon::id, faults);
    edition = reader.edition();
    nodes = new LinkedHashMap<>();
    for (Sign sign : signs.values()) {
      for (String pattern : sign.patterns()) {
        if (patterns.containsKey(pattern)) {
          Node node = new Node(sign, patterns.get(pattern));
          nodes.put(node.id(), node);
        }
      }
    }
    for (Taxon taxon : taxa.values()) {
      taxaByName.put(fold(taxon.name()), taxon);
    }
    for (Taxon taxon : taxa.values()) {
      taxon.synonyms().forEach(name -> taxaByName.putIfAbsent(fold(name), taxon));
    }
    faults.addAll(new References(this).faults());
    if (!faults.isEmpty()) {
      throw new KnowledgeException(faults);
    }
    for (GrowthForm form : forms.values()) {
      Map<String, List<Node>> byCheck =
          nodes.values().stream()
              .filter(node -> occursOn(node, form))
              .collect(
                  Collectors.groupingBy(
                      node -> node.sign().check(), HashMap::new, Collectors.toList()));
      for (Check check : checks.values()) {
        check.asks().stream()
            .map(nodes::get)
            .filter(node -> occursOn(node, form))
            .forEach(
                node -> byCheck.computeIfAbsent(check.id(), id -> new ArrayList<>()).add(node));
      }
      nodesByFormAndCheck.put(form.id(), byCheck);
      causesByForm.put(
          form.id(),
          causes.values().stream()
              .filter(cause -> cause.strikes(form) && showsOn(cause, form))
              .toList());
    }
  }

  /** Loads the knowledge that ships with the core. */
  public static Knowledge load() {
    return load(file -> Knowledge.class.getResourceAsStream("/knowledge/" + file));
  }

  /**
   * Loads knowledge from elsewhere.
   *
   * @param files opens a file by its path below {@code knowledge/}, or gives null
   * @throws KnowledgeException naming file, entry and field of each fault
   */
  public static Knowledge load(Function<String, InputStream> files) {
    return new Knowledge(new KnowledgeReader(files));
  }

  private static <T> Map<String, T> byId(
      String file, List<T> entries, Function<T, String> id, List<String> faults) {
    Map<String, T> map = new LinkedHashMap<>();
    for (T entry : entries) {
      if (map.put(id.apply(entry), entry) != null) {
        faults.add(file + ": " + id.apply(entry) + ": id stands twice");
      }
    }
    return map;
  }

  private static String fold(String name) {
    return name.strip().toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
  }

  /** Fingerprint of the files it was read from. */
  public String edition() {
    return edition;
  }

  public Collection<GrowthForm> forms() {
    return forms.values();
  }

  public Collection<Pattern> patterns() {
    return patterns.values();
  }

  public Collection<Check> checks() {
    return checks.values();
  }

  public Collection<Sign> signs() {
    return signs.values();
  }

  public Collection<Node> nodes() {
    return nodes.values();
  }

  public Collection<ContextField> fields() {
    return fields.values();
  }

  public Collection<Condition> conditions() {
    return conditions.values();
  }

  public Collection<Medium> media() {
    return media.values();
  }

  public Collection<Change> changes() {
    return changes.values();
  }

  public Collection<Cause> causes() {
    return causes.values();
  }

  public Collection<Taxon> taxa() {
    return taxa.values();
  }

  public Optional<GrowthForm> form(String id) {
    return Optional.ofNullable(forms.get(id));
  }

  public Optional<Pattern> pattern(String id) {
    return Optional.ofNullable(patterns.get(id));
  }

  public Optional<Check> check(String id) {
    return Optional.ofNullable(checks.get(id));
  }

  public Optional<Sign> sign(String id) {
    return Optional.ofNullable(signs.get(id));
  }

  public Optional<Node> node(String id) {
    return Optional.ofNullable(nodes.get(id));
  }

  public Optional<ContextField> field(String id) {
    return Optional.ofNullable(fields.get(id));
  }

  public Optional<Condition> condition(String id) {
    return Optional.ofNullable(conditions.get(id));
  }

  public Optional<Medium> medium(String id) {
    return Optional.ofNullable(media.get(id));
  }

  public Optional<Change> change(String id) {
    return Optional.ofNullable(changes.get(id));
  }

  public Optional<Cause> cause(String id) {
    return Optional.ofNullable(causes.get(id));
  }

  public Optional<Taxon> taxon(String id) {
    return Optional.ofNullable(taxa.get(id));
  }

  /** Finds a taxon by accepted name or synonym, whatever the case or spacing. */
  public Optional<Taxon> taxonNamed(String name) {
    return Optional.ofNullable(taxaByName.get(fold(name)));
  }

  /** Whether the node can be seen on plants of the form at all. */
  public boolean occursOn(Node node, GrowthForm form) {
    return (node.sign().forms().isEmpty() || form.isOneOf(node.sign().forms()))
        && node.pattern().kinds().stream().anyMatch(form::hasKind);
  }

  /** The nodes of a form that one way of looking reveals. */
  public List<Node> nodesOf(GrowthForm form, Check check) {
    return nodesByFormAndCheck.get(form.id()).getOrDefault(check.id(), List.of());
  }

  /** The nodes that can be marked on one part of a form. */
  public List<Node> nodesOn(GrowthForm form, Part part) {
    return nodes.values().stream()
        .filter(node -> node.pattern().kinds().contains(part.kind()) && occursOn(node, form))
        .toList();
  }

  /** The causes that can strike the form and show on it, in the order of the files. */
  public List<Cause> causesFor(GrowthForm form) {
    return causesByForm.get(form.id());
  }

  private boolean showsOn(Cause cause, GrowthForm form) {
    return cause.signs().entrySet().stream()
        .anyMatch(
            e ->
                e.getValue().probability() >= Level.SOMETIMES.probability()
                    && occursOn(nodes.get(e.getKey()), form));
  }
}
