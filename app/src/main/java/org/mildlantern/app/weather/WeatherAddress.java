package org.mildlantern.app.weather;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Where forecasts come from.
 *
 * @param weather address that answers {@code ?latitude=} with a forecast; empty for none
 */
@ConfigurationProperties("mild-lantern")
record WeatherAddress(@DefaultValue("") String weather) {
  boolean isKnown() {
    return !weather.isBlank();
  }
}
