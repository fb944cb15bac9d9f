package org.mildlantern.core.knowledge;

import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import org.mildlantern.core.season.Season;

/**
 * What a plant is: a taxon, or only a growth form. Limits, advice and water always have an answer,
 * by what is usual for the form where the taxon is not known; what would count as evidence, such as
 * wishes for light and warmth, is then unknown.
 *
 * <p>Made by {@link Knowledge#kind}.
 */
public record Kind(GrowthForm form, Optional<Taxon> taxon, Habits habits) {
  public Kind {
    Objects.requireNonNull(form, "form");
    Objects.requireNonNull(taxon, "taxon");
    Objects.requireNonNull(habits, "habits");
  }

  /** The accepted name, or that of the form. */
  public String name() {
    return taxon.map(Taxon::name).orElse(form.label());
  }

  public Watering water() {
    return habits.water();
  }

  public boolean restsIn(Season season) {
    return habits.restsIn(season);
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
