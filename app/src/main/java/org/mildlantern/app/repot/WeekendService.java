package org.mildlantern.app.repot;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Stream;
import org.mildlantern.app.cases.CaseService;
import org.mildlantern.app.cases.CaseView;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.knowledge.Media;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Repots;
import org.mildlantern.core.knowledge.Retention;
import org.mildlantern.core.repot.Aftercare;
import org.mildlantern.core.repot.Blend;
import org.mildlantern.core.repot.Material;
import org.mildlantern.core.repot.PotSize;
import org.mildlantern.core.repot.Reason;
import org.mildlantern.core.water.Holding;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Plans a day of repotting. */
@Service
@Transactional(readOnly = true)
class WeekendService {
  private static final Words WORDS = Words.of(WeekendService.class);

  /** Of a pot of which no width was noted. */
  private static final double SOME_CM = 12;

  private final RepotService repotting;
  private final CaseService cases;
  private final Repots repots;
  private final Media media;
  private final Scope scope;

  WeekendService(
      RepotService repotting, CaseService cases, Repots repots, Media media, Scope scope) {
    this.repotting = repotting;
    this.cases = cases;
    this.repots = repots;
    this.media = media;
    this.scope = scope;
  }

  /** A plant with the pot that it goes into. */
  private record Into(Decided decided, PotShape.Kind shape, double cm, Double depth) {
    PotShape pot() {
      return PotShape.of(shape, cm, depth);
    }
  }

  /**
   * Plans.
   *
   * @param chosen plants; those that are not kept are left out
   * @param day on which it is to be
   */
  Weekend plan(Set<Long> chosen, LocalDate day) {
    Map<Long, CaseView> open = cases.open();
    List<Into> all =
        repotting.all().values().stream()
            .filter(decided -> chosen.contains(decided.plant().id()))
            .map(this::into)
            .sorted(
                Comparator.comparing((Into into) -> dirty(into.decided().plant(), open))
                    .thenComparing(into -> String.valueOf(into.decided().plant().mediumWords()))
                    .thenComparing(into -> into.decided().plant().name()))
            .toList();
    double minutes = all.stream().mapToDouble(this::minutes).sum();
    return new Weekend(
        all.stream().map(into -> step(into, day)).toList(),
        mixes(all),
        pots(all),
        WORDS.say("hours", Math.floor(minutes / 60), minutes % 60));
  }

  /** What is catching comes last. */
  private static boolean dirty(PlantView plant, Map<Long, CaseView> open) {
    CaseView own = open.get(plant.id());
    return plant.place().quarantine() || own != null && own.cause().catching();
  }

  private Into into(Decided decided) {
    PlantView plant = decided.plant();
    double now = plant.pot().cm() == null ? SOME_CM : plant.pot().cm();
    boolean crowded =
        decided.decision().reasons().stream()
            .anyMatch(
                reason ->
                    reason.why() == Reason.Why.CROWDED || reason.why() == Reason.Why.DRIES_FASTER);
    return new Into(
        decided,
        plant.pot().shape(),
        crowded && !tree(plant) ? PotSize.next(now) : now,
        plant.pot().depthCm());
  }

  private boolean tree(PlantView plant) {
    return repots.bonsai(plant.kind()).isPresent();
  }

  private double minutes(Into into) {
    return PotSize.minutes(into.cm(), tree(into.decided().plant()));
  }

  private Weekend.Step step(Into into, LocalDate day) {
    PlantView plant = into.decided().plant();
    LocalDate fits = into.decided().on();
    String warning =
        fits == null
            ? WORDS.say("not-due", RepotWords.verdict(into.decided()))
            : fits.isAfter(day) ? WORDS.say("too-early", Days.near(fits)) : "";
    return new Weekend.Step(
        plant,
        WORDS.say(
            "pot",
            into.cm(),
            plant.pot().cm() == null ? "guessed" : into.cm() > plant.pot().cm() ? "wider" : "same"),
        plant.mediumWords() == null ? WORDS.say("no-medium") : plant.mediumWords(),
        Math.round(minutes(into)),
        repots.aftercare(plant.kind()).map(care -> care(care, day)).orElse(""),
        warning);
  }

  /** What a plant is spared, with its days. */
  static String care(Aftercare care, LocalDate day) {
    return WORDS.say(
        "care",
        care.say(),
        care.dryDays(),
        Days.near(day.plusDays(care.dryDays())),
        Days.near(day.plusDays(care.shadeDays())),
        care.humidDays(),
        Days.near(day.plusDays(care.humidDays())),
        Days.near(day.plusDays(care.feedDays())));
  }

  private List<Weekend.Mix> mixes(List<Into> all) {
    Map<Medium, List<Into>> byMedium = new LinkedHashMap<>();
    for (Into into : all) {
      if (into.decided().plant().medium() != null) {
        byMedium.computeIfAbsent(into.decided().plant().medium(), m -> new ArrayList<>()).add(into);
      }
    }
    List<Weekend.Mix> mixes = new ArrayList<>();
    byMedium.forEach(
        (medium, pots) ->
            media
                .mixOf(medium.id())
                .ifPresent(
                    mix ->
                        mixes.add(
                            mix(
                                medium.label(),
                                mix,
                                pots.stream().mapToDouble(into -> into.pot().litres()).sum(),
                                pots.get(0).pot()))));
    return mixes;
  }

  /**
   * A medium for some litres.
   *
   * @param pot for which its air and water are told
   */
  Weekend.Mix mix(String name, Map<Retention, Double> mix, double litres, PotShape pot) {
    Blend blend = Blend.of(repots.of(mix), litres);
    Holding holding = Holding.of(pot, mix);
    List<String> parts = mix.keySet().stream().map(component -> part(blend, component)).toList();
    return new Weekend.Mix(
        name,
        litres,
        parts,
        mix.keySet().stream().map(this::prepare).toList(),
        WORDS.say(
            "holds",
            100 * holding.capacity(),
            100 * holding.air(),
            pot.depthCm(),
            blend.salts(),
            100 * blend.lost()));
  }

  private String part(Blend blend, Retention component) {
    Material material = material(component);
    return WORDS.say(
        "part", blend.litres().get(material), component.label(), material.lime().label());
  }

  private Material material(Retention component) {
    return repots.materials().find(component.id()).orElseThrow();
  }

  private String prepare(Retention component) {
    Material material = material(component);
    int minutes = material.minutes();
    String wait =
        minutes == 0
            ? ""
            : minutes >= 60
                ? WORDS.say("wait-hours", minutes / 60.0)
                : WORDS.say("wait-minutes", minutes);
    return WORDS.say("prepare", component.label(), material.prepare(), wait);
  }

  private static List<String> pots(List<Into> all) {
    Map<String, Integer> counted = new TreeMap<>();
    for (Into into : all) {
      counted.merge(WORDS.say("pots-of", into.cm(), into.shape().label()), 1, Integer::sum);
    }
    return counted.entrySet().stream()
        .map(entry -> WORDS.say("pots", entry.getValue(), entry.getKey()))
        .toList();
  }

  /** Plants that are due by a day, the sooner the first. */
  Stream<Decided> due(LocalDate by) {
    return repotting.all().values().stream()
        .filter(decided -> decided.on() != null && !decided.on().isAfter(by))
        .sorted(Comparator.comparing(Decided::on).thenComparing(d -> d.plant().name()));
  }

  LocalDate today() {
    return scope.today();
  }
}
