package org.mildlantern.app.keeper;

import java.util.List;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.authority.AuthorityUtils;

/** What a program with a token may do. */
public enum TokenScope {
  READ("ask, store nothing", "ask"),
  READINGS("send readings only", "send"),
  ALL("ask and send", "ask", "send"),
  RECORDS("read and change all records", "ask", "send", "records");

  private final String label;
  private final List<GrantedAuthority> authorities;

  TokenScope(String label, String... authorities) {
    this.label = label;
    this.authorities = AuthorityUtils.createAuthorityList(authorities);
  }

  public String label() {
    return label;
  }

  List<GrantedAuthority> authorities() {
    return authorities;
  }
}
