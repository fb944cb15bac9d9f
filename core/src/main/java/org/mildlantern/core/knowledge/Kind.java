package org.mildlantern.core.knowledge;

import java.time.LocalDate;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.core.season.Stage;

/**
 * What a plant is: a taxon, or only a growth form. Limits, advice and water always have an answer,
 * by what is usual for the form where the taxon is not known; what would count as evidence, such as
 * wishes for light and warmth, is then unknown.
 *
 * <p>Made by {@link Knowledge#kind}.
 *
 * @param way how it lives while it grows
 */
public record Kind(GrowthForm form, Optional<Taxon> taxon, Habits habits, Way way) {
  public Kind {
    Objects.requireNonNull(form, "form");
    Objects.requireNonNull(taxon, "taxon");
    Objects.requireNonNull(habits, "habits");
    Objects.requireNonNull(way, "way");
  }

  /** The accepted name, or that of the form. */
  public String name() {
    return taxon.map(Taxon::name).orElse(form.label());
  }

  public Watering water() {
    return habits.water();
  }

  public boolean restsOn(LocalDate day, double latitude) {
    return habits.restsOn(day, latitude);
  }

  /** Whether it rests: by what was noted, or by the calendar while nothing but growth was. */
  public boolean resting(Stage noted, LocalDate day, double latitude) {
    return noted == Stage.REST || noted == Stage.GROWTH && restsOn(day, latitude);
  }

  public boolean shyOf(Habits.Shy what) {
    return habits.shy().contains(what);
  }

  /** Whether it is known to be eaten. */
  public boolean edible() {
    return taxon.map(Taxon::edible).orElse(false);
  }

  /** Causes that are known to be more or less likely than in other kinds of its form. */
  public Map<String, Factor> prone() {
    return taxon.map(Taxon::prone).orElse(Map.of());
  }
}
