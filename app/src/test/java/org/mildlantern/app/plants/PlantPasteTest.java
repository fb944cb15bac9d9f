package org.mildlantern.app.plants;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.stream.Collectors;
import java.util.stream.IntStream;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.app.AppTest;
import org.mildlantern.app.Keepers;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

@AppTest
class PlantPasteTest {
  @Autowired Keepers keepers;
  @Autowired PlantPaste paste;
  @Autowired PlantService plants;

  private SignedIn keeper;

  @BeforeEach
  void aPlace() {
    keeper = keepers.make();
    keepers.place(keeper, "South bay", PlaceKind.INDOOR);
  }

  private PlantPaste.Preview preview(String table) {
    return keepers.as(keeper, () -> paste.preview(table));
  }

  private int count() {
    return keepers.as(keeper, plants::kept).size();
  }

  @Test
  void twentyPlantsByTab() {
    String rows =
        IntStream.rangeClosed(1, 20)
            .mapToObj(i -> "Phalaenopsis\tsouth bay\t" + (i + 8) + "\tBark mix\t2025-03-01")
            .collect(Collectors.joining("\n"));
    String table = "name\tplace\tpot cm\tmedium\tarrived\n" + rows;
    assertThat(preview(table).good()).isTrue();
    assertThat(count()).isZero();
    assertThat(keepers.as(keeper, () -> paste.save(table)).good()).isTrue();
    assertThat(count()).isEqualTo(20);
  }

  @Test
  void commasAndQuotationMarks() {
    PlantPaste.Preview preview =
        preview("Name,Form,Place,Notes\n\"Old, dear fern\",fern,South bay,\"from a friend, 1998\"");
    assertThat(preview.good()).isTrue();
  }

  @Test
  void eachBadCellIsNamedAndNothingIsSaved() {
    String table =
        "code\tname\tform\tplace\tpot cm\tmedium\tarrived\n"
            + "A1\tPhalaenopsis\t\tNowhere\t12\tbark-mix\t2025-01-01\n"
            + "A1\tUnheard of\t\tSouth bay\tbig\tmud\t2031-01-01\n"
            + "A2\t\tfern\tSouth bay\t-3\t\tyesterday";
    PlantPaste.Preview preview = keepers.as(keeper, () -> paste.save(table));
    assertThat(preview.good()).isFalse();
    assertThat(problems(preview, 0)).containsExactly("place");
    assertThat(problems(preview, 1)).containsExactly("code", "form", "pot cm", "medium", "arrived");
    assertThat(problems(preview, 2)).containsExactly("name", "pot cm", "arrived");
    assertThat(preview.bad()).isEqualTo(9);
    assertThat(count()).isZero();
  }

  private static java.util.List<String> problems(PlantPaste.Preview preview, int row) {
    return IntStream.range(0, preview.columns().size())
        .filter(c -> preview.rows().get(row).cells().get(c).problem() != null)
        .mapToObj(c -> preview.columns().get(c))
        .toList();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "",
        "   ",
        "name\tcolour\nx\ty",
        "name\nPhalaenopsis",
        "name\tname\tplace\na\tb\tc",
        "name\tplace",
        "name,place\n\"unclosed,South bay"
      })
  void aTableThatCannotBeReadSaysWhy(String table) {
    assertThat(preview(table).problem()).isNotBlank();
  }

  @Test
  void aVeryLongTableIsRefused() {
    assertThat(preview("name,place\n" + "Vanda,South bay\n".repeat(501)).problem()).contains("500");
  }
}
