package org.evenlobe.core.solution;

/**
 * How much of an active is in a liquid, or in a powder. Of most it is grams in 100 mL (% w/v); of
 * alcohol, glycerine and glycol mL in 100 mL (% v/v); of a powder grams in 100 g.
 *
 * @param percent 0 to 100
 */
public record Strength(double percent) {
  private static final double HUNDRED = 100;

  /** None of it. */
  public static final Strength NONE = new Strength(0);

  public Strength {
    if (!(percent >= 0 && percent <= HUNDRED)) {
      throw new IllegalArgumentException("a strength is 0 to 100 %, not " + percent);
    }
  }

  /** So many percent. */
  public static Strength percent(double percent) {
    return new Strength(percent);
  }

  /** What is in so much of it: grams or mL. */
  double in(double amount) {
    return percent / HUNDRED * amount;
  }

  /** Whether it is more than that; a limit met exactly is not exceeded. */
  public boolean exceeds(double limit) {
    return percent > limit + CRUMB;
  }

  /** Whether it is that much at least. */
  public boolean reaches(double limit) {
    return percent >= limit - CRUMB;
  }

  /** What is lost in sums of parts. */
  private static final double CRUMB = 1e-9;
}
