package org.evenlobe.server.site;

import org.springframework.boot.diagnostics.AbstractFailureAnalyzer;
import org.springframework.boot.diagnostics.FailureAnalysis;

/** The server does not start; the message says why. */
final class NotStarted extends IllegalStateException {
  private static final long serialVersionUID = 1;

  NotStarted(String why) {
    super(why);
  }

  /** Tells it in one sentence instead of a stack of failures. */
  static final class Told extends AbstractFailureAnalyzer<NotStarted> {
    @Override
    protected FailureAnalysis analyze(Throwable whole, NotStarted refused) {
      return new FailureAnalysis(refused.getMessage(), null, refused);
    }
  }
}
