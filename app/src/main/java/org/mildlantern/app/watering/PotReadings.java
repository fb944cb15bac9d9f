package org.mildlantern.app.watering;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.PlainInput;
import org.mildlantern.core.journal.Metered;
import org.mildlantern.core.journal.Note;
import org.mildlantern.core.journal.Weighed;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes readings that devices send, each once, whatever order they come in. */
@Service
@Transactional
public class PotReadings {
  /** A device's clock may be ahead by this much. */
  private static final Duration AHEAD = Duration.ofMinutes(5);

  private static final Duration OLDEST = Duration.ofDays(400);

  private final JournalService journal;
  private final PlantService plants;
  private final Weights weights;
  private final Scope scope;

  PotReadings(JournalService journal, PlantService plants, Weights weights, Scope scope) {
    this.weights = weights;
    this.journal = journal;
    this.plants = plants;
    this.scope = scope;
  }

  /** What is measured. */
  public enum Kind {
    WEIGHT,
    WEIGHT_DRAINED,
    WEIGHT_DRY,
    METER;

    private Note note(double value) {
      return switch (this) {
        case WEIGHT -> new Weighed(value, Weighed.State.AS_IT_WAS);
        case WEIGHT_DRAINED -> new Weighed(value, Weighed.State.DRAINED);
        case WEIGHT_DRY -> new Weighed(value, Weighed.State.DRY);
        case METER -> new Metered(value);
      };
    }
  }

  /**
   * A reading as it is sent.
   *
   * @param id chosen by the device, the same when it is sent again
   * @param plant accession code
   * @param at instant of the reading
   * @param value grams, or a meter's figure from 0 to 10
   */
  public record Sent(String id, String plant, Instant at, Kind kind, Double value) {}

  /** What became of a reading: stored, known already, or refused with a reason. */
  public record Taken(String id, String state, String message) {}

  /** One that is not there at all. */
  private static final Sent NOTHING = new Sent(null, null, null, null, null);

  /** Takes a batch; each reading stands for itself. */
  public List<Taken> take(List<Sent> sentOnes) {
    List<Sent> batch =
        sentOnes.stream().map(sent -> Objects.requireNonNullElse(sent, NOTHING)).toList();
    Map<String, PlantView> byCode =
        plants
            .coded(
                batch.stream()
                    .map(Sent::plant)
                    .filter(code -> code != null && PlainInput.isStorable(code))
                    .collect(Collectors.toSet()))
            .stream()
            .collect(Collectors.toMap(PlantView::code, Function.identity()));
    Set<String> known =
        new HashSet<>(
            journal.knownKeys(
                batch.stream()
                    .map(Sent::id)
                    .filter(id -> id != null && PlainInput.isStorable(id))
                    .distinct()
                    .toList()));
    Map<Long, List<Entry>> entries = new HashMap<>(weights.entries(plantIds(batch, byCode)));
    List<Taken> taken = new ArrayList<>();
    for (Sent sent : batch) {
      String fault = fault(sent, byCode, entries);
      if (fault != null) {
        taken.add(new Taken(sent.id(), "refused", fault));
      } else if (!known.add(sent.id())) {
        taken.add(new Taken(sent.id(), "known", null));
      } else {
        Entry stored = store(sent, byCode.get(sent.plant()));
        entries.computeIfAbsent(stored.plantId(), id -> new ArrayList<>()).add(stored);
        taken.add(new Taken(sent.id(), "stored", null));
      }
    }
    return taken;
  }

  /** The plants of which a plain weight is sent. */
  private static List<Long> plantIds(List<Sent> batch, Map<String, PlantView> byCode) {
    return batch.stream()
        .filter(sent -> sent.kind() == Kind.WEIGHT && byCode.containsKey(sent.plant()))
        .map(sent -> byCode.get(sent.plant()).id())
        .distinct()
        .toList();
  }

  private Entry store(Sent sent, PlantView plant) {
    return journal.write(
        new Entry(plant.id(), sent.at(), sent.kind().note(sent.value())).sentAs(sent.id()));
  }

  private String fault(Sent sent, Map<String, PlantView> byCode, Map<Long, List<Entry>> entries) {
    if (sent.id() == null
        || sent.id().isBlank()
        || sent.id().length() > 80
        || !PlainInput.isStorable(sent.id())) {
      return "id: 1 to 80 characters that can be stored";
    }
    PlantView plant = byCode.get(sent.plant());
    if (plant == null) {
      return "plant: no plant has the code " + sent.plant();
    }
    if (plant.archived()) {
      return "plant: it is in the archive";
    }
    if (sent.kind() == null) {
      return "kind: WEIGHT, WEIGHT_DRAINED, WEIGHT_DRY or METER";
    }
    Instant now = scope.now();
    if (sent.at() == null
        || sent.at().isAfter(now.plus(AHEAD))
        || sent.at().isBefore(now.minus(OLDEST))) {
      return "at: an instant that has come, of the last 400 days";
    }
    double most = sent.kind() == Kind.METER ? Metered.MOST : Weighed.HEAVIEST;
    double least = sent.kind() == Kind.METER ? 0 : 1;
    if (sent.value() == null || !(sent.value() >= least) || sent.value() > most) {
      return String.format(Locale.ROOT, "value: %.0f to %.0f", least, most);
    }
    if (sent.kind() == Kind.WEIGHT) {
      return weights
          .fault(plant, entries.getOrDefault(plant.id(), List.of()), sent.value())
          .map(fault -> "value: " + fault)
          .orElse(null);
    }
    return null;
  }
}
