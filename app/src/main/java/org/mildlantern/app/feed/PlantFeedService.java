package org.mildlantern.app.feed;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.watering.WateringService;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.feed.FeedCheck;
import org.mildlantern.core.feed.SlowRelease;
import org.mildlantern.core.journal.Flushed;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.SaltsRead;
import org.mildlantern.core.journal.Strewn;
import org.mildlantern.core.knowledge.Bears;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What is read of a pot’s salts, and the grains that are strewn on it. */
@Service
@Transactional
class PlantFeedService {
  private static final Words WORDS = Words.of(PlantFeedService.class);
  private static final int DAYS = 730;

  private static final double MOST_FLUSH = 200_000;

  /** A pot of which no drink is known drinks so much of its volume a day. Rule of thumb. */
  private static final double DRINKS_A_DAY = 0.04;

  private final FeedService feeds;
  private final PotSaltService salts;
  private final FeedPlants checks;
  private final FeedProductRepository products;
  private final WateringService watering;
  private final PlantService plants;
  private final PlantNotes notes;
  private final JournalService journal;
  private final Knowledge knowledge;
  private final Scope scope;

  PlantFeedService(
      FeedService feeds,
      PotSaltService salts,
      FeedPlants checks,
      FeedProductRepository products,
      WateringService watering,
      PlantService plants,
      PlantNotes notes,
      JournalService journal,
      Knowledge knowledge,
      Scope scope) {
    this.feeds = feeds;
    this.salts = salts;
    this.checks = checks;
    this.products = products;
    this.watering = watering;
    this.plants = plants;
    this.notes = notes;
    this.journal = journal;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  @Transactional(readOnly = true)
  Optional<PlantFeedView> of(Long plantId) {
    return plants.find(plantId).map(this::view);
  }

  private PlantFeedView view(PlantView plant) {
    List<Entry> noted =
        journal
            .since(
                List.of(plant.id()),
                scope.today().minusDays(DAYS),
                Set.of(NoteKind.SALTS, NoteKind.STREWN))
            .getOrDefault(plant.id(), List.of())
            .stream()
            .sorted((a, b) -> b.at().compareTo(a.at()))
            .toList();
    Optional<Double> ppm = nitrogen(plant);
    FeedService.AtPlant now = feeds.at(plant);
    return new PlantFeedView(
        plant,
        now,
        noted.stream()
            .flatMap(entry -> entry.as(SaltsRead.class).map(n -> read(entry, n)).stream())
            .toList(),
        noted.stream()
            .flatMap(entry -> entry.as(Strewn.class).map(n -> strewn(plant, entry, n)).stream())
            .toList(),
        ppm.map(asked -> grains(plant, asked, now.why())).orElse(List.of()),
        ppm.isPresent() ? "" : WORDS.say("no-grains"));
  }

  private PlantFeedView.Line read(Entry entry, SaltsRead note) {
    return new PlantFeedView.Line(
        Days.near(scope.day(entry.at())),
        entry.text(),
        WORDS.say("in-pot", note.method().pore(note.msCm())));
  }

  private PlantFeedView.Line strewn(PlantView plant, Entry entry, Strewn note) {
    LocalDate on = scope.day(entry.at());
    boolean gone = plant.mediumSince() != null && on.isBefore(plant.mediumSince());
    String means =
        gone
            ? WORDS.say("grains-gone")
            : FedNotes.label(note.analysis())
                .map(
                    label ->
                        new SlowRelease(label, note.grams(), note.months(), plant.place().warmth()))
                .map(
                    grains ->
                        WORDS.say(
                            "grains-left",
                            grains.left(on, scope.today()) * 100,
                            Days.near(grains.spent(on)),
                            plant.place().warmth()))
                .orElse("");
    return new PlantFeedView.Line(Days.near(on), entry.text(), means);
  }

  /** What its way of life asks for; empty for what is not fed at the roots or not known. */
  private Optional<Double> nitrogen(PlantView plant) {
    return knowledge.bears(plant.kind(), checks.wateredEvery(plant), false).map(Bears::nitrogenPpm);
  }

  /** How much of each it asks for; nothing while it is not to be fed at all. */
  private List<PlantFeedView.Grains> grains(PlantView plant, double ppm, FeedCheck.Why why) {
    boolean fed = why == FeedCheck.Why.FEED || why == FeedCheck.Why.FED_LATELY;
    Optional<Double> aDay = fed ? mlADay(plant) : Optional.empty();
    String none =
        fed
            ? WORDS.say("grains-pot-unknown")
            : WORDS.say("grains-not-now", WORDS.say("why", why.name()));
    return products.all().stream()
        .filter(product -> product.form().grains() && product.form().n() > 0)
        .map(
            product ->
                new PlantFeedView.Grains(
                    product.id(),
                    product.name(),
                    aDay.map(
                            ml ->
                                WORDS.say(
                                    "grains-asked",
                                    SlowRelease.gramsFor(
                                        product.form().label(),
                                        product.form().months(),
                                        plant.place().warmth(),
                                        ppm,
                                        ml)))
                        .orElse(none)))
        .toList();
  }

  private Optional<Double> mlADay(PlantView plant) {
    Map<Long, Double> drinks = watering.drinks(List.of(plant));
    return Optional.ofNullable(drinks.get(plant.id()))
        .map(ml -> ml / checks.wateredEvery(plant))
        .or(() -> watering.pot(plant).map(pot -> pot.holdsMl() * DRINKS_A_DAY));
  }

  /** Notes what was read; empty when there is no such plant. */
  Optional<Entry> read(Long plantId, SaltForm form) {
    return notes.write(plantId, form.note());
  }

  /**
   * Notes a flush with the purest water at hand; empty when there is no such plant.
   *
   * @throws IllegalArgumentException for an amount that nobody pours
   */
  Optional<Entry> flushed(Long plantId, double ml) {
    if (!(ml > 0 && ml <= MOST_FLUSH)) {
      throw new IllegalArgumentException(WORDS.say("flush-amount"));
    }
    return notes.write(plantId, new Flushed(ml, salts.purest().of().ecUsCm() / 1000));
  }

  /**
   * Notes what was strewn; empty when there is no such plant.
   *
   * @throws IllegalArgumentException for what is no product of grains, or a plant that takes none
   */
  Optional<Entry> strewn(Long plantId, GrainsForm form) {
    Optional<PlantView> plant = plants.find(plantId);
    if (plant.isEmpty()) {
      return Optional.empty();
    }
    ProductForm product =
        products
            .byId(form.product())
            .map(FeedProduct::form)
            .filter(ProductForm::grains)
            .orElseThrow(() -> new IllegalArgumentException(WORDS.say("which-grains")));
    if (nitrogen(plant.get()).isEmpty()) {
      throw new IllegalArgumentException(WORDS.say("no-grains"));
    }
    return notes.write(plantId, new Strewn(form.grams(), product.printed(), product.months()));
  }
}
