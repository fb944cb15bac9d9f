package org.mildlantern.app.imports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.mildlantern.app.web.TextFile;

class LinesTest {
  @Test
  void tabsCommasAndSemicolonsPartCells() {
    List<List<String>> cells = List.of(List.of("name", "pot"), List.of("Vanda", "4 in"));
    assertThat(Lines.of("name\tpot\nVanda\t4 in")).isEqualTo(cells);
    assertThat(Lines.of("name,pot\r\nVanda, 4 in\r\n")).isEqualTo(cells);
    assertThat(Lines.of("\uFEFFname;pot\n\nVanda;4 in")).isEqualTo(cells);
    assertThat(Lines.of("Monstera\n  Vanda  "))
        .isEqualTo(List.of(List.of("Monstera"), List.of("Vanda")));
  }

  @Test
  void aSignForInchesIsNoQuotation() {
    assertThat(Lines.of("name\tpot\nVanda\t4\"\nFicus\t5\"").get(1).get(1)).isEqualTo("4″");
    assertThat(Lines.of("name,pot\nVanda,\"4\"\"\"").get(1).get(1)).isEqualTo("4\"");
    assertThat(Lines.of("name,notes\n\"Old, dear fern\",\"two\nlines\"").get(1))
        .containsExactly("Old, dear fern", "two\nlines");
  }

  @Test
  void aBrokenQuotationLosesNoRow() {
    assertThat(Lines.of("name,pot\n\"Vanda,4\nFicus,5")).hasSize(3);
  }

  @Test
  void filesOfOlderProgramsAreReadToo() {
    String table = "name,notes\nMüller’s fern,ü";
    assertThat(TextFile.text(table.getBytes(StandardCharsets.UTF_8))).isEqualTo(table);
    assertThat(TextFile.text(table.getBytes(Charset.forName("windows-1252")))).isEqualTo(table);
    byte[] wide = ("\uFEFF" + table).getBytes(StandardCharsets.UTF_16LE);
    assertThat(TextFile.text(wide)).contains("Müller");
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "  \n ", "a\u0000b"})
  void whatIsNoTableIsRefused(String text) {
    assertThatThrownBy(() -> Lines.of(text)).isInstanceOf(IllegalArgumentException.class);
  }

  @Test
  void listsAreBounded() {
    assertThat(Lines.of("name\n" + "Vanda\n".repeat(1000))).hasSize(1001);
    assertThatThrownBy(() -> Lines.of("name\n" + "Vanda\n".repeat(1001)))
        .hasMessageContaining("1000");
    assertThatThrownBy(() -> Lines.of("a,".repeat(50))).hasMessageContaining("40");
    assertThatThrownBy(() -> Lines.of("x".repeat(400_001))).hasMessageContaining("1000");
  }
}
