package org.mildlantern.app.today;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.plants.PlantSection;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.web.FormKey;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** What is due today, with its answers: for who read the label in the pot and stands before it. */
@Component
@Order(-1)
class DueSection implements PlantSection {
  private final RoundService rounds;
  private final AnswerButtons buttons;

  DueSection(RoundService rounds, AnswerButtons buttons) {
    this.rounds = rounds;
    this.buttons = buttons;
  }

  /** Rows of the round about the plant. */
  record View(PlantView plant, List<Row> rows) {}

  /**
   * A row.
   *
   * @param buttons of its answers, written out
   */
  record Row(RoundItem item, String key, String buttons) {}

  @Override
  public Optional<Section> of(PlantView plant) {
    Board board = rounds.board();
    List<Row> rows =
        board.agenda().on(board.today()).stream()
            .filter(task -> task.work().plant().id().equals(plant.id()))
            .map(task -> task.work().item().apply(true))
            .filter(item -> !item.answers().isEmpty())
            .map(item -> new Row(item, FormKey.next(), buttons.of(item)))
            .toList();
    return rows.isEmpty()
        ? Optional.empty()
        : Optional.of(new Section("today/due-section", new View(plant, rows), true));
  }
}
