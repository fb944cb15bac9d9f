package org.mildlantern.app;

import java.time.Instant;
import java.time.LocalDate;
import java.util.concurrent.atomic.AtomicInteger;
import java.util.function.Supplier;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantForm;
import org.mildlantern.app.plants.PlantNotes;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.plants.Pot;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;
import org.mildlantern.core.water.Standing;
import org.springframework.boot.test.context.TestConfiguration;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Primary;

/** Makes keepers with places and plants for tests, and a clock that tests can set. */
@TestConfiguration
public class Keepers {
  public static final Instant NOW = Instant.parse("2026-11-23T10:00:00Z");
  public static final LocalDate TODAY = LocalDate.of(2026, 11, 23);
  private static final AtomicInteger COUNT = new AtomicInteger();

  private KeeperService keepers;
  private PlaceService places;
  private PlantService plants;
  private PlantNotes notes;
  private Scope scope;

  @Bean
  @Primary
  static TestClock testClock() {
    return new TestClock(NOW);
  }

  @org.springframework.beans.factory.annotation.Autowired
  void use(
      KeeperService keepers,
      PlaceService places,
      PlantService plants,
      PlantNotes notes,
      Scope scope) {
    this.notes = notes;
    this.keepers = keepers;
    this.places = places;
    this.plants = plants;
    this.scope = scope;
  }

  public SignedIn make() {
    return keepers.register(
        "keeper" + COUNT.incrementAndGet() + "-" + System.nanoTime() + "@example.org",
        "A keeper",
        "correct horse battery");
  }

  public PlaceView place(SignedIn keeper, String name, PlaceKind kind) {
    return as(keeper, () -> places.save(null, PlaceForm.of(name, kind, 20.0, 50.0)).orElseThrow());
  }

  public PlantView plant(SignedIn keeper, PlaceView place, String name) {
    return as(keeper, () -> plants.add(form(place, name, null)));
  }

  /** Writes a line into a plant's day book. */
  public Entry note(SignedIn keeper, Long plantId, String line) {
    return as(keeper, () -> notes.write(plantId, line).orElseThrow().entry());
  }

  /** A plant of which nothing but its name and place is known. */
  public static PlantForm bare(PlaceView place, String name) {
    return new PlantForm("", name, null, place.id(), null, null, null, null, null, null, null, "");
  }

  /** A round plastic pot with holes. */
  public static Pot pot(double cm) {
    return new Pot(
        PotShape.Kind.ROUND, cm, null, PotMaterial.PLASTIC, true, false, Standing.Kind.NONE);
  }

  public static PlantForm form(PlaceView place, String name, String formId) {
    return new PlantForm(
        "",
        name,
        formId,
        place.id(),
        pot(12.0),
        "house-compost",
        null,
        TODAY.minusDays(200),
        WaterGiven.RAIN,
        Stage.GROWTH,
        TODAY.minusDays(300),
        "");
  }

  public <T> T as(SignedIn keeper, Supplier<T> work) {
    return scope.as(keeper, work);
  }
}
