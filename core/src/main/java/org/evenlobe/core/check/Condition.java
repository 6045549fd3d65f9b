package org.evenlobe.core.check;

/**
 * That a sign lies between two numbers, both included.
 *
 * <p>For example a swelling of 2 or 3.
 *
 * @param sign which
 * @param from the least
 * @param to the most
 */
public record Condition(Sign sign, int from, int to) {
  private static final int MOST = 99;

  static Condition atLeast(Sign sign, int from) {
    return new Condition(sign, from, MOST);
  }

  static Condition is(Sign sign, int number) {
    return new Condition(sign, number, number);
  }

  static Condition has(Sign sign) {
    return atLeast(sign, 1);
  }

  boolean holds(EarSigns signs) {
    int number = sign.of(signs);
    return from <= number && number <= to;
  }
}
