package org.evenlobe.server.passkey;

import java.net.URI;
import java.util.Locale;
import java.util.Set;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * For whom passkeys are made: the host that the app is found under. Browsers make none for a bare
 * address, so that on this machine alone they are made for {@code localhost}.
 *
 * <p>For example {@code https://ears.example/} makes them for {@code ears.example} and takes them
 * from {@code https://ears.example}; {@code http://127.0.0.1:8420} for {@code localhost}, from
 * {@code http://localhost:8420}.
 */
@Component
public class RelyingParty {
  private static final Set<String> THIS_MACHINE = Set.of("127.0.0.1", "[::1]", "localhost");
  private static final String LOCALHOST = "localhost";

  private final String id;
  private final String origin;

  RelyingParty(@Value("${evenlobe.url}") String url) {
    URI address = URI.create(url);
    String host = address.getHost().toLowerCase(Locale.ROOT);
    this.id = THIS_MACHINE.contains(host) ? LOCALHOST : host;
    this.origin =
        address.getScheme() + "://" + id + (address.getPort() < 0 ? "" : ":" + address.getPort());
  }

  /** The host, as browsers compare it. */
  public String id() {
    return id;
  }

  /** Where a page must have come from. */
  String origin() {
    return origin;
  }
}
