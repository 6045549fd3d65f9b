package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** For whom, and for what, a ready cleaner says that it is made. */
public enum MadeFor implements Worded {
  /** Dogs' ears. */
  DOGS_EARS("dogs' ears"),
  /** Dogs, but not their ears. */
  DOGS("dogs, not ears"),
  /** Other animals. */
  OTHER_ANIMALS("other animals"),
  /** People. */
  PEOPLE("people"),
  /** It does not say. */
  NOT_SAID("it does not say");

  private final String words;

  MadeFor(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
