package org.mildlantern.app.keeper;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.function.Supplier;
import org.hibernate.cfg.AvailableSettings;
import org.hibernate.context.spi.CurrentTenantIdentifierResolver;
import org.mildlantern.core.words.Units;
import org.springframework.boot.autoconfigure.orm.jpa.HibernatePropertiesCustomizer;
import org.springframework.security.authentication.UsernamePasswordAuthenticationToken;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContext;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.stereotype.Component;

/**
 * The one place that says which collection a query may see: that of the signed-in keeper.
 *
 * <p>Hibernate adds it to every query on an entity with a {@code @TenantId}; without a keeper it is
 * a collection that does not exist. The collection's clock lives here too, since a day is a day in
 * its time zone.
 */
@Component
public class Scope implements CurrentTenantIdentifierResolver<Long>, HibernatePropertiesCustomizer {
  private static final Long NOBODY = 0L;

  private final Clock clock;

  Scope(Clock clock) {
    this.clock = clock;
  }

  /** The keeper of this request. */
  public SignedIn keeper() {
    SignedIn keeper = keeperOrNull();
    if (keeper == null) {
      throw new IllegalStateException("nobody is signed in");
    }
    return keeper;
  }

  private static SignedIn keeperOrNull() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getPrincipal() instanceof SignedIn keeper
        ? keeper
        : null;
  }

  /** Whether this request is the keeper's own, and not let in by a key for some of it. */
  public static boolean isWhole() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return keeperOrNull() != null && authentication.getAuthorities().isEmpty();
  }

  /** Runs work as a keeper outside a request, for example while the demo is made. */
  public <T> T as(SignedIn keeper, Supplier<T> work) {
    SecurityContext before = SecurityContextHolder.getContext();
    SecurityContext context = SecurityContextHolder.createEmptyContext();
    context.setAuthentication(
        UsernamePasswordAuthenticationToken.authenticated(keeper, null, keeper.getAuthorities()));
    SecurityContextHolder.setContext(context);
    try {
      return work.get();
    } finally {
      SecurityContextHolder.setContext(before);
    }
  }

  /** Now; or when the keeper gave the answer that this request brings after the line was cut. */
  public Instant now() {
    Instant answered = AnsweredAt.ofRequest();
    return answered == null ? clock.instant() : answered;
  }

  public ZoneId zone() {
    return keeper().zone();
  }

  /** Today in the collection's time zone. */
  public LocalDate today() {
    return LocalDate.ofInstant(now(), zone());
  }

  public LocalDate day(Instant instant) {
    return LocalDate.ofInstant(instant, zone());
  }

  /** The units of the keeper of this request; metric where nobody is signed in. */
  public static Units units() {
    SignedIn keeper = keeperOrNull();
    return keeper == null ? Units.METRIC : keeper.units();
  }

  public double latitude() {
    return keeper().latitude();
  }

  @Override
  public Long resolveCurrentTenantIdentifier() {
    SignedIn keeper = keeperOrNull();
    return keeper == null ? NOBODY : keeper.collectionId();
  }

  @Override
  public boolean validateExistingCurrentSessions() {
    return true;
  }

  @Override
  public void customize(java.util.Map<String, Object> properties) {
    properties.put(AvailableSettings.MULTI_TENANT_IDENTIFIER_RESOLVER, this);
  }
}
