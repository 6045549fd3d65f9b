package org.evenlobe.core.plan.water;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.NavigableMap;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
import org.evenlobe.core.history.Outing;
import org.evenlobe.core.history.WetLine;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.StruckDay;

/**
 * The days on which a dog's ears were wet or are expected to be, up to the horizon (rule
 * PLAN_EXPECTED).
 *
 * <p>A day that was expected is confirmed by recording what happened, or struck out. Until somebody
 * says so, one of the last {@value #ASKED_DAYS} days counts for the watch, which is only a look,
 * but not for a cleaning.
 */
public final class WetDays {
  private static final int ASKED_DAYS = 14;

  /** No schedule asks for outings that ended longer ago. */
  private static final int LOOKED_BACK_DAYS = 21;

  private final WetLine recordedWater;
  private final TreeMap<LocalDate, ExposureKind> expected = new TreeMap<>();
  private final List<ExpectedDay> open = new ArrayList<>();
  private final LocalDate today;
  private final List<LocalDate> real;
  private List<Outing> supposed = List.of();
  private List<Outing> ahead = List.of();

  private WetDays(WetLine recordedWater, LocalDate today) {
    this.recordedWater = recordedWater;
    this.today = today;
    this.real = recordedWater.days(today.minusDays(LOOKED_BACK_DAYS));
  }

  public static WetDays of(DogRecord dog, WetLine recorded, LocalDate today) {
    WetDays days = new WetDays(recorded, today);
    Set<Struck> struck = new HashSet<>();
    for (StruckDay out : dog.all(StruckDay.class)) {
      if (out.isBy(today)) {
        struck.add(new Struck(out.expected(), out.on()));
      }
    }
    for (ExpectedExposure one : dog.all(ExpectedExposure.class)) {
      if (one.isBy(today)) {
        days.expect(one, struck);
      }
    }
    days.supposed = days.with(days.expected.headMap(today, true));
    days.ahead = days.with(days.expected.tailMap(today, false));
    return days;
  }

  private record Struck(UUID expected, LocalDate on) {}

  private void expect(ExpectedExposure one, Set<Struck> struck) {
    LocalDate horizon = today.plusDays(PlanItem.HORIZON_DAYS);
    LocalDate day = today.minusDays(ASKED_DAYS);
    List<Exposure> lately = recordedWater.since(day);
    for (; !day.isAfter(horizon); day = day.plusDays(1)) {
      if (!one.fallsOn(day)
          || hasHappened(one.kind(), day, lately)
          || struck.contains(new Struck(one.id(), day))) {
        continue;
      }
      open.add(new ExpectedDay(one.id(), one.kind(), day));
      if (one.kind().isWet()) {
        expected.put(day, one.kind());
      }
    }
  }

  private boolean hasHappened(ExposureKind kind, LocalDate day, List<Exposure> lately) {
    return !day.isAfter(today)
        && lately.stream()
            .anyMatch(
                exposure ->
                    exposure.kind() == kind
                        && !exposure.firstDay().isAfter(day)
                        && !exposure.lastDay().isBefore(day));
  }

  /** What was or is expected and neither confirmed nor struck out, the earliest day first. */
  public List<ExpectedDay> open() {
    return open.stream().sorted(ExpectedDay.BY_DAY).toList();
  }

  private List<Outing> with(SortedMap<LocalDate, ExposureKind> more) {
    TreeSet<LocalDate> days = new TreeSet<>(real);
    days.addAll(more.keySet());
    return Outing.of(days);
  }

  /** The outings of the last weeks that are on record, oldest first. */
  public List<Outing> recorded() {
    return Outing.of(real);
  }

  /** The same with what was expected up to today and not struck out. */
  public List<Outing> supposed() {
    return supposed;
  }

  /** The outings on record and those expected after today. */
  public List<Outing> ahead() {
    return ahead;
  }

  /** The wet days from today on, and what wets them. */
  public NavigableMap<LocalDate, ExposureKind> fromToday() {
    TreeMap<LocalDate, ExposureKind> days = new TreeMap<>(expected.tailMap(today, true));
    if (isRecorded(today)) {
      recordedWater.since(today).stream()
          .filter(exposure -> exposure.kind().isWet() && !exposure.firstDay().isAfter(today))
          .forEach(exposure -> days.put(today, exposure.kind()));
    }
    return days;
  }

  /** Whether water is on record for a day. */
  public boolean isRecorded(LocalDate day) {
    return recordedWater.isWet(day);
  }
}
