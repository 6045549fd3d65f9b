package org.evenlobe.bench;

import java.util.ArrayList;
import java.util.List;

/** Times several things in turn, so that what else the machine does meets all alike. */
final class InTurn {
  private static final int WARM_UP = 60;
  private static final int PAIRS = 60;

  private InTurn() {}

  /** What is done before, and what is timed. */
  record Measured(Runnable before, Runnable work) {}

  /** The times of each, milliseconds. */
  static List<List<Double>> times(List<Measured> all) {
    List<List<Double>> times =
        all.stream().map(one -> (List<Double>) new ArrayList<Double>()).toList();
    for (int i = 0; i < WARM_UP + PAIRS; i++) {
      for (int at = 0; at < all.size(); at++) {
        all.get(at).before().run();
        double took = millis(all.get(at).work());
        if (i >= WARM_UP) {
          times.get(at).add(took);
        }
      }
    }
    return times;
  }

  private static double millis(Runnable work) {
    long start = System.nanoTime();
    work.run();
    return (System.nanoTime() - start) / 1e6;
  }

  static double median(List<Double> values) {
    return values.stream().sorted().toList().get(values.size() / 2);
  }
}
