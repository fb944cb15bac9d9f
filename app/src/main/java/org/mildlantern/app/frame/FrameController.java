package org.mildlantern.app.frame;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.http.HttpHeaders;
import org.springframework.http.ResponseCookie;
import org.springframework.security.core.annotation.AuthenticationPrincipal;
import org.springframework.stereotype.Controller;
import org.springframework.ui.Model;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;

/** Refreshes ribbon and shelf after an answer in place. */
@Controller
class FrameController {
  private final FrameAdvice advice;

  FrameController(FrameAdvice advice) {
    this.advice = advice;
  }

  @GetMapping("/frame/ribbon")
  String ribbon(HttpServletRequest request, @AuthenticationPrincipal SignedIn keeper, Model model) {
    model.addAttribute("frame", advice.build(request, keeper, FrameAdvice.kept(request)));
    return "frame/layout :: days";
  }

  /**
   * The shelf, as it was or otherwise.
   *
   * @param show {@code need}, the id of a place to be opened, or empty for all shut
   */
  @GetMapping("/frame/shelf")
  String shelf(
      @RequestParam(required = false) String show,
      HttpServletRequest request,
      HttpServletResponse response,
      @AuthenticationPrincipal SignedIn keeper,
      Model model) {
    Shelf.Choice choice = FrameAdvice.kept(request);
    if (show != null) {
      choice = Shelf.Choice.of(show);
      ResponseCookie cookie =
          ResponseCookie.from(FrameAdvice.SHELF, choice.kept())
              .path("/")
              .httpOnly(true)
              .secure(request.isSecure())
              .sameSite("Lax")
              .build();
      response.addHeader(HttpHeaders.SET_COOKIE, cookie.toString());
    }
    model.addAttribute("frame", advice.build(request, keeper, choice));
    return "frame/layout :: shelf";
  }
}
