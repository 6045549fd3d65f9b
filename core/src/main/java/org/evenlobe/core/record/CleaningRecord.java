package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;

/**
 * A cleaning that was done.
 *
 * @param id its id
 * @param moment when
 * @param ears what was done to each ear; empty for an ear that was left alone
 * @param manner how it went, as far as it was said
 * @param note the person's own words, where there are any
 */
public record CleaningRecord(
    UUID id,
    Moment moment,
    EarPair<Optional<EarCleaning>> ears,
    Manner manner,
    Optional<String> note)
    implements FoldedFact {

  /**
   * How a cleaning went.
   *
   * @param handled how the dog took it
   * @param seconds how long it took
   * @param cleaner the bottle that was used
   */
  public record Manner(
      Optional<Handled> handled, Optional<Integer> seconds, Optional<UUID> cleaner) {
    /** Nothing was said of it. */
    public static final Manner UNSAID =
        new Manner(Optional.empty(), Optional.empty(), Optional.empty());

    public Manner {
      Objects.requireNonNull(handled, "handled");
      Objects.requireNonNull(seconds, "seconds");
      Objects.requireNonNull(cleaner, "cleaner");
    }
  }

  public CleaningRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(moment, "moment");
    Objects.requireNonNull(manner, "manner");
    Objects.requireNonNull(note, "note");
    if (ears.right().isEmpty() && ears.left().isEmpty()) {
      throw new IllegalArgumentException("a cleaning is of one ear at least");
    }
  }

  /** The bottle that was used for an ear, where it was named. */
  public Optional<UUID> cleaner(Side side) {
    return ears.get(side).flatMap(EarCleaning::cleaner).or(manner::cleaner);
  }

  /** Whether it hurt. */
  public boolean hurt() {
    return ears.right().flatMap(ear -> ear.seen().hurt()).isPresent()
        || ears.left().flatMap(ear -> ear.seen().hurt()).isPresent();
  }

  /** Whether liquid went into an ear. */
  public boolean inCanal() {
    return ears.right().filter(ear -> ear.method().inCanal()).isPresent()
        || ears.left().filter(ear -> ear.method().inCanal()).isPresent();
  }

  @Override
  public void moves(Lines lines) {
    lines.take(this);
  }
}
