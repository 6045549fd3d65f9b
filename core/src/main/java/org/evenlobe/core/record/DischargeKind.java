package org.evenlobe.core.record;

import org.evenlobe.core.measure.Worded;

/** What discharge looks like; further down is worse. */
public enum DischargeKind implements Worded {
  /** No discharge. */
  NONE(0, "none"),
  /** Plain wax, tan. */
  TAN_WAX(1, "tan wax"),
  /** Brown wax. */
  BROWN(2, "brown"),
  /** Black. */
  BLACK(3, "black"),
  /** Thin like water. */
  WATERY(4, "watery"),
  /** Dark dry specks. */
  COFFEE_GROUNDS(5, "dark specks"),
  /** Yellow pus. */
  YELLOW(6, "yellow"),
  /** Green pus. */
  GREEN(7, "green"),
  /** With blood in it. */
  BLOODY(8, "bloody");

  private final int number;
  private final String words;

  DischargeKind(int number, String words) {
    this.number = number;
    this.words = words;
  }

  /** Its place in the order, 0 for none. */
  public int number() {
    return number;
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether it is tan or brown wax, as a healthy ear makes it. */
  public boolean isWax() {
    return this == TAN_WAX || this == BROWN;
  }
}
