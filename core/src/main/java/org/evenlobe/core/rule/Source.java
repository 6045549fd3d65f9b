package org.evenlobe.core.rule;

/**
 * Where the numbers of a rule come from.
 *
 * @param published true for a published finding, false for this product's own starting value
 * @param citation author and year for a published finding, else one sentence on the choice
 */
public record Source(boolean published, String citation) {

  /** This product's own starting value, chosen for sensible behaviour and changed in one place. */
  static Source ownValue(String why) {
    return new Source(false, why);
  }

  /** A published finding, cited by author and year with what it says. */
  static Source published(String citation) {
    return new Source(true, citation);
  }
}
