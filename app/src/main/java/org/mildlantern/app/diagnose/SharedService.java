package org.mildlantern.app.diagnose;

import java.time.Duration;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Supplier;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Shared;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What the collection's plants share of late. */
@Service
@Transactional(readOnly = true)
class SharedService {
  /** What was seen within this time is of one season and may have one cause. Rule of thumb. */
  static final int DAYS = 60;

  private final FindingRepository findings;
  private final PlantService plants;
  private final Knowledge knowledge;
  private final Scope scope;

  SharedService(FindingRepository findings, PlantService plants, Knowledge knowledge, Scope scope) {
    this.knowledge = knowledge;
    this.findings = findings;
    this.plants = plants;
    this.scope = scope;
  }

  List<Shared.Cluster> clusters() {
    return clusters(plants::kept);
  }

  /** The same; the kept plants are only asked for when there is something to share. */
  List<Shared.Cluster> clusters(Supplier<List<PlantView>> kept) {
    Map<Long, Set<String>> signs = new HashMap<>();
    for (FindingRepository.SeenSign seen :
        findings.seenSince(scope.now().minus(Duration.ofDays(DAYS)))) {
      if (!knowledge.signs().has(seen.getSign())) {
        continue;
      }
      signs.computeIfAbsent(seen.getPlant(), p -> new HashSet<>()).add(seen.getSign());
    }
    if (signs.size() < 2) {
      return List.of();
    }
    return Shared.clusters(
        kept.get().stream()
            .map(
                p ->
                    new Shared.Plant(
                        p.id(), kind(p), p.place().id(), signs.getOrDefault(p.id(), Set.of())))
            .toList());
  }

  private static String kind(PlantView plant) {
    String name = plant.kind().taxon().map(Taxon::name).orElse(plant.name());
    return name.replace("× ", "").split(" ")[0];
  }
}
