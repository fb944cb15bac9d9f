package org.mildlantern.app.keeper;

import java.time.Duration;
import java.util.Optional;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.task.TaskExecutor;
import org.springframework.mail.MailException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Changes passwords: by the old one, or by a link that its keeper's mail brings. */
@Service
@Transactional
class PasswordService {
  private static final Logger LOG = LoggerFactory.getLogger(PasswordService.class);
  private static final Duration HOLDS = Duration.ofHours(1);

  private final KeeperRepository keepers;
  private final PasswordResetRepository resets;
  private final KeeperService accounts;
  private final PasswordEncoder encoder;
  private final MailServer mail;
  private final TaskExecutor tasks;
  private final Scope scope;

  PasswordService(
      KeeperRepository keepers,
      PasswordResetRepository resets,
      KeeperService accounts,
      PasswordEncoder encoder,
      MailServer mail,
      @Qualifier("applicationTaskExecutor") TaskExecutor tasks,
      Scope scope) {
    this.keepers = keepers;
    this.resets = resets;
    this.accounts = accounts;
    this.encoder = encoder;
    this.mail = mail;
    this.tasks = tasks;
    this.scope = scope;
  }

  /** Whether this installation sends mail. */
  boolean sendsMail() {
    return mail.there();
  }

  boolean isRight(String password) {
    return encoder.matches(password, own().passwordHash());
  }

  private Keeper own() {
    return keepers.findById(scope.keeper().keeperId()).orElseThrow();
  }

  /**
   * Gives the signed-in keeper another password and ends all sessions; the keeper as they are now.
   */
  SignedIn change(String password) {
    return set(own(), password);
  }

  private SignedIn set(Keeper keeper, String password) {
    keeper.lockWith(encoder.encode(password));
    resets.deleteByKeeperId(keeper.id());
    accounts.endSessions(keeper.email());
    keepers.flush();
    return accounts.byEmail(keeper.email()).orElseThrow();
  }

  /**
   * Sends a link to a new password when there is an account with the address.
   *
   * @param address of the page to which the secret is added
   */
  void send(String email, String address) {
    keepers.byEmail(email.strip()).ifPresent(keeper -> send(keeper, address));
  }

  private void send(Keeper keeper, String address) {
    String secret = Secrets.fresh();
    resets.deleteByKeeperId(keeper.id());
    resets.save(new PasswordReset(keeper.id(), Secrets.hash(secret), scope.now()));
    String words =
        "Choose a new password here within an hour:\n\n%s%s\n\nIf you did not ask for it, nothing has changed and you need do nothing.\n"
            .formatted(address, secret);
    tasks.execute(
        () -> {
          try {
            mail.send(keeper.email(), "A new password for Mild Lantern", words);
          } catch (MailException | IllegalStateException e) {
            LOG.warn("a letter could not be sent: {}", e.getMessage());
          }
        });
  }

  /** Whether a secret leads to a new password now. */
  boolean leads(String secret) {
    return find(secret).isPresent();
  }

  private Optional<PasswordReset> find(String secret) {
    return resets
        .findByHash(Secrets.hash(secret))
        .filter(reset -> reset.madeAt().plus(HOLDS).isAfter(scope.now()));
  }

  /** Sets the password of the keeper to whom a secret leads; it leads nowhere afterwards. */
  boolean reset(String secret, String password) {
    Optional<PasswordReset> found = find(secret);
    found.ifPresent(reset -> set(keepers.findById(reset.keeperId()).orElseThrow(), password));
    return found.isPresent();
  }

  /** Takes the signed-in keeper's account out, with all that belongs to it. */
  void takeOut() {
    SignedIn keeper = scope.keeper();
    accounts.endSessions(keeper.email());
    accounts.takeOut(keeper);
  }
}
