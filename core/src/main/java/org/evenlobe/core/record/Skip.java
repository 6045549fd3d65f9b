package org.evenlobe.core.record;

import java.util.Objects;
import java.util.UUID;

/**
 * A planned item that a person skips, with the reason.
 *
 * @param id its id
 * @param moment when it was said
 * @param item the planned item's id
 * @param reason why, in the person's own words
 */
public record Skip(UUID id, Moment moment, String item, String reason) implements ReadFact {

  public Skip {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(item, "item");
    Objects.requireNonNull(reason, "reason");
  }
}
