package org.evenlobe.core.record;

/** How long a medicine waits after a cleaning. */
public enum MedicineWait {
  /** An hour. */
  AN_HOUR("Wait 60 minutes before a medicine goes in."),
  /** Until the dog has shaken and the ear has been wiped dry. */
  AFTER_THE_SHAKE("A medicine may go in once it has shaken and you have wiped dry.");

  private final String sentence;

  MedicineWait(String sentence) {
    this.sentence = sentence;
  }

  /** What that means, in a sentence. */
  public String sentence() {
    return sentence;
  }
}
