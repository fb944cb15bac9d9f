package org.mildlantern.app.treatment;

import java.time.LocalDate;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.ContactService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.today.RoundItem;
import org.mildlantern.app.today.RoundSource;
import org.springframework.stereotype.Component;

/** Puts the looks at plants that shared a place with a catching case on the round. */
@Component
class ContactsOnTheRound implements RoundSource {
  private final ContactLooks contacts;
  private final IsolationRepository isolations;

  ContactsOnTheRound(ContactLooks contacts, IsolationRepository isolations) {
    this.contacts = contacts;
    this.isolations = isolations;
  }

  @Override
  public List<Due> due(Ground ground) {
    List<ContactLooks.Watch> watches = contacts.of(ground.openCases(), ground.kept());
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
    return new Due(
        day,
        new RoundItem(
            "contact-" + contact.caseId() + "-" + plant.id(),
            "lens",
            plant.id(),
            plant.name(),
            plant.code(),
            "look for " + contact.cause().label().toLowerCase(),
            "it stood " + contact.days() + " days with a case",
            LookAnswers.of(plant.id(), contact.cause().id()),
            false,
            null,
            "/plants/" + plant.id() + "/diagnose",
            null));
  }
}
