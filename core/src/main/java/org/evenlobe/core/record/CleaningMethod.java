package org.evenlobe.core.record;

/** How an ear was cleaned. */
public enum CleaningMethod {
  /** The canal filled to the fluid line, massaged, shaken out, wiped. */
  FILL("filled", "fill it", true),
  /** A dripping pad squeezed empty at the opening, massaged, wiped dry. */
  SOAKED_PAD("soaked pad", "squeeze a soaked pad into it", true),
  /** A measured volume from a blunt syringe that never seals the canal. */
  SYRINGE("syringe", "use a syringe", true),
  /** Cleaner on the pad only; what can be seen is wiped. */
  WIPE("wiped", "wipe it", false);

  private final String words;
  private final String doing;
  private final boolean inCanal;

  CleaningMethod(String words, String doing, boolean inCanal) {
    this.words = words;
    this.doing = doing;
    this.inCanal = inCanal;
  }

  /** The method in plain words. */
  public String words() {
    return words;
  }

  /** What to do, as it stands in a sentence. */
  public String doing() {
    return doing;
  }

  /** Whether liquid reached the bottom of the canal, so that what came out measures its load. */
  public boolean inCanal() {
    return inCanal;
  }
}
