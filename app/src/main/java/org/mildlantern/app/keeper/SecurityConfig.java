package org.mildlantern.app.keeper;

import javax.sql.DataSource;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.security.config.Customizer;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.crypto.factory.PasswordEncoderFactories;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/** Who may call what, and the headers that keep pages from being misused. */
@Configuration
class SecurityConfig {
  private static final String CONTENT_POLICY =
      "default-src 'self'; img-src 'self' data:; object-src 'none'; base-uri 'self';"
          + " form-action 'self'; frame-ancestors 'none'";

  @Bean
  PasswordEncoder passwordEncoder() {
    return PasswordEncoderFactories.createDelegatingPasswordEncoder();
  }

  @Bean
  @Order(1)
  SecurityFilterChain openInterface(HttpSecurity http, KeeperService keepers) throws Exception {
    return http.securityMatcher("/api/**")
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(new TokenFilter(keepers), UsernamePasswordAuthenticationFilter.class)
        .authorizeHttpRequests(requests -> requests.anyRequest().authenticated())
        .exceptionHandling(
            e ->
                e.authenticationEntryPoint(
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
  SecurityFilterChain pages(HttpSecurity http, DataSource dataSource) throws Exception {
    return http.authorizeHttpRequests(
            requests ->
                requests
                    .requestMatchers(
                        "/sign-in",
                        "/register",
                        "/demo",
                        "/sw.js",
                        "/css/**",
                        "/js/**",
                        "/fonts/**",
                        "/img/**",
                        "/webjars/**",
                        "/favicon.ico",
                        "/actuator/health",
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
                    .defaultSuccessUrl("/today")
                    .failureUrl("/sign-in?error")
                    .permitAll())
        .logout(logout -> logout.logoutUrl("/sign-out").logoutSuccessUrl("/sign-in?out"))
        .addFilterBefore(new SignInLimit(dataSource), UsernamePasswordAuthenticationFilter.class)
        .csrf(Customizer.withDefaults())
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(c -> c.policyDirectives(CONTENT_POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.SAME_ORIGIN))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")))
        .build();
  }
}
