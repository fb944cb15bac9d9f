package org.mildlantern.app.handover;

import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Tries;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;

/** The door of whoever takes a plant over. */
@Configuration
class HandoverSecurity {
  @Bean
  @Order(0)
  SecurityFilterChain handed(HttpSecurity http, HandoverService handovers, Tries tries)
      throws Exception {
    return SecretDoor.chain(http, "handed", handovers::way, tries);
  }
}
