package org.evenlobe.core.history;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Predicate;

/**
 * The last few findings at checks, and their medians; of an even number, the lower in the middle.
 */
final class Recent<T> {
  /** How many checks are looked back upon. */
  private static final int MOST = 8;

  /** How many it takes at least. */
  private static final int FEWEST = 3;

  private final List<T> last = new ArrayList<>(MOST);
  private int next;

  void take(T found) {
    if (last.size() < MOST) {
      last.add(found);
    } else {
      last.set(next, found);
      next = (next + 1) % MOST;
    }
  }

  /** Whether it is too few to tell what is usual. */
  boolean isTooFew() {
    return last.size() < FEWEST;
  }

  <V extends Comparable<V>> V median(Function<T, V> value) {
    return median(last, value);
  }

  /** The median of those findings that count. */
  <V extends Comparable<V>> V medianOf(Predicate<T> counts, Function<T, V> value) {
    return median(last.stream().filter(counts).toList(), value);
  }

  private static <T, V extends Comparable<V>> V median(List<T> of, Function<T, V> value) {
    List<V> sorted = of.stream().map(value).sorted().toList();
    return sorted.get((sorted.size() - 1) / 2);
  }
}
