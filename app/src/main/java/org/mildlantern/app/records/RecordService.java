package org.mildlantern.app.records;

import java.time.Duration;
import java.time.LocalDate;
import java.util.Collections;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.light.LightService;
import org.mildlantern.app.light.LightYears;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.sensors.Measured;
import org.mildlantern.app.sensors.SensorService;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.ContextField;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * Gathers what all sources say of a plant. What follows from the plant, the places, its day book
 * and the day is worked out once and holds until one of these changes.
 */
@Service
@Transactional(readOnly = true)
public class RecordService {
  private static final Duration YEAR = Duration.ofDays(400);

  /** Plants of which the outcome is remembered. */
  private static final int MOST = 2_000;

  private final List<RecordSource> own;
  private final List<RecordSource> others;
  private final OfLosses losses;
  private final PlaceService places;
  private final LightService lights;
  private final SensorService sensors;
  private final PlantService plants;
  private final JournalService journal;
  private final Scope scope;
  private final Map<Key, Known> known = Collections.synchronizedMap(new Newest());

  RecordService(
      List<RecordSource> sources,
      OfLosses losses,
      PlaceService places,
      LightService lights,
      SensorService sensors,
      PlantService plants,
      JournalService journal,
      Knowledge knowledge,
      Scope scope) {
    check(sources, knowledge);
    this.own = sources.stream().filter(RecordSource::ofPlantAlone).toList();
    this.others = sources.stream().filter(source -> !source.ofPlantAlone()).toList();
    this.losses = losses;
    this.places = places;
    this.lights = lights;
    this.sensors = sensors;
    this.plants = plants;
    this.journal = journal;
    this.scope = scope;
  }

  /** What the outcome was worked out from; the plant may have come from any of the places. */
  private record Key(
      PlantView plant,
      List<PlaceView> places,
      LightYears lights,
      Map<Long, Measured> measured,
      List<Object> grounds,
      Long newestEntry,
      LocalDate today,
      double latitude) {}

  private record Known(Records records, Shedding shedding) {}

  private static final class Newest extends LinkedHashMap<Key, Known> {
    private static final long serialVersionUID = 1L;

    Newest() {
      super(16, 0.75f, true);
    }

    @Override
    protected boolean removeEldestEntry(Map.Entry<Key, Known> eldest) {
      return size() > MOST;
    }
  }

  /**
   * Each field of the knowledge that is not derived has one source, and no source another field.
   */
  static void check(List<RecordSource> sources, Knowledge knowledge) {
    Set<String> filled = new TreeSet<>();
    for (RecordSource source : sources) {
      for (String field : source.fields()) {
        if (!filled.add(field)) {
          throw new IllegalStateException("two sources fill the field " + field);
        }
      }
    }
    Set<String> known =
        knowledge.fields().stream()
            .filter(field -> !field.derived() && !field.said())
            .map(ContextField::id)
            .collect(Collectors.toCollection(TreeSet::new));
    if (!filled.equals(known)) {
      Set<String> unfilled = new TreeSet<>(known);
      unfilled.removeAll(filled);
      filled.removeAll(known);
      throw new IllegalStateException(
          "fields without a source: " + unfilled + "; sources of no field: " + filled);
    }
  }

  public PlantRecords read(PlantView plant) {
    Known mine = known(plant);
    Records theirs = new Records();
    RecordSource.Asked bare = asked(plant, List.of());
    others.forEach(source -> source.read(bare, theirs));
    return PlantRecords.of(mine.records.and(theirs), mine.shedding);
  }

  private Known known(PlantView plant) {
    Key key =
        new Key(
            plant,
            places.all(),
            lights.years(),
            sensors.measured(),
            own.stream().map(RecordSource::ground).toList(),
            journal.newest(plant.id()),
            scope.today(),
            scope.latitude());
    Known found = known.get(key);
    if (found == null) {
      RecordSource.Asked asked = asked(plant, journal.since(plant.id(), scope.now().minus(YEAR)));
      Records records = new Records();
      own.forEach(source -> source.read(asked, records));
      found = new Known(records, losses.shedding(asked));
      known.put(key, found);
    }
    return found;
  }

  private RecordSource.Asked asked(PlantView plant, List<Entry> entries) {
    return new RecordSource.Asked(
        plant, entries, new Once<>(plants::kept), scope.today(), scope.zone(), scope.latitude());
  }

  /** Asks at its first use. */
  private static final class Once<T> implements Supplier<T> {
    private final Supplier<T> from;
    private T value;

    Once(Supplier<T> from) {
      this.from = from;
    }

    @Override
    public T get() {
      value = value == null ? from.get() : value;
      return value;
    }
  }
}
