package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.UUID;
import java.util.function.Predicate;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;

/**
 * What a ribbon shows of the last six weeks.
 *
 * @param cleanings the cleanings
 * @param checks the checks
 * @param visits the visits to a vet
 * @param exposures what happened to the ears
 */
record RibbonMarks(
    List<CleaningRecord> cleanings,
    List<CheckMark> checks,
    List<VisitMark> visits,
    List<Exposure> exposures) {
  /** How far back a ribbon shows what was done. */
  private static final int DAYS_BACK = 43;

  /**
   * A check as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   * @param scores the score of each ear
   * @param verdicts the verdict of each ear
   */
  record CheckMark(UUID id, LocalDate day, EarPair<Integer> scores, EarPair<Verdict> verdicts) {

    static CheckMark of(AssessedCheck assessed) {
      return new CheckMark(
          assessed.check().id(),
          assessed.check().day(),
          assessed.check().ears().map(EarFinding::score),
          assessed.verdicts());
    }
  }

  /**
   * A visit as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   */
  record VisitMark(UUID id, LocalDate day) {}

  static RibbonMarks of(DogHistory history) {
    LocalDate from = history.today().minusDays(DAYS_BACK);
    return new RibbonMarks(
        last(history.dog().cleanings(), done -> !done.day().isBefore(from)),
        last(history.checks(), check -> !check.check().day().isBefore(from)).stream()
            .map(CheckMark::of)
            .toList(),
        last(history.visits(), visit -> !visit.day().isBefore(from)).stream()
            .map(visit -> new VisitMark(visit.id(), visit.day()))
            .toList(),
        history.wet().since(from));
  }

  /** The last of them of which that holds, oldest first. */
  private static <T> List<T> last(List<T> all, Predicate<T> holds) {
    List<T> last = new ArrayList<>();
    for (int i = all.size() - 1; i >= 0 && holds.test(all.get(i)); i--) {
      last.add(all.get(i));
    }
    Collections.reverse(last);
    return last;
  }
}
