package org.mildlantern.app.cases;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.journal.Moved;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.pest.Generation;
import org.mildlantern.core.treatment.Stay;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Which plants shared a place with a catching case, from the history of moves. */
@Service
@Transactional(readOnly = true)
public class ContactService {
  /** How long before it was found a catching cause may have been there, in days. Rule of thumb. */
  private static final int BEFORE_DAYS = 28;

  private static final int LONGEST_BEFORE = 120;
  private static final double ROOM = 20;

  private final JournalService journal;
  private final Knowledge knowledge;
  private final Remedies remedies;
  private final Scope scope;

  ContactService(JournalService journal, Knowledge knowledge, Remedies remedies, Scope scope) {
    this.journal = journal;
    this.knowledge = knowledge;
    this.remedies = remedies;
    this.scope = scope;
  }

  /**
   * A plant that shared a place with the case's plant while the cause could have been on it.
   *
   * @param days spent together
   * @param last the last of them
   */
  public record Contact(Long caseId, Cause cause, PlantView plant, long days, LocalDate last) {}

  /** An open case in brief. */
  private record Sick(Long id, Long plantId, Cause cause, LocalDate openedOn) {}

  /** The contacts of the catching ones among cases, those of a case together, the longest first. */
  public List<Contact> of(Collection<CaseView> open, List<PlantView> kept) {
    return contacts(
        open.stream()
            .filter(CaseView::open)
            .map(c -> new Sick(c.id(), c.plantId(), c.cause(), c.openedOn()))
            .toList(),
        kept,
        null);
  }

  /** Causes of open cases whose plants shared a place with this one while it could have caught. */
  Set<String> met(Long plantId, List<PlantCase> open, List<PlantView> kept) {
    List<Sick> sick =
        open.stream()
            .map(
                c ->
                    new Sick(
                        c.id(),
                        c.plantId(),
                        knowledge.causes().find(c.causeId()).orElseThrow(),
                        c.openedOn()))
            .toList();
    return contacts(sick, kept, Set.of(plantId)).stream()
        .map(contact -> contact.cause().id())
        .collect(Collectors.toCollection(HashSet::new));
  }

  /**
   * The contacts of sick plants.
   *
   * @param only plants whose contacts are sought, or null for all
   */
  private List<Contact> contacts(List<Sick> open, List<PlantView> kept, Set<Long> only) {
    List<Sick> catching = open.stream().filter(c -> c.cause().catching()).toList();
    if (catching.isEmpty()) {
      return List.of();
    }
    Map<Long, PlantView> byId =
        kept.stream().collect(Collectors.toMap(PlantView::id, plant -> plant));
    LocalDate today = scope.today();
    Map<Long, LocalDate> windows =
        catching.stream()
            .collect(Collectors.toMap(Sick::id, one -> windowFrom(one, byId.get(one.plantId()))));
    LocalDate earliest = windows.values().stream().min(Comparator.naturalOrder()).orElse(today);
    Map<Long, List<Entry>> moves =
        journal.movesSince(earliest).stream().collect(Collectors.groupingBy(Entry::plantId));
    Set<Long> sick = catching.stream().map(Sick::plantId).collect(Collectors.toSet());
    Map<Long, List<Stay>> stays = new LinkedHashMap<>();
    Map<Long, Map<Long, PlantView>> stood = new HashMap<>();
    for (PlantView plant : kept) {
      boolean sought = only == null || only.contains(plant.id());
      if (sought || sick.contains(plant.id())) {
        List<Stay> its = stays(plant, moves.getOrDefault(plant.id(), List.of()));
        stays.put(plant.id(), its);
        if (sought) {
          its.forEach(
              stay ->
                  stood
                      .computeIfAbsent(stay.place(), id -> new HashMap<>())
                      .put(plant.id(), plant));
        }
      }
    }
    Map<Long, Integer> order = new HashMap<>();
    stays.keySet().forEach(plant -> order.put(plant, order.size()));
    return catching.stream()
        .filter(one -> stays.containsKey(one.plantId()))
        .flatMap(
            one -> {
              List<Stay> its = stays.get(one.plantId());
              LocalDate from = windows.get(one.id());
              Map<Long, PlantView> met = new HashMap<>();
              its.forEach(stay -> met.putAll(stood.getOrDefault(stay.place(), Map.of())));
              met.remove(one.plantId());
              return met.values().stream()
                  .sorted(Comparator.comparing(p -> order.get(p.id())))
                  .map(p -> contact(one, p, Stay.together(its, stays.get(p.id()), from, today)))
                  .filter(c -> c.days() > 0)
                  .sorted(Comparator.comparingLong(c -> -c.days()));
            })
        .toList();
  }

  private Contact contact(Sick sick, PlantView other, Stay.Together together) {
    return together == null
        ? new Contact(sick.id(), sick.cause(), other, 0, null)
        : new Contact(sick.id(), sick.cause(), other, together.days(), together.last());
  }

  /** One generation before it was found, or four weeks where no generation is known. */
  private LocalDate windowFrom(Sick sick, PlantView plant) {
    double celsius =
        plant == null || plant.place().temperature() == null ? ROOM : plant.place().temperature();
    double before =
        remedies
            .pests()
            .find(sick.cause().id())
            .map(pest -> Generation.of(pest, celsius).days())
            .orElse((double) BEFORE_DAYS);
    return sick.openedOn().minusDays((long) Math.ceil(Math.min(LONGEST_BEFORE, before)));
  }

  /** Where the plant was, from its moves, the latest first. */
  private List<Stay> stays(PlantView plant, List<Entry> moves) {
    List<Stay> stays = new ArrayList<>();
    LocalDate to = scope.today();
    Long place = plant.place().id();
    for (Entry move : moves) {
      LocalDate day = scope.day(move.at());
      stays.add(new Stay(place, day, to));
      to = day;
      place = move.as(Moved.class).map(Moved::from).orElse(null);
      if (place == null) {
        return stays;
      }
    }
    LocalDate from = plant.arrivedOn() == null ? LocalDate.EPOCH : plant.arrivedOn();
    if (!from.isAfter(to)) {
      stays.add(new Stay(place, from, to));
    }
    return stays;
  }
}
