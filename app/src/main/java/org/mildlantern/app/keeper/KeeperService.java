package org.mildlantern.app.keeper;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.mildlantern.core.words.Units;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, collections and tokens. */
@Service
@Transactional
public class KeeperService implements UserDetailsService {
  private static final String FIRST_COLLECTION = "My plants";
  private static final double FIRST_LATITUDE = 52;

  private final KeeperRepository keepers;
  private final KeptCollectionRepository collections;
  private final ApiTokenRepository tokens;
  private final PasswordEncoder encoder;
  private final Scope scope;
  private final FindByIndexNameSessionRepository<?> sessions;
  private final KnownBrowsers browsers;

  KeeperService(
      KeeperRepository keepers,
      KeptCollectionRepository collections,
      ApiTokenRepository tokens,
      PasswordEncoder encoder,
      Scope scope,
      FindByIndexNameSessionRepository<?> sessions,
      KnownBrowsers browsers) {
    this.keepers = keepers;
    this.collections = collections;
    this.tokens = tokens;
    this.encoder = encoder;
    this.scope = scope;
    this.sessions = sessions;
    this.browsers = browsers;
  }

  /** A token as the settings page lists it. */
  public record TokenView(
      Long id,
      String name,
      TokenScope scope,
      LocalDate expiresOn,
      Instant createdAt,
      Instant lastUsedAt) {}

  @Override
  @Transactional(readOnly = true)
  public SignedIn loadUserByUsername(String email) {
    return byEmail(email).orElseThrow(() -> new UsernameNotFoundException("no such keeper"));
  }

  @Transactional(readOnly = true)
  public Optional<SignedIn> byEmail(String email) {
    return keepers.byEmail(email).map(this::signedIn);
  }

  /**
   * Makes an account with an empty collection.
   *
   * @throws IllegalArgumentException when the address is taken
   */
  public SignedIn register(String email, String name, String password) {
    if (keepers.byEmail(email).isPresent()) {
      throw new IllegalArgumentException("There is an account with this address already.");
    }
    Keeper keeper = keepers.save(new Keeper(email, name, encoder.encode(password), scope.now()));
    KeptCollection collection =
        new KeptCollection(keeper.id(), FIRST_COLLECTION, FIRST_LATITUDE, "UTC");
    collection.locate(FIRST_LATITUDE, "UTC", Located.NOWHERE);
    return SignedIn.of(keeper, collections.save(collection));
  }

  /**
   * Makes an account unless there is one with the address; takes as long either way.
   *
   * @param zone time zone of the browser, which tells roughly where the collection stands
   */
  void registerIfNew(String email, String name, String password, String zone) {
    if (keepers.byEmail(email).isPresent()) {
      encoder.encode(password);
    } else {
      SignedIn made = register(email, name, password);
      Towns.ofZone(zone)
          .ifPresent(
              town ->
                  collections
                      .findById(made.collectionId())
                      .orElseThrow()
                      .locate(town.latitude(), town.zone(), Located.BROWSER));
    }
  }

  /** Says near which town the collection stands. */
  SignedIn locate(Towns.Town town) {
    KeptCollection collection = collections.findById(scope.keeper().collectionId()).orElseThrow();
    collection.locate(town.latitude(), town.zone(), Located.KEEPER);
    return SignedIn.of(keepers.findById(collection.keeperId()).orElseThrow(), collection);
  }

  /** Measures in chosen units; null for what is usual where the collection stands. */
  SignedIn measureIn(Units chosen) {
    KeptCollection collection = collections.findById(scope.keeper().collectionId()).orElseThrow();
    collection.measureIn(chosen);
    return SignedIn.of(keepers.findById(collection.keeperId()).orElseThrow(), collection);
  }

  /** The units that the keeper chose; null for what is usual where the collection stands. */
  @Transactional(readOnly = true)
  Units chosenUnits() {
    return collections.findById(scope.keeper().collectionId()).orElseThrow().chosenUnits();
  }

  /** How it is known where on earth the collection stands. */
  @Transactional(readOnly = true)
  public Located located() {
    return collections.findById(scope.keeper().collectionId()).orElseThrow().located();
  }

  /**
   * Makes an account that is thrown away, for somebody who is shown round; a former one with the
   * same address goes.
   */
  public SignedIn makeGuest(String email, String collection, double latitude, String zone) {
    keepers
        .byEmail(email)
        .ifPresent(
            former -> {
              endSessions(email);
              keepers.delete(former);
              keepers.flush();
            });
    SignedIn guest = register(email, "A visitor", Secrets.fresh());
    KeptCollection kept = collections.findById(guest.collectionId()).orElseThrow();
    kept.describe(collection, latitude, zone);
    return SignedIn.of(keepers.findById(guest.keeperId()).orElseThrow(), kept);
  }

  /** Takes out those who were shown round and never left, when they came before an instant. */
  public void takeOutGuests(Instant before) {
    for (Keeper guest : keepers.endingBefore("%" + SignedIn.GUESTS, before)) {
      endSessions(guest.email());
      keepers.delete(guest);
    }
  }

  /** The keeper of a collection. */
  @Transactional(readOnly = true)
  public Optional<SignedIn> ofCollection(Long id) {
    return collections
        .findById(id)
        .map(kept -> SignedIn.of(keepers.findById(kept.keeperId()).orElseThrow(), kept));
  }

  /** Takes an account out with all that belongs to it. */
  public void takeOut(SignedIn keeper) {
    keepers.deleteById(keeper.keeperId());
  }

  void endSessions(String email) {
    sessions.findByPrincipalName(email).keySet().forEach(sessions::deleteById);
  }

  /** The keeper's collection as it is saved now, perhaps from another window. */
  @Transactional(readOnly = true)
  SignedIn collection() {
    return byEmail(scope.keeper().email()).orElseThrow();
  }

  /** Changes what the collection is called and where on earth it is. */
  public SignedIn describeCollection(String name, double latitude, String zone) {
    KeptCollection collection = collections.findById(scope.keeper().collectionId()).orElseThrow();
    collection.describe(name, latitude, zone);
    return SignedIn.of(keepers.findById(collection.keeperId()).orElseThrow(), collection);
  }

  /** Whether closed cases move the base rates of the keeper's collection. */
  @Transactional(readOnly = true)
  public boolean learns() {
    return collections.findById(scope.keeper().collectionId()).orElseThrow().learns();
  }

  public void learn(boolean whether) {
    collections.findById(scope.keeper().collectionId()).orElseThrow().learn(whether);
  }

  /**
   * Makes a token for the signed-in keeper and gives its text, which is shown only now.
   *
   * @param expiresOn last day on which it holds, or null
   */
  public String makeToken(String name, TokenScope may, LocalDate expiresOn) {
    String token = "ml_" + Secrets.fresh();
    tokens.save(token(name, token, may, expiresOn));
    return token;
  }

  /** Accepts a token whose text was made elsewhere, unless it is known; a revoked one stays so. */
  public void keepToken(String name, String token) {
    if (tokens.findByHash(Secrets.hash(token)).isEmpty()) {
      tokens.save(token(name, token, TokenScope.ALL, null));
    }
  }

  private ApiToken token(String name, String text, TokenScope may, LocalDate expiresOn) {
    return new ApiToken(
        scope.keeper().keeperId(), name, Secrets.hash(text), scope.now(), may, expiresOn);
  }

  @Transactional(readOnly = true)
  public List<TokenView> tokens() {
    return tokens.findByKeeperIdAndRevokedAtIsNullOrderById(scope.keeper().keeperId()).stream()
        .map(
            t ->
                new TokenView(
                    t.id(), t.name(), t.scope(), t.expiresOn(), t.createdAt(), t.lastUsedAt()))
        .toList();
  }

  /** Revokes one of the keeper's own tokens; says whether there was one. */
  public boolean revokeToken(Long id) {
    Optional<ApiToken> token = tokens.findByIdAndKeeperId(id, scope.keeper().keeperId());
    token.ifPresent(t -> t.revoke(scope.now()));
    return token.isPresent();
  }

  /** A keeper, and what their token allows. */
  record Bearer(SignedIn keeper, TokenScope scope) {}

  /** The keeper whose token this is, unless it is revoked or past its day. */
  Optional<Bearer> byToken(String token) {
    return tokens
        .findByHashAndRevokedAtIsNull(Secrets.hash(token))
        .map(found -> bearer(found, signedIn(keepers.findById(found.keeperId()).orElseThrow())));
  }

  private Bearer bearer(ApiToken token, SignedIn keeper) {
    LocalDate today = LocalDate.ofInstant(scope.now(), keeper.zone());
    if (token.expiresOn() != null && today.isAfter(token.expiresOn())) {
      return null;
    }
    token.used(scope.now());
    return new Bearer(keeper, token.scope());
  }

  /** Ends all sessions of the signed-in keeper, and forgets their browsers. */
  void signOutEverywhere() {
    endSessions(scope.keeper().email());
    browsers.forget(scope.keeper());
  }

  /** The day from which the demo collection's dates were counted, if it is one. */
  @Transactional(readOnly = true)
  public Optional<LocalDate> demoAnchor(SignedIn keeper) {
    return collections.findById(keeper.collectionId()).map(KeptCollection::demoAnchor);
  }

  public void anchorDemo(SignedIn keeper, LocalDate day) {
    collections.findById(keeper.collectionId()).orElseThrow().anchorDemo(day);
  }

  private SignedIn signedIn(Keeper keeper) {
    return SignedIn.of(keeper, collections.findByKeeperId(keeper.id()).orElseThrow());
  }
}
