package org.mildlantern.app.said;

import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.said.Reading;

/** Puts together what was read, what was corrected and what was answered. */
final class Sightings {
  private static final int LONGEST_QUOTE = 120;

  private final Knowledge knowledge;
  private final Optional<GrowthForm> form;
  private final List<Sighting> all = new ArrayList<>();

  private Sightings(Knowledge knowledge, Optional<GrowthForm> form) {
    this.knowledge = knowledge;
    this.form = form;
  }

  static List<Sighting> of(
      Reading reading,
      String text,
      Corrections corrections,
      Optional<GrowthForm> form,
      Knowledge knowledge) {
    Sightings sightings = new Sightings(knowledge, form);
    for (Reading.Seen seen : reading.seen()) {
      sightings.all.add(sightings.read(seen, text, corrections.said(seen.sign())));
    }
    corrections.answers().forEach(answer -> sightings.answer(answer, reading, text));
    return List.copyOf(sightings.all);
  }

  private Sighting read(Reading.Seen seen, String text, Optional<Correction> correction) {
    Sighting.State read = seen.present() ? Sighting.State.THERE : Sighting.State.NOT;
    Sighting.State state =
        correction
            .map(
                one ->
                    switch (one.act()) {
                      case THERE -> Sighting.State.THERE;
                      case NOT -> Sighting.State.NOT;
                      case OUT -> Sighting.State.OUT;
                      case OPEN -> read;
                    })
            .orElse(read);
    boolean asked = correction.filter(one -> one.act() == Correction.Act.OPEN).isPresent();
    String place = correction.map(Correction::place).orElse(seen.pattern());
    boolean sits = place == null || occurs(seen.sign(), place);
    return new Sighting(
        Correction.Of.SAID,
        seen.sign(),
        sits && state != Sighting.State.NOT ? place : null,
        state,
        quote(seen.span().of(text)),
        seen.span().from(),
        correction.isEmpty() || asked ? seen.sure() : 1,
        seen.alternatives(),
        asked);
  }

  static String quote(String words) {
    String plain = words.replaceAll("\\s+", " ").strip();
    return plain.length() <= LONGEST_QUOTE ? plain : plain.substring(0, LONGEST_QUOTE) + "…";
  }

  /** An answer takes the place of what it makes plainer, and speaks with its words. */
  private void answer(Correction answer, Reading reading, String text) {
    if (answer.act() == Correction.Act.OPEN || !occurs(answer.word(), answer.place())) {
      return;
    }
    Sighting answered =
        new Sighting(
            Correction.Of.ANSWER,
            answer.word(),
            answer.place(),
            Sighting.State.valueOf(answer.act().name()),
            reading.maybe().stream()
                .filter(one -> one.sign().equals(answer.word()))
                .map(one -> quote(one.span().of(text)))
                .findFirst()
                .orElse(""),
            Integer.MAX_VALUE,
            1,
            List.of(),
            false);
    if (!answered.isThere()) {
      all.removeIf(one -> one.isDoubted() && isSame(one, answer));
      all.add(answered);
      return;
    }
    Optional<Sighting> plainer = all.stream().filter(one -> isVaguer(one, answer)).findFirst();
    plainer.ifPresent(all::remove);
    all.add(plainer.map(answered::inWordsOf).orElse(answered));
  }

  private static boolean isVaguer(Sighting said, Correction answer) {
    return said.of() == Correction.Of.SAID
        && (isSame(said, answer)
            || said.word().equals(answer.word()) && (said.place() == null || answer.place() == null)
            || said.isOpen() && said.alternatives().contains(answer.word()));
  }

  private static boolean isSame(Sighting said, Correction answer) {
    return said.word().equals(answer.word()) && Objects.equals(said.place(), answer.place());
  }

  private boolean occurs(String word, String place) {
    return form.map(build -> knowledge.occurs(word, place, build))
        .orElseGet(() -> !knowledge.meant(word, place).isEmpty());
  }
}
