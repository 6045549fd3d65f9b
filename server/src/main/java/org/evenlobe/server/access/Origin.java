package org.evenlobe.server.access;

import jakarta.servlet.http.HttpServletRequest;
import java.net.Inet6Address;
import java.net.InetAddress;
import java.net.UnknownHostException;
import java.util.Arrays;
import java.util.HexFormat;

/** From where a request comes, as it is counted. */
public final class Origin {
  private static final int BYTES_OF_A_NETWORK = 8;

  private Origin() {}

  /**
   * The caller's address; of the newer kind only its network, since whoever has one of those
   * addresses has all of its network's.
   */
  public static String of(HttpServletRequest request) {
    return of(request.getRemoteAddr());
  }

  static String of(String address) {
    if (address.indexOf(':') < 0) {
      return address;
    }
    try {
      InetAddress known = InetAddress.getByName(address.replaceFirst("%.*", ""));
      return known instanceof Inet6Address
          ? HexFormat.of().formatHex(Arrays.copyOf(known.getAddress(), BYTES_OF_A_NETWORK)) + "/64"
          : known.getHostAddress();
    } catch (UnknownHostException e) {
      return address;
    }
  }
}
