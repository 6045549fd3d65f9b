package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;

/**
 * A visit to the vet: what was found and said.
 *
 * @param id its id
 * @param moment when
 * @param ears what was found and said of each ear
 * @param next when the dog is to come again, where that was said
 * @param note the person's own words, where there are any
 * @param call whether it was a call, at which the vet looked at nothing
 */
public record VisitRecord(
    UUID id,
    Moment moment,
    EarPair<EarVisit> ears,
    Optional<LocalDate> next,
    Optional<String> note,
    boolean call)
    implements FoldedFact {

  /** A visit at which the dog was seen. */
  public VisitRecord(
      UUID id,
      Moment moment,
      EarPair<EarVisit> ears,
      Optional<LocalDate> next,
      Optional<String> note) {
    this(id, moment, ears, next, note, false);
  }

  public VisitRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ears, "ears");
    Objects.requireNonNull(next, "next");
    Objects.requireNonNull(note, "note");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
