package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** Where and how a dog is held while its ears are cleaned. */
public enum HoldWay implements Worded {
  /** On a raised surface that does not slip. */
  TABLE("on a table"),
  /** On the floor, its rear in a corner. */
  CORNER("on the floor, in a corner"),
  /** On the floor, backed between the knees. */
  KNEES("between the knees"),
  /** Hugged from the side. */
  HUG("hugged from the side"),
  /** Lying on its side. */
  LYING("lying on its side"),
  /** In the tub, tethered. */
  TUB("tethered in the tub");

  private final String words;

  HoldWay(String words) {
    this.words = words;
  }

  @Override
  public String words() {
    return words;
  }
}
