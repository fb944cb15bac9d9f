package org.mildlantern.app.demo;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.photos.Picture;
import org.mildlantern.core.journal.QuickLine;
import org.mildlantern.core.journal.Recorded;
import org.mildlantern.core.journal.Setting;
import org.mildlantern.core.knowledge.Kind;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** Furnishes the invented collection from {@code demo/tollhouse.yaml} with a year of records. */
@Component
class Tollhouse {
  private static final double LATITUDE = 53;
  private static final String ZONE = "Europe/London";

  /** The same year of records each time. */
  private static final long SEED = 1859;

  private record Furnished(long id, Kind kind) {}

  private final KeeperService keepers;
  private final Knowledge knowledge;
  private final Scope scope;
  private final DemoRows rows;
  private final DemoLight lit;
  private final DemoFeed feed;
  private final DemoRaising raising;
  private final DemoYear year;
  private final DemoCases cases;
  private final DemoTreatment treatment;
  private final DemoCabinet cabinet;
  private final ChoiceService choices;

  Tollhouse(
      KeeperService keepers,
      Knowledge knowledge,
      Scope scope,
      DemoRows rows,
      DemoLight lit,
      DemoFeed feed,
      DemoRaising raising,
      DemoYear year,
      DemoCases cases,
      DemoTreatment treatment,
      DemoCabinet cabinet,
      ChoiceService choices) {
    this.keepers = keepers;
    this.knowledge = knowledge;
    this.scope = scope;
    this.rows = rows;
    this.lit = lit;
    this.feed = feed;
    this.raising = raising;
    this.year = year;
    this.cases = cases;
    this.treatment = treatment;
    this.cabinet = cabinet;
    this.choices = choices;
  }

  SignedIn makeKeeper() {
    SignedIn made =
        keepers.register(DemoDoor.EMAIL, "Tollhouse keeper", UUID.randomUUID().toString());
    return scope.as(made, () -> keepers.describeCollection("Tollhouse collection", LATITUDE, ZONE));
  }

  /** An account for somebody who is shown round. */
  SignedIn makeGuest(String email) {
    return keepers.makeGuest(email, "Tollhouse, shown round", LATITUDE, ZONE);
  }

  @Transactional
  void furnish() {
    Sheet demo = Sheet.read("/demo/tollhouse.yaml");
    Map<String, Long> places = new HashMap<>();
    for (Sheet place : demo.list("places")) {
      places.put(place.text("id"), addPlace(place, places.size()));
    }
    lit.furnish(demo, places);
    Map<String, Furnished> plants = new HashMap<>();
    Random random = new Random(SEED);
    for (Sheet plant : demo.list("plants")) {
      plants.put(plant.text("code"), addPlant(plant, places.get(plant.text("place")), random));
    }
    feed.stock(demo);
    lit.stands(demo, places, code -> plants.get(code).id());
    int number = 1;
    for (Sheet story : demo.list("cases")) {
      Furnished plant = plants.get(story.text("plant"));
      cases.write(number++, plant.id(), plant.kind(), story);
    }
    int batch = 1;
    Map<String, Long> ids = new HashMap<>();
    plants.forEach((code, plant) -> ids.put(code, plant.id()));
    for (Sheet begun : demo.list("batches")) {
      raising.batch(batch++, begun, ids);
    }
    for (Sheet look : demo.list("looks")) {
      cases.look(plants.get(look.text("plant")).id(), look.days("opened"), look);
    }
    for (Sheet spot : demo.list("spots")) {
      addSpot(plants.get(spot.text("plant")).id(), spot);
    }
    for (Sheet move : demo.list("moves")) {
      treatment.move(plants.get(move.text("plant")).id(), move, places);
    }
    for (Sheet isolation : demo.list("isolations")) {
      treatment.isolation(plants.get(isolation.text("plant")).id(), isolation);
    }
    for (Sheet course : demo.list("courses")) {
      treatment.course(plants.get(course.text("plant")).id(), course);
    }
    for (Sheet looks : demo.list("pestLooks")) {
      for (Object plant : (List<?>) looks.get("plants")) {
        treatment.looks(plants.get(plant.toString()).id(), looks);
      }
    }
    demo.list("cabinet").forEach(cabinet::bottle);
    for (Sheet test : demo.list("patchTests")) {
      cabinet.patchTest(plants.get(test.text("plant")).id(), test);
    }
    for (Sheet traps : demo.list("traps")) {
      cabinet.traps(places.get(traps.text("place")), traps);
    }
    demo.list("choices").forEach(c -> choices.choose(c.text("topic"), c.text("choice")));
    for (Sheet entry : demo.list("entries")) {
      long plant = plants.get(entry.text("plant")).id();
      String text = entry.text("text");
      rows.entry(plant, entry.days("ago"), 17, QuickLine.read(text, nowhere()).note(), text).save();
    }
  }

  /** Lines of the demo name no places. */
  private Setting nowhere() {
    return new Setting(scope.now().atZone(scope.zone()), Map.of(), false, false);
  }

  private void addSpot(long plant, Sheet spot) {
    String text =
        "Measured %s: %s ± %s mm".formatted(spot.text("spot"), spot.text("mm"), spot.text("error"));
    long entry =
        rows.entry(plant, spot.days("ago"), 11, new Recorded(Recorded.What.SPOT), text).save();
    rows.row("spot_measure")
        .with("plant_id", plant)
        .with("spot", spot.text("spot"))
        .with("measured_on", rows.day(spot.days("ago")))
        .with("mm", spot.number("mm"))
        .with("error_mm", spot.number("error"))
        .with("entry_id", entry)
        .save();
    if (spot.has("photo")) {
      addPhoto(plant, spot);
    }
  }

  private void addPhoto(long plant, Sheet spot) {
    Picture picture = DemoPicture.leafWithSpot(spot.number("mm"));
    rows.row("photo")
        .with("plant_id", plant)
        .with("taken_on", rows.day(spot.days("ago")))
        .with("caption", spot.text("spot"))
        .with("width", picture.width())
        .with("height", picture.height())
        .with("image", picture.image())
        .with("thumbnail", picture.thumbnail())
        .with(
            "entry_id",
            rows.entry(
                    plant,
                    spot.days("ago"),
                    11,
                    new Recorded(Recorded.What.PHOTO),
                    "Photo: " + spot.text("spot"))
                .save())
        .save();
  }

  private long addPlace(Sheet place, int position) {
    return rows.row("place")
        .with("name", place.text("name"))
        .with("kind", place.text("kind"))
        .with("temperature", place.number("temperature"))
        .with("humidity", place.number("humidity"))
        .with("coldest", place.number("coldest"))
        .with("warmest", place.number("warmest"))
        .with("light", place.text("light"))
        .with("glass", place.has("glass"))
        .with("heater", place.has("heater"))
        .with("lamp", place.has("lamp"))
        .with("position", position)
        .save();
  }

  private Kind kind(Sheet plant, String name) {
    return knowledge
        .taxonNamed(name)
        .map(knowledge::kind)
        .orElseGet(() -> knowledge.kind(knowledge.forms().find(plant.text("form")).orElseThrow()));
  }

  private Furnished addPlant(Sheet plant, long place, Random random) {
    LocalDate today = scope.today();
    String name = plant.text("name");
    Kind kind = kind(plant, (String) plant.get("taxon", name));
    int mediumDays = (int) Math.round(plant.number("months") * 30.44);
    int arrived = plant.days("arrived");
    long id =
        rows.row("plant")
            .with("code", plant.text("code"))
            .with("taxon_id", kind.taxon().map(Taxon::id).orElse(null))
            .with("name", name)
            .with("form_id", kind.form().id())
            .with("place_id", place)
            .with("pot_shape", plant.get("shape", "ROUND"))
            .with("pot_cm", plant.get("cm"))
            .with("pot_material", plant.get("material", "PLASTIC"))
            .with("pot_holes", plant.get("holes", true))
            .with("outer_pot", Boolean.TRUE.equals(plant.get("outer")))
            .with("stands_in", plant.get("stands", "NONE"))
            .with("medium_id", plant.text("medium"))
            .with("medium_since", today.minusDays(mediumDays))
            .with("water_used", plant.get("water", "RAIN"))
            .with("stage", plant.get("stage"))
            .with("stage_since", plant.has("stageDays") ? rows.day(plant.days("stageDays")) : null)
            .with(
                "arrived_on",
                today.minusDays(plant.has("new") ? arrived : Math.max(arrived, mediumDays)))
            .with("notes", plant.get("notes", ""))
            .save();
    if (!plant.has("measured")) {
      year.write(id, kind, plant, mediumDays, random);
    }
    return new Furnished(id, kind);
  }
}
