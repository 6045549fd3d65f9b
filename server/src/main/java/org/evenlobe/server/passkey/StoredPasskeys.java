package org.evenlobe.server.passkey;

import java.sql.ResultSet;
import java.sql.SQLException;
import java.time.Instant;
import java.time.OffsetDateTime;
import java.time.ZoneOffset;
import java.util.Arrays;
import java.util.List;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.security.web.webauthn.api.AuthenticatorTransport;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.CredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutableCredentialRecord;
import org.springframework.security.web.webauthn.api.ImmutablePublicKeyCose;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialType;
import org.springframework.security.web.webauthn.management.UserCredentialRepository;
import org.springframework.stereotype.Component;

/** The public halves of people's passkeys. */
@Component
class StoredPasskeys implements UserCredentialRepository {
  private static final String BETWEEN = ",";

  private final JdbcClient jdbc;

  StoredPasskeys(JdbcClient jdbc) {
    this.jdbc = jdbc;
  }

  /** Keeps a new one, or what has changed by its use. */
  @Override
  public void save(CredentialRecord passkey) {
    jdbc.sql(
            """
            insert into passkey (credential_id, person_id, label, public_key, signature_count,
              user_verified, transports, backup_eligible, backed_up, attestation, client_data,
              made_at, used_at)
            values (:id, :person, :label, :key, :count, :verified, :transports, :eligible, :backed,
              :attestation, :client, :made, :used)
            on conflict (credential_id) do update set signature_count = excluded.signature_count,
              user_verified = excluded.user_verified, backed_up = excluded.backed_up,
              used_at = excluded.used_at
            """)
        .param("id", passkey.getCredentialId().getBytes())
        .param("person", PasskeyOwners.person(passkey.getUserEntityUserId()))
        .param("label", passkey.getLabel())
        .param("key", passkey.getPublicKey().getBytes())
        .param("count", passkey.getSignatureCount())
        .param("verified", passkey.isUvInitialized())
        .param("transports", transports(passkey))
        .param("eligible", passkey.isBackupEligible())
        .param("backed", passkey.isBackupState())
        .param("attestation", passkey.getAttestationObject().getBytes())
        .param("client", passkey.getAttestationClientDataJSON().getBytes())
        .param("made", at(passkey.getCreated()))
        .param("used", at(passkey.getLastUsed()))
        .update();
  }

  @Override
  public @Nullable CredentialRecord findByCredentialId(Bytes id) {
    return jdbc.sql("select * from passkey where credential_id = ?")
        .param(id.getBytes())
        .query((row, n) -> read(row))
        .optional()
        .orElse(null);
  }

  /** Theirs, the one that was made last first. */
  @Override
  public List<CredentialRecord> findByUserId(Bytes person) {
    return jdbc.sql("select * from passkey where person_id = ? order by made_at desc")
        .param(PasskeyOwners.person(person))
        .query((row, n) -> read(row))
        .list();
  }

  @Override
  public void delete(Bytes id) {
    jdbc.sql("delete from passkey where credential_id = ?").param(id.getBytes()).update();
  }

  /** Takes one of theirs away; whether there was such a one. */
  boolean delete(UUID person, Bytes id) {
    return jdbc.sql("delete from passkey where person_id = ? and credential_id = ?")
            .params(person, id.getBytes())
            .update()
        > 0;
  }

  private static CredentialRecord read(ResultSet row) throws SQLException {
    return ImmutableCredentialRecord.builder()
        .credentialType(PublicKeyCredentialType.PUBLIC_KEY)
        .credentialId(new Bytes(row.getBytes("credential_id")))
        .userEntityUserId(PasskeyOwners.bytes(row.getObject("person_id", UUID.class)))
        .label(row.getString("label"))
        .publicKey(new ImmutablePublicKeyCose(row.getBytes("public_key")))
        .signatureCount(row.getLong("signature_count"))
        .uvInitialized(row.getBoolean("user_verified"))
        .transports(transports(row.getString("transports")))
        .backupEligible(row.getBoolean("backup_eligible"))
        .backupState(row.getBoolean("backed_up"))
        .attestationObject(new Bytes(row.getBytes("attestation")))
        .attestationClientDataJSON(new Bytes(row.getBytes("client_data")))
        .created(row.getObject("made_at", OffsetDateTime.class).toInstant())
        .lastUsed(row.getObject("used_at", OffsetDateTime.class).toInstant())
        .build();
  }

  private static String transports(CredentialRecord passkey) {
    Set<AuthenticatorTransport> ways = passkey.getTransports();
    return ways == null
        ? ""
        : ways.stream()
            .map(AuthenticatorTransport::getValue)
            .sorted()
            .collect(Collectors.joining(BETWEEN));
  }

  private static Set<AuthenticatorTransport> transports(String kept) {
    return Arrays.stream(kept.split(BETWEEN, -1))
        .filter(way -> !way.isEmpty())
        .map(AuthenticatorTransport::valueOf)
        .collect(Collectors.toUnmodifiableSet());
  }

  private static OffsetDateTime at(Instant instant) {
    return instant.atOffset(ZoneOffset.UTC);
  }
}
