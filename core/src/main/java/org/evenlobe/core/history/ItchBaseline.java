package org.evenlobe.core.history;

import java.util.Optional;
import org.evenlobe.core.record.Grade;

/**
 * The itch that is normal for an ear (rule TREND_BASELINE): the median of the last 8 checks that
 * are quiet but for the itch, 3 at least. Once learned it falls with them, but rises only with a
 * vet's visit: an itch that creeps up is not what is normal.
 */
final class ItchBaseline {
  private final Recent<Grade> last = new Recent<>();
  private Optional<Grade> learned = Optional.empty();

  void take(Grade itch) {
    last.take(itch);
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
    return last.isTooFew() ? Optional.empty() : Optional.of(last.median(grade -> grade));
  }
}
