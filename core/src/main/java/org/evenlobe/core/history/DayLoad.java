package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import org.evenlobe.core.record.Load;

/**
 * What the cleanings of one ear on one day brought out.
 *
 * @param day the local day
 * @param inCanal whether liquid reached the canal
 * @param load what came out, the most of that day
 */
public record DayLoad(LocalDate day, boolean inCanal, Load load) {

  /**
   * Cleanings of one ear on one day are one, with the highest load; a wipe beside one in the canal
   * says nothing.
   */
  DayLoad mergedWith(DayLoad sameDay) {
    if (inCanal != sameDay.inCanal) {
      return inCanal ? this : sameDay;
    }
    return load.grade() >= sameDay.load.grade() ? this : sameDay;
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
