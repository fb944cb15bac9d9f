package org.mildlantern.app.diagnose;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import org.mildlantern.app.journal.JournalService;
import org.mildlantern.app.journal.LogPage;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Finding;
import org.mildlantern.core.diagnosis.RankedCause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Writes what is known of a plant on one sheet, to be shown to a society or a plant clinic. */
@Service
@Transactional(readOnly = true)
class SheetService {
  private static final Words WORDS = Words.of(SheetService.class);

  private static final int ENTRIES = 14;
  private static final int CAUSES = 5;
  private static final int PHOTOS = 4;

  private final DiagnoseService diagnose;
  private final JournalService journal;
  private final PhotoService photos;
  private final Knowledge knowledge;
  private final Scope scope;
  private final Pdf pdf;

  SheetService(
      DiagnoseService diagnose,
      JournalService journal,
      PhotoService photos,
      Knowledge knowledge,
      Scope scope,
      Pdf pdf) {
    this.diagnose = diagnose;
    this.journal = journal;
    this.photos = photos;
    this.knowledge = knowledge;
    this.scope = scope;
    this.pdf = pdf;
  }

  /** The sheet of a plant; empty when there is no such plant. */
  Optional<Sheet> sheet(Long plantId) {
    return diagnose.state(plantId).map(this::sheet);
  }

  private Sheet sheet(LookState state) {
    PlantView plant = state.plant();
    Diagnosis diagnosis = state.diagnosis();
    List<Sheet.Section> sections = new ArrayList<>();
    sections.add(new Sheet.Section("Plant", plantLines(plant)));
    sections.add(new Sheet.Section("Culture", culture(plant)));
    sections.add(new Sheet.Section("Seen", findings(state, true)));
    sections.add(new Sheet.Section("Looked for, not there", findings(state, false)));
    sections.add(
        new Sheet.Section(
            "What the records say",
            diagnosis.records().stream()
                .map(
                    r -> {
                      String source =
                          state
                              .records()
                              .sourceOf(knowledge.fields().find(r.field()).orElseThrow());
                      return source.isEmpty() ? r.label() : WORDS.say("detail", r.label(), source);
                    })
                .toList()));
    sections.add(new Sheet.Section("What the app makes of it", causes(diagnosis)));
    sections.add(
        new Sheet.Section(
            "Not explained",
            diagnosis.unexplained().stream().map(Finding::present).map(this::label).toList()));
    sections.add(new Sheet.Section("Day book", dayBook(plant.id())));
    return new Sheet(
        plant.name(),
        Days.full(scope.today()),
        sections.stream().filter(s -> !s.lines().isEmpty()).toList(),
        photos.of(plant.id()).stream()
            .limit(PHOTOS)
            .map(
                p ->
                    new Sheet.Picture(p.id(), (Days.full(p.takenOn()) + " " + p.caption()).strip()))
            .toList());
  }

  private static List<String> causes(Diagnosis diagnosis) {
    List<RankedCause> ranking = diagnosis.ranking();
    List<String> lines = new ArrayList<>();
    ranking.stream()
        .limit(CAUSES)
        .map(r -> Decibans.percent(r.probability()) + "  " + r.cause().label())
        .forEach(lines::add);
    if (ranking.size() > CAUSES) {
      lines.add(
          WORDS.say(
              "sheet.more-causes",
              ranking.size() - CAUSES,
              Decibans.percent(ranking.get(CAUSES).probability())));
    }
    return lines;
  }

  private List<String> dayBook(Long plantId) {
    LogPage log = journal.page(plantId, 1, ENTRIES);
    List<String> lines = new ArrayList<>();
    log.lines().stream()
        .map(line -> Days.full(scope.day(line.entry().at())) + "  " + told(line))
        .forEach(lines::add);
    if (log.older()) {
      lines.add(WORDS.say("sheet.older"));
    }
    return lines;
  }

  private static String told(LogPage.Line line) {
    return line.sent() == null
        ? line.entry().text()
        : WORDS.say(
            "sheet.readings",
            line.sent().number(),
            line.sent().first().text(),
            line.entry().text());
  }

  private static List<String> plantLines(PlantView plant) {
    List<String> lines = new ArrayList<>();
    lines.add(WORDS.say("sheet.code", plant.code()));
    plant
        .kind()
        .taxon()
        .filter(taxon -> !taxon.name().equals(plant.name()))
        .ifPresent(taxon -> lines.add(WORDS.say("sheet.accepted", taxon.name())));
    lines.add(plant.form().label());
    if (plant.arrivedOn() != null) {
      lines.add(WORDS.say("sheet.since", Days.full(plant.arrivedOn())));
    }
    lines.add(WORDS.say("sheet.stage", plant.stage().label()));
    if (!plant.notes().isBlank()) {
      lines.add(plant.notes().strip());
    }
    return lines;
  }

  private static List<String> culture(PlantView plant) {
    List<String> lines = new ArrayList<>();
    String air = plant.place().air();
    lines.add(plant.place().name() + (air.isEmpty() ? "" : ", " + air));
    lines.add(plant.pot().words());
    if (plant.mediumWords() != null) {
      lines.add(
          plant.mediumSince() == null
              ? plant.mediumWords()
              : WORDS.say("sheet.medium", plant.mediumWords(), Days.full(plant.mediumSince())));
    }
    if (plant.waterUsed() != null) {
      lines.add(WORDS.say("sheet.water", plant.waterUsed().label()));
    }
    return lines;
  }

  private List<String> findings(LookState state, boolean present) {
    return state.findings().stream()
        .filter(n -> n.finding().present() == present)
        .map(
            n -> {
              String found = label(n.finding());
              String label = n.finding().isSure() ? found : WORDS.say("unsure", found);
              return n.detail().isEmpty() ? label : WORDS.say("detail", label, n.detail());
            })
        .toList();
  }

  private String label(Finding finding) {
    return knowledge.label(finding.sign(), finding.pattern());
  }

  private Map<Long, String> sources(Sheet sheet) {
    return sheet.pictures().stream()
        .collect(
            Collectors.toMap(
                Sheet.Picture::id, p -> Pdf.source(photos.image(p.id()).orElseThrow())));
  }

  private static <T> List<List<T>> pairs(List<T> all) {
    List<List<T>> pairs = new ArrayList<>();
    for (int i = 0; i < all.size(); i += 2) {
      pairs.add(all.subList(i, Math.min(i + 2, all.size())));
    }
    return pairs;
  }

  /** The sheet as PDF, with the fonts that every reader has. */
  byte[] pdf(Sheet sheet) {
    return pdf.of(
        "diagnose/sheet-pdf",
        Map.of(
            "sheet", sheet.plain(),
            "inPairs", pairs(sheet.plain().pictures()),
            "sources", sources(sheet)));
  }
}
