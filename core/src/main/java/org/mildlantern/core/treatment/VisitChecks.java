package org.mildlantern.core.treatment;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.words.Words;

/**
 * What speaks against a visit: the plant, the weather, people and animals, other products, and
 * resistance. The rules are those that labels and handbooks repeat; the figures stand with the
 * means (rules of thumb), and the label comes first.
 */
public final class VisitChecks {
  private static final Words WORDS = Words.of(VisitChecks.class);

  /** Below this warmth, or above this humidity, wet leaves may not dry by night. Rule of thumb. */
  private static final double COOL = 14;

  private static final double DAMP = 88;

  /** From this harm on, a weak plant is spared. */
  private static final int HARSH = 2;

  private static final int YEAR = 365;

  /** For so many days released predators are taken to be alive. Rule of thumb. */
  private static final int PREDATORS_LIVE = 28;

  /** How a patch test stands. */
  public enum Patch {
    NONE,
    WAITING,
    PASSED,
    FAILED
  }

  /** A means that was used on the plant on a day. */
  public record Used(Means means, LocalDate day) {}

  /** What is known on the day. */
  public record Day(LocalDate day, Air air, Growth growth, Around around, History history) {
    /**
     * The air and light about it.
     *
     * @param celsius of the place now, or null
     * @param humidity of the place now in %, or null
     * @param sun whether sun is on the plant
     */
    public record Air(Double celsius, Double humidity, boolean sun) {}

    /**
     * How it stands itself.
     *
     * @param flowering whether it is in flower
     * @param outdoors whether bees can reach it
     * @param soft whether it has tender new growth
     * @param weak whether it is weak or thirsty
     */
    public record Growth(boolean flowering, boolean outdoors, boolean soft, boolean weak) {}

    /**
     * Animals near it.
     *
     * @param pets whether pets live here
     * @param fish whether there are fish near
     */
    public record Around(boolean pets, boolean fish) {}

    /**
     * What was used and tried before.
     *
     * @param earlier what was used before on the plant, in any order
     * @param elsewhere what was used on the other plants of the home
     * @param labels bounds of means of which the keeper's own label is stricter, by id
     * @param patches patch tests by means
     * @param generation days of one generation of the pest, or null
     */
    public record History(
        List<Used> earlier,
        List<Used> elsewhere,
        Map<String, Means.Bounds> labels,
        Map<String, Patch> patches,
        Integer generation) {

      Means.Bounds bounds(Means means) {
        return labels.getOrDefault(means.id(), means.bounds());
      }
    }
  }

  private final Patient patient;
  private final Day day;
  private final List<VisitCheck> found = new ArrayList<>();

  private VisitChecks(Patient patient, Day day) {
    this.patient = patient;
    this.day = day;
  }

  /** What speaks against using the means on the plant on the day, what blocks first. */
  public static List<VisitCheck> of(Patient patient, List<Means> means, Day day) {
    VisitChecks checks = new VisitChecks(patient, day);
    for (Means one : means) {
      checks.plant(one);
      checks.weather(one);
      checks.life(one);
      checks.patch(one);
      checks.others(one, means);
      checks.often(one);
      checks.predators(one);
      checks.resistance(one);
    }
    return checks.found.stream()
        .distinct()
        .sorted(Comparator.comparing((VisitCheck check) -> !check.blocks()))
        .toList();
  }

  private void add(boolean blocks, Means means, String key, Object... values) {
    found.add(new VisitCheck(blocks, means.label(), WORDS.say("visit." + key, values)));
  }

  private void plant(Means means) {
    patient.ruinedBy(means).forEach(why -> add(true, means, "ruins", why));
    patient.hurtBy(means).stream()
        .filter(why -> patient.bears(means))
        .forEach(why -> add(false, means, "marks", why));
    if (day.growth().soft() && means.product() && means.use().wets()) {
      add(false, means, "soft");
    }
    if (day.growth().weak() && means.harm() >= HARSH) {
      add(false, means, "weak");
    }
    if (patient.edible() && means.product() && patient.bears(means)) {
      add(false, means, "edible");
    }
  }

  private void weather(Means means) {
    Means.Use use = means.use();
    if (day.air().celsius() != null && use.to() != null && day.air().celsius() > use.to()) {
      add(true, means, "warm", day.air().celsius(), use.to(), isAlive(means) ? "yes" : "no");
    }
    if (day.air().celsius() != null && use.from() != null && day.air().celsius() < use.from()) {
      add(means.released(), means, "cold", day.air().celsius(), use.from());
    }
    if (day.air().humidity() != null
        && use.humidity() != null
        && day.air().humidity() < use.humidity()) {
      add(false, means, "dry-air", day.air().humidity(), use.humidity());
    }
    if (use.shade() && day.air().sun()) {
      add(true, means, "sun");
    }
    boolean slow =
        day.air().celsius() != null && day.air().celsius() < COOL
            || day.air().humidity() != null && day.air().humidity() > DAMP;
    if (use.wets() && slow) {
      add(false, means, "slow");
    }
  }

  /** Predators, nematodes, bacteria and spores. */
  private static boolean isAlive(Means means) {
    return means.mode().equals("biological");
  }

  private void life(Means means) {
    boolean bees = means.ruins().contains("bees") || means.hurts().contains("bees");
    if (bees && day.growth().flowering() && day.growth().outdoors()) {
      add(true, means, "bees");
    } else if (day.growth().flowering() && means.product() && means.use().as().equals("spray")) {
      add(false, means, "flowers");
    }
    if (day.around().fish() && means.hurts().contains("fish")) {
      add(false, means, "fish");
    }
    if (day.around().pets() && (means.hurts().contains("cats") || means.hurts().contains("pets"))) {
      add(false, means, "pets");
    } else if (day.around().pets() && means.use().roomsShutHours() > 0) {
      add(false, means, "pets-out");
    }
  }

  private void patch(Means means) {
    boolean borne = day.history().earlier().stream().anyMatch(used -> used.means().equals(means));
    if (!means.use().patch() || borne && !day.history().patches().containsKey(means.id())) {
      return;
    }
    boolean risky = means.harm() >= HARSH || !patient.hurtBy(means).isEmpty();
    switch (day.history().patches().getOrDefault(means.id(), Patch.NONE)) {
      case NONE -> add(risky, means, "patch-none", means.patchDays());
      case WAITING -> add(risky, means, "patch-waiting");
      case FAILED -> add(true, means, "patch-failed");
      case PASSED -> {}
    }
  }

  private void others(Means means, List<Means> together) {
    for (Means other : together) {
      boolean products = other.product() && means.product() && !other.equals(means);
      if (products
          || means.bounds().notWith().contains(other.id())
          || WithinBounds.gap(means, other) > 0) {
        add(true, means, "together", other.label().toLowerCase(Locale.ROOT));
      }
    }
    for (Used used : day.history().earlier()) {
      long since = since(used);
      int gap = WithinBounds.gap(means, used.means());
      if (since >= 0 && since < gap) {
        add(true, means, "gap", used.means().label(), since, gap);
      }
    }
  }

  /** How often it was used before: too soon, or often enough for a year. */
  private void often(Means means) {
    List<Long> before =
        day.history().earlier().stream()
            .filter(used -> used.means().equals(means) && since(used) >= 0)
            .map(this::since)
            .sorted()
            .toList();
    Means.Bounds bounds = day.history().bounds(means);
    int least = bounds.leastDays();
    if (!before.isEmpty() && before.get(0) < least && means.product()) {
      add(true, means, "soon", before.get(0), least);
    }
    Integer most = bounds.seasonMost();
    long year = before.stream().filter(since -> since < YEAR).count();
    if (most != null && year >= most) {
      add(true, means, "season", year);
    }
    if (bounds.inRow() != null) {
      List<Integer> days =
          before.stream()
              .map(since -> -since.intValue())
              .sorted(Comparator.naturalOrder())
              .toList();
      int row = WithinBounds.inRow(days, 0, bounds.inRow().rest());
      if (row >= bounds.inRow().most()) {
        add(true, means, "in-row", row, bounds.inRow().rest());
      }
    }
  }

  private long since(Used used) {
    return ChronoUnit.DAYS.between(used.day(), day.day());
  }

  private void predators(Means means) {
    for (Used used : day.history().earlier()) {
      long since = since(used);
      if (since < 0) {
        continue;
      }
      if (means.released() && since < used.means().harmsPredators()) {
        add(
            true,
            means,
            "kills-release",
            used.means().label(),
            since,
            used.means().harmsPredators());
      }
      if (used.means().released() && means.harmsPredators() > 0 && since < PREDATORS_LIVE) {
        add(false, means, "kills-released", used.means().label(), since);
      }
    }
  }

  /** One group over more than one generation breeds what it no longer kills. */
  private void resistance(Means means) {
    if (!means.wearsOut()) {
      return;
    }
    long atHome =
        Stream.concat(day.history().earlier().stream(), day.history().elsewhere().stream())
            .filter(used -> used.means().group().equals(means.group()))
            .filter(used -> since(used) > 0 && since(used) < YEAR)
            .map(Used::day)
            .distinct()
            .count();
    if (atHome >= WithinBounds.OF_A_GROUP_AT_HOME) {
      add(true, means, "group-at-home", means.group(), atHome);
    }
    if (day.history().generation() == null) {
      return;
    }
    Optional<LocalDate> first =
        day.history().earlier().stream()
            .filter(used -> used.means().group().equals(means.group()) && since(used) >= 0)
            .filter(used -> since(used) < 6L * day.history().generation())
            .map(Used::day)
            .min(Comparator.naturalOrder());
    first
        .filter(from -> ChronoUnit.DAYS.between(from, day.day()) > day.history().generation())
        .ifPresent(
            from ->
                add(
                    false,
                    means,
                    "group",
                    means.group(),
                    ChronoUnit.DAYS.between(from, day.day()),
                    day.history().generation()));
  }
}
