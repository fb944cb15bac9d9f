package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;

/** A feature with work that belongs on the round. */
public interface RoundSource {

  /** All its work to come, overdue work included, with answers as for today. */
  List<Due> due(Ground ground);

  /**
   * What the round knows already.
   *
   * @param kept the plants that are not in the archive
   */
  record Ground(List<PlantView> kept, Collection<CaseView> openCases) {
    public Optional<PlantView> plant(Long id) {
      return kept.stream().filter(p -> p.id().equals(id)).findFirst();
    }
  }

  /** Work on a plant on a day. */
  record Due(LocalDate on, RoundItem item) {}
}
