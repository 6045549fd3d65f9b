package org.evenlobe.server.access;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.CredentialsContainer;
import org.springframework.security.core.GrantedAuthority;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.core.userdetails.UserDetails;

/** A person who has signed in, as the session keeps them: the id, never the password. */
public final class SignedInPerson implements UserDetails, CredentialsContainer {
  private static final long serialVersionUID = 1;

  private final UUID id;
  private transient String passwordHash;

  public SignedInPerson(UUID id, String passwordHash) {
    this.id = id;
    this.passwordHash = passwordHash;
  }

  public UUID id() {
    return id;
  }

  public static Optional<UUID> currentId() {
    Authentication authentication = SecurityContextHolder.getContext().getAuthentication();
    return authentication != null && authentication.getPrincipal() instanceof SignedInPerson person
        ? Optional.of(person.id())
        : Optional.empty();
  }

  @Override
  public String getUsername() {
    return id.toString();
  }

  @Override
  public String getPassword() {
    return passwordHash;
  }

  @Override
  public void eraseCredentials() {
    passwordHash = null;
  }

  @Override
  public Collection<? extends GrantedAuthority> getAuthorities() {
    return List.of();
  }
}
