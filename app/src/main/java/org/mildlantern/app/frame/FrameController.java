package org.mildlantern.app.frame;

import jakarta.servlet.http.HttpServletRequest;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;

/** Refreshes ribbon and shelf after an answer in place. */
@Controller
class FrameController {
  private final FrameAdvice advice;

  FrameController(FrameAdvice advice) {
    this.advice = advice;
  }

  @GetMapping("/frame/ribbon")
  String ribbon(HttpServletRequest request, @AuthenticationPrincipal SignedIn keeper, Model model) {
    model.addAttribute("frame", advice.build(request, keeper));
    return "frame/layout :: days";
  }

  @GetMapping("/frame/shelf")
  String shelf(HttpServletRequest request, @AuthenticationPrincipal SignedIn keeper, Model model) {
    model.addAttribute("frame", advice.build(request, keeper));
    return "frame/layout :: shelf";
  }
}
