package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;

/**
 * A check: a look, a sniff and a gentle feel of both ears.
 *
 * @param id its id
 * @param moment when
 * @param ears what each ear showed
 * @param dog what the whole dog showed
 * @param note the person's own words, where there are any
 */
public record CheckRecord(
    UUID id, Moment moment, EarPair<EarFinding> ears, DogSigns dog, Optional<String> note)
    implements Dated {

  public CheckRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(dog, "dog");
    Objects.requireNonNull(note, "note");
  }

  /** Whether nothing but a trace of wax was found, at either ear or at the dog. */
  public boolean showsNothing() {
    return ears.right().showsNothing() && ears.left().showsNothing() && dog.showsNothing();
  }
}
