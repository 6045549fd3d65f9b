package org.evenlobe.server.passkey;

import java.io.ByteArrayOutputStream;
import java.math.BigInteger;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.security.GeneralSecurityException;
import java.security.KeyPair;
import java.security.KeyPairGenerator;
import java.security.MessageDigest;
import java.security.Signature;
import java.security.interfaces.ECPublicKey;
import java.security.spec.ECGenParameterSpec;
import java.util.Base64;
import java.util.UUID;
import tools.jackson.databind.JsonNode;

/** What makes and shows a passkey in a browser, in a few lines: one key pair of the curve P-256. */
final class SoftKey {
  private static final String SITE = "localhost";
  static final String ORIGIN = "http://localhost:0";
  static final int HELD_BY_ITS_PERSON = 0x05;
  static final int ONLY_TOUCHED = 0x01;
  private static final int WITH_ITS_KEY = 0x40;
  private static final int A_COORDINATE = 32;
  private static final int ITS_MODEL = 16;

  private final byte[] id = bytes(UUID.randomUUID());
  private final KeyPair pair;
  private String origin = ORIGIN;
  private int flags = HELD_BY_ITS_PERSON;
  private int count;

  SoftKey() {
    try {
      KeyPairGenerator made = KeyPairGenerator.getInstance("EC");
      made.initialize(new ECGenParameterSpec("secp256r1"));
      this.pair = made.generateKeyPair();
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private static byte[] bytes(UUID id) {
    return ByteBuffer.allocate(16)
        .putLong(id.getMostSignificantBits())
        .putLong(id.getLeastSignificantBits())
        .array();
  }

  /** From now on it is used on a page of that origin. */
  SoftKey on(String page) {
    this.origin = page;
    return this;
  }

  /** From now on that is what it saw of who holds it. */
  SoftKey seeing(int what) {
    this.flags = what;
    return this;
  }

  String id() {
    return base64(id);
  }

  /** What a browser sends of a new passkey. */
  String made(JsonNode options) {
    byte[] client = client("webauthn.create", options);
    byte[] key =
        joined(
            new byte[] {(byte) 0xA5, 1, 2, 3, 0x26, 0x20, 1, 0x21, 0x58, A_COORDINATE},
            coordinate(((ECPublicKey) pair.getPublic()).getW().getAffineX()),
            new byte[] {0x22, 0x58, A_COORDINATE},
            coordinate(((ECPublicKey) pair.getPublic()).getW().getAffineY()));
    byte[] authenticator =
        joined(
            seen(flags | WITH_ITS_KEY),
            new byte[ITS_MODEL],
            new byte[] {0, (byte) id.length},
            id,
            key);
    byte[] attestation =
        joined(
            new byte[] {(byte) 0xA3, 0x63},
            text("fmt"),
            new byte[] {0x64},
            text("none"),
            new byte[] {0x67},
            text("attStmt"),
            new byte[] {(byte) 0xA0, 0x68},
            text("authData"),
            new byte[] {0x58, (byte) authenticator.length},
            authenticator);
    return credential(
        "\"clientDataJSON\":\"%s\",\"attestationObject\":\"%s\",\"transports\":[\"internal\"]"
            .formatted(base64(client), base64(attestation)));
  }

  /** What a browser sends of one that is shown. */
  String shown(JsonNode options) {
    count++;
    byte[] client = client("webauthn.get", options);
    byte[] authenticator = seen(flags);
    return credential(
        "\"clientDataJSON\":\"%s\",\"authenticatorData\":\"%s\",\"signature\":\"%s\""
            .formatted(
                base64(client),
                base64(authenticator),
                base64(signed(joined(authenticator, hash(client))))));
  }

  private String credential(String response) {
    return ("{\"id\":\"%s\",\"rawId\":\"%s\",\"type\":\"public-key\",\"response\":{%s},"
            + "\"clientExtensionResults\":{}}")
        .formatted(id(), id(), response);
  }

  private byte[] client(String type, JsonNode options) {
    return text(
        "{\"type\":\"%s\",\"challenge\":\"%s\",\"origin\":\"%s\",\"crossOrigin\":false}"
            .formatted(type, options.get("challenge").asString(), origin));
  }

  private byte[] seen(int what) {
    return joined(
        hash(text(SITE)),
        new byte[] {(byte) what},
        ByteBuffer.allocate(Integer.BYTES).putInt(count).array());
  }

  private byte[] signed(byte[] what) {
    try {
      Signature signature = Signature.getInstance("SHA256withECDSA");
      signature.initSign(pair.getPrivate());
      signature.update(what);
      return signature.sign();
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private static byte[] coordinate(BigInteger value) {
    byte[] bytes = value.toByteArray();
    byte[] whole = new byte[A_COORDINATE];
    int used = Math.min(bytes.length, A_COORDINATE);
    System.arraycopy(bytes, bytes.length - used, whole, A_COORDINATE - used, used);
    return whole;
  }

  private static byte[] hash(byte[] what) {
    try {
      return MessageDigest.getInstance("SHA-256").digest(what);
    } catch (GeneralSecurityException e) {
      throw new IllegalStateException(e);
    }
  }

  private static byte[] text(String said) {
    return said.getBytes(StandardCharsets.UTF_8);
  }

  private static byte[] joined(byte[]... parts) {
    ByteArrayOutputStream all = new ByteArrayOutputStream();
    for (byte[] part : parts) {
      all.writeBytes(part);
    }
    return all.toByteArray();
  }

  private static String base64(byte[] bytes) {
    return Base64.getUrlEncoder().withoutPadding().encodeToString(bytes);
  }
}
