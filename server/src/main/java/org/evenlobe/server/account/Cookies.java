package org.evenlobe.server.account;

import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * What the cookies are called. Beyond this machine, or behind a proxy that ends TLS, they go over
 * TLS only, and a browser takes one whose name begins so from this very host alone.
 */
@Component
class Cookies {
  static final String SAME_SITE = "Lax";
  private static final String OF_THIS_HOST = "__Host-";

  private final boolean areSecure;
  private final String session;

  Cookies(
      @Value("${server.address}") InetAddress address,
      @Value("${evenlobe.url}") String url,
      @Value("${server.servlet.session.cookie.name}") String session) {
    this.areSecure = !address.isLoopbackAddress() || url.startsWith("https://");
    this.session = session;
  }

  boolean areSecure() {
    return areSecure;
  }

  /** The session's. */
  String session() {
    return named(session);
  }

  /** The one by which a device is known again. */
  String device() {
    return named("EVENLOBE_DEVICE");
  }

  /** The one whose value a page sends back with everything that changes something. */
  String token() {
    return named("XSRF-TOKEN");
  }

  private String named(String name) {
    return areSecure ? OF_THIS_HOST + name : name;
  }
}
