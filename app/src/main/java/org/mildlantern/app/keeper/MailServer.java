package org.mildlantern.app.keeper;

import java.util.Optional;
import java.util.Properties;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.mail.MailException;
import org.springframework.mail.SimpleMailMessage;
import org.springframework.mail.javamail.JavaMailSender;
import org.springframework.mail.javamail.JavaMailSenderImpl;
import org.springframework.security.crypto.encrypt.Encryptors;
import org.springframework.security.crypto.keygen.KeyGenerators;
import org.springframework.stereotype.Component;

/**
 * Where letters are handed in: as the installation's environment says, else as its first keeper set
 * it. The password is kept encrypted with a key of the installation.
 */
@Component
public class MailServer {
  private static final String TIMEOUT = "5000";

  private final JavaMailSender environment;
  private final JdbcClient jdbc;
  private final Scope scope;
  private final String host;
  private final String from;
  private final String key;
  private final boolean demo;

  public MailServer(
      JavaMailSender environment,
      JdbcClient jdbc,
      Scope scope,
      @Value("${spring.mail.host}") String host,
      @Value("${mild-lantern.mail-from}") String from,
      @Value("${spring.datasource.password}") String key,
      @Value("${mild-lantern.demo}") boolean demo) {
    this.demo = demo;
    this.environment = environment;
    this.jdbc = jdbc;
    this.scope = scope;
    this.host = host;
    this.from = from;
    this.key = key;
  }

  /** How the way to the server is locked. */
  public enum Locked {
    STARTTLS("STARTTLS, mostly port 587"),
    TLS("TLS, mostly port 465"),
    NONE("not encrypted");

    private final String label;

    Locked(String label) {
      this.label = label;
    }

    public String label() {
      return label;
    }
  }

  /**
   * A server.
   *
   * @param name by which the installation signs in there, or empty
   * @param password or empty
   * @param sender address from which letters come
   */
  public record Set(
      String host, int port, Locked locked, String name, String password, String sender) {}

  private record Row(Set set, String salt) {}

  /** Whether the environment names one, so that nothing is set here. */
  boolean fixed() {
    return !host.isBlank();
  }

  /** Whether letters go anywhere. */
  public boolean there() {
    return fixed()
        || jdbc.sql("select exists (select from mail_server)").query(Boolean.class).single();
  }

  /**
   * Only the first keeper of an installation sets its server: whoever set it up. Of a demo nobody
   * is, and its letters stay where they are.
   */
  public boolean isOurs() {
    return !demo
        && jdbc.sql("select min(id) from keeper")
            .query(Long.class)
            .optional()
            .filter(scope.keeper().keeperId()::equals)
            .isPresent();
  }

  /** As it is set, with an empty password where the key of the installation does not open it. */
  Optional<Set> set() {
    return jdbc.sql(
            "select host, port, locked, name, password, salt, sender from mail_server where id = 1")
        .query(
            (row, n) ->
                new Row(
                    new Set(
                        row.getString("host"),
                        row.getInt("port"),
                        Locked.valueOf(row.getString("locked")),
                        row.getString("name"),
                        row.getString("password"),
                        row.getString("sender")),
                    row.getString("salt")))
        .optional()
        .map(this::opened);
  }

  private Set opened(Row row) {
    Set set = row.set();
    return new Set(
        set.host(),
        set.port(),
        set.locked(),
        set.name(),
        open(set.password(), row.salt()),
        set.sender());
  }

  private String open(String password, String salt) {
    try {
      return password.isEmpty() ? "" : Encryptors.delux(key, salt).decrypt(password);
    } catch (IllegalStateException | IllegalArgumentException e) {
      return "";
    }
  }

  void set(Set set) {
    String salt = KeyGenerators.string().generateKey();
    String password =
        set.password().isEmpty() ? "" : Encryptors.delux(key, salt).encrypt(set.password());
    jdbc.sql(
            "insert into mail_server (id, host, port, locked, name, password, salt, sender) values (1,"
                + " :host, :port, :locked, :name, :password, :salt, :sender) on conflict (id) do"
                + " update set host = excluded.host, port = excluded.port, locked = excluded.locked,"
                + " name = excluded.name, password = excluded.password, salt = excluded.salt, sender ="
                + " excluded.sender")
        .param("host", set.host())
        .param("port", set.port())
        .param("locked", set.locked().name())
        .param("name", set.name())
        .param("password", password)
        .param("salt", salt)
        .param("sender", set.sender())
        .update();
  }

  void unset() {
    jdbc.sql("delete from mail_server").update();
  }

  /**
   * Hands a letter in.
   *
   * @throws MailException when it is not taken
   * @throws IllegalStateException when there is no server
   */
  public void send(String to, String subject, String words) {
    SimpleMailMessage letter = new SimpleMailMessage();
    letter.setTo(to);
    letter.setSubject(subject);
    letter.setText(words);
    if (fixed()) {
      letter.setFrom(from);
      environment.send(letter);
      return;
    }
    Set set = set().orElseThrow(() -> new IllegalStateException("no mail server"));
    letter.setFrom(set.sender());
    sender(set).send(letter);
  }

  private static JavaMailSender sender(Set set) {
    JavaMailSenderImpl sender = new JavaMailSenderImpl();
    sender.setHost(set.host());
    sender.setPort(set.port());
    Properties all = sender.getJavaMailProperties();
    if (!set.name().isEmpty()) {
      sender.setUsername(set.name());
      sender.setPassword(set.password());
      all.setProperty("mail.smtp.auth", "true");
    }
    all.setProperty("mail.smtp.starttls.required", String.valueOf(set.locked() == Locked.STARTTLS));
    all.setProperty("mail.smtp.ssl.enable", String.valueOf(set.locked() == Locked.TLS));
    all.setProperty("mail.smtp.ssl.checkserveridentity", "true");
    all.setProperty("mail.smtp.connectiontimeout", TIMEOUT);
    all.setProperty("mail.smtp.timeout", TIMEOUT);
    all.setProperty("mail.smtp.writetimeout", TIMEOUT);
    return sender;
  }
}
