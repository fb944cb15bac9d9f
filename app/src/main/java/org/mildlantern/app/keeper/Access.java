package org.mildlantern.app.keeper;

import java.util.List;
import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Who may come to the door.
 *
 * @param hosts names under which browsers may ask for the app
 * @param registration whether strangers may make accounts
 */
@ConfigurationProperties("mild-lantern")
public record Access(
    @DefaultValue({"localhost", "127.0.0.1", "[::1]"}) List<String> hosts,
    @DefaultValue("true") boolean registration) {

  boolean isOurs(String host) {
    return hosts.contains(host.toLowerCase(java.util.Locale.ROOT));
  }
}
