package org.evenlobe.server.passkey;

import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.dao.DataAccessException;
import org.springframework.security.core.Authentication;
import org.springframework.security.core.context.SecurityContextHolder;
import org.springframework.security.web.webauthn.api.AuthenticatorAssertionResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorAttestationResponse;
import org.springframework.security.web.webauthn.api.AuthenticatorSelectionCriteria;
import org.springframework.security.web.webauthn.api.Bytes;
import org.springframework.security.web.webauthn.api.PublicKeyCredential;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialCreationOptions;
import org.springframework.security.web.webauthn.api.PublicKeyCredentialRpEntity;
import org.springframework.security.web.webauthn.api.ResidentKeyRequirement;
import org.springframework.security.web.webauthn.api.UserVerificationRequirement;
import org.springframework.security.web.webauthn.authentication.HttpSessionPublicKeyCredentialRequestOptionsRepository;
import org.springframework.security.web.webauthn.authentication.PublicKeyCredentialRequestOptionsRepository;
import org.springframework.security.web.webauthn.jackson.WebauthnJacksonModule;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialCreationOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutablePublicKeyCredentialRequestOptionsRequest;
import org.springframework.security.web.webauthn.management.ImmutableRelyingPartyRegistrationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyAuthenticationRequest;
import org.springframework.security.web.webauthn.management.RelyingPartyPublicKey;
import org.springframework.security.web.webauthn.management.WebAuthnRelyingPartyOperations;
import org.springframework.security.web.webauthn.management.Webauthn4JRelyingPartyOperations;
import org.springframework.security.web.webauthn.registration.HttpSessionPublicKeyCredentialCreationOptionsRepository;
import org.springframework.security.web.webauthn.registration.PublicKeyCredentialCreationOptionsRepository;
import org.springframework.stereotype.Service;
import tools.jackson.core.type.TypeReference;
import tools.jackson.databind.json.JsonMapper;

/**
 * People's passkeys: made, listed, taken away, and asked for in place of a password. Since one
 * stands for a password, its device has to have looked who holds it.
 */
@Service
public class Passkeys {
  private static final int MOST = 10;
  private static final Duration ASKED_FOR = Duration.ofMinutes(5);
  private static final TypeReference<Map<String, Object>> A_BODY = new TypeReference<>() {};
  private static final TypeReference<PublicKeyCredential<AuthenticatorAttestationResponse>> MADE =
      new TypeReference<>() {};
  private static final TypeReference<PublicKeyCredential<AuthenticatorAssertionResponse>> SHOWN =
      new TypeReference<>() {};

  private final StoredPasskeys stored;
  private final WebAuthnRelyingPartyOperations operations;
  private final PublicKeyCredentialCreationOptionsRepository begun =
      new HttpSessionPublicKeyCredentialCreationOptionsRepository();
  private final PublicKeyCredentialRequestOptionsRepository asked =
      new HttpSessionPublicKeyCredentialRequestOptionsRepository();
  private final JsonMapper json =
      JsonMapper.builder().addModule(new WebauthnJacksonModule()).build();

  Passkeys(StoredPasskeys stored, PasskeyOwners owners, RelyingParty party) {
    this.stored = stored;
    Webauthn4JRelyingPartyOperations made =
        new Webauthn4JRelyingPartyOperations(
            owners,
            stored,
            PublicKeyCredentialRpEntity.builder().id(party.id()).name("Even Lobe").build(),
            Set.of(party.origin()));
    made.setCustomizeCreationOptions(
        options ->
            options
                .timeout(ASKED_FOR)
                .authenticatorSelection(
                    AuthenticatorSelectionCriteria.builder()
                        .residentKey(ResidentKeyRequirement.REQUIRED)
                        .userVerification(UserVerificationRequirement.REQUIRED)
                        .build()));
    made.setCustomizeRequestOptions(
        options ->
            options.timeout(ASKED_FOR).userVerification(UserVerificationRequirement.REQUIRED));
    this.operations = made;
  }

  /**
   * A passkey of somebody's.
   *
   * @param id names it, for taking it away
   * @param device on what it was made
   * @param made when
   * @param used when it was last signed in with; when it was made, where never
   */
  public record Passkey(String id, String device, Instant made, Instant used) {}

  /** Theirs, the one that was made last first. */
  public List<Passkey> of(UUID person) {
    return stored.findByUserId(PasskeyOwners.bytes(person)).stream()
        .map(
            one ->
                new Passkey(
                    one.getCredentialId().toBase64UrlString(),
                    one.getLabel(),
                    one.getCreated(),
                    one.getLastUsed()))
        .toList();
  }

  /**
   * What a browser makes a passkey from, for who is signed in.
   *
   * @throws InvalidFields if they have as many as anybody may
   */
  public Map<String, Object> begin(
      UUID person, HttpServletRequest request, HttpServletResponse response) {
    if (of(person).size() >= MOST) {
      throw InvalidFields.of("credential", "is one too many: take one of the " + MOST + " away");
    }
    PublicKeyCredentialCreationOptions options =
        operations.createPublicKeyCredentialCreationOptions(
            new ImmutablePublicKeyCredentialCreationOptionsRequest(present()));
    begun.save(request, response, options);
    return json.convertValue(options, A_BODY);
  }

  /**
   * Keeps what the browser made.
   *
   * @param device on what it was made, in words
   * @throws InvalidFields if it is not what this session asked for
   */
  public void keep(
      String device,
      Map<String, Object> credential,
      HttpServletRequest request,
      HttpServletResponse response) {
    PublicKeyCredentialCreationOptions options = begun.load(request);
    if (options == null) {
      throw notAsked();
    }
    begun.save(request, response, null);
    try {
      operations.registerCredential(
          new ImmutableRelyingPartyRegistrationRequest(
              options, new RelyingPartyPublicKey(json.convertValue(credential, MADE), device)));
    } catch (DataAccessException away) {
      throw away;
    } catch (RuntimeException wrong) {
      // whatever the library found in it: it is not what was asked for
      throw notAsked();
    }
  }

  /**
   * Takes one of theirs away.
   *
   * @throws Refusal 404 where they have no such one
   */
  public void takeAway(UUID person, String id) {
    if (!stored.delete(person, bytes(id))) {
      throw Refusal.notFound();
    }
  }

  /**
   * What a browser shows a passkey for, to be asked signed out: the session ends soon if unused.
   */
  public Map<String, Object> ask(HttpServletRequest request, HttpServletResponse response) {
    var options =
        operations.createCredentialRequestOptions(
            new ImmutablePublicKeyCredentialRequestOptionsRequest(present()));
    if (request.getSession().isNew()) {
      request.getSession().setMaxInactiveInterval((int) ASKED_FOR.toSeconds());
    }
    asked.save(request, response, options);
    return json.convertValue(options, A_BODY);
  }

  /** Whose passkey was shown for what this session asked; none where it is not in order. */
  @Nullable UUID shown(byte[] body, HttpServletRequest request, HttpServletResponse response) {
    var options = asked.load(request);
    if (options == null) {
      return null;
    }
    asked.save(request, response, null);
    try {
      return PasskeyOwners.person(
          operations
              .authenticate(
                  new RelyingPartyAuthenticationRequest(options, json.readValue(body, SHOWN)))
              .getId());
    } catch (DataAccessException away) {
      throw away;
    } catch (RuntimeException wrong) {
      return null;
    }
  }

  private static Bytes bytes(String id) {
    try {
      return Bytes.fromBase64(id);
    } catch (IllegalArgumentException e) {
      throw Refusal.notFound();
    }
  }

  private static InvalidFields notAsked() {
    return InvalidFields.of("credential", "is not what this page asked for: begin again");
  }

  private static Authentication present() {
    return SecurityContextHolder.getContext().getAuthentication();
  }
}
