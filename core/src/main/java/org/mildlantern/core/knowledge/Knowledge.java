package org.mildlantern.core.knowledge;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.light.LightWish;
import org.mildlantern.core.light.LongNights;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Stage;

/**
 * What diagnosis rests on: forms, signs, checks, causes, changes, media and kinds. Immutable; made
 * by {@link Library}.
 */
public final class Knowledge {
  private static final List<String> NOT_OF_DIAGNOSIS =
      List.of(
          "treatment/",
          "water/",
          "care/",
          "words/",
          "pets.yaml",
          "light.yaml",
          "feed.yaml",
          "seasons.yaml",
          "repot/",
          "raising/",
          "away/");

  private final String edition;
  private final Names names;

  private final Table<GrowthForm> forms;
  private final Table<Pattern> patterns;
  private final Table<Check> checks;
  private final Table<Sign> signs;
  private final Wording wording;
  private final Table<OpenWord> openWords;
  private final Table<ContextField> fields;
  private final Table<Condition> conditions;
  private final Table<Medium> media;
  private final Table<Change> changes;
  private final Table<Cause> causes;
  private final Table<Usual> usual;
  private final Table<Taxon> taxa;
  private final Ways ways;
  private final Table<Term> terms;
  private final Table<Toxicity> toxic;
  private final LightWishes lightWishes;
  private final Courses courses;
  private final Feeding feeding;
  private final Set<String> formNames = new HashSet<>();
  private final Map<String, Node> nodes = new LinkedHashMap<>();
  private final Map<String, List<Node>> traits = new LinkedHashMap<>();
  private final Map<String, Toxicity> toxicByGenus = new LinkedHashMap<>();
  private final Map<String, Lore> lore = new ConcurrentHashMap<>();
  private OnForms onForms;
  private List<Lore> allLore = List.of();

  Knowledge(Shelf shelf) {
    forms = shelf.table("growth form", "forms.yaml", "forms", GrowthForm.class);
    patterns = shelf.table("pattern", "patterns.yaml", "patterns", Pattern.class);
    checks = shelf.table("check", "checks.yaml", "checks", Check.class);
    signs = shelf.table("sign", "signs.yaml", "signs", Sign.class);
    openWords = shelf.table("open word", "open-words.yaml", "open-words", OpenWord.class);
    fields = shelf.section("field", "context.yaml", "fields", ContextField.class);
    conditions = shelf.section("condition", "context.yaml", "conditions", Condition.class);
    media = shelf.table("medium", "media.yaml", "media", Medium.class);
    changes = shelf.table("change", "changes.yaml", "changes", Change.class);
    causes = shelf.table("cause", "causes", "causes", Cause.class);
    usual = shelf.table("growth form", "usual.yaml", "usual", Usual.class);
    Map<String, JsonNode> kinds = shelf.raw("taxa");
    Map<String, JsonNode> ofForms = shelf.raw("usual.yaml");
    taxa =
        shelf.table(
            "kind",
            "taxa",
            "taxa",
            Taxon.class,
            entry -> TaxonEntry.complete((ObjectNode) entry, kinds, ofForms));
    names = new Names(shelf, taxa);
    ways = new Ways(shelf);
    toxic = shelf.table("entry about pets", "pets.yaml", "pets", Toxicity.class);
    lightWishes = new LightWishes(shelf);
    courses = new Courses(shelf);
    feeding = new Feeding(shelf, ways, causes);
    wording = new Wording(shelf);
    terms = shelf.table("term", "words/terms.yaml", "terms", Term.class);
    edition = shelf.fingerprint(path -> NOT_OF_DIAGNOSIS.stream().noneMatch(path::startsWith));
    for (Sign sign : signs) {
      for (String pattern : sign.patterns()) {
        patterns
            .find(pattern)
            .map(p -> new Node(sign, p))
            .ifPresent(node -> nodes.put(node.id(), node));
      }
    }
    for (Node node : nodes.values()) {
      wholeOf(node)
          .ifPresent(
              whole -> traits.computeIfAbsent(whole.id(), id -> new ArrayList<>()).add(node));
    }
    for (GrowthForm form : forms) {
      formNames.add(form.id());
      formNames.addAll(form.tags());
    }
    toxic.forEach(one -> one.genera().forEach(genus -> toxicByGenus.put(genus, one)));
    new KnowledgeCheck(shelf, this).all();
  }

  /** Notes each of an entry's names that is no way of life, growth form or tag of either. */
  void checkWays(Shelf shelf, Table<?> from, String entry, String field, Collection<String> ids) {
    Set<String> known = new HashSet<>(formNames);
    known.addAll(ways.names());
    shelf.named(from, entry, field, ids, known, "way of life");
  }

  /** Notes each of an entry's names that is neither a growth form nor a tag of one. */
  void checkForms(Shelf shelf, Table<?> from, String entry, String field, Collection<String> ids) {
    shelf.named(from, entry, field, ids, formNames, "growth form");
  }

  /** Prepares what is looked up often, once nothing is wrong. */
  void index() {
    onForms = new OnForms(this, nodes);
    allLore = Lore.all(this);
  }

  /** Fingerprint of the files on which diagnosis rests. */
  public String edition() {
    return edition;
  }

  public Table<GrowthForm> forms() {
    return forms;
  }

  public Table<Pattern> patterns() {
    return patterns;
  }

  public Table<Check> checks() {
    return checks;
  }

  /**
   * The words for a sign or an open word at a place.
   *
   * @param pattern the place, or null for any
   */
  public String label(String word, String pattern) {
    Optional<Node> node = pattern == null ? Optional.empty() : node(Node.idOf(word, pattern));
    String plain =
        openWords
            .find(word)
            .map(OpenWord::label)
            .orElseGet(() -> signs.find(word).orElseThrow().label());
    return node.map(Node::label)
        .orElseGet(
            () ->
                pattern == null
                    ? plain
                    : plain + ", " + patterns.find(pattern).orElseThrow().label());
  }

  public Table<OpenWord> openWords() {
    return openWords;
  }

  /**
   * The nodes that a sign or an open word can mean; none when neither is called that.
   *
   * @param pattern the place, or null for any
   */
  public List<Node> meant(String word, String pattern) {
    List<String> meant = openWords.find(word).map(OpenWord::meant).orElseGet(() -> List.of(word));
    return meant.stream()
        .flatMap(sign -> signs.find(sign).stream())
        .flatMap(sign -> sign.patterns().stream().map(at -> Node.idOf(sign.id(), at)))
        .map(nodes::get)
        .filter(node -> pattern == null || node.pattern().id().equals(pattern))
        .toList();
  }

  /** The words of keepers. */
  public Wording wording() {
    return wording;
  }

  public Table<Sign> signs() {
    return signs;
  }

  public Table<ContextField> fields() {
    return fields;
  }

  public Table<Condition> conditions() {
    return conditions;
  }

  public Table<Medium> media() {
    return media;
  }

  public Table<Change> changes() {
    return changes;
  }

  public Table<Cause> causes() {
    return causes;
  }

  public Table<Taxon> taxa() {
    return taxa;
  }

  /** The light that a kind wishes; empty while it is not known what it is. */
  public Optional<LightWish> lightWish(Kind kind) {
    return kind.taxon().map(lightWishes::of);
  }

  /**
   * What a kind bears; empty while it is not known what it is.
   *
   * @param wateredEvery days between its waterings
   * @param resting whether it rests
   */
  public Optional<Bears> bears(Kind kind, int wateredEvery, boolean resting) {
    return lightWish(kind)
        .map(light -> Bears.of(kind, light, feeding.of(kind), wateredEvery, resting));
  }

  /** What it asks of the night, where it tells the season by it. */
  public Optional<LongNights> longNights(Kind kind) {
    return kind.taxon().flatMap(lightWishes::nights);
  }

  /** How a kind goes through its year. */
  public Course course(Kind kind) {
    return courses.course(kind);
  }

  public Feeding feeding() {
    return feeding;
  }

  /** Words of the field. */
  public Table<Term> terms() {
    return terms;
  }

  public Collection<Node> nodes() {
    return nodes.values();
  }

  public Optional<Node> node(String id) {
    return Optional.ofNullable(nodes.get(id));
  }

  /** A plant of which only the growth form is known. */
  public Kind kind(GrowthForm form) {
    return kind(usual.find(form.id()).orElseThrow());
  }

  /** A plant of which only its growth form and how it lives are known. */
  public Kind kind(Usual lives) {
    GrowthForm form = forms.find(lives.form()).orElseThrow();
    Habits habits = lives.habits();
    return new Kind(form, Optional.empty(), habits, ways.of(form, habits, lives.way()));
  }

  /** How plants may live whose kind is not known. */
  public Table<Usual> usual() {
    return usual;
  }

  public Kind kind(Taxon taxon) {
    GrowthForm form = forms.find(taxon.form()).orElseThrow();
    Habits habits = taxon.habits();
    return new Kind(form, Optional.of(taxon), habits, ways.of(form, habits, taxon.way()));
  }

  /**
   * What is known for a plant as it lives at a stage.
   *
   * @param resting whether it rests, by what was noted or by the calendar
   */
  public Lore lore(Kind kind, Stage stage, boolean resting) {
    Living living =
        Living.of(kind.form(), kind.way(), ways.at(kind.way(), kind.habits(), stage, resting));
    return lore.computeIfAbsent(living.key(), key -> new Lore(this, living));
  }

  /** The same at its stage on a day. */
  public Lore lore(Kind kind, Stage noted, LocalDate day, double latitude) {
    return lore(kind, noted, kind.resting(noted, day, latitude));
  }

  /** What it does to those who bite or touch it. */
  public Toxicity toxicity(Taxon taxon) {
    return toxicByGenus.get(taxon.genus());
  }

  /** What is known of plants and pets, by genera. */
  Table<Toxicity> toxic() {
    return toxic;
  }

  public Ways ways() {
    return ways;
  }

  /** How all kinds live at all stages, each way on each growth form once. */
  public Collection<Lore> allLore() {
    return allLore;
  }

  /**
   * Finds a kind by any name that people give it; empty for what is not known and for what must be
   * asked. A name that is not known but begins with a genus that is finds the genus.
   */
  public Optional<Taxon> taxonNamed(String name) {
    return names.find(name);
  }

  /** Whether a name is given to several kinds, so that it is asked which. */
  public boolean isAmbiguous(String name) {
    return names.isAsked(name);
  }

  /** All names of a kind: accepted, synonyms, common ones and what else it is called. */
  public List<String> namesOf(Taxon taxon) {
    return names.of(taxon);
  }

  /** Whether it is a name of that very kind, and not only of its genus. */
  public boolean isNamed(Taxon taxon, String name) {
    return names.isOf(taxon, name);
  }

  /** Names that an ambiguous or mistyped one may stand for, the likest first. */
  public List<String> namesLike(String typed) {
    return names.like(typed);
  }

  /** The same with what tells them apart. */
  public List<NameChoice> choicesLike(String typed) {
    return names.choices(typed, forms);
  }

  /** The node of the sign of which this one is a trait. */
  public Optional<Node> wholeOf(Node node) {
    return node.sign().of() == null
        ? Optional.empty()
        : node(Node.idOf(node.sign().of(), node.pattern().id()));
  }

  /** The traits of a sign at its place. */
  public List<Node> traitsOf(Node node) {
    return traits.getOrDefault(node.id(), List.of());
  }

  /** Whether the node can be seen on plants of the form at all. */
  public boolean occursOn(Node node, GrowthForm form) {
    return node.sign().occursOn(form) && node.pattern().kinds().stream().anyMatch(form::hasKind);
  }

  /**
   * Whether a sign, or one of those that an open word can mean, can be seen on plants of the form.
   *
   * @param pattern the place, or null for any
   */
  public boolean occurs(String word, String pattern, GrowthForm form) {
    return meant(word, pattern).stream().anyMatch(node -> occursOn(node, form));
  }

  /** The nodes of a form that one way of looking reveals. */
  public List<Node> nodesOf(GrowthForm form, Check check) {
    return onForms.nodes(form, check);
  }

  /** The nodes that can be marked on one part of a form. */
  public List<Node> nodesOn(GrowthForm form, Part part) {
    return onForms.nodes(form, part);
  }

  /** The causes that can strike the form and show on it, in the order of the files. */
  public List<Cause> causesFor(GrowthForm form) {
    return onForms.causes(form);
  }
}
