package org.mildlantern.app.raising;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts batches on the round whose roots are to be looked for, beside the plant they came from. */
@Component
@Order(13)
class RaisingOnTheRound implements RoundSource {
  private static final Words WORDS = Words.of(RaisingOnTheRound.class);

  private static final int WAITS = 10;

  private final RaisingService raised;
  private final BatchViews views;

  RaisingOnTheRound(RaisingService raised, BatchViews views) {
    this.views = views;
    this.raised = raised;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<Due> due = new ArrayList<>();
    for (RaisingService.Batch batch : raised.all()) {
      Optional<PlantView> parent =
          Optional.ofNullable(batch.row().parentId()).flatMap(ground::plant);
      if (parent.isPresent()) {
        views.look(batch).ifPresent(day -> due.add(due(batch, parent.get(), day, ground.today())));
      }
    }
    return due;
  }

  private static Due due(
      RaisingService.Batch batch, PlantView parent, LocalDate day, LocalDate today) {
    LocalDate on = day.isBefore(today) ? today : day;
    return Due.on(
            on,
            RoundItem.due(
                    "batch-" + batch.row().id(),
                    Work.LOOK,
                    parent,
                    WORDS.say("round-look", "B" + batch.row().number()),
                    WORDS.say(
                        "round-why",
                        batch.counts().waiting(),
                        batch.row().name(),
                        Days.near(batch.row().begunOn())))
                .leadingTo("/raising/" + batch.row().id(), WORDS.say("open-batch")))
        .until(on.plusDays(WAITS));
  }
}
