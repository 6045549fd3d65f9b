package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import org.evenlobe.core.record.Load;

/**
 * What the cleanings of one ear on one day brought out.
 *
 * @param day the local day
 * @param inCanal whether liquid reached the canal; empty of one of which nobody said how
 * @param load what came out, the most of that day; empty where nobody said it
 */
public record DayLoad(LocalDate day, Optional<Boolean> inCanal, Optional<Load> load) {

  public DayLoad {
    Objects.requireNonNull(day, "day");
    Objects.requireNonNull(inCanal, "inCanal");
    Objects.requireNonNull(load, "load");
  }

  /** One of which both are known. */
  public static DayLoad of(LocalDate day, boolean inCanal, Load load) {
    return new DayLoad(day, Optional.of(inCanal), Optional.of(load));
  }

  /**
   * Cleanings of one ear on one day are one, with the highest load; a wipe beside one in the canal
   * says nothing.
   */
  DayLoad mergedWith(DayLoad sameDay) {
    if (!inCanal.equals(sameDay.inCanal)) {
      return depth() >= sameDay.depth() ? this : sameDay;
    }
    return grade() >= sameDay.grade() ? this : sameDay;
  }

  /** One that is known to be in the canal says most; one of which nobody said how, least. */
  private int depth() {
    return inCanal.map(in -> in ? 2 : 1).orElse(0);
  }

  private int grade() {
    return load.map(Load::grade).orElse(-1);
  }

  /** Adds one to a list that has one for each day, oldest first, and keeps it so. */
  static void add(List<DayLoad> days, DayLoad next) {
    int last = days.size() - 1;
    if (last >= 0 && days.get(last).day().equals(next.day())) {
      days.set(last, days.get(last).mergedWith(next));
    } else if (last < 0 || days.get(last).day().isBefore(next.day())) {
      days.add(next);
    } else {
      // told out of the order of its days, as by somebody who has crossed the date line
      List<DayLoad> all = new ArrayList<>(days);
      all.add(next);
      days.clear();
      days.addAll(oneForEachDay(all));
    }
  }

  /** Those of one ear in any order, made one for each day, oldest first. */
  public static List<DayLoad> oneForEachDay(List<DayLoad> any) {
    List<DayLoad> days = new ArrayList<>();
    any.stream().sorted(Comparator.comparing(DayLoad::day)).forEach(one -> add(days, one));
    return days;
  }
}
