package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.Set;
import java.util.SortedMap;
import java.util.TreeMap;
import java.util.TreeSet;
import java.util.UUID;
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
final class WetDays {
  private static final int ASKED_DAYS = 14;

  private final TreeMap<LocalDate, ExposureKind> real = new TreeMap<>();
  private final TreeMap<LocalDate, ExposureKind> expected = new TreeMap<>();
  private final List<ExpectedDay> open = new ArrayList<>();
  private final LocalDate today;
  private List<Outing> recorded = List.of();
  private List<Outing> supposed = List.of();
  private List<Outing> ahead = List.of();

  private WetDays(LocalDate today) {
    this.today = today;
  }

  static WetDays of(DogRecord dog, LocalDate today) {
    WetDays days = new WetDays(today);
    Map<ExposureKind, Set<LocalDate>> happened = new TreeMap<>();
    LocalDate asked = today.minusDays(ASKED_DAYS);
    for (Exposure exposure : dog.all(Exposure.class)) {
      for (LocalDate day = exposure.firstDay();
          !day.isAfter(exposure.lastDay()) && !day.isAfter(today);
          day = day.plusDays(1)) {
        if (!day.isBefore(asked)) {
          happened.computeIfAbsent(exposure.kind(), kind -> new HashSet<>()).add(day);
        }
        if (exposure.kind().isWet()) {
          days.real.put(day, exposure.kind());
        }
      }
    }
    Set<Struck> struck = new HashSet<>();
    for (StruckDay out : dog.all(StruckDay.class)) {
      if (!out.day().isAfter(today)) {
        struck.add(new Struck(out.expected(), out.on()));
      }
    }
    for (ExpectedExposure one : dog.all(ExpectedExposure.class)) {
      if (!one.day().isAfter(today)) {
        days.expect(one, happened.getOrDefault(one.kind(), Set.of()), struck);
      }
    }
    days.recorded = Outing.of(days.real.navigableKeySet());
    days.supposed = days.with(days.expected.headMap(today, true));
    days.ahead = days.with(days.expected.tailMap(today, false));
    return days;
  }

  private record Struck(UUID expected, LocalDate on) {}

  private void expect(ExpectedExposure one, Set<LocalDate> happened, Set<Struck> struck) {
    LocalDate horizon = today.plusDays(DogPlan.HORIZON_DAYS);
    LocalDate day = today.minusDays(ASKED_DAYS);
    for (; !day.isAfter(horizon); day = day.plusDays(1)) {
      boolean answered = happened.contains(day) || struck.contains(new Struck(one.id(), day));
      if (!one.fallsOn(day) || answered) {
        continue;
      }
      open.add(new ExpectedDay(one.id(), one.kind(), day));
      if (one.kind().isWet()) {
        expected.put(day, one.kind());
      }
    }
  }

  /** What was or is expected and neither confirmed nor struck out, the earliest day first. */
  List<ExpectedDay> open() {
    return open.stream().sorted(ExpectedDay.BY_DAY).toList();
  }

  private List<Outing> with(SortedMap<LocalDate, ExposureKind> more) {
    if (more.isEmpty()) {
      return recorded;
    }
    TreeSet<LocalDate> days = new TreeSet<>(real.navigableKeySet());
    days.addAll(more.keySet());
    return Outing.of(days);
  }

  /** The outings that are on record, oldest first. */
  List<Outing> recorded() {
    return recorded;
  }

  /** The same with what was expected up to today and not struck out. */
  List<Outing> supposed() {
    return supposed;
  }

  /** The outings on record and those expected after today. */
  List<Outing> ahead() {
    return ahead;
  }

  /** The wet days from today on, and what wets them. */
  NavigableMap<LocalDate, ExposureKind> fromToday() {
    TreeMap<LocalDate, ExposureKind> days = new TreeMap<>(expected.tailMap(today, true));
    days.putAll(real.tailMap(today, true));
    return days;
  }

  /** Whether water is on record for a day. */
  boolean isRecorded(LocalDate day) {
    return real.containsKey(day);
  }
}
