package org.evenlobe.core.record;

/** What discharge looks like; further down is worse. */
public enum DischargeKind implements Worded {
  /** No discharge. */
  NONE("none"),
  /** Plain wax, tan. */
  TAN_WAX("tan wax"),
  /** Brown wax. */
  BROWN("brown"),
  /** Black. */
  BLACK("black"),
  /** Thin like water. */
  WATERY("watery"),
  /** Dark dry specks. */
  COFFEE_GROUNDS("dark specks"),
  /** Yellow pus. */
  YELLOW("yellow"),
  /** Green pus. */
  GREEN("green"),
  /** With blood in it. */
  BLOODY("bloody");

  private final String words;

  DischargeKind(String words) {
    this.words = words;
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
