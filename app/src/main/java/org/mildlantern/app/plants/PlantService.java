package org.mildlantern.app.plants;

import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.Iterator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.places.Walk;
import org.mildlantern.app.web.FieldFault;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the plants of the collection and writes what happens to them into the day book. */
@Service
@Transactional
public class PlantService {
  /** Most plants that are shown at once; up to so many, those of all places are. */
  public static final int AT_ONCE = 60;

  private static final Comparator<PlantView> BY_NAME =
      Comparator.comparing((PlantView plant) -> plant.name().toLowerCase(Locale.ROOT))
          .thenComparing(PlantView::code);

  private static final Words WORDS = Words.of(PlantService.class);

  private final PlantRepository plants;
  private final PlaceService places;
  private final PlantNotes notes;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;
  private final CollectionMemo memo;

  PlantService(
      PlantRepository plants,
      PlaceService places,
      PlantNotes notes,
      JournalService journal,
      Knowledge knowledge,
      Scope scope,
      CollectionMemo memo) {
    this.memo = memo;
    this.plants = plants;
    this.places = places;
    this.notes = notes;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** The plants that have these codes, archived ones too. */
  @Transactional(readOnly = true)
  public List<PlantView> coded(Collection<String> codes) {
    return codes.isEmpty() ? List.of() : views(plants.coded(codes));
  }

  /** All plants that are not archived, by name. */
  @Transactional(readOnly = true)
  public List<PlantView> kept() {
    return memo.once(From.GROUND, "kept-plants", () -> views(plants.kept()));
  }

  /** The plants that are not archived, in the order of their names. */
  @Transactional(readOnly = true)
  public List<PlantView> byName() {
    return memo.once(From.GROUND, "plants-by-name", () -> kept().stream().sorted(BY_NAME).toList());
  }

  /** The plants in the archive, in the order of their names. */
  @Transactional(readOnly = true)
  public List<PlantView> archived() {
    return memo.once(From.GROUND, "archived-plants", () -> views(plants.archived()));
  }

  /**
   * The kept plants place by place; of many plants only those of one place are shown, by page.
   *
   * @param place that is shown, or null for none
   * @param page of its plants, from 1
   */
  @Transactional(readOnly = true)
  public List<OfPlace> byPlace(Long place, Integer page) {
    List<PlantView> kept = kept();
    Map<Long, List<PlantView>> byPlace =
        kept.stream().collect(Collectors.groupingBy(plant -> plant.place().id()));
    return places.all().stream()
        .filter(where -> byPlace.containsKey(where.id()))
        .map(
            where -> {
              List<PlantView> here = byPlace.get(where.id());
              boolean open = kept.size() <= AT_ONCE || where.id().equals(place);
              return new OfPlace(where, here.size(), open ? Paged.of(here, page, AT_ONCE) : null);
            })
        .toList();
  }

  /**
   * The plants of a place.
   *
   * @param count how many there are
   * @param shown those that are shown, or null
   */
  public record OfPlace(PlaceView place, int count, Paged<PlantView> shown) {}

  /** The names of plants, archived ones too, by id. */
  @Transactional(readOnly = true)
  public Map<Long, String> names(Collection<Long> ids) {
    return Stream.concat(kept().stream(), archived().stream())
        .filter(plant -> ids.contains(plant.id()))
        .collect(Collectors.toMap(PlantView::id, PlantView::name));
  }

  @Transactional(readOnly = true)
  public Optional<PlantView> find(Long id) {
    return plants.byId(id).map(plant -> view(plant, placesById()));
  }

  /** The plants that have these ids, archived ones too, by id. */
  @Transactional(readOnly = true)
  public Map<Long, PlantView> find(Collection<Long> ids) {
    return ids.isEmpty()
        ? Map.of()
        : views(plants.byIds(ids)).stream()
            .collect(Collectors.toMap(PlantView::id, Function.identity()));
  }

  @Transactional(readOnly = true)
  public Optional<PlantForm> form(Long id) {
    return plants.byId(id).map(PlantForm::of);
  }

  /**
   * Adds a plant.
   *
   * @throws FieldFault when a field does not fit the collection
   */
  public PlantView add(PlantForm form) {
    PlaceView place = placeOf(form);
    Plant plant = new Plant(place.id());
    plant.describe(codeFor(null, form), identify(form), checked(form));
    begin(plant, form);
    plants.save(plant);
    return view(plant, Map.of(place.id(), place));
  }

  /**
   * Adds the plants of a list, with the next free codes for those that have none.
   *
   * @param forms by the row of the list
   * @throws FieldFault when a field of one does not fit the collection
   */
  public void addAll(SortedMap<Integer, PlantForm> forms, Long importId) {
    List<String> codes = new ArrayList<>(plants.codes());
    forms.values().forEach(form -> codes.add(form.code().strip()));
    Iterator<String> free = Codes.free(codes, scope.today(), forms.size()).iterator();
    List<Plant> added = new ArrayList<>();
    forms.forEach(
        (row, form) -> {
          Plant plant = new Plant(placeOf(form).id());
          String code = form.code().isBlank() ? free.next() : form.code().strip();
          plant.describe(code, identify(form), checked(form));
          begin(plant, form);
          plant.cameWith(importId, row);
          added.add(plant);
        });
    plants.saveAll(added);
  }

  private void begin(Plant plant, PlantForm form) {
    plant.comesTo(form.stage(), form.stage() == null ? null : scope.today());
  }

  /**
   * Takes out the plants of a list again; those of which something was noted since stay.
   *
   * @return those that stay
   */
  public List<PlantView> takeOut(Long importId) {
    Set<Long> noted = journal.newest().keySet();
    List<Plant> came = plants.ofImport(importId);
    plants.deleteAll(came.stream().filter(plant -> !noted.contains(plant.id())).toList());
    plants.flush();
    return views(came.stream().filter(plant -> noted.contains(plant.id())).toList());
  }

  /** The rows of a list whose plants are there. */
  @Transactional(readOnly = true)
  public Set<Integer> rowsOf(Long importId) {
    return plants.ofImport(importId).stream()
        .map(Plant::importRow)
        .filter(Objects::nonNull)
        .collect(Collectors.toSet());
  }

  /** How many plants of a list are still there, archived ones too. */
  @Transactional(readOnly = true)
  public int countOf(Long importId) {
    return plants.ofImport(importId).size();
  }

  /** Takes out a plant that was entered by mistake, with all that hangs on it. */
  public Optional<PlantView> takeOutOne(Long id) {
    Optional<PlantView> there = find(id);
    plants.byId(id).ifPresent(plants::delete);
    plants.flush();
    return there;
  }

  /** The codes that are taken, archived plants' too. */
  @Transactional(readOnly = true)
  public List<String> codes() {
    return plants.codes();
  }

  /** Changes a plant; a new place is written as a move. */
  public Optional<PlantView> edit(Long id, PlantForm form) {
    return plants
        .byId(id)
        .map(
            plant -> {
              PlaceView place = placeOf(form);
              plant.describe(codeFor(id, form), identify(form), checked(form));
              if (!place.id().equals(plant.placeId())) {
                notes.move(id, place.id(), "");
              }
              if (form.stage() != plant.stage()) {
                notes.stage(plant, form.stage());
              }
              return view(plant, placesById());
            });
  }

  /**
   * Sets the order in which plants of a place are walked; they change places among themselves.
   *
   * @param first one that is walked before all others, or null
   * @return whether all of them stand in the place
   */
  public boolean walk(Long placeId, Long first, List<Long> order) {
    List<Plant> here =
        plants.kept().stream().filter(plant -> plant.placeId().equals(placeId)).toList();
    Optional<List<Plant>> walked = Walk.set(here, Plant::id, first, order);
    walked.ifPresent(all -> IntStream.range(0, all.size()).forEach(i -> all.get(i).walkAt(i)));
    return walked.isPresent();
  }

  /** Puts a plant into the archive, or brings it back. */
  public Optional<PlantView> archive(Long id, boolean away) {
    return plants
        .byId(id)
        .map(
            plant -> {
              archive(plant, away);
              return view(plant, placesById());
            });
  }

  /** Puts several plants into the archive, or brings them back; how many there were. */
  public int archiveAll(Collection<Long> ids, boolean away) {
    List<Plant> found = plants.byIds(ids);
    found.forEach(plant -> archive(plant, away));
    return found.size();
  }

  private void archive(Plant plant, boolean away) {
    plant.archive(away ? scope.today() : null);
    Recorded.What what = away ? Recorded.What.ARCHIVED : Recorded.What.BROUGHT_BACK;
    String text = away ? "Put into the archive" : "Brought back from the archive";
    journal.write(new Entry(plant.id(), scope.now(), new Recorded(what), text));
  }

  /** The next free accession code, year and running number. */
  @Transactional(readOnly = true)
  public String nextCode() {
    return memo.once(From.GROUND, "next-code", () -> Codes.next(plants.codes(), scope.today()));
  }

  private String codeFor(Long id, PlantForm form) {
    if (form.code() == null || form.code().isBlank()) {
      return nextCode();
    }
    String code = form.code().strip();
    plants
        .byCode(code)
        .filter(other -> !other.id().equals(id))
        .ifPresent(
            other -> {
              throw new FieldFault("code", WORDS.say("code-taken", other.name()));
            });
    return code;
  }

  private PlaceView placeOf(PlantForm form) {
    return places
        .find(form.placeId())
        .orElseThrow(() -> new FieldFault("placeId", "Pick a place."));
  }

  private PlantForm checked(PlantForm form) {
    if (form.mediumId() != null && knowledge.media().find(form.mediumId()).isEmpty()) {
      throw new FieldFault("mediumId", "Pick a medium from the list.");
    }
    return form;
  }

  /** Reads a name as a taxon where it is known; a free name must come with how it is built. */
  Identity identify(PlantForm form) {
    String name = form.kind().strip().replaceAll("\\s+", " ");
    Optional<Taxon> taxon = knowledge.taxonNamed(name);
    if (taxon.isPresent()) {
      return new Identity(taxon.get().id(), name, taxon.get().form());
    }
    if (form.formId() == null || knowledge.usual().find(form.formId()).isEmpty()) {
      throw new FieldFault(
          "formId", WORDS.say(knowledge.isAmbiguous(name) ? "name-of-several" : "unknown-name"));
    }
    return new Identity(null, name, form.formId());
  }

  private Map<Long, PlaceView> placesById() {
    return places.all().stream().collect(Collectors.toMap(PlaceView::id, Function.identity()));
  }

  private List<PlantView> views(List<Plant> found) {
    Map<Long, PlaceView> byId = placesById();
    return found.stream().map(plant -> view(plant, byId)).toList();
  }

  private Kind kind(Plant plant) {
    return Optional.ofNullable(plant.taxonId())
        .flatMap(knowledge.taxa()::find)
        .map(knowledge::kind)
        .orElseGet(() -> knowledge.kind(knowledge.usual().find(plant.formId()).orElseThrow()));
  }

  private PlantView view(Plant plant, Map<Long, PlaceView> byId) {
    Medium medium =
        Optional.ofNullable(plant.mediumId()).flatMap(knowledge.media()::find).orElse(null);
    return new PlantView(
        new PlantView.Tag(plant.id(), plant.code(), plant.name()),
        kind(plant),
        byId.get(plant.placeId()),
        plant.pot(),
        new PlantView.Filling(medium, plant.ownMedium(), plant.mediumSince(), plant.waterUsed()),
        new PlantView.Life(
            plant.stage(), plant.stageSince(), plant.arrivedOn(), plant.archivedOn()),
        plant.notes());
  }
}
