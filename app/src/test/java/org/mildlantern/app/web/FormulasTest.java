package org.mildlantern.app.web;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class FormulasTest {
  @ParameterizedTest
  @ValueSource(strings = {"=1+2", "+49", "@home", "-3 °C", "\tx", "\rx", "'quoted", "''", "'"})
  void whatASpreadsheetWouldRunIsMarkedAndComesBack(String text) {
    assertThat(Formulas.marked(text)).isEqualTo("'" + text);
    assertThat(Formulas.unmarked(Formulas.marked(text))).isEqualTo(text);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", " ", "a=b", "3 °C", "שלום"})
  void allElseStaysAsItIs(String text) {
    assertThat(Formulas.marked(text)).isEqualTo(text);
    assertThat(Formulas.unmarked(text)).isEqualTo(text);
  }

  /** An apostrophe before a letter was written by the keeper. */
  @ParameterizedTest
  @ValueSource(strings = {"'Tis red", "'"})
  void anApostropheOfItsOwnStays(String text) {
    assertThat(Formulas.unmarked(text)).isEqualTo(text);
  }
}
