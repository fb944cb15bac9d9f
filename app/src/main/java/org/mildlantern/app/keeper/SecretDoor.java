package org.mildlantern.app.keeper;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.authority.SimpleGrantedAuthority;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.web.filter.OncePerRequestFilter;

/**
 * Lets somebody without an account in by the secret that is the second part of the address, for
 * this request and to what lies behind this door alone: no session, and no authority for any other
 * part. Guesses are counted for each network address. Forms behind it carry no token of their own,
 * since the address that they post to is itself a secret that no other site knows.
 */
public final class SecretDoor extends OncePerRequestFilter {
  private static final String WHAT = SecretDoor.class.getName() + ".what";
  private static final int GUESSES = 20;

  private final String part;
  private final Pattern address;
  private final Function<String, Optional<Way>> ways;
  private final Tries tries;

  private SecretDoor(String part, Function<String, Optional<Way>> ways, Tries tries) {
    this.part = part;
    this.address = Pattern.compile("/" + part + "/([\\w-]{1,100})(?:[/.].*)?");
    this.ways = ways;
    this.tries = tries;
  }

  /**
   * Where a secret leads.
   *
   * @param keeper whose collection it is
   * @param what id of what it opens
   */
  public record Way(SignedIn keeper, Long what) {}

  /**
   * The rules for a part of the app.
   *
   * @param part first part of its addresses
   * @param ways finds where a secret leads
   */
  public static SecurityFilterChain chain(
      HttpSecurity http, String part, Function<String, Optional<Way>> ways, Tries tries)
      throws Exception {
    return http.securityMatcher("/" + part + "/**")
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(
            new SecretDoor(part, ways, tries), UsernamePasswordAuthenticationFilter.class)
        .authorizeHttpRequests(requests -> requests.anyRequest().hasAuthority(part))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(c -> c.policyDirectives(SecurityConfig.CONTENT_POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")))
        .build();
  }

  /** The id of what the secret of a request opens. */
  public static Long what(HttpServletRequest request) {
    return (Long) request.getAttribute(WHAT);
  }

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    String guesses = part + " " + request.getRemoteAddr();
    if (!tries.take(guesses, GUESSES)) {
      response.setHeader(HttpHeaders.RETRY_AFTER, "60");
      response.sendError(HttpStatus.TOO_MANY_REQUESTS.value());
      return;
    }
    Matcher secret =
        address.matcher(request.getRequestURI().substring(request.getContextPath().length()));
    Optional<Way> way = secret.matches() ? ways.apply(secret.group(1)) : Optional.empty();
    if (way.isEmpty()) {
      response.sendError(HttpStatus.NOT_FOUND.value());
      return;
    }
    tries.giveBack(guesses, GUESSES);
    request.setAttribute(WHAT, way.get().what());
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(
            way.get().keeper(), null, List.of(new SimpleGrantedAuthority(part))));
    SecurityContextHolder.setContext(context);
    chain.doFilter(request, response);
  }
}
