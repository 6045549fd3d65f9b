package org.evenlobe.core.measure;

/**
 * A volume of liquid, in millilitres.
 *
 * <p>For example {@code new Volume(6.7)} fills the canal of a dog of 20 kg.
 *
 * @param millilitres finite and not negative
 */
public record Volume(double millilitres) {

  public Volume {
    if (!(millilitres >= 0 && Double.isFinite(millilitres))) {
      throw new IllegalArgumentException("a volume is 0 mL or more, not " + millilitres);
    }
  }

  /** The smaller of the two. */
  public Volume atMost(Volume limit) {
    return millilitres <= limit.millilitres ? this : limit;
  }

  /** What is left of this when the other, no larger one, is taken away. */
  public Volume less(Volume part) {
    return new Volume(millilitres - part.millilitres);
  }
}
