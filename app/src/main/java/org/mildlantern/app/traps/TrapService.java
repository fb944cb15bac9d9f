package org.mildlantern.app.traps;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Paged;
import org.mildlantern.core.journal.Felt;
import org.mildlantern.core.journal.Moisture;
import org.mildlantern.core.pest.TrapTrend;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes weekly counts of sticky traps, and sets them beside how wet the pots were felt. */
@Service
@Transactional
public class TrapService {
  private static final Words WORDS = Words.of(TrapService.class);

  private static final int WEEKS = 16;
  private static final int PAGE = 8;
  private static final int WEEK = 7;

  private final TrapCountRepository counts;
  private final PlaceService places;
  private final PlantService plants;
  private final JournalService journal;
  private final Scope scope;

  TrapService(
      TrapCountRepository counts,
      PlaceService places,
      PlantService plants,
      JournalService journal,
      Scope scope) {
    this.counts = counts;
    this.places = places;
    this.plants = plants;
    this.journal = journal;
    this.scope = scope;
  }

  /** Traps of a place: counts with the share of pots felt wet in the week before. */
  public record PlaceTraps(
      PlaceView place,
      List<Row> rows,
      TrapTrend trend,
      Double wetRatio,
      boolean due,
      TrapLine line) {}

  /** One count; wet is the share of looks at pots that found them wet, in %, or null. */
  public record Row(Long id, LocalDate day, int traps, int counted, double each, Long wet) {}

  @Transactional(readOnly = true)
  public List<PlaceTraps> all() {
    LocalDate today = scope.today();
    LocalDate from = today.minusWeeks(WEEKS);
    Map<Long, List<TrapCount>> byPlace =
        counts.since(from).stream().collect(Collectors.groupingBy(TrapCount::placeId));
    Map<Long, Long> placeOf =
        byPlace.isEmpty()
            ? Map.of()
            : plants.kept().stream()
                .filter(plant -> byPlace.containsKey(plant.place().id()))
                .collect(Collectors.toMap(PlantView::id, plant -> plant.place().id()));
    List<Entry> felt = journal.feltSince(placeOf.keySet(), from.minusDays(WEEK));
    return places.all().stream()
        .map(place -> of(place, byPlace.getOrDefault(place.id(), List.of()), felt, placeOf))
        .toList();
  }

  /**
   * A page of the places.
   *
   * @param page from 1, or null for the first
   * @param place that the page holds, or null for any
   */
  @Transactional(readOnly = true)
  public Paged<PlaceTraps> page(Integer page, Long place) {
    List<PlaceTraps> all = all();
    Integer shown = page;
    if (place != null) {
      shown = Paged.holding(all, PAGE, its -> its.place().id().equals(place));
    }
    return Paged.of(all, shown, PAGE);
  }

  private PlaceTraps of(
      PlaceView place, List<TrapCount> its, List<Entry> felt, Map<Long, Long> placeOf) {
    LocalDate today = scope.today();
    List<TrapTrend.Count> series =
        its.stream()
            .map(
                c ->
                    new TrapTrend.Count(
                        ChronoUnit.DAYS.between(today, c.countedOn()) / (double) WEEK,
                        c.counted(),
                        c.traps(),
                        wet(place, c.countedOn(), felt, placeOf)))
            .toList();
    List<Row> rows =
        IntStream.range(0, its.size()).mapToObj(i -> row(its.get(i), series.get(i))).toList();
    boolean due =
        !its.isEmpty() && its.get(its.size() - 1).countedOn().isBefore(today.minusDays(WEEK - 1));
    return new PlaceTraps(
        place, rows, TrapTrend.of(series), TrapTrend.wetRatio(series), due, TrapLine.of(rows));
  }

  private static Row row(TrapCount count, TrapTrend.Count point) {
    return new Row(
        count.id(),
        count.countedOn(),
        count.traps(),
        count.counted(),
        point.each(),
        point.wet() == null ? null : Math.round(100 * point.wet()));
  }

  private Double wet(PlaceView place, LocalDate day, List<Entry> felt, Map<Long, Long> placeOf) {
    List<Entry> here =
        felt.stream()
            .filter(e -> place.id().equals(placeOf.get(e.plantId())))
            .filter(e -> !scope.day(e.at()).isAfter(day))
            .filter(e -> scope.day(e.at()).isAfter(day.minusDays(WEEK)))
            .toList();
    return here.isEmpty()
        ? null
        : (double)
                here.stream()
                    .filter(e -> e.as(Felt.class).orElseThrow().deepest() == Moisture.WET)
                    .count()
            / here.size();
  }

  /**
   * Notes a count; a second one of the same place and day replaces the first.
   *
   * @throws IllegalArgumentException when a number or the day is out of range
   */
  Optional<PlaceView> count(Long placeId, LocalDate day, int traps, int counted) {
    if (traps < 1 || traps > 100) {
      throw new IllegalArgumentException("Between 1 and 100 traps, please.");
    }
    if (counted < 0 || counted > 100_000) {
      throw new IllegalArgumentException("Between 0 and 100 000, please.");
    }
    LocalDate today = scope.today();
    if (day.isAfter(today) || day.isBefore(today.minusWeeks(WEEKS))) {
      throw new IllegalArgumentException(WORDS.say("weeks", WEEKS));
    }
    return places
        .find(placeId)
        .map(
            place -> {
              TrapCount count =
                  counts.on(placeId, day).orElseGet(() -> new TrapCount(placeId, day));
              count.count(traps, counted);
              counts.save(count);
              return place;
            });
  }

  /** Strikes a count out. */
  boolean remove(Long id) {
    Optional<TrapCount> count = counts.byId(id);
    count.ifPresent(counts::delete);
    return count.isPresent();
  }
}
