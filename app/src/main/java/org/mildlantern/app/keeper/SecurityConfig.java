package org.mildlantern.app.keeper;

import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import org.mildlantern.app.web.Htmx;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpHeaders;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.core.Authentication;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.SavedRequestAwareAuthenticationSuccessHandler;
import org.springframework.security.web.authentication.SimpleUrlAuthenticationFailureHandler;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.csrf.CookieCsrfTokenRepository;
import org.springframework.security.web.firewall.HttpFirewall;
import org.springframework.security.web.firewall.StrictHttpFirewall;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;
import org.springframework.security.web.savedrequest.CookieRequestCache;

/** Who may call what, and the headers that keep pages from being misused. */
@Configuration
public class SecurityConfig {
  /** What pages may load and where forms may go: this server alone. */
  public static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self';"
          + " form-action 'self'; frame-ancestors 'none'";

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  /** Refuses requests under names that are not ours (DNS rebinding). */
  @Bean
  HttpFirewall firewall(Access access) {
    StrictHttpFirewall firewall = new StrictHttpFirewall();
    firewall.setAllowedHostnames(access::isOurs);
    return firewall;
  }

  @Bean
  @Order(1)
  SecurityFilterChain openInterface(HttpSecurity http, KeeperService keepers) throws Exception {
    return http.securityMatcher("/api/**")
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(new TokenFilter(keepers), UsernamePasswordAuthenticationFilter.class)
        .authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers("/api/v1/readings", "/api/v1/place-readings")
                    .hasAuthority("send")
                    .requestMatchers(
                        "/api/v1/export",
                        "/api/v1/import",
                        "/api/v1/plants/**",
                        "/api/v1/places/**",
                        "/api/v1/cases",
                        "/api/v1/round")
                    .hasAuthority("records")
                    .anyRequest()
                    .hasAuthority("ask"))
        .exceptionHandling(
            e ->
                e.accessDeniedHandler(
                        (request, response, denied) -> {
                          response.setStatus(HttpStatus.FORBIDDEN.value());
                          response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                          response
                              .getWriter()
                              .write(
                                  "{\"title\":\"Forbidden\",\"status\":403,\"detail\":\"This token"
                                      + " is not for that.\"}");
                        })
                    .authenticationEntryPoint(
                        (request, response, problem) -> {
                          response.setStatus(HttpStatus.UNAUTHORIZED.value());
                          response.setHeader("WWW-Authenticate", "Bearer");
                          response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
                          response
                              .getWriter()
                              .write(
                                  "{\"title\":\"Unauthorized\",\"status\":401,\"detail\":\"Send a bearer"
                                      + " token; make one in settings.\"}");
                        }))
        .headers(h -> h.contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY)))
        .build();
  }

  @Bean
  @Order(2)
  SecurityFilterChain pages(HttpSecurity http, Tries tries, KnownBrowsers browsers)
      throws Exception {
    CookieRequestCache wanted = new CookieRequestCache();
    wanted.setRequestMatcher(SecurityConfig::isPage);
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/sign-in",
                        "/register",
                        "/forgotten",
                        "/new-password",
                        "/demo",
                        "/favicon.ico",
                        "/actuator/health/**",
                        "/v3/api-docs/**",
                        "/v3/api-docs.yaml",
                        "/error")
                    .permitAll()
                    .anyRequest()
                    .authenticated())
        .formLogin(
            form ->
                form.loginPage("/sign-in")
                    .usernameParameter("email")
                    .successHandler(new Welcome(browsers, wanted))
                    .failureHandler(turnedAway())
                    .permitAll())
        .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
        .addFilterBefore(
            new SignInLimit(tries, browsers), UsernamePasswordAuthenticationFilter.class)
        // Neither the token of forms nor the page that was wanted needs a session for a stranger.
        .csrf(csrf -> csrf.csrfTokenRepository(tokens()))
        .requestCache(cache -> cache.requestCache(wanted))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")))
        .build();
  }

  private static CookieCsrfTokenRepository tokens() {
    CookieCsrfTokenRepository tokens = new CookieCsrfTokenRepository();
    tokens.setCookieCustomizer(cookie -> cookie.sameSite("Strict").path("/"));
    return tokens;
  }

  private static SimpleUrlAuthenticationFailureHandler turnedAway() {
    SimpleUrlAuthenticationFailureHandler handler =
        new SimpleUrlAuthenticationFailureHandler("/sign-in?error");
    handler.setAllowSessionCreation(false);
    return handler;
  }

  private static boolean isPage(HttpServletRequest request) {
    return request.getMethod().equals("GET")
        && !Htmx.asks(request)
        && String.valueOf(request.getHeader(HttpHeaders.ACCEPT)).contains("text/html");
  }

  /** Leads to the page that was wanted, and knows the browser from then on. */
  private static class Welcome extends SavedRequestAwareAuthenticationSuccessHandler {
    private final KnownBrowsers browsers;

    Welcome(KnownBrowsers browsers, CookieRequestCache wanted) {
      this.browsers = browsers;
      setRequestCache(wanted);
      setDefaultTargetUrl("/today");
    }

    @Override
    public void onAuthenticationSuccess(
        HttpServletRequest request, HttpServletResponse response, Authentication who)
        throws ServletException, IOException {
      browsers.remember((SignedIn) who.getPrincipal(), request, response);
      super.onAuthenticationSuccess(request, response, who);
    }
  }
}
