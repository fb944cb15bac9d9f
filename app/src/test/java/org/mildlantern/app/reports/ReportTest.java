package org.mildlantern.app.reports;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.mildlantern.app.WebCase;
import org.mildlantern.app.keeper.DemoDoor;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.SignedIn;
import org.mildlantern.app.places.PlaceView;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.round.PlaceKind;
import org.springframework.beans.factory.annotation.Autowired;

class ReportTest extends WebCase {
  @Autowired KeeperService accounts;
  @Autowired PlantService plants;

  private String text(SignedIn keeper, String path) throws Exception {
    byte[] pdf =
        get(keeper, path)
            .andExpect(status().isOk())
            .andReturn()
            .getResponse()
            .getContentAsByteArray();
    try (var document = Loader.loadPDF(pdf)) {
      return new PDFTextStripper().getText(document).replaceAll("\\s+", " ");
    }
  }

  @Test
  void aPassportTellsAPlantsHistory() throws Exception {
    SignedIn demo = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    PlantView treated =
        keepers.as(demo, plants::kept).stream()
            .filter(plant -> plant.name().equals("Phalaenopsis"))
            .findFirst()
            .orElseThrow();
    String passport = text(demo, "/plants/" + treated.id() + "/passport.pdf");
    assertThat(passport)
        .contains("Phalaenopsis", treated.code(), "Pot", "Day book", "As its keeper noted it");
    get(keepers.make(), "/plants/" + treated.id() + "/passport.pdf")
        .andExpect(status().isNotFound());
  }

  @Test
  void treatmentsAndPlantsAreListed() throws Exception {
    SignedIn demo = accounts.byEmail(DemoDoor.EMAIL).orElseThrow();
    assertThat(text(demo, "/reports/treatments.pdf"))
        .contains("Against", "Spider mites", "were done", "Re-entry");
    assertThat(text(demo, "/reports/treatments.pdf?from=2020-01-01&until=2020-02-01"))
        .contains("None was done");
    assertThat(text(demo, "/reports/collection.pdf"))
        .contains("What is kept", "Coleus scutellarioides", "South bay");
    assertThat(text(keepers.make(), "/reports/collection.pdf")).doesNotContain("Coleus");
    get(demo, "/reports/treatments.pdf?from=never").andExpect(status().is4xxClientError());
  }

  @Test
  void oddTextIsNoMarkup() throws Exception {
    SignedIn keeper = keepers.make();
    PlaceView sill = keepers.place(keeper, "<b>&Sill", PlaceKind.INDOOR);
    PlantView plant = keepers.plant(keeper, sill, "Coleus scutellarioides");
    keepers.note(keeper, plant.id(), "</table>]]> & “ok”");
    assertThat(text(keeper, "/plants/" + plant.id() + "/passport.pdf"))
        .contains("</table>]]> &")
        .doesNotContain("<b>&Sill");
    assertThat(text(keeper, "/reports/collection.pdf")).contains("<b>&Sill");
  }
}
