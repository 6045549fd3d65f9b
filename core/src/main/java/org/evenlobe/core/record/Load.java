package org.evenlobe.core.record;

/**
 * How much a cleaning brought out of one ear, by the look of the wipes.
 *
 * <p>For example {@code new Load(2)} is a light load, which a cleaning aims at.
 *
 * @param grade 0 clean wipe · 1 trace · 2 light · 3 moderate · 4 heavy
 */
public record Load(int grade) {
  /** The heaviest grade. */
  public static final int HEAVIEST = 4;

  public Load {
    if (grade < 0 || grade > HEAVIEST) {
      throw new IllegalArgumentException("a load is graded 0 to " + HEAVIEST + ", not " + grade);
    }
  }

  /** Whether this is the heaviest grade, so that more may have been there than it says. */
  public boolean isHeaviest() {
    return grade == HEAVIEST;
  }
}
