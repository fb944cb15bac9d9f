package org.mildlantern.app.mixing;

import java.time.LocalDate;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReader;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.treatment.Ceiling;
import org.mildlantern.core.treatment.Dose;
import org.mildlantern.core.treatment.Gauge;
import org.mildlantern.core.words.Words;
import org.springframework.data.domain.Limit;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps the cabinet, works out doses from its labels, and logs what is mixed. */
@Service
@Transactional
public class CabinetService {
  private static final Words WORDS = Words.of(CabinetService.class);

  private static final String GAUGES = "gauges";
  private static final String FIRST_GAUGES = "SYRINGE_1,SYRINGE_5,SYRINGE_20,SCALE_POCKET";
  private static final int LOGGED = 12;

  private final CabinetItemRepository items;
  private final CabinetRateRepository rates;
  private final MixRepository mixes;
  private final ChoiceService choices;
  private final Remedies remedies;
  private final Scope scope;

  CabinetService(
      CabinetItemRepository items,
      CabinetRateRepository rates,
      MixRepository mixes,
      ChoiceService choices,
      Remedies remedies,
      Scope scope) {
    this.items = items;
    this.rates = rates;
    this.mixes = mixes;
    this.choices = choices;
    this.remedies = remedies;
    this.scope = scope;
  }

  /** All bottles, those put away last. */
  @Transactional(readOnly = true)
  public List<CabinetView> all() {
    List<CabinetItem> all = items.all();
    if (all.isEmpty()) {
      return List.of();
    }
    Map<Long, List<CabinetRate>> byItem =
        rates.of(all.stream().map(CabinetItem::id).toList()).stream()
            .collect(Collectors.groupingBy(CabinetRate::itemId));
    return all.stream()
        .map(item -> view(item, byItem.getOrDefault(item.id(), List.of())))
        .sorted(java.util.Comparator.comparing((CabinetView item) -> item.kept().away()))
        .toList();
  }

  /** Bounds of the means of which a bottle's label says how often, by means. */
  @Transactional(readOnly = true)
  public Map<String, Means.Bounds> labels() {
    Map<String, Means.Bounds> bounds = new HashMap<>();
    for (CabinetItem item : items.all()) {
      if (item.means() != null && !item.away()) {
        remedies
            .means()
            .find(item.means())
            .ifPresent(
                means ->
                    bounds.merge(
                        means.id(),
                        means.bounds().within(item.labelDays(), item.labelMost()),
                        (one, other) -> one.within(other.leastDays(), other.seasonMost())));
      }
    }
    return bounds;
  }

  @Transactional(readOnly = true)
  public Optional<CabinetView> find(Long id) {
    return items.byId(id).map(item -> view(item, rates.of(List.of(id))));
  }

  private CabinetView view(CabinetItem item, List<CabinetRate> its) {
    Product product = Product.countedIn(item.unit());
    return new CabinetView(
        item.id(),
        item.name(),
        item.means() == null ? null : remedies.means().find(item.means()).orElse(null),
        new CabinetView.Stock(
            item.stockPercent(),
            item.amountLeft(),
            item.unit(),
            Dose.amount(item.amountLeft(), item.unit())),
        new CabinetView.Kept(
            item.openedOn(),
            item.expiresOn(),
            item.expiresOn() != null && item.expiresOn().isBefore(scope.today()),
            item.away()),
        item.notes(),
        new CabinetView.Says(item.labelDays(), item.labelMost()),
        its.stream()
            .map(
                r ->
                    new CabinetView.Rate(
                        r.id(),
                        r.usedFor(),
                        r.printed(),
                        r.rate(product).orElse(null),
                        r.use().orElse(null)))
            .toList());
  }

  /** Saves a new or changed bottle; empty when there is none of that id. */
  Optional<CabinetView> save(Long id, ItemForm form) {
    Optional<CabinetItem> item = id == null ? Optional.of(new CabinetItem()) : items.byId(id);
    return item.map(
        i -> {
          i.describe(form);
          items.save(i);
          return find(i.id()).orElseThrow();
        });
  }

  /** Puts a bottle away or takes it out again. */
  Optional<CabinetView> putAway(Long id, boolean away) {
    return items
        .byId(id)
        .map(
            item -> {
              item.putAway(away ? scope.today() : null);
              return find(id).orElseThrow();
            });
  }

  /** What the keeper measures with. */
  @Transactional(readOnly = true)
  public List<Gauge> gauges() {
    String chosen = choices.all().getOrDefault(GAUGES, FIRST_GAUGES);
    return Arrays.stream(chosen.split(","))
        .flatMap(name -> Arrays.stream(Gauge.values()).filter(g -> g.name().equals(name)))
        .toList();
  }

  void useGauges(List<Gauge> gauges) {
    choices.choose(
        GAUGES,
        gauges.stream().filter(Objects::nonNull).map(Gauge::name).collect(Collectors.joining(",")));
  }

  /**
   * Logs a batch and draws it from the bottle.
   *
   * @param rateId of the label's rates
   * @param ownRate a strength of the keeper's own within the label's, or empty
   * @param visitId of the visit that it is for, or null
   * @throws IllegalArgumentException when the bottle is past its date, holds too little, or the
   *     strength is above the label; the message is meant for the keeper
   */
  public Optional<CabinetView.Mixed> mix(
      Long itemId, Long rateId, String ownRate, double of, Long visitId) {
    return items
        .byId(itemId)
        .flatMap(item -> find(itemId).map(view -> mix(item, view, rateId, ownRate, of, visitId)));
  }

  private CabinetView.Mixed mix(
      CabinetItem item, CabinetView view, Long rateId, String ownRate, double of, Long visitId) {
    CabinetView.Dosed dosed = dose(view, rateId, ownRate, of);
    LocalDate today = scope.today();
    Mix mix =
        mixes.save(
            new Mix(
                item.id(),
                visitId,
                dosed.rate().usedFor(),
                dosed.dose().rate(),
                of,
                dosed.dose().drawn(),
                today));
    item.draw(dosed.dose().drawn());
    return mixed(mix, item);
  }

  /**
   * Works out a dose from a bottle and checks it against the label and what is left.
   *
   * @throws IllegalArgumentException as {@link #mix} does
   */
  @Transactional(readOnly = true)
  public CabinetView.Dosed dose(CabinetView item, Long rateId, String ownRate, double of) {
    CabinetView.Rate rate =
        item.rate(rateId)
            .orElseThrow(
                () ->
                    new IllegalArgumentException(
                        "No label rate is entered for this use, so no dose can be called safe."));
    if (item.kept().away()) {
      throw new IllegalArgumentException("This bottle is put away; take it out first.");
    }
    if (item.kept().expired()) {
      throw new IllegalArgumentException(WORDS.say("past", Days.full(item.kept().expiresOn())));
    }
    LabelRate used = weaker(rate, ownRate, item.product());
    Ceiling.check(used, item.means(), rate.use() == null ? null : rate.use().method());
    Dose dose = Dose.of(used, of, gauges());
    if (dose.drawn() > item.stock().amountLeft() + 1e-9) {
      throw new IllegalArgumentException(
          WORDS.say(
              "too-little", Dose.amount(dose.drawn(), item.stock().unit()), item.stock().left()));
    }
    return new CabinetView.Dosed(item, rate, dose, null);
  }

  /** The label's rate, or the keeper's own below it. */
  private static LabelRate weaker(CabinetView.Rate rate, String own, Product product) {
    LabelRate label = rate.rate();
    if (label == null) {
      throw new IllegalArgumentException(WORDS.say("unsure", rate.printed()));
    }
    if (own == null || own.isBlank()) {
      return label;
    }
    LabelReading reading = LabelReader.read(own, product, null);
    if (reading instanceof LabelReading.Refused refused) {
      throw new IllegalArgumentException(refused.why());
    }
    if (reading.rates().size() > 1) {
      throw new IllegalArgumentException(WORDS.say("unsure", own.strip()));
    }
    LabelRate used = reading.rates().get(0);
    if (!used.perUnit().equals(label.perUnit())) {
      throw new IllegalArgumentException(WORDS.say("label-unit", label.perUnit(), used.perUnit()));
    }
    if (used.most() > label.most() * (1 + 1e-9)) {
      throw new IllegalArgumentException(WORDS.say("label-wins", label.printed()));
    }
    return used;
  }

  /** Takes a logged batch back into the bottle. */
  Optional<CabinetView.Mixed> takeBack(Long mixId) {
    return mixes
        .byId(mixId)
        .filter(mix -> !mix.takenBack())
        .map(
            mix -> {
              CabinetItem item = items.byId(mix.itemId()).orElseThrow();
              mix.takeBack(scope.today());
              item.putBack(mix.amount());
              return mixed(mix, item);
            });
  }

  @Transactional(readOnly = true)
  List<CabinetView.Mixed> log() {
    Map<Long, CabinetItem> byId =
        items.all().stream().collect(Collectors.toMap(CabinetItem::id, Function.identity()));
    return mixes.latest(Limit.of(LOGGED)).stream()
        .map(mix -> mixed(mix, byId.get(mix.itemId())))
        .toList();
  }

  private static CabinetView.Mixed mixed(Mix mix, CabinetItem item) {
    return new CabinetView.Mixed(
        mix.id(),
        item.name(),
        mix.usedFor(),
        WORDS.say("batch", Dose.amount(mix.amount(), item.unit()), mix.words()),
        mix.mixedOn());
  }
}
