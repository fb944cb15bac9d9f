package org.mildlantern.app.feed;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.Optional;
import java.util.function.Supplier;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.feed.SaltReading;
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

/** The page of a plant’s feed and salts. */
@Controller
class PlantFeedController {
  private final PlantFeedService feeds;
  private final Answered answered;

  PlantFeedController(PlantFeedService feeds, Answered answered) {
    this.feeds = feeds;
    this.answered = answered;
  }

  @ModelAttribute
  void choices(Model model) {
    model.addAttribute("methods", SaltReading.values());
    model.addAttribute("meters", MeterShows.values());
  }

  @Kept
  @GetMapping("/plants/{id}/feed")
  String show(@PathVariable Long id, Model model) {
    model.addAttribute("saltForm", SaltForm.EMPTY);
    model.addAttribute("grainsForm", GrainsForm.EMPTY);
    return page(id, model);
  }

  private String page(Long id, Model model) {
    model.addAttribute("view", feeds.of(id).orElseThrow(Web::missing));
    return "feed/plant";
  }

  @PostMapping("/plants/{id}/feed/salts")
  String salts(
      @PathVariable Long id,
      @Valid @ModelAttribute("saltForm") SaltForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    model.addAttribute("grainsForm", GrainsForm.EMPTY);
    return keep(id, () -> feeds.read(id, form), "salts", errors, model, response, flash);
  }

  @PostMapping("/plants/{id}/feed/grains")
  String grains(
      @PathVariable Long id,
      @Valid @ModelAttribute("grainsForm") GrainsForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    model.addAttribute("saltForm", SaltForm.EMPTY);
    return keep(id, () -> feeds.strewn(id, form), "grams", errors, model, response, flash);
  }

  @PostMapping("/plants/{id}/feed/flushed")
  String flushed(@PathVariable Long id, @RequestParam double ml, RedirectAttributes flash) {
    try {
      return answered.toRound(Optional.of(feeds.flushed(id, ml).orElseThrow(Web::missing)), flash);
    } catch (IllegalArgumentException e) {
      throw Web.refused(e.getMessage());
    }
  }

  private String keep(
      Long id,
      Supplier<Optional<Entry>> note,
      String field,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (!errors.hasErrors()) {
      try {
        answered.say(note.get().orElseThrow(Web::missing), flash);
        return "redirect:/plants/" + id + "/feed";
      } catch (IllegalArgumentException e) {
        errors.rejectValue(field, "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(id, model);
  }
}
