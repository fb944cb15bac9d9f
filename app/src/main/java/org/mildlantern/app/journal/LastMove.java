package org.mildlantern.app.journal;

import java.time.LocalDate;
import java.util.Optional;
import org.mildlantern.core.journal.Moved;

/** Where a plant was moved last, and on what day. */
public record LastMove(Long plantId, Moved move, LocalDate day) {
  /** The place that it came from, where that is known. */
  public Optional<Long> from() {
    return Optional.ofNullable(move.from());
  }

  public Long to() {
    return move.to();
  }
}
