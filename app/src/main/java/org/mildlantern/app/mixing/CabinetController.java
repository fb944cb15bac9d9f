package org.mildlantern.app.mixing;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;
import org.mildlantern.app.keeper.ChoiceService;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Meanwhile;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Means;
import org.mildlantern.core.knowledge.Remedies;
import org.mildlantern.core.label.LabelRate;
import org.mildlantern.core.label.LabelReading;
import org.mildlantern.core.label.LabelUse;
import org.mildlantern.core.label.Product;
import org.mildlantern.core.label.Region;
import org.mildlantern.core.reading.Typed;
import org.mildlantern.core.treatment.Dilution;
import org.mildlantern.core.treatment.Gauge;
import org.mildlantern.core.treatment.MixVolume;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The cabinet, its labels, and today's jug. */
@Controller
class CabinetController {
  private static final Words WORDS = Words.of(CabinetController.class);

  private static final String VOLUME = "volume";

  private final CabinetService cabinet;
  private final LabelService labels;
  private final Vessels vessels;
  private final ChoiceService choices;
  private final Remedies remedies;

  CabinetController(
      CabinetService cabinet,
      LabelService labels,
      Vessels vessels,
      ChoiceService choices,
      Remedies remedies) {
    this.labels = labels;
    this.vessels = vessels;
    this.cabinet = cabinet;
    this.choices = choices;
    this.remedies = remedies;
  }

  @Kept
  @GetMapping("/mixing")
  String list(
      @RequestParam(defaultValue = "") String stock,
      @RequestParam(defaultValue = "") String wished,
      @RequestParam(defaultValue = "") String volume,
      @RequestParam(defaultValue = "") String label,
      @RequestParam(defaultValue = "UNKNOWN") Product product,
      @RequestParam(required = false) Region region,
      @RequestParam(defaultValue = "") String jug,
      Model model) {
    model.addAttribute("items", cabinet.all());
    model.addAttribute("log", cabinet.log());
    model.addAttribute("vessels", vessels.litres());
    Region from = label.isBlank() && region == null ? labels.region() : region;
    model.addAttribute("regions", Region.values());
    Double litres = jug.isBlank() ? null : Typed.decimal(jug).orElse(null);
    if (litres == null && !jug.isBlank()) {
      model.addAttribute("jugProblem", "Litres, please, such as 0.8 or 5.");
    }
    model.addAttribute("tried", LabelTry.of(label, product, from, jug, litres, cabinet.gauges()));
    model.addAttribute("gauges", Gauge.values());
    model.addAttribute("owned", cabinet.gauges());
    model.addAttribute("stock", stock);
    model.addAttribute("wished", wished);
    model.addAttribute("volume", volume);
    if (!stock.isBlank() || !wished.isBlank() || !volume.isBlank()) {
      try {
        model.addAttribute("dilution", Dilution.of(number(stock), number(wished), number(volume)));
      } catch (IllegalArgumentException e) {
        model.addAttribute("dilutionProblem", e.getMessage());
      }
    }
    return "mixing/list";
  }

  private static double number(String text) {
    return Typed.decimal(text)
        .orElseThrow(() -> new IllegalArgumentException("A number, please, such as 70 or 0.8."));
  }

  @PostMapping("/mixing/gauges")
  String gauges(@RequestParam(defaultValue = "") List<Gauge> gauge, RedirectAttributes flash) {
    cabinet.useGauges(gauge);
    flash.addFlashAttribute("said", "Saved.");
    return "redirect:/mixing";
  }

  @PostMapping("/mixing/vessels")
  String vessels(@RequestParam(defaultValue = "") String litres, RedirectAttributes flash) {
    try {
      vessels.use(litres);
      flash.addFlashAttribute("said", "Saved.");
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("vesselsProblem", e.getMessage());
      flash.addFlashAttribute("vesselsTyped", litres);
    }
    return "redirect:/mixing#vessels";
  }

  @GetMapping("/mixing/new")
  String fresh(@RequestParam(required = false) String means, Model model) {
    return edit(null, means == null ? ItemForm.EMPTY : ItemForm.of(means), model);
  }

  @PostMapping("/mixing/new")
  String add(
      @Valid @ModelAttribute("itemForm") ItemForm form,
      BindingResult errors,
      HttpServletResponse response,
      Model model) {
    return save(null, form, errors, response, model);
  }

  @GetMapping("/mixing/{id}/edit")
  String edit(@PathVariable Long id, Model model) {
    CabinetView item = item(id);
    Meanwhile.show(form(item), model);
    return edit(id, form(item), model);
  }

  private static ItemForm form(CabinetView item) {
    return new ItemForm(
        item.name(),
        item.means() == null ? "" : item.means().id(),
        item.stock().stockPercent(),
        item.stock().amountLeft(),
        item.stock().unit(),
        item.kept().openedOn(),
        item.kept().expiresOn(),
        item.notes(),
        item.says().days(),
        item.says().most());
  }

  @PostMapping("/mixing/{id}/edit")
  String change(
      @PathVariable Long id,
      @Valid @ModelAttribute("itemForm") ItemForm form,
      BindingResult errors,
      @RequestParam(defaultValue = "") String opened,
      HttpServletResponse response,
      Model model) {
    model.addAttribute("opened", opened);
    ItemForm now = form(item(id));
    if (!errors.hasErrors() && Meanwhile.changed(opened, now, form, words(), model)) {
      response.setStatus(HttpStatus.CONFLICT.value());
      return editor(id, model);
    }
    return save(id, form, errors, response, model);
  }

  private String save(
      Long id, ItemForm form, BindingResult errors, HttpServletResponse response, Model model) {
    if (errors.getTarget() != null) {
      fieldsTogether(id, form, errors);
    }
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return editor(id, model);
    }
    return "redirect:/mixing/" + cabinet.save(id, form).orElseThrow().id();
  }

  private Map<String, Function<Object, String>> words() {
    return Map.of(
        "means", id -> remedies.means().find((String) id).map(Means::label).orElse("another"));
  }

  /** What no field can tell alone; a field that could not be read leaves nothing to compare. */
  private void fieldsTogether(Long id, ItemForm form, BindingResult errors) {
    boolean unknown =
        form.means() != null
            && !form.means().isBlank()
            && remedies.means().find(form.means()).isEmpty();
    if (unknown) {
      errors.rejectValue("means", "unknown", "Pick one from the list.");
    }
    if (form.openedOn() != null
        && form.expiresOn() != null
        && form.expiresOn().isBefore(form.openedOn())) {
      errors.rejectValue("expiresOn", "order", "It cannot expire before it was opened.");
    }
    if (id != null
        && form.unit() != null
        && cabinet.find(id).orElseThrow().rates().stream()
            .anyMatch(r -> r.rate() != null && !r.rate().fits(form.unit()))) {
      errors.rejectValue(
          "unit", "rates", "Its label rates are in the other unit; strike them out first.");
    }
  }

  private String edit(Long id, ItemForm form, Model model) {
    model.addAttribute("itemForm", form);
    return editor(id, model);
  }

  private String editor(Long id, Model model) {
    model.addAttribute("itemId", id);
    model.addAttribute("products", remedies.means().stream().filter(Means::product).toList());
    return "mixing/edit";
  }

  @GetMapping("/mixing/{id}")
  String item(
      @PathVariable Long id,
      @RequestParam(required = false) Long rate,
      @RequestParam(defaultValue = "") String own,
      @RequestParam(name = "volume", defaultValue = "") String typed,
      @RequestParam(required = false) JugUnit unit,
      @RequestParam(defaultValue = "") List<String> plants,
      Model model) {
    CabinetView item = item(id);
    Long chosen = rate != null || item.rates().isEmpty() ? rate : item.rates().get(0).id();
    JugUnit jug = unit == null ? usual() : unit;
    String volume = typed;
    if (volume.isBlank() && plants.stream().anyMatch(n -> !n.isBlank())) {
      try {
        jug = JugUnit.MILLILITRES;
        volume = String.valueOf(Math.round(forPlants(item, plants)));
      } catch (IllegalArgumentException e) {
        model.addAttribute("problem", e.getMessage());
      }
    }
    model.addAttribute("plants", plants);
    if (!volume.isBlank()) {
      try {
        model.addAttribute("dosed", cabinet.dose(item, chosen, own, of(item, chosen, jug, volume)));
      } catch (IllegalArgumentException e) {
        model.addAttribute("problem", e.getMessage());
      }
    }
    return page(item, chosen, own, volume, jug, model);
  }

  /** Litres of mix, or so many plants, pots or square metres when the rate is for these. */
  private static double of(CabinetView item, Long rate, JugUnit unit, String volume) {
    boolean mixed = item.rate(rate).map(CabinetView.Rate::rate).map(LabelRate::mixed).orElse(true);
    return mixed ? unit.litres(number(volume)) : number(volume);
  }

  /** Millilitres for so many plants of each size, from the smallest. */
  private static double forPlants(CabinetView item, List<String> plants) {
    Map<MixVolume.Size, Double> numbers = new EnumMap<>(MixVolume.Size.class);
    MixVolume.Size[] sizes = MixVolume.Size.values();
    for (int i = 0; i < Math.min(sizes.length, plants.size()); i++) {
      numbers.put(sizes[i], plants.get(i).isBlank() ? 0 : number(plants.get(i)));
    }
    return MixVolume.forPlants(item.means() == null ? "spray" : item.means().use().as(), numbers);
  }

  private String page(
      CabinetView item, Long rate, String own, String volume, JugUnit unit, Model model) {
    model.addAttribute("item", item);
    if (!model.containsAttribute("rateForm")) {
      model.addAttribute("rateForm", labels.empty(item));
    }
    model.addAttribute("crops", LabelUse.Crop.values());
    model.addAttribute("methods", LabelUse.Method.values());
    model.addAttribute("regions", Region.values());
    model.addAttribute("pests", labels.pests(item.means()));
    model.addAttribute("vessels", vessels.litres());
    model.addAttribute("rate", rate);
    model.addAttribute("own", own);
    model.addAttribute("volume", volume);
    model.addAttribute("unit", unit);
    model.addAttribute("units", JugUnit.values());
    model.addAttribute("sizes", MixVolume.Size.values());
    return "mixing/item";
  }

  private JugUnit usual() {
    return JugUnit.valueOf(choices.all().getOrDefault(VOLUME, JugUnit.MILLILITRES.name()));
  }

  @PostMapping("/mixing/{id}/mix")
  String mix(
      @PathVariable Long id,
      @RequestParam(required = false) Long rate,
      @RequestParam(defaultValue = "") String own,
      @RequestParam(defaultValue = "") String volume,
      @RequestParam(defaultValue = "MILLILITRES") JugUnit unit,
      HttpServletResponse response,
      RedirectAttributes flash,
      Model model) {
    CabinetView item = item(id);
    try {
      CabinetView.Mixed mixed =
          cabinet.mix(id, rate, own, of(item, rate, unit, volume), null).orElseThrow();
      choices.choose(VOLUME, unit.name());
      flash.addFlashAttribute("mixed", mixed);
      return "redirect:/mixing/" + id;
    } catch (IllegalArgumentException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("problem", e.getMessage());
      return page(item, rate, own, volume, unit, model);
    }
  }

  @PostMapping("/mixing/mixes/{id}/undo")
  String undo(@PathVariable Long id, RedirectAttributes flash) {
    CabinetView.Mixed mixed = cabinet.takeBack(id).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say("taken-back", mixed.words()));
    return "redirect:/mixing";
  }

  @PostMapping("/mixing/{id}/away")
  String away(@PathVariable Long id, @RequestParam boolean away, RedirectAttributes flash) {
    CabinetView item = cabinet.putAway(id, away).orElseThrow(Web::missing);
    flash.addFlashAttribute("said", WORDS.say(away ? "away" : "out", item.name()));
    return "redirect:/mixing";
  }

  /** What a rate says, while it is typed. */
  @GetMapping("/mixing/{id}/reading")
  String reading(@PathVariable Long id, RateForm form, Model model) {
    show(LabelService.read(item(id), form), form, model);
    return "mixing/reading :: reading";
  }

  private static void show(LabelReading reading, RateForm form, Model model) {
    List<LabelRate> readings = reading.rates();
    boolean one = readings.size() == 1;
    model.addAttribute("readings", readings);
    model.addAttribute("chosen", one ? readings.get(0).plain() : form.as());
    if (!form.printed().isEmpty() && reading instanceof LabelReading.Refused refused) {
      model.addAttribute("refused", refused.why());
    }
  }

  @PostMapping("/mixing/{id}/rates")
  String addRate(@PathVariable Long id, RateForm form, HttpServletResponse response, Model model) {
    CabinetView item = item(id);
    try {
      if (labels.add(id, form).isPresent()) {
        return "redirect:/mixing/" + id;
      }
      model.addAttribute("toConfirm", true);
    } catch (LabelService.RateFault e) {
      model.addAttribute("useProblem", e.getMessage());
    } catch (IllegalArgumentException e) {
      model.addAttribute("rateProblem", e.getMessage());
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    model.addAttribute("rateForm", form);
    show(LabelService.read(item, form), form, model);
    model.asMap().remove("refused");
    return page(item, null, "", "", usual(), model);
  }

  @PostMapping("/mixing/rates/{id}/remove")
  String removeRate(@PathVariable Long id) {
    return "redirect:/mixing/" + labels.remove(id).orElseThrow(Web::missing);
  }

  private CabinetView item(Long id) {
    return cabinet.find(id).orElseThrow(Web::missing);
  }
}
