package org.mildlantern.core.knowledge;

import java.util.Collections;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.core.knowledge.load.Shelf;
import org.mildlantern.core.knowledge.load.Table;
import org.mildlantern.core.repot.Aftercare;
import org.mildlantern.core.repot.BonsaiYear;
import org.mildlantern.core.repot.Material;
import org.mildlantern.core.repot.Reason;
import org.mildlantern.core.repot.Rhythm;

/** How kinds are repotted, what media are mixed from, and the work on small trees. */
public final class Repots {
  private static final List<String> SMALL_TREES = List.of("broadleaf-bonsai", "needle-bonsai");

  private final ByKind<Rhythm> rhythms;
  private final ByKind<BonsaiYear> bonsai;
  private final Map<String, Reason.Why> bySign = new HashMap<>();
  private final Map<String, Reason.Why> byCause = new HashMap<>();
  private final Table<Aftercare> aftercare;
  private final Table<Material> materials;

  /** What speaks for fresh medium when it is seen, or is the cause of an open case. */
  private record Seen(String id, List<String> signs, List<String> causes) {}

  Repots(Shelf shelf, Knowledge knowledge, Media media) {
    rhythms =
        new ByKind<>(
            shelf,
            shelf.table("rhythm", "repot/rhythms.yaml", "rhythms", Rhythm.class),
            Rhythm::id,
            Rhythm::of);
    bonsai =
        new ByKind<>(
            shelf,
            shelf.table("bonsai", "repot/bonsai.yaml", "bonsai", BonsaiYear.class),
            BonsaiYear::id,
            BonsaiYear::of);
    aftercare = shelf.table("aftercare", "repot/aftercare.yaml", "aftercare", Aftercare.class);
    materials = shelf.table("material", "repot/materials.yaml", "mixed-from", Material.class);
    Table<Seen> seen = shelf.table("reason", "repot/seen.yaml", "repot-seen", Seen.class);
    for (Seen line : seen) {
      shelf.refers(seen, line.id(), "signs", line.signs(), knowledge.signs());
      shelf.refers(seen, line.id(), "causes", line.causes(), knowledge.causes());
      Reason.Why why = Reason.Why.valueOf(line.id().replace('-', '_').toUpperCase(Locale.ROOT));
      line.signs().forEach(sign -> bySign.put(sign, why));
      line.causes().forEach(cause -> byCause.put(cause, why));
    }
    Set<String> cared = new HashSet<>();
    for (Aftercare line : aftercare) {
      knowledge.checkWays(shelf, aftercare, line.id(), "of", line.of());
      cared.addAll(line.of());
    }
    for (Way way : knowledge.ways().all()) {
      boolean potless = way.tags().contains("potless");
      if (way.is(Way.At.GROWTH) && !potless && !way.isOneOf(List.copyOf(cared))) {
        shelf.wrong(aftercare, "foliage", "of", "nothing is for the way of life " + way.id());
      }
    }
    for (Material material : materials) {
      shelf.refers(materials, material.id(), "instead", material.instead(), materials);
      shelf.refers(materials, material.id(), "id", List.of(material.id()), media.components());
    }
    for (Retention component : media.components()) {
      if (!materials.knows(component.id())) {
        shelf.wrong(media.components(), component.id(), "id", "is missing in repot/materials.yaml");
      }
    }
  }

  /** Empty where its medium alone decides. */
  public Optional<Rhythm> rhythm(Kind kind) {
    return rhythms.of(kind);
  }

  /** The work of its year; empty for what is no small tree, or of which it is not known. */
  public Optional<BonsaiYear> bonsai(Kind kind) {
    return kind.form().isAmong(SMALL_TREES, List.of()) ? bonsai.of(kind) : Optional.empty();
  }

  /** What it is spared after it was repotted; empty for what lives without a pot. */
  public Optional<Aftercare> aftercare(Kind kind) {
    return kind.way().tags().contains("potless")
        ? Optional.empty()
        : aftercare.stream().filter(line -> kind.way().isOneOf(line.of())).findFirst();
  }

  /** What speaks for fresh medium, by the sign that tells of it. */
  public Map<String, Reason.Why> bySign() {
    return Collections.unmodifiableMap(bySign);
  }

  /** What a trouble says for fresh medium, if anything. */
  public Optional<Reason.Why> by(Cause cause) {
    return Optional.ofNullable(byCause.get(cause.id()));
  }

  public Table<Material> materials() {
    return materials;
  }

  /** The materials of a mix with their shares. */
  public Map<Material, Double> of(Map<Retention, Double> mix) {
    return mix.entrySet().stream()
        .collect(
            Collectors.toMap(
                part -> materials.find(part.getKey().id()).orElseThrow(), Map.Entry::getValue));
  }
}
