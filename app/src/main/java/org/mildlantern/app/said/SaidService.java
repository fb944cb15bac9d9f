package org.mildlantern.app.said;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.diagnose.DiagnoseService;
import org.mildlantern.app.diagnose.InWords;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.diagnose.OpenCases;
import org.mildlantern.app.diagnose.Spoken;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.diagnosis.Diagnostician;
import org.mildlantern.core.diagnosis.Question;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reader;
import org.mildlantern.core.said.Reading;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads a keeper's words, asks what fits, and keeps them as a look at a plant. */
@Service
@Transactional
class SaidService {
  private final WhoFinder who;
  private final Reader reader;
  private final Knowledge knowledge;
  private final Diagnostician diagnostician;
  private final DiagnoseService diagnose;
  private final OpenCases cases;
  private final NewPlant newPlant;
  private final Scope scope;

  SaidService(
      WhoFinder who,
      Reader reader,
      Knowledge knowledge,
      Diagnostician diagnostician,
      DiagnoseService diagnose,
      OpenCases cases,
      NewPlant newPlant,
      Scope scope) {
    this.who = who;
    this.reader = reader;
    this.knowledge = knowledge;
    this.diagnostician = diagnostician;
    this.diagnose = diagnose;
    this.cases = cases;
    this.newPlant = newPlant;
    this.scope = scope;
  }

  /** The page of a plant opens with the words of its look, as they were left. */
  @Transactional(readOnly = true)
  public SaidForm opened(SaidForm form) {
    Optional<Spoken> kept =
        form.text().isBlank() && form.plant() != null && form.isMine()
            ? diagnose.spoken(form.plant())
            : Optional.empty();
    return kept.map(form::saying).orElse(form);
  }

  /** Nothing is stored. */
  @Transactional(readOnly = true)
  public Heard hear(SaidForm form) {
    Who spokenOf = who.of(form);
    Corrections corrections = form.corrections();
    Optional<GrowthForm> build = spokenOf.kind().map(Kind::form);
    Reading reading = reader.read(form.text(), build.orElse(null), scope.today());
    List<Sighting> sightings = Sightings.of(reading, form.text(), corrections, build, knowledge);
    List<Reading.Told> told =
        reading.told().stream().flatMap(one -> corrections.told(one).stream()).toList();
    InWords words = Heard.inWords(form, sightings, told);
    if (spokenOf.plant().isPresent()) {
      LookState state = diagnose.state(spokenOf.plant().get(), words);
      List<LookState.Noted> before =
          state.findings().stream().filter(one -> !words.findings().contains(one)).toList();
      return new Heard(
          form, spokenOf, reading, sightings, told, before, Optional.of(state.diagnosis()));
    }
    return new Heard(
        form,
        spokenOf,
        reading,
        sightings,
        told,
        List.of(),
        spokenOf.kind().map(kind -> diagnose(kind, words)));
  }

  private Diagnosis diagnose(Kind kind, InWords words) {
    return diagnostician.diagnose(
        new Question(
            kind,
            scope.today(),
            scope.latitude(),
            words.findings().stream().map(LookState.Noted::finding).toList(),
            words.circumstances(),
            List.of(),
            cases.experience()));
  }

  /**
   * Keeps what was said as a look at the plant; one that is not in the collection is added.
   *
   * @param place where a new plant stands, or null for the first place
   * @return empty when nobody knows what plant it is
   */
  public Optional<PlantView> keep(SaidForm form, Long place) {
    Heard heard = hear(form);
    Optional<PlantView> plant =
        heard.who().plant().or(() -> heard.who().kind().map(kind -> newPlant.add(heard, place)));
    plant.ifPresent(kept -> diagnose.keep(kept, heard.inWords()));
    return plant;
  }
}
