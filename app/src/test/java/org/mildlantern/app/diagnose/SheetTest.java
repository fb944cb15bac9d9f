package org.mildlantern.app.diagnose;

import static org.assertj.core.api.Assertions.assertThat;
import static org.hamcrest.Matchers.containsString;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.content;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import java.nio.charset.StandardCharsets;
import java.util.List;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.cos.COSName;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.photos.PhotoService;
import org.mildlantern.app.photos.Pictures;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class SheetTest extends WebCase {
  @Autowired DiagnoseService diagnose;
  @Autowired PhotoService photos;

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
  void itHoldsTheNewestPhotos() throws Exception {
    keepers.as(keeper, () -> photos.add(violet.id(), Pictures.jpeg(800, 600), null, "third leaf"));
    String path = "/plants/" + violet.id() + "/sheet";
    get(keeper, path).andExpect(content().string(containsString("23 Nov 2026 third leaf")));
    get(keeper, path + ".txt").andExpect(content().string(containsString("third leaf")));
    byte[] pdf = get(keeper, path + ".pdf").andReturn().getResponse().getContentAsByteArray();
    try (PDDocument document = Loader.loadPDF(pdf)) {
      int images = 0;
      for (PDPage page : document.getPages()) {
        for (COSName name : page.getResources().getXObjectNames()) {
          images += page.getResources().isImageXObject(name) ? 1 : 0;
        }
      }
      assertThat(images).isEqualTo(1);
    }
  }

  @Test
  void lettersThatThePdfCannotHoldDoNotBreakIt() {
    Sheet sheet =
        new Sheet(
            "雪 −5",
            "today",
            List.of(new Sheet.Section("A", List.of("ß✓"))),
            List.of(new Sheet.Picture(1L, "✓ spot")));
    assertThat(sheet.plain().pictures().get(0).caption()).isEqualTo("? spot");
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
