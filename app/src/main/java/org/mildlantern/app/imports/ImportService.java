package org.mildlantern.app.imports;

import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.Builds;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.SheetWords;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.sheet.Answers;
import org.mildlantern.core.sheet.Column;
import org.mildlantern.core.sheet.DayOrder;
import org.mildlantern.core.sheet.Length;
import org.mildlantern.core.sheet.PlantRow;
import org.mildlantern.core.sheet.Sheet;
import org.mildlantern.core.sheet.SheetReader;
import org.mildlantern.core.sheet.SheetReading;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps growers' lists while they are mended, and makes plants of their rows. */
@Service
@Transactional
class ImportService {
  private final PlantImportRepository imports;
  private final PlantService plants;
  private final PlaceService places;
  private final SheetWords words;
  private final Builds builds;
  private final Scope scope;
  private final SheetReader reader;

  ImportService(
      PlantImportRepository imports,
      PlantService plants,
      PlaceService places,
      SheetWords words,
      Builds builds,
      Scope scope,
      Knowledge knowledge) {
    this.imports = imports;
    this.plants = plants;
    this.places = places;
    this.words = words;
    this.builds = builds;
    this.scope = scope;
    this.reader = new SheetReader(knowledge, words);
  }

  /**
   * A list as it stands.
   *
   * @param reading of the rows that are no plants yet
   * @param saved how many of its plants are in the collection
   */
  record Opened(PlantImport list, SheetReading reading, int saved, List<PlaceView> places) {
    List<SheetReading.Row> open() {
      return reading.open();
    }

    List<SheetReading.Row> good() {
      return reading.good();
    }
  }

  /** Keeps a list. */
  Long open(List<List<String>> lines) {
    return imports.save(new PlantImport(reader.layOut(lines), scope.now())).id();
  }

  @Transactional(readOnly = true)
  List<PlantImport> all() {
    return imports.latestFirst();
  }

  @Transactional(readOnly = true)
  Optional<Opened> find(Long id) {
    return imports.byId(id).map(this::opened);
  }

  private Opened opened(PlantImport list) {
    List<PlaceView> there = places.all();
    Set<Integer> saved = list.saved();
    Set<String> codes =
        plants.codes().stream()
            .map(code -> code.toLowerCase(Locale.ROOT))
            .collect(Collectors.toSet());
    SheetReader.Around around =
        new SheetReader.Around(
            scope.now().atZone(scope.zone()),
            codes,
            there.stream().map(PlaceView::name).toList(),
            builds.labels());
    Sheet sheet = list.sheet();
    SheetReading reading = reader.read(sheet, saved, list.answers(), around);
    return new Opened(list, reading, saved.isEmpty() ? 0 : plants.countOf(list.id()), there);
  }

  /** Puts other texts into cells of a row, by the number of their column. */
  Optional<Opened> mend(Long id, int row, Map<Integer, String> cells) {
    return imports
        .byId(id)
        .map(
            list -> {
              Sheet sheet = list.sheet();
              if (row >= 0 && row < sheet.rows().size() && !list.saved().contains(row)) {
                for (Map.Entry<Integer, String> cell : cells.entrySet()) {
                  if (cell.getKey() < sheet.headings().size()) {
                    sheet = sheet.with(row, cell.getKey(), cell.getValue().strip());
                  }
                }
                list.mend(sheet);
              }
              return opened(list);
            });
  }

  /**
   * What the keeper says of a list; what is null or not among them stays as it was said before.
   *
   * @param places a kind to make each new place in, or the id of the one that is meant, by its name
   * @param rest name of a place, there or new
   */
  record Said(
      Map<Integer, Column> columns,
      Length unit,
      DayOrder days,
      Map<String, String> places,
      String rest) {}

  /** Takes what was said of the list as a whole, and reads it anew. */
  Optional<Opened> say(Long id, Said said) {
    return imports
        .byId(id)
        .map(
            list -> {
              Answers before = list.answers();
              Map<Integer, Column> columns = new HashMap<>(before.columns());
              columns.putAll(said.columns());
              list.say(
                  new Answers(
                      columns,
                      said.unit() == null ? before.unit() : said.unit(),
                      said.days() == null ? before.days() : said.days(),
                      newPlaces(before.places(), said.places()),
                      said.rest() == null ? before.rest() : said.rest()));
              return opened(list);
            });
  }

  private Map<String, Answers.NewPlace> newPlaces(
      Map<String, Answers.NewPlace> before, Map<String, String> said) {
    Map<String, String> there =
        places.all().stream()
            .collect(Collectors.toMap(place -> place.id().toString(), PlaceView::name));
    Map<String, PlaceKind> kinds =
        Stream.of(PlaceKind.values()).collect(Collectors.toMap(PlaceKind::name, kind -> kind));
    Map<String, Answers.NewPlace> meant = new LinkedHashMap<>(before);
    said.forEach(
        (name, what) -> {
          if (kinds.containsKey(what) || there.containsKey(what)) {
            meant.put(
                name.toLowerCase(Locale.ROOT),
                new Answers.NewPlace(kinds.get(what), there.get(what)));
          }
        });
    return meant;
  }

  /** Makes plants of all rows that will do, with the places that are missing. */
  Optional<Integer> save(Long id) {
    return imports.byId(id).map(list -> save(list, opened(list)));
  }

  private int save(PlantImport list, Opened opened) {
    List<SheetReading.Row> good = opened.good();
    Map<String, Long> byName = new HashMap<>();
    opened.places().forEach(place -> byName.put(place.name().toLowerCase(Locale.ROOT), place.id()));
    SortedMap<Integer, PlantForm> forms = new TreeMap<>();
    for (SheetReading.Row row : good) {
      String name = row.plant().place();
      Long place =
          byName.computeIfAbsent(
              name.toLowerCase(Locale.ROOT),
              key -> places.add(name, kindOf(list.answers(), key), list.id()).id());
      forms.put(row.number(), form(row.plant(), place));
    }
    plants.addAll(forms, list.id());
    list.save(forms.keySet());
    return good.size();
  }

  /** The kind in which a new place is made: as the keeper says, or as its name tells. */
  PlaceKind kindOf(Answers answers, String name) {
    return Optional.ofNullable(answers.places().get(name.toLowerCase(Locale.ROOT)))
        .map(Answers.NewPlace::kind)
        .orElseGet(() -> words.placeKind(name));
  }

  private static PlantForm form(PlantRow row, Long place) {
    PlantRow.InPot pot = row.pot();
    PlantRow.Filling filling = row.filling();
    return new PlantForm(
        row.code(),
        row.name(),
        row.formId(),
        place,
        new Pot(
            pot.shape(), pot.cm(), pot.depthCm(), pot.material(), pot.holes(), pot.outer(), null),
        filling.mediumId(),
        filling.own(),
        filling.since(),
        row.water(),
        row.stage(),
        row.arrived(),
        row.notes());
  }

  /**
   * Takes the whole import back: its plants and the places made for them go, and the rows of those
   * that went are a draft again.
   *
   * @return plants that stay because something was noted of them since; empty without such a list
   */
  Optional<List<PlantView>> takeBack(Long id) {
    return imports
        .byId(id)
        .map(
            list -> {
              List<PlantView> stay = plants.takeOut(id);
              places.takeOut(id);
              list.takeBack(plants.rowsOf(id));
              return stay;
            });
  }

  /** Throws the list away; what was made of it stays. */
  boolean drop(Long id) {
    Optional<PlantImport> list = imports.byId(id);
    list.ifPresent(imports::delete);
    return list.isPresent();
  }
}
