package org.mildlantern.app.keeper;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import org.springframework.http.HttpStatus;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;
import org.springframework.web.servlet.support.ServletUriComponentsBuilder;

/** Another password, a forgotten one, and leaving for good. */
@Controller
class PasswordController {
  private static final String ACCOUNT = "redirect:/settings#account";

  private final PasswordService passwords;
  private final Entrance entrance;

  PasswordController(PasswordService passwords, Entrance entrance) {
    this.passwords = passwords;
    this.entrance = entrance;
  }

  @PostMapping("/settings/password")
  String change(
      @RequestParam(defaultValue = "") String old,
      @RequestParam(defaultValue = "") String fresh,
      HttpServletRequest request,
      HttpServletResponse response,
      RedirectAttributes flash) {
    if (!passwords.isRight(old)) {
      flash.addFlashAttribute("oldProblem", "This is not your password now.");
      return ACCOUNT;
    }
    if (!Password.isOfLength(fresh)) {
      flash.addFlashAttribute("freshProblem", Password.RULE);
      return ACCOUNT;
    }
    SignedIn keeper = passwords.change(fresh);
    request.getSession().invalidate();
    entrance.enter(keeper, request, response);
    flash.addFlashAttribute("said", "Your password is changed; all other sessions are ended.");
    return "redirect:/settings";
  }

  @PostMapping("/settings/leave")
  String leave(
      @RequestParam(defaultValue = "") String password,
      HttpServletRequest request,
      RedirectAttributes flash) {
    if (!passwords.isRight(password)) {
      flash.addFlashAttribute("leaveProblem", "This is not your password.");
      return ACCOUNT;
    }
    passwords.takeOut();
    HttpSession session = request.getSession(false);
    if (session != null) {
      session.invalidate();
    }
    SecurityContextHolder.clearContext();
    return "redirect:/sign-in?gone";
  }

  @GetMapping("/forgotten")
  String forgotten(Model model) {
    model.addAttribute("mail", passwords.sendsMail());
    return "keeper/forgotten";
  }

  /** The same whether there is such an account or not. */
  @PostMapping("/forgotten")
  String send(@RequestParam(defaultValue = "") String email) {
    if (passwords.sendsMail()) {
      String page =
          ServletUriComponentsBuilder.fromCurrentContextPath().path("/new-password").toUriString();
      passwords.send(email, page + "?by=");
    }
    return "redirect:/forgotten?sent";
  }

  @GetMapping("/new-password")
  String anew(@RequestParam(defaultValue = "") String by, Model model) {
    model.addAttribute("by", by);
    model.addAttribute("leads", passwords.leads(by));
    return "keeper/new-password";
  }

  @PostMapping("/new-password")
  String anew(
      @RequestParam(defaultValue = "") String by,
      @RequestParam(defaultValue = "") String fresh,
      HttpServletResponse response,
      Model model) {
    if (!Password.isOfLength(fresh)) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      model.addAttribute("freshProblem", Password.RULE);
      return anew(by, model);
    }
    if (!passwords.reset(by, fresh)) {
      response.setStatus(HttpStatus.UNPROCESSABLE_ENTITY.value());
      return anew(by, model);
    }
    return "redirect:/sign-in?changed";
  }
}
