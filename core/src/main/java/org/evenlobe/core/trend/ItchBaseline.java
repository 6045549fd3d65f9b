package org.evenlobe.core.trend;

import java.util.ArrayDeque;
import java.util.Deque;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.record.Grade;

/**
 * The itch that is normal for an ear (rule TREND_BASELINE): the median of the last 8 checks that
 * are quiet but for the itch, 3 at least. Once learned it falls with them, but rises only with a
 * vet's visit: an itch that creeps up is not what is normal.
 */
final class ItchBaseline {
  private final Deque<Grade> last = new ArrayDeque<>();
  private Optional<Grade> learned = Optional.empty();

  void take(Grade itch) {
    Medians.keep(last, itch);
    Optional<Grade> median = median();
    if (median.isPresent() && (learned.isEmpty() || learned.get().atLeast(median.get()))) {
      learned = median;
    }
  }

  void visited() {
    if (learned.isPresent()) {
      learned = median();
    }
  }

  /** The baseline; empty while it is still being learned. */
  Optional<Grade> learned() {
    return learned;
  }

  private Optional<Grade> median() {
    return last.size() < Medians.FEWEST
        ? Optional.empty()
        : Optional.of(Medians.median(List.copyOf(last), grade -> grade));
  }
}
