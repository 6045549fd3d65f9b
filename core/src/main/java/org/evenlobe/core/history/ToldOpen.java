package org.evenlobe.core.history;

import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.evenlobe.core.record.Told;

/**
 * What somebody told of an ear and nobody has looked at since.
 *
 * @param told what was told
 * @param seen which of its signs are open
 */
public record ToldOpen(Told told, Set<Told.Seen> seen) {

  public ToldOpen {
    seen = Collections.unmodifiableSet(EnumSet.copyOf(seen));
  }

  /** Whether the vet is wanted today. */
  public boolean isForTheVet() {
    return seen.stream().anyMatch(Told.Seen::isForTheVet);
  }
}
