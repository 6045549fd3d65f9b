package org.evenlobe.server.record;

import java.time.Instant;
import java.time.ZoneId;
import java.util.UUID;

/** What a person says of something that happened to a dog. */
public interface DogFactRequest {
  /** Whose. */
  UUID dogId();

  /** When. */
  Instant at();

  /** The zone it is recorded in. */
  ZoneId zone();
}
