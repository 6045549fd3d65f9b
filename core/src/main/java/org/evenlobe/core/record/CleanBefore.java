package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;

/**
 * Whether an ear is cleaned before its medicine.
 *
 * @param kind by what
 * @param howOften how often; for that kind only
 */
public record CleanBefore(Kind kind, Optional<HowOften> howOften) {
  /** Nothing was said of cleaning. */
  public static final CleanBefore NEVER = new CleanBefore(Kind.NEVER, Optional.empty());

  /** By what it is told. */
  public enum Kind {
    /** Not at all. */
    NEVER,
    /** Before each dose. */
    EACH_DOSE,
    /** So often. */
    SO_OFTEN,
    /** Each day until nothing comes out. */
    UNTIL_CLEAN
  }

  public CleanBefore {
    Objects.requireNonNull(kind, "kind");
    if ((kind == Kind.SO_OFTEN) != howOften.isPresent()) {
      throw new IllegalArgumentException("how often is told of that kind only");
    }
  }
}
