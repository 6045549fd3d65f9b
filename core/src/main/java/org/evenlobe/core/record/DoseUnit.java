package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** In what a dose is told. */
public enum DoseUnit implements Worded {
  /** Drops, counted. */
  DROP("drop", "drops"),
  /** mL. */
  MILLILITRE("mL", "mL"),
  /** Strokes of a pump. */
  STROKE("pump stroke", "pump strokes"),
  /** Tablets or capsules. */
  TABLET("tablet", "tablets"),
  /** A strip of ointment: nobody can measure it. */
  STRIP("strip", "strips"),
  /** A squeeze of a tube or bottle: nobody can measure it. */
  SQUEEZE("squeeze", "squeezes");

  private final String one;
  private final String many;

  DoseUnit(String one, String many) {
    this.one = one;
    this.many = many;
  }

  @Override
  public String words() {
    return many;
  }

  /** Of one of it. */
  public String one() {
    return one;
  }
}
