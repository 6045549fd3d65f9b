package org.evenlobe.server.fact;

import java.util.UUID;
import org.springframework.http.ResponseEntity;

/**
 * What a write is answered with.
 *
 * @param id the fact's id
 * @param version its present version, to be sent as If-Match with the next correction
 * @param change the household's change number with it: what is asked for anew after this answer is
 *     as new as that
 */
record FactAnswer(UUID id, int version, long change) {

  /** The answer to a write, with the version as its ETag too. */
  public static ResponseEntity<FactAnswer> of(StoredFact<?> fact, ChangeNumber changes) {
    return ResponseEntity.ok()
        .eTag("\"" + fact.version() + "\"")
        .body(new FactAnswer(fact.id(), fact.version(), changes.get()));
  }
}
