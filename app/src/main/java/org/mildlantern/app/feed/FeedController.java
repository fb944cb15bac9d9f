package org.mildlantern.app.feed;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.ArrayList;
import java.util.List;
import org.mildlantern.app.journal.Entry;
import org.mildlantern.app.round.Answered;
import org.mildlantern.app.web.Kept;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.knowledge.Knowledge;
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

/** The page of the feeds: today’s cans, the products, and what a dose gives. */
@Controller
class FeedController {
  private static final Words WORDS = Words.of(FeedController.class);

  private final FeedService feeds;
  private final Litres litres;
  private final Knowledge knowledge;
  private final Answered answered;

  FeedController(FeedService feeds, Litres litres, Knowledge knowledge, Answered answered) {
    this.answered = answered;
    this.feeds = feeds;
    this.litres = litres;
    this.knowledge = knowledge;
  }

  @ModelAttribute
  void choices(Model model) {
    model.addAttribute("conventions", ProductForm.Convention.values());
    model.addAttribute("ways", Reckoned.By.values());
    model.addAttribute("leftovers", knowledge.feeding().leftovers());
  }

  @Kept
  @GetMapping("/feed")
  String today(
      @RequestParam(required = false) Long with,
      @RequestParam(defaultValue = "") String can,
      @RequestParam(required = false) Long of,
      @RequestParam(defaultValue = "") String dose,
      @RequestParam(defaultValue = "PPM_N") Reckoned.By by,
      Model model) {
    model.addAttribute("productForm", ProductForm.EMPTY);
    double size = size(can, model);
    if (of != null && !dose.isBlank()) {
      ProductForm product = feeds.form(of).orElseThrow(Web::missing);
      try {
        model.addAttribute("reckoned", Reckoned.of(product, dose, by, size));
      } catch (IllegalArgumentException e) {
        model.addAttribute("doseProblem", e.getMessage());
      }
    }
    model.addAttribute("of", of);
    model.addAttribute("dose", dose);
    model.addAttribute("by", by);
    return page(null, with, can, size, model);
  }

  private double size(String can, Model model) {
    try {
      return litres.of(can);
    } catch (IllegalArgumentException e) {
      model.addAttribute("canProblem", e.getMessage());
      return litres.usual();
    }
  }

  private String page(Long changing, Long with, String can, double size, Model model) {
    model.addAttribute("changing", changing);
    model.addAttribute("can", can);
    model.addAttribute("view", feeds.today(with, size));
    return "feed/page";
  }

  @Kept
  @GetMapping("/feed/products/{id}")
  String change(@PathVariable Long id, Model model) {
    model.addAttribute("productForm", feeds.form(id).orElseThrow(Web::missing));
    return page(id, null, "", litres.usual(), model);
  }

  @PostMapping("/feed/products")
  String add(
      @Valid @ModelAttribute("productForm") ProductForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    return keep(null, form, errors, model, response, flash);
  }

  @PostMapping("/feed/products/{id}")
  String save(
      @PathVariable Long id,
      @Valid @ModelAttribute("productForm") ProductForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    feeds.form(id).orElseThrow(Web::missing);
    return keep(id, form, errors, model, response, flash);
  }

  private String keep(
      Long id,
      ProductForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (!errors.hasErrors()) {
      try {
        if (!feeds.save(id, form)) {
          throw Web.missing();
        }
        flash.addFlashAttribute("said", WORDS.say("feed-kept"));
        return "redirect:/feed";
      } catch (IllegalArgumentException e) {
        errors.rejectValue("n", "fits", e.getMessage());
      }
    }
    response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
    return page(id, null, "", litres.usual(), model);
  }

  @PostMapping("/feed/products/{id}/remove")
  String remove(@PathVariable Long id, RedirectAttributes flash) {
    if (!feeds.remove(id)) {
      throw Web.missing();
    }
    flash.addFlashAttribute("said", WORDS.say("feed-gone"));
    return "redirect:/feed";
  }

  @PostMapping("/feed/given")
  String given(
      @RequestParam(defaultValue = "") List<Long> plants,
      @RequestParam(defaultValue = "") List<Long> but,
      @RequestParam double ppm,
      @RequestParam Long product,
      @RequestParam(defaultValue = "false") boolean round,
      RedirectAttributes flash) {
    List<Long> fed = new ArrayList<>(plants);
    fed.removeAll(but);
    try {
      List<Entry> noted = feeds.given(fed, ppm, product);
      answered.sayAll(noted, WORDS.say("given", noted.size()), flash);
    } catch (IllegalArgumentException e) {
      flash.addFlashAttribute("said", e.getMessage());
    }
    return round ? "redirect:/today" : "redirect:/feed";
  }
}
