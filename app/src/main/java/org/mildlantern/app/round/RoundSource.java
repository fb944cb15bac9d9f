package org.mildlantern.app.round;

import java.time.LocalDate;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Work;

/**
 * A feature with work that belongs on the round. Its rows post to the feature's own controller,
 * which hands what it wrote to {@link Answered}. Rows of a plant stand in the order of their
 * sources, as {@link org.springframework.core.annotation.Order} gives it.
 */
public interface RoundSource {

  /** All its work to come, overdue work included. */
  List<Due> due(Ground ground);

  /** Days ahead that matter and are no work yet, such as the end of a quarantine. */
  default List<Due> ahead(Ground ground) {
    return List.of();
  }

  /** Plants that ask for their keeper beyond the work that is due, by id. */
  default Map<Long, Ask> asks(Ground ground) {
    return Map.of();
  }

  /** What is to be said above the round. */
  default List<Notice> notices(Ground ground) {
    return List.of();
  }

  /** Plants that carry something catching, by id; their places are walked late. */
  default Set<Long> catching(Ground ground) {
    return Set.of();
  }

  /** How much a plant asks for its keeper. */
  enum Ask {
    SOME,
    MUCH
  }

  /** What the round knows already. */
  final class Ground {
    private final LocalDate today;
    private final List<PlantView> kept;
    private final Map<Long, PlantView> byId;

    public Ground(LocalDate today, List<PlantView> kept) {
      this.today = today;
      this.kept = kept;
      this.byId = kept.stream().collect(Collectors.toMap(PlantView::id, Function.identity()));
    }

    public LocalDate today() {
      return today;
    }

    /** The plants that are not in the archive. */
    public List<PlantView> kept() {
      return kept;
    }

    public Optional<PlantView> plant(Long id) {
      return Optional.ofNullable(byId.get(id));
    }
  }

  /**
   * Work on a plant on a day.
   *
   * @param bears the last day to which it may be put off, or null when it may not
   * @param ask how much the plant asks for its keeper once the day has come
   * @param party of work that is done in one go, or null
   * @param item makes its row; given whether it is for today, so that it can be answered
   */
  record Due(
      PlantView plant,
      Work work,
      LocalDate on,
      LocalDate bears,
      Ask ask,
      Party party,
      Function<Boolean, RoundItem> item) {

    /** Work that is not put off, with its row as for today. */
    public static Due on(LocalDate day, RoundItem item) {
      Work work = item.work().orElseThrow();
      return new Due(
          item.plant(),
          work,
          day,
          null,
          work == Work.TREAT ? Ask.MUCH : Ask.SOME,
          null,
          today -> today ? item : item.ahead());
    }

    public Due asking(Ask much) {
      return new Due(plant, work, on, bears, much, party, item);
    }

    /** The same that may be put off to a day; null for what may not. */
    public Due until(LocalDate last) {
      return new Due(plant, work, on, last, ask, party, item);
    }

    /** The same as part of a party; it may be put off to a day. */
    public Due within(Party of, LocalDate last) {
      return new Due(plant, work, on, last, ask, of, item);
    }

    /** How much of a stop's time it takes. */
    public double share() {
      return party == null ? 1 : party.share();
    }
  }
}
