package org.mildlantern.app.growth;

import java.time.Instant;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.growth.GrowthTrend;
import org.mildlantern.core.growth.Organ;
import org.mildlantern.core.journal.Grew;
import org.mildlantern.core.journal.NoteKind;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Holds what plants make one after another against the last, with what was done between. */
@Service
@Transactional
class GrowthService {
  private static final Words WORDS = Words.of(GrowthService.class);
  private static final int YEARS = 5;

  /** What may have made a difference. */
  private static final Set<NoteKind> CHANGES =
      Set.of(NoteKind.MOVED, NoteKind.REPOTTED, NoteKind.FED, NoteKind.STREWN, NoteKind.SPRAYED);

  private static final int MOST_CHANGES = 4;
  private static final double WIDTH = 300;
  private static final double HEIGHT = 80;
  private static final double MARGIN = 8;

  private final PlantService plants;
  private final JournalService journal;
  private final Scope scope;

  GrowthService(PlantService plants, JournalService journal, Scope scope) {
    this.plants = plants;
    this.journal = journal;
    this.scope = scope;
  }

  @Transactional(readOnly = true)
  Optional<GrowthView> of(Long plantId) {
    return plants.find(plantId).map(this::view);
  }

  @Transactional(readOnly = true)
  GrowthView view(PlantView plant) {
    List<Entry> noted =
        new ArrayList<>(
            journal
                .since(List.of(plant.id()), scope.today().minusYears(YEARS), kinds())
                .getOrDefault(plant.id(), List.of()));
    noted.sort(Comparator.comparing(Entry::at));
    Map<Organ, List<Entry>> by = new EnumMap<>(Organ.class);
    noted.forEach(
        entry ->
            entry
                .as(Grew.class)
                .ifPresent(
                    grew -> by.computeIfAbsent(grew.organ(), o -> new ArrayList<>()).add(entry)));
    return new GrowthView(
        plant,
        by.entrySet().stream()
            .map(e -> ofOrgan(e.getKey(), e.getValue(), noted))
            .sorted(Comparator.comparingInt(one -> -one.all().size()))
            .toList());
  }

  private static Set<NoteKind> kinds() {
    Set<NoteKind> kinds = new HashSet<>(CHANGES);
    kinds.add(NoteKind.GREW);
    return kinds;
  }

  private GrowthView.OfOrgan ofOrgan(Organ organ, List<Entry> grown, List<Entry> noted) {
    List<GrowthTrend.Grown> lengths =
        grown.stream()
            .map(entry -> new GrowthTrend.Grown(scope.day(entry.at()), cm(entry)))
            .toList();
    GrowthTrend trend = GrowthTrend.of(organ, lengths).orElse(null);
    List<GrowthView.One> all = new ArrayList<>();
    for (int i = 0; i < grown.size(); i++) {
      Entry last = i == 0 ? null : grown.get(i - 1);
      all.add(
          new GrowthView.One(
              Days.full(scope.day(grown.get(i).at())),
              cm(grown.get(i)),
              last == null ? "" : WORDS.say("against", (cm(grown.get(i)) / cm(last) - 1) * 100),
              last == null ? List.of() : between(last.at(), grown.get(i).at(), noted)));
    }
    return new GrowthView.OfOrgan(
        organ.label(),
        all,
        trend,
        trend == null
            ? WORDS.say("one-alone")
            : WORDS.say("trend", trend.verdict().label(), (trend.each() - 1) * 100),
        line(lengths));
  }

  private static double cm(Entry entry) {
    return entry.as(Grew.class).orElseThrow().cm();
  }

  /** What was done between two, each kind of work once, feeds counted. */
  private List<String> between(Instant from, Instant to, List<Entry> noted) {
    List<String> changes = new ArrayList<>();
    int feeds = 0;
    for (Entry entry : noted) {
      if (CHANGES.contains(entry.kind()) && entry.at().isAfter(from) && !entry.at().isAfter(to)) {
        if (entry.kind() == NoteKind.FED) {
          feeds++;
        } else if (changes.size() < MOST_CHANGES) {
          changes.add(WORDS.say("change", entry.text(), Days.near(scope.day(entry.at()))));
        }
      }
    }
    if (feeds > 0) {
      changes.add(WORDS.say("feeds", feeds));
    }
    return changes;
  }

  private static String line(List<GrowthTrend.Grown> lengths) {
    if (lengths.size() < 2) {
      return "";
    }
    double most = lengths.stream().mapToDouble(GrowthTrend.Grown::cm).max().orElseThrow();
    StringBuilder points = new StringBuilder();
    for (int i = 0; i < lengths.size(); i++) {
      double x = MARGIN + (WIDTH - 2 * MARGIN) * i / (lengths.size() - 1);
      double y = HEIGHT - MARGIN - (HEIGHT - 2 * MARGIN) * lengths.get(i).cm() / most;
      points.append(String.format(Locale.ROOT, "%s%.1f,%.1f", i == 0 ? "" : " ", x, y));
    }
    return points.toString();
  }

  /** Notes what grew; empty when there is no such plant. */
  Optional<Entry> grew(Long plantId, GrowthForm form) {
    return plants
        .find(plantId)
        .map(
            plant ->
                journal.write(
                    new Entry(
                        plant.id(),
                        form.day() == null || form.day().equals(scope.today())
                            ? scope.now()
                            : form.day().atTime(LocalTime.NOON).atZone(scope.zone()).toInstant(),
                        new Grew(form.organ(), form.cm()))));
  }
}
