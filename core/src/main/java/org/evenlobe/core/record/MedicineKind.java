package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What a medicine is. */
public enum MedicineKind implements Worded {
  /** Drops. */
  DROPS("drops"),
  /** An ointment. */
  OINTMENT("ointment"),
  /** A gel. */
  GEL("gel"),
  /** A rinse that stays in. */
  RINSE("rinse"),
  /** A tablet: for the dog, not for an ear. */
  TABLET("tablet");

  private final String words;

  MedicineKind(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it goes into an ear. */
  public boolean goesIntoAnEar() {
    return this != TABLET;
  }
}
