package org.mildlantern.app.keeper;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.security.SecureRandom;
import java.time.Instant;
import java.time.LocalDate;
import java.util.Base64;
import java.util.HexFormat;
import java.util.List;
import java.util.Optional;
import org.springframework.security.core.userdetails.UserDetailsService;
import org.springframework.security.core.userdetails.UsernameNotFoundException;
import org.springframework.security.crypto.password.PasswordEncoder;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Accounts, collections and tokens. */
@Service
@Transactional
public class KeeperService implements UserDetailsService {
  private static final String FIRST_COLLECTION = "My plants";
  private static final double FIRST_LATITUDE = 52;
  private static final int TOKEN_BYTES = 32;

  private final KeeperRepository keepers;
  private final KeptCollectionRepository collections;
  private final ApiTokenRepository tokens;
  private final PasswordEncoder encoder;
  private final Scope scope;
  private final SecureRandom random = new SecureRandom();

  KeeperService(
      KeeperRepository keepers,
      KeptCollectionRepository collections,
      ApiTokenRepository tokens,
      PasswordEncoder encoder,
      Scope scope) {
    this.keepers = keepers;
    this.collections = collections;
    this.tokens = tokens;
    this.encoder = encoder;
    this.scope = scope;
  }

  /** A token as the settings page lists it. */
  public record TokenView(Long id, String name, Instant createdAt, Instant lastUsedAt) {}

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
        collections.save(new KeptCollection(keeper.id(), FIRST_COLLECTION, FIRST_LATITUDE, "UTC"));
    return SignedIn.of(keeper, collection);
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

  /** Makes a token for the signed-in keeper and gives its text, which is shown only now. */
  public String makeToken(String name) {
    byte[] bytes = new byte[TOKEN_BYTES];
    random.nextBytes(bytes);
    String token = "ml_" + Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
    keepToken(name, token);
    return token;
  }

  /** Accepts a token whose text was made elsewhere, unless it is known already. */
  public void keepToken(String name, String token) {
    String hash = hash(token);
    if (tokens.findByHashAndRevokedAtIsNull(hash).isEmpty()) {
      tokens.save(new ApiToken(scope.keeper().keeperId(), name, hash, scope.now()));
    }
  }

  @Transactional(readOnly = true)
  public List<TokenView> tokens() {
    return tokens.findByKeeperIdAndRevokedAtIsNullOrderById(scope.keeper().keeperId()).stream()
        .map(t -> new TokenView(t.id(), t.name(), t.createdAt(), t.lastUsedAt()))
        .toList();
  }

  /** Revokes one of the keeper's own tokens; says whether there was one. */
  public boolean revokeToken(Long id) {
    Optional<ApiToken> token = tokens.findByIdAndKeeperId(id, scope.keeper().keeperId());
    token.ifPresent(t -> t.revoke(scope.now()));
    return token.isPresent();
  }

  /** The keeper whose token this is. */
  public Optional<SignedIn> byToken(String token) {
    return tokens
        .findByHashAndRevokedAtIsNull(hash(token))
        .map(
            found -> {
              found.used(scope.now());
              return signedIn(keepers.findById(found.keeperId()).orElseThrow());
            });
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

  private static String hash(String token) {
    try {
      byte[] digest =
          MessageDigest.getInstance("SHA-256").digest(token.getBytes(StandardCharsets.UTF_8));
      return HexFormat.of().formatHex(digest);
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException(e);
    }
  }
}
