package org.evenlobe.core.record;

/** How the flap (pinna) is carried; the more closed, the faster load gathers. */
public enum Carriage implements LoadTrait {
  /** Stands up and is aired from all sides. */
  ERECT("stands up", 0.5),
  /** Stands with its tip falling forward. */
  SEMI_ERECT("stands, tip falls", 0.7),
  /** Folds back, so that the canal shows. */
  ROSE("folds back", 0.9),
  /** Folds forward in a V and lies over the canal. */
  BUTTON("folds forward", 1.1),
  /** Hangs down, up to the jaw. */
  DROP("hangs to the jaw", 1.5),
  /** Hangs long, past the jaw. */
  PENDULOUS("hangs past the jaw", 2.0);

  private final String words;
  private final double factor;

  Carriage(String words, double factor) {
    this.words = words;
    this.factor = factor;
  }

  @Override
  public String words() {
    return words;
  }

  @Override
  public double factor() {
    return factor;
  }
}
