package org.mildlantern.app.keeper;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Whether the demo collection is offered without a password.
 *
 * @param demo true only when the app was started with demo data
 * @param demoToken text of the demo keeper's bearer token, made by the start command; may be empty
 */
@ConfigurationProperties("mild-lantern")
public record DemoDoor(@DefaultValue("false") boolean demo, @DefaultValue("") String demoToken) {

  /** Address of the demo keeper; the domain can never exist (RFC 2606). */
  public static final String EMAIL = "keeper@tollhouse.invalid";

  public boolean open() {
    return demo;
  }
}
