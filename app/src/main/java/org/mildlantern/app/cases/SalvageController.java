package org.mildlantern.app.cases;

import java.util.List;
import java.util.Locale;
import org.mildlantern.app.plants.PlantService;
import org.mildlantern.app.plants.PlantView;
import org.mildlantern.core.care.Prognosis;
import org.mildlantern.core.care.Remains;
import org.mildlantern.core.care.Salvage;
import org.mildlantern.core.diagnosis.Decibans;
import org.mildlantern.core.knowledge.Rescue;
import org.mildlantern.core.knowledge.Rescue.Do;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.server.ResponseStatusException;

/** What can be saved of a plant with a case, by what is left of it. */
@Controller
class SalvageController {
  private static final Words WORDS = Words.of(SalvageController.class);

  private final CaseService cases;
  private final PlantService plants;
  private final Rescue rescue;
  private final Salvage salvage;

  SalvageController(CaseService cases, PlantService plants, Rescue rescue) {
    this.cases = cases;
    this.plants = plants;
    this.rescue = rescue;
    this.salvage = new Salvage(rescue);
  }

  @GetMapping("/cases/{id}/saved")
  String show(
      @PathVariable Long id,
      @RequestParam(required = false) String crown,
      @RequestParam(defaultValue = "") String leaves,
      @RequestParam(defaultValue = "") String bulbs,
      @RequestParam(defaultValue = "") String wood,
      @RequestParam(required = false) String base,
      @RequestParam(defaultValue = "") String roots,
      Model model) {
    CaseView found =
        cases.find(id).orElseThrow(() -> new ResponseStatusException(HttpStatus.NOT_FOUND));
    PlantView plant = plants.find(found.plantId()).orElseThrow();
    model.addAttribute("kase", found);
    model.addAttribute("plant", plant);
    model.addAttribute("bulbous", plant.form().hasKind("bulb-new"));
    model.addAttribute("woody", plant.form().hasKind("trunk"));
    model.addAttribute("shares", Remains.Share.values());
    try {
      Remains remains =
          new Remains(
              yesNo(crown), number(leaves), number(bulbs), share(wood), yesNo(base), share(roots));
      Prognosis prognosis = Prognosis.of(rescue, found.cause(), plant.form(), remains);
      model.addAttribute("prognosis", prognosis);
      model.addAttribute("odds", Decibans.percent(prognosis.probability()));
    } catch (IllegalArgumentException e) {
      model.addAttribute("problem", WORDS.say("whole", e.getMessage()));
    }
    for (Rescue.Do part : List.of(Do.CUT, Do.TRIM, Do.LEAVE, Do.SEAL, Do.AFTER)) {
      model.addAttribute(
          part.name().toLowerCase(Locale.ROOT), salvage.of(found.cause(), plant.form(), part));
    }
    model.addAttribute("tools", salvage.of(found.cause(), plant.form(), Do.TOOLS, Do.BIN));
    return "cases/saved";
  }

  private static Boolean yesNo(String word) {
    return word == null || word.isEmpty() ? null : word.equals("yes");
  }

  private static Integer number(String text) {
    if (text.isBlank()) {
      return null;
    }
    return Typed.whole(text)
        .orElseThrow(() -> new IllegalArgumentException(WORDS.say("no-number", text.strip())));
  }

  private static Remains.Share share(String word) {
    return word.isEmpty() ? null : Remains.Share.valueOf(word);
  }
}
