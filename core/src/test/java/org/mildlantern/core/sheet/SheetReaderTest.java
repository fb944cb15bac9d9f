package org.mildlantern.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.LocalDate;
import java.time.ZonedDateTime;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.plant.PotMaterial;
import org.mildlantern.core.plant.WaterGiven;
import org.mildlantern.core.round.PlaceKind;
import org.mildlantern.core.season.Stage;
import org.mildlantern.core.water.PotShape;

class SheetReaderTest {
  private static final Library LIBRARY = Library.shipped();
  private static final SheetReader READER = new SheetReader(LIBRARY.knowledge(), LIBRARY.sheet());
  private static final SheetReader.Around AROUND =
      new SheetReader.Around(
          ZonedDateTime.parse("2026-11-23T10:00:00Z"),
          Set.of("a-1"),
          List.of("South bay"),
          Map.of("fern", "Fern: as most of them", "leafy-stem", "Leafy stems: as most of them"));

  private static SheetReading read(Answers answers, String... lines) {
    List<List<String>> table =
        Arrays.stream(lines).map(line -> List.of(line.split("\\|", -1))).toList();
    return READER.read(READER.layOut(table), answers, AROUND);
  }

  private static SheetReading read(String... lines) {
    return read(Answers.NONE, lines);
  }

  private static Cell cell(SheetReading read, int row, Column column) {
    for (int i = 0; i < read.heads().size(); i++) {
      if (read.heads().get(i).column() == column) {
        return read.rows().get(row).cells().get(i);
      }
    }
    throw new AssertionError("no column " + column);
  }

  @ParameterizedTest
  @CsvSource({
    "Plant name,NAME,",
    "Pot (cm),POT,CM",
    "Pot size in inches,POT,INCH",
    "POT DIA. [mm],POT,MM",
    "Pot size (in),POT,INCH",
    "Location,PLACE,",
    "Date acquired,ARRIVED,",
    "Last repotted,MEDIUM_SINCE,",
    "Potting mix,MEDIUM,",
    "Accession #,CODE,",
    "Comments,NOTES,",
    "Drainage holes?,HOLES,",
    "Favourite colour,,"
  })
  void headingsAreTakenInManyWords(String text, Column column, Length unit) {
    Heading heading = Heading.of(text, LIBRARY.sheet());
    assertThat(heading.column()).isEqualTo(column);
    assertThat(heading.unit()).isEqualTo(unit);
  }

  @Test
  void aRowInAGrowersOwnWordsBecomesAPlant() {
    SheetReading read =
        read(
            "Plant name|Where|Pot|Mix|Bought|Water|Holes|Stage|Comments|Price",
            "moth orchid|south bay|4\" clear|bark & perlite|12.05.2023|RO|yes|in bloom|gift|12");
    PlantRow plant = read.rows().get(0).plant();
    assertThat(plant.name()).isEqualTo("moth orchid");
    assertThat(plant.place()).isEqualTo("South bay");
    assertThat(plant.pot())
        .isEqualTo(new PlantRow.InPot(null, 10.2, null, PotMaterial.CLEAR, true, null));
    assertThat(plant.filling()).isEqualTo(new PlantRow.Filling("bark-perlite", null, null));
    assertThat(plant.arrived()).isEqualTo(LocalDate.of(2023, 5, 12));
    assertThat(plant.water()).isEqualTo(WaterGiven.RAIN);
    assertThat(plant.stage()).isEqualTo(Stage.FLOWER);
    assertThat(plant.notes()).isEqualTo("gift\nPrice: 12");
  }

  @Test
  void whatARowDoesNotTellIsNotMadeUp() {
    PlantRow plant = read("name|place", "Vanda|South bay").rows().get(0).plant();
    assertThat(plant.pot()).isEqualTo(new PlantRow.InPot(null, null, null, null, null, null));
    assertThat(plant.filling()).isEqualTo(new PlantRow.Filling(null, null, null));
    assertThat(plant.stage()).isNull();
    assertThat(plant.water()).isNull();
    assertThat(plant.arrived()).isNull();
    assertThat(plant.code()).isEmpty();
  }

  @Test
  void aListOfNamesNeedsNoHeading() {
    SheetReading read =
        read(new Answers(null, null, null, null, "South bay"), "Monstera", "Vanda", "peace lily");
    assertThat(read.good()).hasSize(3);
    SheetReading second =
        read(new Answers(null, null, null, null, "South bay"), "1|Monstera", "2|Vanda");
    assertThat(second.good())
        .extracting(row -> row.plant().name())
        .containsExactly("Monstera", "Vanda");
  }

  @Test
  void genusSpeciesAndCultivarMakeOneName() {
    SheetReading read =
        read(
            "Genus|Species|Cultivar|Common name|Place",
            "Phalaenopsis|schilleriana||Tiger|South bay",
            "Nepenthes|villosa||Pitcher|South bay",
            "Cattleya||Big Lip||South bay");
    assertThat(read.rows().get(0).plant().name()).isEqualTo("Phalaenopsis schilleriana");
    assertThat(read.rows().get(0).plant().notes()).contains("also: Tiger");
    assertThat(cell(read, 1, Column.SPECIES).read()).startsWith("Nepenthes");
    assertThat(read.rows().get(2).plant().name()).isEqualTo("Cattleya 'Big Lip'");
  }

  @Test
  void aNameThatIsNotKnownOffersTheNearestAndHowItMayBeBuilt() {
    SheetReading read = read("name|place", "Spathyphylum walisii|South bay", "Zorblax|South bay");
    assertThat(read.good()).isEmpty();
    assertThat(cell(read, 0, Column.NAME).choices())
        .anySatisfy(choice -> assertThat(choice.text()).startsWith("Spathiphyllum"));
    assertThat(cell(read, 1, Column.FORM).problem()).isEqualTo("how is it built?");
    SheetReading told = read("name|place|form", "Zorblax|South bay|Fern");
    assertThat(told.rows().get(0).plant().formId()).isEqualTo("fern");
  }

  @Test
  void aNameOfSeveralKindsIsAsked() {
    Cell cell = cell(read("name|place", "money plant|South bay"), 0, Column.NAME);
    assertThat(cell.problem()).contains("several kinds");
    assertThat(cell.choices()).hasSizeGreaterThan(1);
  }

  @Test
  void placesThatAreNotThereAreMadeOnceOrMeantOtherwise() {
    SheetReading read = read("name|place", "Vanda|Balcony", "Monstera|balcony", "Ficus|");
    assertThat(read.asks().places()).containsExactly(Map.entry("Balcony", 2));
    assertThat(read.asks().rest()).isEqualTo(1);
    assertThat(read.rows().get(2).problem()).contains("where does it stand");
    Answers same =
        new Answers(
            null,
            null,
            null,
            Map.of("balcony", new Answers.NewPlace(null, "South bay")),
            "South bay");
    assertThat(read(same, "name|place", "Vanda|Balcony", "Ficus|").good())
        .extracting(row -> row.plant().place())
        .containsOnly("South bay");
    assertThat(LIBRARY.sheet().placeKind("Back garden")).isEqualTo(PlaceKind.OUTDOOR);
    assertThat(LIBRARY.sheet().placeKind("Kitchen sill")).isEqualTo(PlaceKind.INDOOR);
  }

  @Test
  void figuresThatCanBeReadInTwoWaysAreAskedOnceForTheList() {
    SheetReading read =
        read("name|place|pot|bought", "Vanda|South bay|4|3/4/2023", "Ficus|South bay|5 in|");
    assertThat(read.asks().unit()).isTrue();
    assertThat(read.asks().days()).isTrue();
    assertThat(read.good()).hasSize(1);
    Answers said = new Answers(null, Length.INCH, DayOrder.MONTH_FIRST, null, null);
    SheetReading again = read(said, "name|place|pot|bought", "Vanda|South bay|4|3/4/2023");
    assertThat(again.rows().get(0).plant().pot().cm()).isEqualTo(10.2);
    assertThat(again.rows().get(0).plant().arrived()).isEqualTo(LocalDate.of(2023, 3, 4));
  }

  @Test
  void oneDayThatCanOnlyBeReadOneWayTellsTheOrderOfAll() {
    SheetReading read =
        read("name|place|bought", "Vanda|South bay|3/4/2023", "Ficus|South bay|25/4/2023");
    assertThat(read.rows().get(0).plant().arrived()).isEqualTo(LocalDate.of(2023, 4, 3));
    SheetReading mixed =
        read(
            "name|place|bought",
            "Vanda|South bay|3/4/2023",
            "Ficus|South bay|25/4/2023",
            "Hoya|South bay|4/25/2023");
    assertThat(mixed.asks().days()).isTrue();
    assertThat(mixed.good()).hasSize(2);
  }

  @Test
  void aMixThatIsNotKnownStaysInTheGrowersWords() {
    SheetReading read =
        read("name|place|mix", "Vanda|South bay|Ann's secret", "Vanda|South bay|perlite + bark");
    assertThat(read.rows().get(0).plant().filling().own()).isEqualTo("Ann's secret");
    assertThat(read.rows().get(0).plant().filling().mediumId()).isNull();
    assertThat(read.rows().get(1).plant().filling().mediumId()).isEqualTo("bark-perlite");
    assertThat(cell(read, 0, Column.MEDIUM).choices()).isNotEmpty();
  }

  @ParameterizedTest
  @CsvSource({
    "LECA,semi-hydro",
    "bark & perlite,bark-perlite",
    "70% bark 30% perlite,bark-perlite",
    "Orchid bark,bark-mix",
    "sphag,sphagnum",
    "Cactus soil,grit-mix",
    "Peat:perlite 1:1,peat-perlite",
    "Potting soil,house-compost"
  })
  void mixesAreKnownByManyWords(String text, String id) {
    assertThat(LIBRARY.sheet().medium(text)).contains(id);
  }

  @Test
  void codesThatAreTakenOrStandTwiceAreSaid() {
    SheetReading read =
        read("code|name|place", "A-1|Vanda|South bay", "B|Ficus|South bay", "b|Hoya|South bay");
    assertThat(cell(read, 0, Column.CODE).good()).isFalse();
    assertThat(cell(read, 1, Column.CODE).good()).isTrue();
    assertThat(cell(read, 2, Column.CODE).choices()).extracting(Cell.Choice::text).contains("");
  }

  @Test
  void theSameColumnTwiceIsKeptInTheNotes() {
    SheetReading read = read("name|place|where", "Vanda|South bay|upstairs");
    assertThat(read.heads().get(2).sure()).isFalse();
    assertThat(read.rows().get(0).plant().notes()).isEqualTo("where: upstairs");
  }

  @Test
  void wordsOfNoMeaningAreKeptAndSayNothing() {
    PlantRow plant =
        read("name|place|pot type|stage|water", "Vanda|South bay|net pot|happy|weekly")
            .rows()
            .get(0)
            .plant();
    assertThat(plant.pot().shape()).isEqualTo(PotShape.Kind.BASKET);
    assertThat(plant.stage()).isNull();
    assertThat(plant.water()).isNull();
    assertThat(plant.notes()).contains("stage: happy", "water: weekly");
  }

  private static Answers anyColumns(Random random) {
    Map<Integer, Column> columns = new HashMap<>();
    for (int i = random.nextInt(9); i >= 0; i--) {
      columns.put(random.nextInt(9), Column.values()[random.nextInt(Column.values().length)]);
    }
    return new Answers(columns, null, null, null, null);
  }

  @Test
  void ofTwoColumnsThatAreSaidToHoldTheSameTheSecondIsKeptInTheNotes() {
    Answers twice =
        new Answers(
            Map.of(1, Column.NAME, 2, Column.NAME, 3, Column.UNUSED), null, null, null, "x");
    SheetReading read = read(twice, "name|tag|label", "Vanda|Hoya|Ficus");
    assertThat(read.heads())
        .extracting(SheetReading.Head::column)
        .containsExactly(Column.ASIDE, Column.NAME, Column.ASIDE, Column.UNUSED);
    assertThat(read.heads().get(2).sure()).isFalse();
    assertThat(read.rows().get(0).plant().name()).isEqualTo("Hoya");
    assertThat(read.rows().get(0).plant().notes()).contains("label: Ficus", "name: Vanda");
  }

  @Test
  void nothingThatIsTypedThrows() {
    Random random = new Random(5);
    String signs = "ab 4\"½x×/-.,()#&\u0000\u202e1/2cm in 2023 May µ|";
    for (int i = 0; i < 3000; i++) {
      StringBuilder line = new StringBuilder();
      for (int j = random.nextInt(60); j >= 0; j--) {
        line.append(signs.charAt(random.nextInt(signs.length())));
      }
      String there = line.toString();
      String back = line.reverse().toString();
      read("name|place|pot|bought|mix|code|holes", there, back);
      read(anyColumns(random), "name|place|pot|bought|mix|code|holes", there, back);
      read(line + "x");
    }
  }
}
