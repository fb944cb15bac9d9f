package org.mildlantern.app.away;

import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Tries;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;

/** The visitor's door. */
@Configuration
class SitterSecurity {
  @Bean
  @Order(0)
  SecurityFilterChain visitors(HttpSecurity http, SitterService sitters, Tries tries)
      throws Exception {
    return SecretDoor.chain(http, "visitor", sitters::way, tries);
  }
}
