package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;

/**
 * A light look, as one takes each day while an ear is under a vet's care: better or worse, and
 * whether it hurts. It is no check: it finds nothing but that one is wanted.
 *
 * @param id its id
 * @param moment when
 * @param ears how each ear does; empty for one that was not looked at
 * @param dogIsWell whether the dog itself is as ever
 */
public record LightLook(UUID id, Moment moment, EarPair<Optional<Ear>> ears, boolean dogIsWell)
    implements FoldedFact {

  /** How an ear does against the day before. */
  public enum Change {
    /** Better. */
    BETTER,
    /** The same. */
    SAME,
    /** Worse. */
    WORSE
  }

  /**
   * How one ear does.
   *
   * @param change against the day before
   * @param hurts whether it hurts when it is touched
   */
  public record Ear(Change change, boolean hurts) {
    public Ear {
      Objects.requireNonNull(change, "change");
    }

    /** Whether a full check is wanted before anything goes in. */
    public boolean alarms() {
      return hurts || change == Change.WORSE;
    }
  }

  public LightLook {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(ears, "ears");
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
