package org.mildlantern.app.weather;

import jakarta.validation.Valid;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.air.Carriage;
import org.mildlantern.core.air.ColdBorne;
import org.mildlantern.core.knowledge.Knowledge;
import org.mildlantern.core.knowledge.Taxon;
import org.mildlantern.core.words.Words;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;

/** For how long a plant may be outside on its way home. */
@Controller
class CarriageController {
  private static final Words WORDS = Words.of(CarriageController.class);

  /** It leaves a warm shop, °C. */
  private static final double SHOP = 20;

  /** What is taken of a kind that is not known: that it is tender, °C. */
  private static final double TENDER = 8;

  /** Longer nobody carries a plant. */
  private static final double LONG = 240;

  private final Knowledge knowledge;

  CarriageController(Knowledge knowledge) {
    this.knowledge = knowledge;
  }

  /** What a wrap gives, in words. */
  record Row(String wrap, String minutes) {}

  @GetMapping("/carriage")
  String show(
      @Valid @ModelAttribute("carriageForm") CarriageForm form, BindingResult errors, Model model) {
    if (form == null || form.outside() == null && form.kind() == null) {
      model.addAttribute("carriageForm", new CarriageForm("", null));
      model.addAttribute(BindingResult.MODEL_KEY_PREFIX + "carriageForm", null);
      return "weather/carriage";
    }
    if (!errors.hasErrors()) {
      answer(form, errors, model);
    }
    return "weather/carriage";
  }

  private void answer(CarriageForm form, BindingResult errors, Model model) {
    String name = form.kind() == null ? "" : form.kind().strip();
    Optional<Taxon> taxon = tenderest(name);
    if (!name.isEmpty() && taxon.isEmpty()) {
      List<String> like = knowledge.namesLike(name);
      errors.rejectValue(
          "kind", "unknown", WORDS.say("kind", String.join(", ", like.stream().limit(3).toList())));
      return;
    }
    double bears = taxon.map(ColdBorne::onTheWay).orElse(TENDER);
    Carriage way = new Carriage(SHOP, form.outside());
    model.addAttribute(
        "words", WORDS.say("bears", taxon.map(Taxon::name).orElse(WORDS.say("tender")), bears));
    model.addAttribute(
        "rows",
        Arrays.stream(Carriage.Wrap.values())
            .map(wrap -> new Row(wrap.label(), minutes(way.minutes(wrap, bears))))
            .toList());
  }

  /** The kind of a name; of several that are called so, the one that bears least. */
  private Optional<Taxon> tenderest(String name) {
    if (!knowledge.isAmbiguous(name)) {
      return name.isEmpty() ? Optional.empty() : knowledge.taxonNamed(name);
    }
    return knowledge.namesLike(name).stream()
        .flatMap(like -> knowledge.taxonNamed(like).stream())
        .max(Comparator.comparingDouble(ColdBorne::onTheWay));
  }

  private static String minutes(double minutes) {
    return Double.isInfinite(minutes)
        ? WORDS.say("any")
        : minutes > LONG ? WORDS.say("hours") : WORDS.say("minutes", Math.floor(minutes));
  }
}
