package org.evenlobe.server.site;

import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;

/**
 * Keeps the server on this machine unless it has a certificate; with demo data, whose password is
 * in the README, always.
 */
@Component
class ListeningAddress {
  ListeningAddress(
      @Value("${server.address}") InetAddress address,
      @Value("${server.ssl.certificate:}") String certificate,
      @Value("${evenlobe.demo}") boolean demo) {
    if (address.isLoopbackAddress()) {
      return;
    }
    if (demo) {
      throw new NotStarted(
          "Demo data is served on this machine only: its password is known to all.");
    }
    if (certificate.isEmpty()) {
      throw new NotStarted(
          "Beyond this machine Even Lobe is served with a certificate only: see bin/certificate.");
    }
  }
}
