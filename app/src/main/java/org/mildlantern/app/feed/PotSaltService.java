package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.Set;
import org.mildlantern.app.journal.ByPlant;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.feed.SaltStory;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.knowledge.Habits;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Follows the salts of pots by what was noted of their water and feed. */
@Service
@Transactional(readOnly = true)
class PotSaltService {
  /** Entries are looked at so far back. */
  private static final int DAYS = 400;

  /** Pots that a page waits for. */
  private static final int AT_ONCE = 100;

  /** The notes that tell of them. */
  private static final Set<NoteKind> TELLING =
      Set.of(
          NoteKind.WATERED,
          NoteKind.FILLED,
          NoteKind.FED,
          NoteKind.FLUSHED,
          NoteKind.SALTS,
          NoteKind.READ,
          NoteKind.STREWN);

  private final WateringService watering;
  private final JournalService journal;
  private final Waters waters;
  private final FeedProductRepository products;
  private final Knowledge knowledge;
  private final Scope scope;
  private final CollectionMemo memo;
  private final ByPlant<From, Optional<SaltStory>> known = new ByPlant<>();

  PotSaltService(
      WateringService watering,
      JournalService journal,
      Waters waters,
      FeedProductRepository products,
      Knowledge knowledge,
      Scope scope,
      CollectionMemo memo) {
    this.watering = watering;
    this.journal = journal;
    this.waters = waters;
    this.products = products;
    this.memo = memo;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  /** The collection’s waters and feeds, by which notes are read; by value. */
  record Stores(GivenWaters waters, FedNotes notes) {}

  Stores stores() {
    return memo.once(
        "feed-stores",
        () ->
            new Stores(
                new GivenWaters(waters.sheets()),
                new FedNotes(products.all().stream().map(FeedProduct::form).toList())));
  }

  /** What is known of the salts in its pot; empty where its pot or its drinks are not known. */
  Optional<SaltStory> of(PlantView plant) {
    return Optional.ofNullable(of(List.of(plant)).get(plant.id()));
  }

  /** What a story was told from. */
  private record From(PlantView plant, Stores stores, LocalDate day, Long newest) {}

  /**
   * The same of many plants, by plant; those of which it is not known are left out. Of very many at
   * once those whose water is saltiest for their kind are worked out first, the others when they
   * are asked for again.
   */
  Map<Long, SaltStory> ofMany(List<PlantView> plants) {
    Stores stores = stores();
    Map<Long, Long> newest = journal.newest();
    Map<Long, SaltStory> stories = new HashMap<>();
    List<PlantView> unknown = new ArrayList<>();
    for (PlantView plant : plants) {
      Optional<Optional<SaltStory>> story = known.find(plant.id(), from(plant, stores, newest));
      if (story.isEmpty()) {
        unknown.add(plant);
      } else {
        story.get().ifPresent(told -> stories.put(plant.id(), told));
      }
    }
    List<PlantView> now =
        unknown.stream()
            .sorted(Comparator.comparingDouble(plant -> -saltiness(plant, stores)))
            .limit(AT_ONCE)
            .toList();
    Map<Long, SaltStory> told = of(now);
    for (PlantView plant : now) {
      Optional<SaltStory> story = Optional.ofNullable(told.get(plant.id()));
      known.keep(plant.id(), from(plant, stores, newest), story);
    }
    stories.putAll(told);
    return stories;
  }

  private From from(PlantView plant, Stores stores, Map<Long, Long> newest) {
    return new From(plant, stores, scope.today(), newest.getOrDefault(plant.id(), 0L));
  }

  /** The same, all of them now. */
  Map<Long, SaltStory> of(List<PlantView> plants) {
    List<PlantView> told = plants.stream().filter(plant -> plant.waterUsed() != null).toList();
    if (told.isEmpty()) {
      return Map.of();
    }
    Stores stores = stores();
    Map<Long, List<Entry>> entries =
        journal.since(
            told.stream().map(PlantView::id).toList(), scope.today().minusDays(DAYS), TELLING);
    Map<Long, SaltStory> stories = new HashMap<>();
    for (PlantView plant : told) {
      story(plant, entries.getOrDefault(plant.id(), List.of()), stores)
          .ifPresent(story -> stories.put(plant.id(), story));
    }
    return stories;
  }

  /**
   * The story of a pot.
   *
   * @param entries of its plant, in any order
   */
  Optional<SaltStory> story(PlantView plant, List<Entry> entries, Stores stores) {
    Optional<WateringService.PotWater> pot = watering.pot(plant);
    if (pot.isEmpty() || plant.waterUsed() == null) {
      return Optional.empty();
    }
    double water = stores.waters().of(plant.waterUsed()).ec().value() / 1000;
    LocalDate since = plant.mediumSince();
    List<SaltStory.Event> events =
        entries.stream()
            .sorted(Comparator.comparing(Entry::at))
            .filter(entry -> since == null || !scope.day(entry.at()).isBefore(since))
            .flatMap(
                entry ->
                    stores
                        .notes()
                        .event(
                            entry.note(),
                            scope.day(entry.at()),
                            water,
                            pot.get().stands(),
                            plant.place().warmth())
                        .stream())
            .toList();
    if (events.stream().noneMatch(SaltStory.Drink.class::isInstance)) {
      return Optional.empty();
    }
    LocalDate today = scope.today();
    boolean resting = plant.resting(today, scope.latitude());
    return Optional.of(
        SaltStory.tell(
            new SaltStory.Of(
                pot.get().holdsMl(), pot.get().left(), resting, limit(plant), pot.get().stands()),
            events,
            Math.max(1, plant.kind().habits().checkDaysOn(today, scope.latitude(), resting)),
            today));
  }

  /** How salty its water is for its kind; 0 where it is not noted. */
  private double saltiness(PlantView plant, Stores stores) {
    return plant.waterUsed() == null
        ? 0
        : stores.waters().of(plant.waterUsed()).ec().value() / 1000 / limit(plant);
  }

  private double limit(PlantView plant) {
    return knowledge.feeding().of(plant.kind()).saltsFor(plant.kind().shyOf(Habits.Shy.SALTS));
  }

  /** The purest water at hand, by which a pot is flushed. */
  Can.AtHand purest() {
    return waters.atHand().stream()
        .min(Comparator.comparingDouble(one -> one.of().ecUsCm()))
        .orElseThrow();
  }

  /** Litres of a water that flush it, and of which. */
  record Flush(double litres, String water) {}

  Optional<Flush> flush(SaltStory story) {
    return flush(story, purest());
  }

  static Optional<Flush> flush(SaltStory story, Can.AtHand purest) {
    OptionalDouble litres = story.flushLitres(purest.of().ecUsCm() / 1000);
    return litres.isEmpty() || litres.getAsDouble() == 0
        ? Optional.empty()
        : Optional.of(new Flush(litres.getAsDouble(), purest.of().name()));
  }
}
