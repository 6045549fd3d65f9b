package org.evenlobe.core.trend;

import java.util.Collection;
import java.util.Deque;
import java.util.List;
import java.util.function.Function;

/** Medians over the last few checks; of an even number, the lower of the two in the middle. */
final class Medians {
  /** How many checks are looked back upon. */
  private static final int MOST = 8;

  /** How many it takes at least. */
  static final int FEWEST = 3;

  private Medians() {}

  static <T> void keep(Deque<T> last, T next) {
    if (last.size() == MOST) {
      last.removeFirst();
    }
    last.addLast(next);
  }

  static <T, V extends Comparable<V>> V median(Collection<T> of, Function<T, V> value) {
    List<V> sorted = of.stream().map(value).sorted().toList();
    return sorted.get((sorted.size() - 1) / 2);
  }
}
