package org.mildlantern.app.seasons;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceForm;
import org.mildlantern.app.places.PlaceService;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class YearSheetsTest {
  @Autowired Keepers keepers;
  @Autowired PlaceService places;
  @Autowired PlantService plants;
  @Autowired YearSheets sheets;

  private SignedIn keeper;
  private PlaceView cellar;

  @BeforeEach
  void aColdCellar() {
    keeper = keepers.make();
    cellar =
        keepers.as(
            keeper,
            () ->
                places
                    .save(null, PlaceForm.of("Cellar", PlaceKind.INDOOR, 5.0, 60.0))
                    .orElseThrow());
  }

  private YearSheets.YearSheet of(PlantView plant) {
    return keepers.as(keeper, () -> sheets.of(plant));
  }

  private static List<String> row(YearSheets.YearSheet sheet, int row) {
    return sheet.rows().get(row).cells().stream().map(YearSheets.Cell::text).toList();
  }

  private PlantView unnoted(String kind) {
    return keepers.as(keeper, () -> plants.add(Keepers.bare(cellar, kind)));
  }

  @Test
  void twelveMonthsStandInOneLookFromThisOneOn() {
    YearSheets.YearSheet sheet = of(unnoted("Pleione formosana"));
    assertThat(sheet.months()).hasSize(12).startsWith("Nov", "Dec");
    assertThat(sheet.rows())
        .extracting(YearSheets.Row::name)
        .containsExactly("Stage", "Water", "Feed", "Light here, mol a day", "Nights here, °C");
    assertThat(sheet.rows()).allSatisfy(row -> assertThat(row.cells()).hasSize(12));
  }

  @Test
  void whatRestsDryIsNeitherWateredNorFedThen() {
    YearSheets.YearSheet sheet = of(unnoted("Pleione formosana"));
    assertThat(row(sheet, 0).get(1)).isEqualTo("rests");
    assertThat(row(sheet, 1).get(1)).isEqualTo("dry");
    assertThat(row(sheet, 2).get(1)).isEqualTo("–");
    assertThat(row(sheet, 1).get(7)).isEqualTo("as usual");
    assertThat(row(sheet, 2).get(7)).isEqualTo("feed");
  }

  @Test
  void aTrapPlantIsNeverFedAtItsRoots() {
    assertThat(row(of(unnoted("Dionaea muscipula")), 2)).containsOnly("–");
  }

  @Test
  void aKindWithoutARestGrowsThroughTheYearAndLateNitrogenIsLeftOut() {
    assertThat(row(of(unnoted("Spathiphyllum wallisii")), 1)).containsOnly("as usual");
    YearSheets.YearSheet nobile = of(unnoted("Dendrobium nobile"));
    int ripens = row(nobile, 0).indexOf("ripens");
    assertThat(ripens).isPositive();
    assertThat(row(nobile, 2).get(ripens)).isEqualTo("–");
  }

  @Test
  void whatIsNotKnownStaysUnknown() {
    PlantView gift =
        keepers.as(keeper, () -> plants.add(Keepers.form(cellar, "Some gift", "leafy-stem")));
    assertThat(row(of(gift), 2)).containsOnly("?");
  }
}
