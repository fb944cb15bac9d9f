package org.mildlantern.app.keeper;

import jakarta.servlet.http.HttpServletResponse;
import jakarta.validation.Valid;
import java.util.Optional;
import org.mildlantern.app.web.Web;
import org.mildlantern.core.words.Words;
import org.springframework.http.HttpStatus;
import org.springframework.mail.MailException;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.validation.BindingResult;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.ModelAttribute;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/** The page on which the first keeper of an installation says where letters are handed in. */
@Controller
class MailController {
  private static final Words WORDS = Words.of(MailController.class);

  private final MailServer server;
  private final Scope scope;

  MailController(MailServer server, Scope scope) {
    this.server = server;
    this.scope = scope;
  }

  @GetMapping("/settings/mail")
  String page(Model model) {
    model.addAttribute("mailForm", server.set().map(MailForm::of).orElse(MailForm.EMPTY));
    return shown(model);
  }

  private String shown(Model model) {
    Optional<MailServer.Set> set = server.set();
    model.addAttribute("ours", server.isOurs());
    model.addAttribute("fixed", server.fixed());
    model.addAttribute("set", set.isPresent());
    model.addAttribute(
        "lost", set.filter(s -> !s.name().isEmpty() && s.password().isEmpty()).isPresent());
    model.addAttribute("ways", MailServer.Locked.values());
    model.addAttribute("to", scope.keeper().email());
    return "keeper/mail";
  }

  private void mayset() {
    if (server.fixed() || !server.isOurs()) {
      throw Web.refused(WORDS.say("not-yours"));
    }
  }

  @PostMapping("/settings/mail")
  String set(
      @Valid @ModelAttribute("mailForm") MailForm form,
      BindingResult errors,
      Model model,
      HttpServletResponse response,
      RedirectAttributes flash) {
    mayset();
    if (errors.hasErrors()) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return shown(model);
    }
    // Another server is never shown the password of the one before.
    String former = server.set().filter(form::isSameAs).map(MailServer.Set::password).orElse("");
    server.set(form.with(former));
    flash.addFlashAttribute("said", WORDS.say("set"));
    return "redirect:/settings/mail";
  }

  /** Sends the keeper a letter, to see whether it is taken. */
  @PostMapping("/settings/mail/try")
  String attempt(Model model, HttpServletResponse response, RedirectAttributes flash) {
    mayset();
    try {
      server.send(scope.keeper().email(), WORDS.say("try-subject"), WORDS.say("try-words"));
    } catch (MailException | IllegalStateException e) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("fault", WORDS.say("not-taken", reason(e)));
      return page(model);
    }
    flash.addFlashAttribute("said", WORDS.say("taken", scope.keeper().email()));
    return "redirect:/settings/mail";
  }

  private static String reason(Exception e) {
    Throwable last = e;
    while (last.getCause() != null) {
      last = last.getCause();
    }
    return String.valueOf(last.getMessage()).lines().findFirst().orElse("");
  }

  @PostMapping("/settings/mail/end")
  String unset(RedirectAttributes flash) {
    mayset();
    server.unset();
    flash.addFlashAttribute("said", WORDS.say("unset"));
    return "redirect:/settings/mail";
  }
}
