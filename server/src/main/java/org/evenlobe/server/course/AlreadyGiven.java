package org.evenlobe.server.course;

import org.evenlobe.server.problem.Refusal;
import org.springframework.http.HttpStatus;

/** A dose that somebody has given already. */
class AlreadyGiven extends Refusal {
  private static final long serialVersionUID = 1;

  AlreadyGiven(String by, String when) {
    super(
        HttpStatus.CONFLICT,
        "already-given",
        "Already given",
        "%s has given this dose at %s. Nothing was saved: do not give it again."
            .formatted(by, when));
  }
}
