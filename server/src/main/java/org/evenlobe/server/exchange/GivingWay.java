package org.evenlobe.server.exchange;

import java.util.concurrent.locks.LockSupport;

/**
 * Long work that gives way: every so many steps it rests for twice as long as these took, so that
 * it is a third of one processor's work, and what others ask is answered in between.
 */
final class GivingWay {
  private static final int STEPS = 50;
  private static final int RESTS = 2;

  private long since = System.nanoTime();
  private int steps;

  /** Asked before each step. */
  void goFirst() {
    steps++;
    if (steps % STEPS == 0) {
      LockSupport.parkNanos(RESTS * (System.nanoTime() - since));
      since = System.nanoTime();
    }
  }
}
