package org.mildlantern.app.quarantine;

import java.time.LocalDate;
import java.util.Collection;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.cases.ContactService;
import org.mildlantern.app.keeper.CollectionMemo;
import org.mildlantern.app.keeper.CollectionMemo.From;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.LifeCycle;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.pest.Generation;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * When to look at plants that shared a place with a catching case: at once, when eggs laid on the
 * last day together have hatched, and when a full generation has passed. Where no life cycle is
 * known, after one week and three (rule of thumb).
 */
@Service
@Transactional(readOnly = true)
public class ContactLooks {
  private static final Comparator<Watch> SOONER =
      Comparator.comparing(Watch::next, Comparator.nullsLast(Comparator.naturalOrder()));

  private static final int SOON = 7;
  private static final int LATE = 21;
  private static final int LONGEST = 200;

  private final ContactService contacts;
  private final PestLookRepository looks;
  private final Remedies remedies;
  private final CollectionMemo memo;

  ContactLooks(
      ContactService contacts, PestLookRepository looks, Remedies remedies, CollectionMemo memo) {
    this.memo = memo;
    this.contacts = contacts;
    this.looks = looks;
    this.remedies = remedies;
  }

  /**
   * A contact with its days for looking.
   *
   * @param next the first that was not looked on or after, or null when all have passed
   * @param found whether anything was found since
   */
  public record Watch(
      ContactService.Contact contact, List<LocalDate> days, LocalDate next, boolean found) {}

  /**
   * The contacts of the catching ones among cases. A plant that met the same cause on several
   * plants is looked at once, when the first of the looks is due.
   */
  public List<Watch> of(Collection<CaseView> open, List<PlantView> kept) {
    List<ContactService.Contact> found = contacts.of(open, kept);
    if (found.isEmpty()) {
      return List.of();
    }
    Map<Long, LocalDate> openedOn =
        open.stream().collect(Collectors.toMap(CaseView::id, CaseView::openedOn));
    LocalDate first = openedOn.values().stream().min(Comparator.naturalOrder()).orElseThrow();
    Map<Long, List<PestLook>> looked =
        looks.since(first).stream().collect(Collectors.groupingBy(PestLook::plantId));
    record Same(Long plant, String cause) {}
    Map<Warmth, Spans> known = new HashMap<>();
    Map<Same, Watch> watches = new LinkedHashMap<>();
    for (ContactService.Contact contact : found) {
      List<PestLook> its = looked.getOrDefault(contact.plant().id(), List.of());
      watches.merge(
          new Same(contact.plant().id(), contact.cause().id()),
          watch(contact, openedOn.get(contact.caseId()), its, known),
          (one, other) -> SOONER.compare(one, other) <= 0 ? one : other);
    }
    return List.copyOf(watches.values());
  }

  /** Those of all open cases. */
  public List<Watch> ofOpen(Collection<CaseView> open, List<PlantView> kept) {
    return memo.once(From.CASES, "contact-looks", () -> of(open, kept));
  }

  private Watch watch(
      ContactService.Contact contact,
      LocalDate opened,
      List<PestLook> looked,
      Map<Warmth, Spans> known) {
    List<PestLook> same =
        looked.stream()
            .filter(l -> l.pest().equals(contact.cause().id()))
            .filter(l -> !l.lookedOn().isBefore(opened))
            .toList();
    LocalDate last = same.isEmpty() ? LocalDate.MIN : same.get(0).lookedOn();
    List<LocalDate> days = days(contact, opened, known);
    LocalDate next = days.stream().filter(day -> day.isAfter(last)).findFirst().orElse(null);
    return new Watch(contact, days, next, same.stream().anyMatch(PestLook::found));
  }

  private List<LocalDate> days(
      ContactService.Contact contact, LocalDate opened, Map<Warmth, Spans> known) {
    Warmth warmth = new Warmth(contact.cause().id(), contact.plant().place().warmth());
    Spans spans = known.computeIfAbsent(warmth, this::spans);
    LocalDate last = contact.last().isBefore(opened) ? opened : contact.last();
    return List.of(opened, last.plusDays(spans.first()), last.plusDays(spans.second()));
  }

  /** A cause at a temperature in °C, on which its spans depend. */
  private record Warmth(String cause, double celsius) {}

  /** Days from the last day together to the looks after it. */
  private record Spans(long first, long second) {}

  private Spans spans(Warmth at) {
    return remedies
        .pests()
        .find(at.cause())
        .map(
            pest ->
                new Spans(
                    whole(hatching(pest, at.celsius())),
                    whole(Generation.of(pest, at.celsius()).days())))
        .orElse(new Spans(SOON, LATE));
  }

  /** Days until what was laid as an egg can be seen walking. */
  private static double hatching(LifeCycle pest, double celsius) {
    return pest.stages().size() < 2
        ? 1
        : Generation.daysUntil(pest, pest.stages().get(1).id(), celsius);
  }

  private static long whole(double days) {
    return (long) Math.ceil(Math.max(1, Math.min(LONGEST, days)));
  }
}
