package org.evenlobe.server.record;

import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;
import org.evenlobe.core.record.Moment;

/** What a person says of something that happened to a dog. */
public interface DogFactRequest {
  /** Whose. */
  UUID dogId();

  /** When. */
  Instant at();

  /** The zone it is recorded in. */
  ZoneId zone();

  /** That instant with the local day that it was there. */
  default Moment moment() {
    return Moment.of(at(), zone());
  }
}
