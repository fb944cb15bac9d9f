package org.mildlantern.app.feed;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.feed.Can;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/**
 * Puts plants on the round that are to be fed, a place and a can at a time; only those that were
 * fed within the last months, by a keeper who has a feed: nobody is told to begin.
 */
@Component
@Order(10)
class FeedOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(FeedOnTheRound.class);
  private static final int FED_WITHIN_DAYS = 120;

  /** A feed may be put off by so much. */
  private static final int WAITS = 7;

  /** Share of a stop’s time that one of several plants takes. Rule of thumb. */
  private static final double EACH = 0.3;

  private final FeedService feeds;
  private final FeedPlants checks;
  private final JournalService journal;
  private final Scope scope;

  FeedOnTheRound(FeedService feeds, FeedPlants checks, JournalService journal, Scope scope) {
    this.feeds = feeds;
    this.checks = checks;
    this.journal = journal;
    this.scope = scope;
  }

  @Override
  public List<Due> due(Ground ground) {
    Map<Long, Instant> last =
        journal.last(ground.kept().stream().map(PlantView::id).toList(), NoteKind.FED);
    LocalDate from = ground.today().minusDays(FED_WITHIN_DAYS);
    List<PlantView> used =
        ground.kept().stream()
            .filter(
                plant ->
                    last.containsKey(plant.id()) && scope.day(last.get(plant.id())).isAfter(from))
            .toList();
    if (used.isEmpty()) {
      return List.of();
    }
    List<FeedPlants.Checked> fed =
        checks.check(used).stream().filter(FeedPlants.Checked::fed).toList();
    return feeds
        .best(fed)
        .map(product -> fed.stream().map(one -> due(one, product, ground.today())).toList())
        .orElse(List.of());
  }

  private static Due due(FeedPlants.Checked one, Long product, LocalDate today) {
    PlantView plant = one.plant();
    double ppm = Can.strength(one.check().ppm());
    String given = "/feed/given?round=true&ppm=" + ppm + "&product=" + product;
    return Due.on(
            today,
            RoundItem.due(
                    "feed-" + plant.id(),
                    Work.FEED,
                    plant,
                    WORDS.say("round-feed", ppm),
                    WORDS.say("round-why"))
                .answered(
                    List.of(
                        new RoundItem.Answer(
                            WORDS.say("fed"), given, "plants", plant.id().toString())))
                .leadingTo("/feed", WORDS.say("the-can")))
        .within(
            new Party(
                "feed-" + ppm,
                plants -> WORDS.say("round-feed-many", plants, ppm),
                WORDS.say("round-why"),
                given,
                WORDS.say("fed"),
                WORDS.say("not-fed"),
                "/feed",
                EACH),
            today.plusDays(WAITS));
  }
}
