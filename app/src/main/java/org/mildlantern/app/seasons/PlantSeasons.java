package org.mildlantern.app.seasons;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.season.Course;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.season.StageOdds;
import org.mildlantern.core.season.YearStage;
import org.springframework.stereotype.Component;

/** Where plants stand in their year: by their kind, their place and what was noted. */
@Component
public class PlantSeasons {
  /** A stage of which it is not known since when is taken for so old. */
  private static final int SOME_DAYS = 30;

  private final PlaceNights nights;
  private final Knowledge knowledge;
  private final Scope scope;

  PlantSeasons(PlaceNights nights, Knowledge knowledge, Scope scope) {
    this.nights = nights;
    this.knowledge = knowledge;
    this.scope = scope;
  }

  public Course course(PlantView plant) {
    return knowledge.course(plant.kind());
  }

  /** What is known of the nights and days where it stands. */
  public StageOdds.Place here(PlantView plant) {
    return nights.at(plant.place());
  }

  /** The stage that was noted, as old as it is today; null where none was, and for a seedling. */
  public StageOdds.Noted noted(PlantView plant) {
    return noted(plant, scope.today());
  }

  StageOdds.Noted noted(PlantView plant, LocalDate on) {
    Stage stage = plant.noted().orElse(null);
    if (stage == null || stage == Stage.SEEDLING) {
      return null;
    }
    LocalDate since =
        plant.stageSince() == null ? scope.today().minusDays(SOME_DAYS) : plant.stageSince();
    return new StageOdds.Noted(
        YearStage.valueOf(stage.name()), Math.max(0, ChronoUnit.DAYS.between(since, on)));
  }

  /** The odds of its stages today. */
  public StageOdds now(PlantView plant) {
    return StageOdds.of(course(plant), scope.today(), scope.latitude(), here(plant), noted(plant));
  }
}
