package org.evenlobe.core.record;

/** How an ear was cleaned. */
public enum CleaningMethod {
  /** The canal filled to the fluid line, massaged, shaken out, wiped. */
  FILL("filled", true),
  /** A dripping pad squeezed empty at the opening, massaged, wiped dry. */
  SOAKED_PAD("soaked pad", true),
  /** A measured volume from a blunt syringe that never seals the canal. */
  SYRINGE("syringe", true),
  /** Cleaner on the pad only; what can be seen is wiped. */
  WIPE("wiped", false);

  private final String words;
  private final boolean inCanal;

  CleaningMethod(String words, boolean inCanal) {
    this.words = words;
    this.inCanal = inCanal;
  }

  /** The method in plain words. */
  public String words() {
    return words;
  }

  /** Whether liquid reached the bottom of the canal, so that what came out measures its load. */
  public boolean inCanal() {
    return inCanal;
  }
}
