package org.evenlobe.core.record;

import java.util.List;
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
 * @param asked what others told and was asked of it
 */
public record CheckRecord(
    UUID id,
    Moment moment,
    EarPair<EarFinding> ears,
    DogSigns dog,
    Optional<String> note,
    List<ToldAsked> asked)
    implements FoldedFact {

  /** One at which nothing that others told was asked. */
  public CheckRecord(
      UUID id, Moment moment, EarPair<EarFinding> ears, DogSigns dog, Optional<String> note) {
    this(id, moment, ears, dog, note, List.of());
  }

  public CheckRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(dog, "dog");
    Objects.requireNonNull(note, "note");
    asked = List.copyOf(asked);
  }

  /** Whether one ear at least could be looked into. */
  public boolean sawAny() {
    return ears.right().couldLook() || ears.left().couldLook();
  }

  /** Whether both ears could be looked into. */
  public boolean sawBoth() {
    return ears.right().couldLook() && ears.left().couldLook();
  }

  /** Whether nothing but a trace of wax was found, at either ear or at the dog. */
  public boolean showsNothing() {
    return ears.right().showsNothing() && ears.left().showsNothing() && dog.showsNothing();
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
