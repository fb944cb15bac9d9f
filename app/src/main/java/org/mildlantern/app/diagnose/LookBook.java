package org.mildlantern.app.diagnose;

import java.time.Instant;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Knowledge;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What was seen lately, on one plant and on several. */
@Service
@Transactional(readOnly = true)
public class LookBook {
  private static final int SIGNS = 3;

  private final LookRepository looks;
  private final FindingRepository findings;
  private final SharedService shared;
  private final PlantService plants;
  private final Knowledge knowledge;

  LookBook(
      LookRepository looks,
      FindingRepository findings,
      SharedService shared,
      PlantService plants,
      Knowledge knowledge) {
    this.looks = looks;
    this.findings = findings;
    this.shared = shared;
    this.plants = plants;
    this.knowledge = knowledge;
  }

  /**
   * A look at a plant.
   *
   * @param open whether it is not finished
   * @param signs the first of those that were there
   * @param more how many more there were
   */
  public record Recent(PlantView plant, Instant at, boolean open, List<String> signs, int more) {}

  /** A sign that several plants show. */
  public record SharedSign(String signId, String label, int plants) {}

  /**
   * When some signs were last seen, by plant and sign; a sign that a later look did not find is
   * left out.
   */
  public Map<Long, Map<String, Instant>> lastSeen(Set<String> signs, Instant since) {
    Map<Long, Map<String, Instant>> seen = new HashMap<>();
    for (FindingRepository.FoundSign found : findings.foundSince(signs, since)) {
      Map<String, Instant> ofPlant =
          seen.computeIfAbsent(found.getPlant(), plant -> new HashMap<>());
      if (found.getPresent()) {
        ofPlant.put(found.getSign(), found.getAt());
      } else {
        ofPlant.remove(found.getSign());
      }
    }
    return seen;
  }

  /** The newest looks at plants that are kept. */
  public List<Recent> recent(int most) {
    Map<Long, PlantView> byId =
        plants.kept().stream().collect(Collectors.toMap(PlantView::id, Function.identity()));
    List<Look> newest =
        looks.newest(Limit.of(most)).stream()
            .filter(look -> byId.containsKey(look.plantId()))
            .toList();
    Map<Long, List<FindingRow>> rows =
        newest.isEmpty()
            ? Map.of()
            : findings.ofAll(newest.stream().map(Look::id).toList()).stream()
                .collect(Collectors.groupingBy(FindingRow::lookId));
    return newest.stream()
        .map(
            look -> recent(look, byId.get(look.plantId()), rows.getOrDefault(look.id(), List.of())))
        .toList();
  }

  private Recent recent(Look look, PlantView plant, List<FindingRow> rows) {
    List<String> signs =
        rows.stream()
            .map(row -> row.noted().finding())
            .filter(finding -> finding.present())
            .map(finding -> knowledge.label(finding.sign(), finding.pattern()))
            .toList();
    return new Recent(
        plant,
        look.startedAt(),
        look.open(),
        signs.stream().limit(SIGNS).toList(),
        Math.max(0, signs.size() - SIGNS));
  }

  public List<SharedSign> shared(int most) {
    return shared.clusters().stream()
        .limit(most)
        .map(
            one ->
                new SharedSign(one.sign(), knowledge.label(one.sign(), null), one.plants().size()))
        .toList();
  }
}
