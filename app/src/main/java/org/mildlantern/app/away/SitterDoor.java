package org.mildlantern.app.away;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.mildlantern.app.keeper.Tries;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets a visitor in by the secret in the address, for this request and to this absence alone.
 * Guesses are counted for each network address, so that none is tried often.
 */
class SitterDoor extends OncePerRequestFilter {
  /** What a request under this door may do. */
  static final String MAY = "visit";

  private static final String TRIP = SitterDoor.class.getName() + ".trip";
  private static final Pattern SECRET = Pattern.compile("/visitor/([\\w-]{1,100})(?:/.*)?");
  private static final int GUESSES = 20;

  private final SitterService sitters;
  private final Tries tries;

  SitterDoor(SitterService sitters, Tries tries) {
    this.sitters = sitters;
    this.tries = tries;
  }

  /** The absence to which the secret of a request leads. */
  static Long trip(HttpServletRequest request) {
    return (Long) request.getAttribute(TRIP);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String guesses = "visitors " + request.getRemoteAddr();
    if (!tries.take(guesses, GUESSES)) {
      response.setHeader(HttpHeaders.RETRY_AFTER, "60");
      response.sendError(HttpStatus.TOO_MANY_REQUESTS.value());
      return;
    }
    Matcher secret =
        SECRET.matcher(request.getRequestURI().substring(request.getContextPath().length()));
    Optional<SitterService.Way> way =
        secret.matches() ? sitters.way(secret.group(1)) : Optional.empty();
    if (way.isEmpty()) {
      response.sendError(HttpStatus.NOT_FOUND.value());
      return;
    }
    tries.giveBack(guesses, GUESSES);
    request.setAttribute(TRIP, way.get().trip());
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            way.get().keeper(), null, List.of(new SimpleGrantedAuthority(MAY))));
    SecurityContextHolder.setContext(context);
    chain.doFilter(request, response);
  }
}
