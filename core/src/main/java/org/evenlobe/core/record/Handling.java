package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.Objects;
import java.util.Optional;

/**
 * How a dog was said to take being handled.
 *
 * @param bites whether it bites when its ears are handled
 * @param needsTwo whether one person alone cannot hold it
 * @param rung the rung on which it stays calm
 * @param on the day on which that was so; practices and cleanings of earlier days do not move it
 * @param held how it is held, where that was chosen; else by its size
 */
public record Handling(
    boolean bites, boolean needsTwo, Rung rung, Optional<LocalDate> on, Optional<HoldWay> held) {
  /** A dog of which nothing was said: it allows a full session. */
  public static final Handling UNSAID =
      new Handling(false, false, Rung.FULL_SESSION, Optional.empty(), Optional.empty());

  public Handling {
    Objects.requireNonNull(rung, "rung");
    Objects.requireNonNull(on, "on");
    Objects.requireNonNull(held, "held");
  }
}
