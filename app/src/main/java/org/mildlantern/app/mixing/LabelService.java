package org.mildlantern.app.mixing;

import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.core.knowledge.Cause;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Region;
import org.mildlantern.core.treatment.Ceiling;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Reads labels for their keeper, and keeps what the keeper confirms. */
@Service
@Transactional
class LabelService {
  private static final Words WORDS = Words.of(LabelService.class);

  private static final String REGION = "label-region";
  private static final int LONGEST_USE = 80;

  private final CabinetItemRepository items;
  private final CabinetRateRepository rates;
  private final CabinetService cabinet;
  private final ChoiceService choices;
  private final Knowledge knowledge;

  LabelService(
      CabinetItemRepository items,
      CabinetRateRepository rates,
      CabinetService cabinet,
      ChoiceService choices,
      Knowledge knowledge) {
    this.items = items;
    this.rates = rates;
    this.cabinet = cabinet;
    this.choices = choices;
    this.knowledge = knowledge;
  }

  /** A fault of one of the fields of the form, for the keeper. */
  static final class RateFault extends IllegalArgumentException {
    private static final long serialVersionUID = 1L;

    RateFault(String message) {
      super(message);
    }
  }

  /** Where the keeper's labels are from, if that was said. */
  @Transactional(readOnly = true)
  Region region() {
    String chosen = choices.all().getOrDefault(REGION, "");
    return chosen.isEmpty() ? null : Region.valueOf(chosen);
  }

  /** An empty form for a bottle. */
  @Transactional(readOnly = true)
  RateForm empty(CabinetView item) {
    return RateForm.empty(
        region(), item.means() == null ? null : LabelUse.Method.of(item.means().use().as()));
  }

  /** Pests and diseases that a means works on, by id with their names. */
  Map<String, String> pests(Means means) {
    Map<String, String> pests = new TreeMap<>();
    if (means != null) {
      for (String id : means.against().keySet()) {
        knowledge.causes().find(id).map(Cause::label).ifPresent(label -> pests.put(id, label));
      }
    }
    return pests;
  }

  static LabelReading read(CabinetView item, RateForm form) {
    return LabelReader.read(form.printed(), item.product(), form.region());
  }

  /**
   * Notes a rate of a label; empty when there is no such bottle, or the reading is still to be
   * confirmed.
   *
   * @throws IllegalArgumentException when it cannot be read, does not fit the bottle or is above
   *     any label
   */
  Optional<LabelRate> add(Long itemId, RateForm form) {
    CabinetView item = cabinet.find(itemId).orElseThrow();
    LabelReading reading = read(item, form);
    if (reading instanceof LabelReading.Refused refused) {
      throw new IllegalArgumentException(refused.why());
    }
    Optional<LabelRate> chosen =
        reading.rates().stream().filter(r -> r.plain().equals(form.as())).findFirst();
    if (chosen.isEmpty()) {
      return chosen;
    }
    LabelRate rate = chosen.get();
    check(item, form, rate);
    rates.save(
        new CabinetRate(
            itemId,
            form.usedFor(),
            rate,
            new LabelUse(form.crop(), form.method(), Set.copyOf(form.against()))));
    choices.choose(REGION, form.region() == null ? "" : form.region().name());
    return chosen;
  }

  private void check(CabinetView item, RateForm form, LabelRate rate) {
    if (form.usedFor().isEmpty() || form.usedFor().length() > LONGEST_USE) {
      throw new RateFault("What is it for, as the label says? Up to 80 characters.");
    }
    if (form.crop() == null || form.method() == null) {
      throw new RateFault("On which plants, and how is it put on? The label says both.");
    }
    if (!pests(item.means()).keySet().containsAll(form.against())) {
      throw new RateFault("Pick pests from the list.");
    }
    if (!rate.possible()) {
      throw new IllegalArgumentException(
          "That would be more product than mix; it cannot be meant.");
    }
    if (!rate.fits(item.stock().unit())) {
      throw new IllegalArgumentException(WORDS.say("other-unit", rate.unit(), item.stock().unit()));
    }
    Ceiling.check(rate, item.means(), form.method());
    if (item.rates().stream().anyMatch(r -> r.usedFor().equals(form.usedFor()))) {
      throw new RateFault("There is a rate for this use already.");
    }
  }

  /** Strikes a rate out; gives the id of its bottle. */
  Optional<Long> remove(Long rateId) {
    return rates
        .byId(rateId)
        .filter(rate -> items.byId(rate.itemId()).isPresent())
        .map(
            rate -> {
              rates.delete(rate);
              return rate.itemId();
            });
  }
}
