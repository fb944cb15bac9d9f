package org.mildlantern.app.demo;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import jakarta.servlet.http.HttpSession;
import java.time.Duration;
import java.util.Optional;
import org.mildlantern.app.keeper.Entrance;
import org.mildlantern.app.keeper.KeeperService;
import org.mildlantern.app.keeper.Scope;
import org.mildlantern.app.keeper.SignedIn;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.servlet.mvc.support.RedirectAttributes;

/**
 * Shows a keeper round in a demo collection of their own. Behind it stands an account that nobody
 * can sign in to, one for each keeper; it is thrown away when they leave or begin again, or after a
 * day.
 */
@Controller
class SandboxController {
  /** The session remembers whose it was. */
  private static final String OWN = SandboxController.class.getName();

  private static final Duration LASTS = Duration.ofDays(1);

  private final Tollhouse tollhouse;
  private final KeeperService keepers;
  private final Entrance entrance;
  private final Scope scope;

  SandboxController(Tollhouse tollhouse, KeeperService keepers, Entrance entrance, Scope scope) {
    this.tollhouse = tollhouse;
    this.keepers = keepers;
    this.entrance = entrance;
    this.scope = scope;
  }

  @PostMapping("/sandbox")
  String enter(HttpServletRequest request, HttpServletResponse response) {
    SignedIn own = scope.keeper();
    if (own.isGuest()) {
      return "redirect:/today";
    }
    keepers.takeOutGuests(scope.now().minus(LASTS));
    SignedIn guest = tollhouse.makeGuest(own.keeperId() + SignedIn.GUESTS);
    scope.as(
        guest,
        () -> {
          tollhouse.furnish();
          return null;
        });
    entrance.enter(guest, request, response);
    request.getSession().setAttribute(OWN, own.email());
    return "redirect:/today";
  }

  @PostMapping("/sandbox/leave")
  String leave(HttpServletRequest request, HttpServletResponse response, RedirectAttributes flash) {
    SignedIn guest = scope.keeper();
    HttpSession session = request.getSession();
    Optional<SignedIn> own =
        Optional.ofNullable((String) session.getAttribute(OWN)).flatMap(keepers::byEmail);
    if (!guest.isGuest() || own.isEmpty()) {
      return "redirect:/today";
    }
    session.removeAttribute(OWN);
    entrance.enter(own.get(), request, response);
    keepers.takeOut(guest);
    flash.addFlashAttribute("said", "You are back with your own plants; what you tried is gone.");
    return "redirect:/today";
  }
}
