package org.mildlantern.app.plants;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.app.figure.Appearance;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.care.PlantNow;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Rest;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;

/** A plant as other features and pages see it. */
public record PlantView(
    Tag tag, Kind kind, PlaceView place, Pot pot, Filling filling, Life life, String notes) {
  private static final Words WORDS = Words.of(PlantView.class);

  private static final int NEW_DAYS = 28;

  /** How it is told from others. */
  public record Tag(Long id, String code, String name) {}

  /**
   * What the pot is filled with.
   *
   * @param medium or null
   * @param own the keeper's words for a mix that is not known, or null
   * @param since when it came into this medium, or null
   * @param water that it is given, or null
   */
  public record Filling(Medium medium, String own, LocalDate since, WaterGiven water) {}

  /**
   * Its stage and its days; those that are not known are null.
   *
   * @param stage as noted, or null
   * @param archivedOn or null while it is kept
   */
  public record Life(
      Stage stage, LocalDate stageSince, LocalDate arrivedOn, LocalDate archivedOn) {}

  public Long id() {
    return tag.id;
  }

  public String code() {
    return tag.code;
  }

  public String name() {
    return tag.name;
  }

  public Medium medium() {
    return filling.medium;
  }

  /** What it is potted in, in words; null where that is not known. */
  public String mediumWords() {
    return medium() == null ? filling.own : medium().label();
  }

  public LocalDate mediumSince() {
    return filling.since;
  }

  public WaterGiven waterUsed() {
    return filling.water;
  }

  /** As noted; of a plant of which nothing was, growth, on which the calendar still has its say. */
  public Stage stage() {
    return noted().orElse(Stage.GROWTH);
  }

  /** Its stage as the keeper noted it. */
  public Optional<Stage> noted() {
    return Optional.ofNullable(life.stage);
  }

  public LocalDate stageSince() {
    return life.stageSince;
  }

  public LocalDate arrivedOn() {
    return life.arrivedOn;
  }

  public LocalDate archivedOn() {
    return life.archivedOn;
  }

  public GrowthForm form() {
    return kind.form();
  }

  /** How it is drawn when nothing ails it. */
  public Appearance appearance() {
    return new Appearance(
        pot.material() == PotMaterial.CLAY,
        stage(),
        kind.taxon().map(Taxon::sheds).orElse(Sheds.KEEPS));
  }

  /**
   * What it may lose in a month without alarm.
   *
   * @param movedOn day of its last move, or null
   */
  public Shedding shedding(LocalDate movedOn, LocalDate today, double latitude) {
    Integer sinceChange =
        Stream.of(Optional.ofNullable(movedOn), Optional.ofNullable(arrivedOn()))
            .flatMap(Optional::stream)
            .filter(day -> !day.isAfter(today))
            .max(Comparator.naturalOrder())
            .map(day -> (int) Math.min(ChronoUnit.DAYS.between(day, today), 9999))
            .orElse(null);
    return Shedding.of(kind, stage(), today, latitude, sinceChange);
  }

  /** The plant as one advises on it. */
  public PlantNow now(Knowledge knowledge) {
    return new PlantNow(kind, stage(), knowledge);
  }

  /** Whether it rests: by what was noted, or by the calendar when its kind rests then. */
  public boolean resting(LocalDate today, double latitude) {
    return kind.resting(stage(), today, latitude);
  }

  /** Whether it rests without a drink. */
  public boolean restsDry(LocalDate today, double latitude) {
    return kind.habits().rest().as() == Rest.As.DRY && resting(today, latitude);
  }

  /**
   * Its stage and since when, for example {@code in flower since 12 Nov 2026}; of a plant of which
   * none was noted, what the calendar says of its kind.
   */
  public String stageWords(LocalDate today, double latitude) {
    if (noted().isEmpty()) {
      return resting(today, latitude)
          ? WORDS.say("stage-rest", kind.habits().rest().months().words(latitude))
          : WORDS.say("stage-unknown");
    }
    return stageSince() == null
        ? stage().label()
        : WORDS.say("stage", stage().label(), Days.full(stageSince()));
  }

  public boolean archived() {
    return archivedOn() != null;
  }

  /** Whether it came so lately that it may still show what it brought. */
  public boolean newcomer(LocalDate today) {
    return arrivedOn() != null
        && !arrivedOn().isAfter(today)
        && arrivedOn().isAfter(today.minusDays(NEW_DAYS));
  }

  public String otherName() {
    return kind.taxon()
        .map(Taxon::name)
        .filter(accepted -> !accepted.equalsIgnoreCase(name()))
        .orElse(null);
  }
}
