package org.mildlantern.app.away;

import org.mildlantern.app.keeper.SecurityConfig;
import org.mildlantern.app.keeper.Tries;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.config.annotation.web.configurers.AbstractHttpConfigurer;
import org.springframework.security.config.http.SessionCreationPolicy;
import org.springframework.security.web.SecurityFilterChain;
import org.springframework.security.web.authentication.UsernamePasswordAuthenticationFilter;
import org.springframework.security.web.header.writers.ReferrerPolicyHeaderWriter.ReferrerPolicy;

/**
 * The visitor's door: no session, no account. Forms carry no token of their own, since the address
 * that they post to is itself a secret that no other site knows.
 */
@Configuration
class SitterSecurity {
  @Bean
  @Order(0)
  SecurityFilterChain visitors(HttpSecurity http, SitterService sitters, Tries tries)
      throws Exception {
    return http.securityMatcher("/visitor/**")
        .csrf(AbstractHttpConfigurer::disable)
        .sessionManagement(s -> s.sessionCreationPolicy(SessionCreationPolicy.STATELESS))
        .addFilterBefore(new SitterDoor(sitters, tries), UsernamePasswordAuthenticationFilter.class)
        .authorizeHttpRequests(requests -> requests.anyRequest().hasAuthority(SitterDoor.MAY))
        .headers(
            headers ->
                headers
                    .contentSecurityPolicy(c -> c.policyDirectives(SecurityConfig.CONTENT_POLICY))
                    .referrerPolicy(r -> r.policy(ReferrerPolicy.NO_REFERRER))
                    .permissionsPolicyHeader(
                        p -> p.policy("camera=(), microphone=(), geolocation=()")))
        .build();
  }
}
