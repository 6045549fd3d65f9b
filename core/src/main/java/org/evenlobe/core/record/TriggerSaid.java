package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * What a person says of something that trouble seems to follow.
 *
 * @param id its id
 * @param moment when it was said
 * @param trigger what it is
 * @param follows whether it does
 * @param note more of it in the person's own words
 */
public record TriggerSaid(
    UUID id, Moment moment, Trigger trigger, boolean follows, Optional<String> note)
    implements ReadFact {

  public TriggerSaid {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(trigger, "trigger");
    Objects.requireNonNull(note, "note");
  }

  /** What was said of something last; empty where nothing was. */
  public static Optional<TriggerSaid> latest(DogRecord dog, Trigger trigger) {
    return dog.all(TriggerSaid.class).stream()
        .filter(said -> said.trigger() == trigger)
        .reduce((earlier, later) -> later);
  }
}
