package org.evenlobe.core.cleaning;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * What the last sessions of one ear took (rule CLEAN_WIPES): the middle of the last 5 that said it.
 *
 * <p>For example 3, 2, 5, 3 and 4 wipes are 3 expected and 5 to lay out.
 *
 * @param expectedWipes how many wipes it is expected to take
 * @param wipesToLayOut two more than that; 4 where nothing is known
 * @param poured what was poured in all, where that was measured
 * @param lastLoad what came out last, where it was cleaned
 * @param reasons the arithmetic
 */
public record Habit(
    int expectedWipes,
    int wipesToLayOut,
    Optional<Volume> poured,
    Optional<Load> lastLoad,
    List<Reason> reasons) {
  private static final int LAST = 5;
  private static final int SPARE = 2;
  private static final int WIPES_WHEN_UNKNOWN = 4;

  public Habit {
    reasons = List.copyOf(reasons);
  }

  /** What one ear's sessions up to a day took. */
  public static Habit of(DogRecord dog, Side side, LocalDate today) {
    List<EarCleaning> done = done(dog, side, today);
    List<Integer> wipes = last(done.stream().flatMap(ear -> ear.seen().wipes().stream()).toList());
    List<Double> poured =
        last(done.stream().flatMap(ear -> ear.poured().stream()).map(Volume::millilitres).toList());
    Optional<Load> load =
        done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1).load());
    Optional<Volume> volume =
        poured.isEmpty() ? Optional.empty() : Optional.of(new Volume(middle(poured)));
    if (wipes.isEmpty()) {
      return new Habit(
          WIPES_WHEN_UNKNOWN - SPARE,
          WIPES_WHEN_UNKNOWN,
          volume,
          load,
          List.of(
              Reason.of(
                  Rule.CLEAN_WIPES,
                  "Lay out 4 wipes for the %s until a session has counted them."
                      .formatted(side.ear()))));
    }
    int expected = (int) Math.ceil(middle(wipes.stream().map(Integer::doubleValue).toList()));
    return new Habit(
        expected,
        expected + SPARE,
        volume,
        load,
        List.of(
            Reason.of(
                    Rule.CLEAN_WIPES,
                    "The %s took %s by the middle of its last %s: lay out %d, two to spare."
                        .formatted(
                            side.ear(),
                            Figures.count(expected, "wipe"),
                            Figures.count(wipes.size(), "count"),
                            expected + SPARE))
                .with("expected", expected)
                .with("sessions", wipes.size())));
  }

  /** How many minutes the last sessions took by their middle, where that was measured. */
  public static Optional<Integer> minutes(DogRecord dog, LocalDate today) {
    List<Double> seconds =
        last(
            dog.cleanings().stream()
                .filter(cleaning -> !cleaning.day().isAfter(today))
                .flatMap(cleaning -> cleaning.manner().seconds().stream())
                .map(Integer::doubleValue)
                .toList());
    return seconds.isEmpty()
        ? Optional.empty()
        : Optional.of((int) Math.ceil(middle(seconds) / 60));
  }

  private static List<EarCleaning> done(DogRecord dog, Side side, LocalDate today) {
    List<EarCleaning> done = new ArrayList<>();
    for (CleaningRecord cleaning : dog.cleanings()) {
      if (!cleaning.day().isAfter(today)) {
        cleaning.ears().get(side).ifPresent(done::add);
      }
    }
    return done;
  }

  private static <T> List<T> last(List<T> all) {
    return all.subList(Math.max(0, all.size() - LAST), all.size());
  }

  private static double middle(List<Double> numbers) {
    List<Double> sorted = numbers.stream().sorted().toList();
    int half = sorted.size() / 2;
    return sorted.size() % 2 == 1
        ? sorted.get(half)
        : (sorted.get(half - 1) + sorted.get(half)) / 2;
  }
}
