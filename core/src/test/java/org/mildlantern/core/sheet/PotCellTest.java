package org.mildlantern.core.sheet;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.core.knowledge.Library;
import org.mildlantern.core.knowledge.SheetWords;

class PotCellTest {
  private static final SheetWords WORDS = Library.shipped().sheet();

  private static PotCell read(String text, Length unit) {
    return PotCell.of(text, unit, WORDS);
  }

  @ParameterizedTest
  @CsvSource(
      delimiter = '|',
      value = {
        "4\"                 |      | 10.2 |      |       |",
        "4”                  |      | 10.2 |      |       |",
        "4''                 |      | 10.2 |      |       |",
        "12 cm               |      | 12.0 |      |       |",
        "12cm                | INCH | 12.0 |      |       |",
        "12                  | CM   | 12.0 |      |       |",
        "4                   | INCH | 10.2 |      |       |",
        "120 mm              |      | 12.0 |      |       |",
        "4.5 in              |      | 11.4 |      |       |",
        "4,5 in              |      | 11.4 |      |       |",
        "4½ in               |      | 11.4 |      |       |",
        "4 1/2\"             |      | 11.4 |      |       |",
        "5-1/2 inch          |      | 14.0 |      |       |",
        "4 inch terracotta   |      | 10.2 |      | CLAY  |",
        "10cm clear plastic  |      | 10.0 |      | CLEAR |",
        "5 in square         |      | 12.7 |      |       | SQUARE",
        "12 x 10 cm          |      | 12.0 | 10.0 |       |",
        "12cm x 10cm clay    |      | 12.0 | 10.0 | CLAY  |",
        "20 x 15 x 5 cm      |      | 17.3 | 5.0  |       |",
        "about 9 cm wide pot |      | 9.0  |      |       |",
        "mounted             |      |      |      |       | MOUNT",
        "basket              | CM   |      |      |       | BASKET",
        "clay                |      |      |      | CLAY  |",
      })
  void readsWidthsDepthsAndWords(
      String text, Length unit, Double cm, Double depth, String material, String shape) {
    PotCell pot = read(text, unit);
    assertThat(pot.problem()).isNull();
    assertThat(pot.cm()).isEqualTo(cm);
    assertThat(pot.depthCm()).isEqualTo(depth);
    assertThat(pot.material() == null ? null : pot.material().name()).isEqualTo(material);
    assertThat(pot.shape() == null ? null : pot.shape().name()).isEqualTo(shape);
    assertThat(pot.left()).isEmpty();
  }

  @Test
  void aFigureWithoutAUnitIsAsked() {
    assertThat(read("4", null).asksUnit()).isTrue();
    assertThat(read("4 clay", null).problem()).isEqualTo("cm or inches?");
    assertThat(read("", null).asksUnit()).isFalse();
  }

  @Test
  void wordsThatAreNotKnownAreLeftForTheNotes() {
    assertThat(read("5 in self watering", null).left()).isEqualTo("self watering");
    assertThat(read("5 in self watering", null).words()).contains("12.7 cm", "kept in the notes");
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "10-12 cm",
        "4 or 5 in",
        "1 gal",
        "2 l",
        "0 cm",
        "300 cm",
        "1 x 2 x 3 x 4 cm",
        "500 ml"
      })
  void whatIsNoWidthIsSaid(String text) {
    assertThat(read(text, Length.CM).problem()).isNotBlank();
    assertThat(read(text, Length.CM).cm()).isNull();
  }
}
