package org.mildlantern.app.imports;

import java.time.Instant;

/**
 * A list or a log that was begun.
 *
 * @param saved how many of its rows are in the collection
 */
record Earlier(Long id, Instant madeAt, int rows, int saved) {
  static Earlier of(PlantImport list) {
    return new Earlier(list.id(), list.madeAt(), list.sheet().rows().size(), list.saved().size());
  }

  static Earlier of(LogImport log) {
    return new Earlier(log.id(), log.madeAt(), log.sheet().rows().size(), log.saved().size());
  }
}
