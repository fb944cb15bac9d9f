package org.mildlantern.app.said;

import java.util.List;
import java.util.Optional;
import org.mildlantern.app.diagnose.InWords;
import org.mildlantern.app.diagnose.LookState;
import org.mildlantern.app.diagnose.Spoken;
import org.mildlantern.core.diagnosis.Diagnosis;
import org.mildlantern.core.said.Reading;

/**
 * What was understood of a keeper's words, and what fits.
 *
 * @param told circumstances, in the order of the text
 * @param before findings of the plant's look that were not said again
 * @param diagnosis empty while the kind of plant is not known
 */
record Heard(
    SaidForm form,
    Who who,
    Reading reading,
    List<Sighting> sightings,
    List<Reading.Told> told,
    List<LookState.Noted> before,
    Optional<Diagnosis> diagnosis) {

  /** As it is kept. */
  static InWords inWords(SaidForm form, List<Sighting> sightings, List<Reading.Told> told) {
    return new InWords(
        new Spoken(form.text(), form.corrections().written()),
        sightings.stream()
            .filter(one -> one.state() != Sighting.State.OUT)
            .map(one -> new LookState.Noted(one.finding(), one.quote()))
            .toList(),
        told.stream()
            .map(
                one ->
                    new LookState.Told(
                        one.field(),
                        one.value(),
                        Sightings.quote(one.span().of(form.text())),
                        one.sure()))
            .toList());
  }

  /** What was told of a field, unless it was taken out. */
  Optional<Reading.Told> told(String field) {
    return told.stream().filter(one -> one.field().equals(field)).findFirst();
  }

  InWords inWords() {
    return inWords(form, sightings, told);
  }
}
