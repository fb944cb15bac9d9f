package org.mildlantern.app.keeper;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.springframework.http.HttpHeaders;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.web.filter.OncePerRequestFilter;

/** Signs in a request to the open interface by its bearer token. */
class TokenFilter extends OncePerRequestFilter {
  private static final String BEARER = "Bearer ";

  private final KeeperService keepers;

  TokenFilter(KeeperService keepers) {
    this.keepers = keepers;
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String header = request.getHeader(HttpHeaders.AUTHORIZATION);
    if (header != null && header.startsWith(BEARER)) {
      keepers
          .byToken(header.substring(BEARER.length()).strip())
          .ifPresent(
              bearer -> {
                SecurityContext context = SecurityContextHolder.createEmptyContext();
                context.setAuthentication(
                    UsernamePasswordAuthenticationToken.authenticated(
                        bearer.keeper(), null, bearer.scope().authorities()));
                SecurityContextHolder.setContext(context);
              });
    }
    chain.doFilter(request, response);
  }
}
