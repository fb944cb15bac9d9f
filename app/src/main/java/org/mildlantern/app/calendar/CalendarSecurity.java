package org.mildlantern.app.calendar;

import org.mildlantern.app.keeper.SecretDoor;
import org.mildlantern.app.keeper.Tries;
import org.springframework.context.annotation.Bean;
import org.springframework.context.annotation.Configuration;
import org.springframework.core.annotation.Order;
import org.springframework.security.config.annotation.web.builders.HttpSecurity;
import org.springframework.security.web.SecurityFilterChain;

/** The door of programs that read the calendar. */
@Configuration
class CalendarSecurity {
  @Bean
  @Order(0)
  SecurityFilterChain calendars(HttpSecurity http, CalendarService calendars, Tries tries)
      throws Exception {
    return SecretDoor.chain(http, "calendar", calendars::way, tries);
  }
}
