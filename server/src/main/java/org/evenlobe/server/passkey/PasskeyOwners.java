package org.evenlobe.server.passkey;

import java.nio.ByteBuffer;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialUserEntity;
import org.springframework.security.web.webauthn.management.PublicKeyCredentialUserEntityRepository;
import org.springframework.stereotype.Component;

/** The people whom passkeys belong to: those who have an account, under the bytes of their id. */
@Component
class PasskeyOwners implements PublicKeyCredentialUserEntityRepository {
  private final JdbcClient jdbc;

  PasskeyOwners(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  static Bytes bytes(UUID person) {
    return new Bytes(
        ByteBuffer.allocate(2 * Long.BYTES)
            .putLong(person.getMostSignificantBits())
            .putLong(person.getLeastSignificantBits())
            .array());
  }

  static UUID person(Bytes id) {
    ByteBuffer both = ByteBuffer.wrap(id.getBytes());
    return new UUID(both.getLong(), both.getLong());
  }

  @Override
  public @Nullable PublicKeyCredentialUserEntity findById(Bytes id) {
    return id.getBytes().length == 2 * Long.BYTES ? find(person(id)) : null;
  }

  /**
   * Finds the person who is signed in.
   *
   * @param username their id, as a session names them
   */
  @Override
  public @Nullable PublicKeyCredentialUserEntity findByUsername(String username) {
    return find(UUID.fromString(username));
  }

  private @Nullable PublicKeyCredentialUserEntity find(UUID person) {
    return jdbc.sql("select email, name from person where id = ?")
        .param(person)
        .query(
            (row, n) ->
                ImmutablePublicKeyCredentialUserEntity.builder()
                    .id(bytes(person))
                    .name(row.getString("email"))
                    .displayName(row.getString("name"))
                    .build())
        .optional()
        .orElse(null);
  }

  @Override
  public void save(PublicKeyCredentialUserEntity owner) {
    throw new UnsupportedOperationException("people register themselves");
  }

  @Override
  public void delete(Bytes id) {
    throw new UnsupportedOperationException("people are erased by their own wish");
  }
}
