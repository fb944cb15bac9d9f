package org.mildlantern.app.diagnose;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.journal.EntryRetracted;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.growth.SpotChange;
import org.mildlantern.core.growth.SpotChange.Measure;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.words.Words;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps measures of spots and says whether they are still or spreading. */
@Service
@Transactional
class SpotService {
  private static final Words WORDS = Words.of(SpotService.class);

  /** A still spot and a spreading one are told apart after so many days. Rule of thumb. */
  private static final int AGAIN_DAYS = 14;

  /** A spot that was not measured for so long is not asked for any more. */
  private static final int FORGOTTEN_DAYS = 90;

  private final SpotMeasureRepository measures;
  private final JournalService journal;
  private final Scope scope;

  SpotService(SpotMeasureRepository measures, JournalService journal, Scope scope) {
    this.measures = measures;
    this.journal = journal;
    this.scope = scope;
  }

  /** A spot with its measures, first to last, and the change from the first to the last. */
  record Spot(String name, List<Measure> measures, SpotChange change) {}

  @Transactional(readOnly = true)
  public List<Spot> of(Long plantId) {
    Map<String, List<Measure>> bySpot = new LinkedHashMap<>();
    measures
        .of(plantId)
        .forEach(m -> bySpot.computeIfAbsent(m.spot(), s -> new ArrayList<>()).add(m.measure()));
    return bySpot.entrySet().stream()
        .map(e -> new Spot(e.getKey(), e.getValue(), change(e.getValue())))
        .toList();
  }

  /**
   * A spot that is to be measured again.
   *
   * @param id of its last measure
   */
  record Waiting(Long id, Long plantId, String name, LocalDate last, LocalDate on) {}

  /** Spots of the last months of which it is not known that they are still or heal. */
  @Transactional(readOnly = true)
  public List<Waiting> waiting() {
    Map<List<Object>, List<SpotMeasure>> bySpot = new LinkedHashMap<>();
    measures
        .since(scope.today().minusDays(FORGOTTEN_DAYS))
        .forEach(
            m ->
                bySpot
                    .computeIfAbsent(List.of(m.plantId(), m.spot()), key -> new ArrayList<>())
                    .add(m));
    List<Waiting> waiting = new ArrayList<>();
    for (List<SpotMeasure> of : bySpot.values()) {
      SpotChange change = change(of.stream().map(SpotMeasure::measure).toList());
      if (change == null
          || change.verdict() == SpotChange.Verdict.OPEN
          || change.verdict() == SpotChange.Verdict.SPREADING) {
        SpotMeasure last = of.get(of.size() - 1);
        LocalDate day = last.measure().day();
        waiting.add(
            new Waiting(last.id(), last.plantId(), last.spot(), day, day.plusDays(AGAIN_DAYS)));
      }
    }
    return waiting;
  }

  private static SpotChange change(List<Measure> measures) {
    Measure first = measures.get(0);
    Measure last = measures.get(measures.size() - 1);
    return last.day().isAfter(first.day()) ? SpotChange.between(first, last) : null;
  }

  public Entry add(Long plantId, SpotForm form) {
    LocalDate day = form.day() == null ? scope.today() : form.day();
    String spot = form.spot().strip();
    Entry entry =
        journal.write(
            new Entry(
                plantId,
                scope.now(),
                new Recorded(Recorded.What.SPOT),
                WORDS.say("spot", spot, form.mm(), form.error(), Days.full(day))));
    measures.save(new SpotMeasure(plantId, spot, day, form.mm(), form.error(), entry.id()));
    return entry;
  }

  @EventListener
  void takeBack(EntryRetracted event) {
    measures.byEntry(event.entry().root()).ifPresent(measures::delete);
  }
}
