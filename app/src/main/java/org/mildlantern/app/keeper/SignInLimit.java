package org.mildlantern.app.keeper;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.Locale;
import java.util.Optional;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Slows down sign-in attempts for each address and account and for each network address: after the
 * first few a try comes free every half minute. A browser in which the keeper has signed in before
 * has tries of its own, so that strangers cannot shut its keeper out. New accounts are bounded for
 * each network address too.
 */
class SignInLimit extends OncePerRequestFilter {
  private static final int TRIES_FOR_ACCOUNT = 8;
  private static final int TRIES_FOR_NETWORK = 60;
  private static final int ACCOUNTS_FOR_NETWORK = 60;

  private final Tries tries;
  private final KnownBrowsers browsers;

  SignInLimit(Tries tries, KnownBrowsers browsers) {
    this.browsers = browsers;
    this.tries = tries;
  }

  @Override
  protected boolean shouldNotFilter(HttpServletRequest request) {
    return !(request.getMethod().equals("POST")
        && (request.getServletPath().equals("/sign-in")
            || isLetter(request)
            || isRegistration(request)));
  }

  /** A link to a new password is asked for, or tried. */
  private static boolean isLetter(HttpServletRequest request) {
    return request.getServletPath().equals("/forgotten")
        || request.getServletPath().equals("/new-password");
  }

  private static boolean isRegistration(HttpServletRequest request) {
    return request.getServletPath().equals("/register");
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String network = request.getRemoteAddr();
    if (isRegistration(request)) {
      if (tries.take("accounts " + network, ACCOUNTS_FOR_NETWORK)) {
        chain.doFilter(request, response);
      } else {
        response.sendRedirect(request.getContextPath() + "/register?wait");
      }
      return;
    }
    if (isLetter(request)) {
      if (tries.take("letters " + network, TRIES_FOR_ACCOUNT)) {
        chain.doFilter(request, response);
      } else {
        response.sendRedirect(request.getContextPath() + "/forgotten?wait");
      }
      return;
    }
    String email = String.valueOf(request.getParameter("email")).strip().toLowerCase(Locale.ROOT);
    Optional<String> known = browsers.mark(request, email);
    boolean may =
        known.isPresent()
            ? tries.take("browser " + known.get(), TRIES_FOR_ACCOUNT)
            : tries.take("network " + network, TRIES_FOR_NETWORK)
                && tries.take("account " + network + " " + email, TRIES_FOR_ACCOUNT);
    if (may) {
      chain.doFilter(request, response);
    } else {
      response.sendRedirect(request.getContextPath() + "/sign-in?wait");
    }
  }
}
