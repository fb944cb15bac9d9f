package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.ContactService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.round.Party;
import org.mildlantern.app.round.RoundItem;
import org.mildlantern.app.round.RoundSource;
import org.mildlantern.core.journal.Work;
import org.mildlantern.core.words.Words;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;

/** Puts the looks at plants that shared a place with a catching case on the round. */
@Component
@Order(5)
class ContactsOnTheRound implements RoundSource {
  /** Share of a stop's time that one of many plants takes to look over. Rule of thumb. */
  private static final double GLANCE = 0.25;

  private static final int LONG = 14;
  private static final int SOME = 4;
  private static final int BRIEF_BEARS = 3;

  private static final Words WORDS = Words.of(ContactsOnTheRound.class);

  private final CaseService cases;
  private final ContactLooks contacts;
  private final IsolationRepository isolations;

  ContactsOnTheRound(CaseService cases, ContactLooks contacts, IsolationRepository isolations) {
    this.cases = cases;
    this.contacts = contacts;
    this.isolations = isolations;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<ContactLooks.Watch> watches = contacts.ofOpen(cases.open().values(), ground.kept());
    if (watches.isEmpty()) {
      return List.of();
    }
    Set<Long> apart =
        isolations.open().stream().map(Isolation::plantId).collect(Collectors.toSet());
    return watches.stream()
        .filter(watch -> watch.next() != null && !apart.contains(watch.contact().plant().id()))
        .map(ContactsOnTheRound::due)
        .toList();
  }

  private static Due due(ContactLooks.Watch watch) {
    ContactService.Contact contact = watch.contact();
    PlantView plant = contact.plant();
    LocalDate day = watch.next();
    return Due.on(
            day,
            RoundItem.due(
                    "contact-" + contact.caseId() + "-" + plant.id(),
                    Work.LOOK,
                    plant,
                    WORDS.say("look-for", contact.cause().label().toLowerCase()),
                    WORDS.say("stood", contact.days()))
                .answered(LookAnswers.of(plant.id(), contact.cause().id()))
                .leadingTo("/plants/" + plant.id() + "/diagnose", "Open"))
        .within(party(contact), day.plusDays(bears(contact.days())));
  }

  private static Party party(ContactService.Contact contact) {
    String pest = contact.cause().label().toLowerCase(Locale.ROOT);
    return new Party(
        "contacts-" + contact.cause().id(),
        plants -> WORDS.say("look-over", plants, pest),
        WORDS.say("stood-near"),
        "/places/" + contact.plant().place().id() + "/pest-looks?cause=" + contact.cause().id(),
        WORDS.say("nothing-else"),
        WORDS.say("found-on"),
        null,
        GLANCE);
  }

  /** Days for which a look bears waiting: the less time together, the more. Rule of thumb. */
  private static int bears(long together) {
    return together >= LONG ? 0 : together >= SOME ? 1 : BRIEF_BEARS;
  }
}
