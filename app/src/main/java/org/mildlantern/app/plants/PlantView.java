package org.mildlantern.app.plants;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.mildlantern.app.figure.Appearance;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.web.Days;
import org.mildlantern.core.growth.Shedding;
import org.mildlantern.core.growth.Stage;
import org.mildlantern.core.knowledge.GrowthForm;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Medium;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.knowledge.Taxon.Sheds;
import org.mildlantern.core.season.Season;
import org.mildlantern.core.water.Standing;

/**
 * A plant as other features and pages see it.
 *
 * @param medium the medium, or null
 * @param otherName the accepted name when the keeper uses a synonym, or null
 */
public record PlantView(
    Long id,
    String code,
    String name,
    Kind kind,
    PlaceView place,
    Pot.Shape potShape,
    Double potCm,
    Double potDepthCm,
    Pot.Material potMaterial,
    boolean potHoles,
    boolean outerPot,
    Standing.Kind standsIn,
    Medium medium,
    LocalDate mediumSince,
    Pot.Water waterUsed,
    Stage stage,
    LocalDate stageSince,
    LocalDate arrivedOn,
    String notes,
    LocalDate archivedOn) {

  public GrowthForm form() {
    return kind.form();
  }

  /** How it is drawn when nothing ails it. */
  public Appearance appearance() {
    return new Appearance(
        potMaterial == Pot.Material.CLAY,
        stage,
        kind.taxon().map(Taxon::sheds).orElse(Sheds.KEEPS));
  }

  /**
   * What it may lose in a month without alarm.
   *
   * @param movedOn day of its last move, or null
   */
  public Shedding shedding(LocalDate movedOn, LocalDate today, double latitude) {
    Integer sinceChange =
        Stream.of(Optional.ofNullable(movedOn), Optional.ofNullable(arrivedOn))
            .flatMap(Optional::stream)
            .filter(day -> !day.isAfter(today))
            .max(Comparator.naturalOrder())
            .map(day -> (int) Math.min(ChronoUnit.DAYS.between(day, today), 9999))
            .orElse(null);
    return Shedding.of(kind, stage, Season.of(today, latitude), sinceChange);
  }

  /** Its stage and since when, for example {@code in flower since 12 Nov 2026}. */
  public String stageWords() {
    return stage.label() + (stageSince == null ? "" : " since " + Days.full(stageSince));
  }

  public boolean archived() {
    return archivedOn != null;
  }

  private static final int NEW_DAYS = 28;

  /** Whether it came so lately that it may still show what it brought. */
  public boolean newcomer(LocalDate today) {
    return arrivedOn != null
        && !arrivedOn.isAfter(today)
        && arrivedOn.isAfter(today.minusDays(NEW_DAYS));
  }

  public String otherName() {
    return kind.taxon()
        .map(Taxon::name)
        .filter(accepted -> !accepted.equalsIgnoreCase(name))
        .orElse(null);
  }

  /** The pot in words, for example {@code 13 cm clay, in an outer pot}. */
  public String pot() {
    if (potShape == Pot.Shape.MOUNT) {
      return "mounted";
    }
    List<String> words = new ArrayList<>();
    if (potCm != null) {
      words.add(potCm == Math.rint(potCm) ? Math.round(potCm) + " cm" : potCm + " cm");
    }
    if (potMaterial != null) {
      words.add(potMaterial.label());
    }
    words.add(potShape == Pot.Shape.ROUND ? "pot" : potShape.label());
    return String.join(" ", words)
        + (potHoles ? "" : ", no holes")
        + (outerPot ? ", in an outer pot" : "")
        + (standsIn == Standing.Kind.NONE ? "" : ", on " + standsIn.label());
  }
}
