package org.mildlantern.app.today;

import java.time.LocalDate;
import java.util.Collection;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.plants.PlantView;

/** A feature with work that belongs on the round. */
public interface RoundSource {

  /** All its work to come, overdue work included, with answers as for today. */
  List<Due> due(Ground ground);

  /** What the round knows already. */
  final class Ground {
    private final List<PlantView> kept;
    private final Map<Long, PlantView> byId;
    private final Collection<CaseView> openCases;

    Ground(List<PlantView> kept, Collection<CaseView> openCases) {
      this.kept = kept;
      this.byId = kept.stream().collect(Collectors.toMap(PlantView::id, Function.identity()));
      this.openCases = openCases;
    }

    /** The plants that are not in the archive. */
    public List<PlantView> kept() {
      return kept;
    }

    public Collection<CaseView> openCases() {
      return openCases;
    }

    public Optional<PlantView> plant(Long id) {
      return Optional.ofNullable(byId.get(id));
    }
  }

  /** Work on a plant on a day. */
  record Due(LocalDate on, RoundItem item) {}
}
