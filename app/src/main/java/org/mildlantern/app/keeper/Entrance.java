package org.mildlantern.app.keeper;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.context.HttpSessionSecurityContextRepository;
import org.springframework.stereotype.Component;

/**
 * Signs a keeper in without asking for a password: one who has shown who they are by other means.
 */
@Component
public class Entrance {
  private final HttpSessionSecurityContextRepository contexts =
      new HttpSessionSecurityContextRepository();

  /** From now on the session is that of the keeper. */
  public void enter(SignedIn keeper, HttpServletRequest request, HttpServletResponse response) {
    if (request.getSession(false) != null) {
      request.changeSessionId();
    }
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(keeper, null, keeper.getAuthorities()));
    SecurityContextHolder.setContext(context);
    contexts.saveContext(context, request, response);
  }
}
