package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/**
 * What asks for the vet today and may be told to one in a call: a vet who hears of it may say to go
 * on all the same. What comes from beyond the eardrum is none of them: it wants to be seen.
 */
public enum Alarming implements Worded {
  /** It bleeds. */
  BLOOD("blood"),
  /** The flap is a cushion. */
  FLAP("a ballooned flap"),
  /** It hurts badly. */
  PAIN("severe pain"),
  /** Something is stuck. */
  FOREIGN_BODY("something stuck"),
  /** It shakes its head violently since an hour or two. */
  SHAKING("violent shaking that began suddenly"),
  /** It no longer hears. */
  HEARING("it no longer hears"),
  /** It does not eat, or has a fever. */
  UNWELL("off its food or feverish"),
  /** It was hit on the head. */
  BLOW("a blow to the head");

  private final String words;

  Alarming(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
