package org.mildlantern.app.plantlist;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.app.web.Pdf;
import org.mildlantern.app.web.Square;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Labels for plants: as a page, and as sheets and strips that fit what is in the printer. */
@Controller
class PlantLabelController {
  private final ManyPlants many;
  private final Pdf pdf;

  PlantLabelController(ManyPlants many, Pdf pdf) {
    this.many = many;
    this.pdf = pdf;
  }

  private static String address(PlantView plant) {
    return ServletUriComponentsBuilder.fromCurrentContextPath().toUriString()
        + "/plants/"
        + plant.id();
  }

  private List<PlantView> find(List<Long> plant) {
    return many.find(plant.stream().limit(ManyPlants.MOST).toList());
  }

  @GetMapping("/plants/labels")
  String labels(@RequestParam(defaultValue = "") List<Long> plant, Model model) {
    model.addAttribute(
        "labels",
        find(plant).stream().map(one -> new Label(one, Square.of(address(one)))).toList());
    model.addAttribute("chosen", plant);
    model.addAttribute("sheets", LabelSheet.values());
    return "plantlist/labels";
  }

  /**
   * A label where it stands on its page.
   *
   * @param x mm from the left, {@code y} from the top
   */
  record Placed(PlantView plant, String square, double x, double y) {}

  /**
   * The labels as a PDF.
   *
   * @param sheet id of what they are printed on
   * @param skip labels of the first sheet that were used before
   */
  @GetMapping("/plants/labels.pdf")
  ResponseEntity<byte[]> pdf(
      @RequestParam(defaultValue = "") List<Long> plant,
      @RequestParam(defaultValue = "") String sheet,
      @RequestParam(defaultValue = "0") int skip) {
    LabelSheet on = LabelSheet.of(sheet);
    List<List<Placed>> pages = new ArrayList<>();
    int number = Math.max(0, Math.min(on.all() - 1, skip));
    for (PlantView one : find(plant)) {
      if (pages.isEmpty() || number == on.all()) {
        number = pages.isEmpty() ? number : 0;
        pages.add(new ArrayList<>());
      }
      pages
          .get(pages.size() - 1)
          .add(new Placed(one, Square.png(address(one)), on.x(number), on.y(number)));
      number++;
    }
    return Pdf.shown("labels", pdf.of("plantlist/labels-pdf", Map.of("pages", pages, "sheet", on)));
  }
}
