package org.evenlobe.server.site;

import java.net.InetAddress;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;
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
      throw new Refused("Demo data is served on this machine only: its password is known to all.");
    }
    if (certificate.isEmpty()) {
      throw new Refused(
          "Beyond this machine Even Lobe is served with a certificate only: see bin/certificate.");
    }
  }

  /** The server does not start; the message says why. */
  static final class Refused extends IllegalStateException {
    private static final long serialVersionUID = 1;

    Refused(String why) {
      super(why);
    }
  }

  /** Tells it in one sentence instead of a stack of failures. */
  static final class Told extends AbstractFailureAnalyzer<Refused> {
    @Override
    protected FailureAnalysis analyze(Throwable whole, Refused refused) {
      return new FailureAnalysis(refused.getMessage(), null, refused);
    }
  }
}
