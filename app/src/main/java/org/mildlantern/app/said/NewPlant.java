package org.mildlantern.app.said;

import java.util.Arrays;
import java.util.List;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.diagnosis.Circumstances;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Component;

/** Adds the plant that was spoken of, with what was told of its pot, its water and its air. */
@Component
class NewPlant {
  private static final Words WORDS = Words.of(NewPlant.class);

  private final PlantService plants;
  private final PlaceService places;
  private final Scope scope;

  NewPlant(PlantService plants, PlaceService places, Scope scope) {
    this.plants = plants;
    this.places = places;
    this.scope = scope;
  }

  PlantView add(Heard heard, Long place) {
    Kind kind = heard.who().kind().orElseThrow();
    Circumstances told = heard.inWords().circumstances();
    String name =
        kind.taxon()
            .map(Taxon::name)
            .orElse(heard.who().called().isEmpty() ? kind.name() : heard.who().called());
    Double arrived = told.numbers().get("days-since-arrival");
    return plants.add(
        new PlantForm(
            "",
            name,
            kind.taxon().isPresent() ? null : heard.form().lives(),
            where(place, told).id(),
            pot(told),
            null,
            null,
            null,
            water(told.choices().get("water-used")),
            Stage.of(told.choices().getOrDefault("stage", "")).orElse(null),
            arrived == null ? null : scope.today().minusDays(arrived.longValue()),
            ""));
  }

  private static Pot pot(Circumstances told) {
    return new Pot(
        null,
        told.numbers().get("pot-width"),
        null,
        null,
        yesNo(told.choices().get("holes")),
        yesNo(told.choices().get("outer-pot")),
        null);
  }

  private static Boolean yesNo(String told) {
    return told == null ? null : Boolean.valueOf("yes".equals(told));
  }

  /** The store that it is watered from; water from bottles is none. */
  private static WaterGiven water(String told) {
    return Arrays.stream(WaterGiven.values())
        .filter(water -> water.name().equalsIgnoreCase(told))
        .findFirst()
        .orElse(null);
  }

  /** The place that was chosen, else the first; a collection without one gets its first. */
  private PlaceView where(Long chosen, Circumstances told) {
    List<PlaceView> all = places.all();
    return places
        .find(chosen)
        .or(() -> all.stream().findFirst())
        .orElseGet(
            () ->
                places
                    .save(
                        null,
                        PlaceForm.of(
                            WORDS.say("first-place"),
                            "outdoor".equals(told.choices().get("place-kind"))
                                ? PlaceKind.OUTDOOR
                                : PlaceKind.INDOOR,
                            told.numbers().get("temperature"),
                            told.numbers().get("humidity")))
                    .orElseThrow());
  }
}
