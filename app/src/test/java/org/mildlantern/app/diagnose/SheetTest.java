package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class SheetTest extends WebCase {
  @Autowired DiagnoseService diagnose;

  private SignedIn keeper;
  private PlantView violet;

  @BeforeEach
  void aLook() {
    keeper = keepers.make();
    violet =
        keepers.plant(
            keeper, keepers.place(keeper, "North sill", PlaceKind.INDOOR), "Saintpaulia ionantha");
    keepers.as(keeper, () -> diagnose.mark(violet.id(), "pale-rings@all-leaves", true));
    keepers.as(keeper, () -> diagnose.mark(violet.id(), "stipple@old-leaves", false));
    keepers.as(keeper, () -> diagnose.note(violet.id(), "pale-rings@all-leaves", "three leaves"));
  }

  @Test
  void theTextHoldsPlantCultureAndFindings() throws Exception {
    get(keeper, "/plants/" + violet.id() + "/sheet.txt")
        .andExpect(header().string("Content-Disposition", containsString("attachment")))
        .andExpect(content().string(containsString("Accepted name Streptocarpus ionanthus")))
        .andExpect(content().string(containsString("North sill, 20 °C")))
        .andExpect(content().string(containsString("(three leaves)")))
        .andExpect(content().string(containsString("LOOKED FOR, NOT THERE\n- Fine pale stipple")))
        .andExpect(content().string(containsString("Cold water on hairy leaves")));
  }

  @Test
  void thePdfHoldsTheSame() throws Exception {
    byte[] pdf =
        get(keeper, "/plants/" + violet.id() + "/sheet.pdf")
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    assertThat(new String(pdf, 0, 5, StandardCharsets.US_ASCII)).isEqualTo("%PDF-");
    try (PDDocument document = Loader.loadPDF(pdf)) {
      assertThat(new PDFTextStripper().getText(document))
          .contains("Saintpaulia ionantha")
          .contains("three leaves")
          .contains("Cold water on hairy leaves");
    }
  }

  @Test
  void lettersThatThePdfCannotHoldDoNotBreakIt() {
    Sheet sheet =
        new Sheet(
            "雪 −5", "today", java.util.List.of(new Sheet.Section("A", java.util.List.of("ß✓"))));
    assertThat(sheet.plain().plant()).isEqualTo("? -5");
    assertThat(sheet.plain().sections().get(0).lines()).containsExactly("ß?");
  }

  @Test
  void thePageLinksBoth() throws Exception {
    get(keeper, "/plants/" + violet.id() + "/sheet")
        .andExpect(content().string(containsString("sheet.pdf")))
        .andExpect(content().string(containsString("What the app makes of it")));
  }
}
