package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * A planned item that a person puts on a day.
 *
 * @param id its id
 * @param moment when it was said
 * @param item the planned item's id
 * @param on the day
 * @param reason why, where the day lies outside the item's window
 */
public record Pin(UUID id, Moment moment, String item, LocalDate on, Optional<String> reason)
    implements ReadFact {

  public Pin {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(item, "item");
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(reason, "reason");
  }
}
