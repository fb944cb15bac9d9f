package org.mildlantern.app.keeper;

import jakarta.validation.constraints.Email;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Pattern;
import jakarta.validation.constraints.Size;

/**
 * What is typed about the mail server.
 *
 * @param password or empty to keep the one that was set
 */
record MailForm(
    @NotBlank(message = "The name of the server, such as smtp.example.org.")
        @Size(max = 200, message = "At most 200 characters.")
        @Pattern(
            regexp = "\\s*|[\\w.:\\[\\]-]+",
            message = "The name of the server alone, such as smtp.example.org.")
        String host,
    @NotNull(message = "A whole number from 1 to 65535; mostly 587.")
        @Pattern(regexp = PORT, message = "A whole number from 1 to 65535; mostly 587.")
        String port,
    @NotNull(message = "Pick one.") MailServer.Locked locked,
    @Size(max = 200, message = "At most 200 characters.") String name,
    @Size(max = 200, message = "At most 200 characters.") String password,
    @NotBlank(message = "An address, such as plants@example.org.")
        @Email(message = "An address, such as plants@example.org.")
        @Size(max = 200, message = "At most 200 characters.")
        String sender) {

  /** From 1 to 65535. */
  private static final String PORT =
      "\\s*(?:[1-9]\\d{0,3}|[1-5]\\d{4}|6[0-4]\\d{3}|65[0-4]\\d{2}|655[0-2]\\d|6553[0-5])\\s*";

  static final MailForm EMPTY = new MailForm("", "587", MailServer.Locked.STARTTLS, "", "", "");

  static MailForm of(MailServer.Set set) {
    return new MailForm(
        set.host(), String.valueOf(set.port()), set.locked(), set.name(), "", set.sender());
  }

  /**
   * As it is to be set.
   *
   * @param former password, which stays with the same server and name
   */
  MailServer.Set with(String former) {
    return new MailServer.Set(
        host.strip(),
        Integer.parseInt(port.strip()),
        locked,
        name == null ? "" : name.strip(),
        password == null || password.isEmpty() ? former : password,
        sender.strip());
  }

  boolean isSameAs(MailServer.Set set) {
    return set.host().equals(host.strip()) && set.name().equals(name == null ? "" : name.strip());
  }
}
