package org.mildlantern.app.keeper;

import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import org.mildlantern.core.words.Units;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.userdetails.UserDetails;

/** The keeper of this request and the one collection that their queries may see. */
public record SignedIn(
    Long keeperId,
    Long collectionId,
    String email,
    String name,
    String collectionName,
    double latitude,
    String zoneName,
    Units units,
    String passwordHash)
    implements UserDetails {
  private static final long serialVersionUID = 1L;

  public SignedIn {
    // A session from before there was a choice.
    units = units == null ? Units.METRIC : units;
  }

  /** How the addresses of those end who are shown round; the domain can never exist (RFC 2606). */
  public static final String GUESTS = "@shown-round.invalid";

  /** Whether somebody is shown round. */
  public boolean isGuest() {
    return email.endsWith(GUESTS);
  }

  static SignedIn of(Keeper keeper, KeptCollection collection) {
    return new SignedIn(
        keeper.id(),
        collection.id(),
        keeper.email(),
        keeper.name(),
        collection.name(),
        collection.latitude(),
        collection.zone(),
        collection.units(),
        keeper.passwordHash());
  }

  public ZoneId zone() {
    return ZoneId.of(zoneName);
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of();
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public String getUsername() {
    return email;
  }

  @Override
  public String toString() {
    return "SignedIn[" + keeperId + "]";
  }
}
