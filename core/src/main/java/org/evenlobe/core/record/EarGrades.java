package org.evenlobe.core.record;

import java.util.Objects;
import org.evenlobe.core.measure.Worded;

/**
 * The four graded signs of one ear.
 *
 * @param redness how red it is
 * @param swelling how swollen
 * @param sores how sore
 * @param discharge how much comes out of it
 */
public record EarGrades(Grade redness, Grade swelling, Grade sores, Grade discharge) {

  /** One of the four. */
  public enum GradedSign implements Worded {
    /** Red skin. */
    REDNESS("redness"),
    /** A narrow opening. */
    SWELLING("swelling"),
    /** Raw spots. */
    SORES("sores"),
    /** What lies in it. */
    DISCHARGE("discharge");

    private final String words;

    GradedSign(String words) {
      this.words = words;
    }

    @Override
    public String words() {
      return words;
    }
  }

  public EarGrades {
    Objects.requireNonNull(redness, "redness");
    Objects.requireNonNull(swelling, "swelling");
    Objects.requireNonNull(sores, "sores");
    Objects.requireNonNull(discharge, "discharge");
  }

  /** The grade of a sign. */
  public Grade of(GradedSign sign) {
    return switch (sign) {
      case REDNESS -> redness;
      case SWELLING -> swelling;
      case SORES -> sores;
      case DISCHARGE -> discharge;
    };
  }
}
