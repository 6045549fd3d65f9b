package org.evenlobe.core.record;

import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.UUID;

/**
 * A bottle or a pack that is in the house.
 *
 * <p>For example a bottle of 250 mL of which 180 mL were left when somebody looked on Sunday.
 *
 * @param id its id
 * @param kind what it is
 * @param name what the household calls it
 * @param cleaner what the cleaner does; empty for wipes
 * @param size how much a full one holds: mL of a cleaner, or a number of wipes
 * @param left how much was left when somebody looked
 * @param countedAt when that was
 * @param openedOn the day it was opened, where it is open
 * @param earlier what was left when somebody looked before, oldest first
 */
public record Supply(
    UUID id,
    Kind kind,
    String name,
    Optional<CleanerKind> cleaner,
    double size,
    double left,
    Instant countedAt,
    Optional<LocalDate> openedOn,
    List<Count> earlier) {

  /**
   * What was left when somebody looked.
   *
   * @param at when that was
   * @param left how much
   */
  public record Count(Instant at, double left) {}

  /** What may be in the house. */
  public enum Kind {
    /** A bottle of cleaner, in mL. */
    CLEANER("mL"),
    /** A pack of wipes, counted. */
    WIPES("wipes");

    private final String unit;

    Kind(String unit) {
      this.unit = unit;
    }

    /** What it is counted in. */
    public String unit() {
      return unit;
    }
  }

  public Supply {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(kind, "kind");
    Objects.requireNonNull(name, "name");
    Objects.requireNonNull(cleaner, "cleaner");
    Objects.requireNonNull(countedAt, "countedAt");
    Objects.requireNonNull(openedOn, "openedOn");
    earlier = List.copyOf(earlier);
    if (!(size > 0 && left >= 0 && left <= size)) {
      throw new IllegalArgumentException("0 to %s left, not %s".formatted(size, left));
    }
  }
}
