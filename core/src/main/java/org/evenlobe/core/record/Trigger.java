package org.evenlobe.core.record;

import java.time.LocalDate;
import java.time.Month;
import java.util.Collections;
import java.util.EnumSet;
import java.util.Set;
import org.evenlobe.core.measure.Worded;

/** What trouble may follow, a week or two later. */
public enum Trigger implements Worded {
  /** Water in the ears, however it came there. */
  WATER(
      "water",
      Set.of(ExposureKind.SWIM, ExposureKind.BATH, ExposureKind.RAIN_WALK, ExposureKind.GROOMING)),
  /** A bath. */
  BATH("a bath", Set.of(ExposureKind.BATH)),
  /** Grooming, with or without a bath. */
  GROOMING("grooming", Set.of(ExposureKind.GROOMING, ExposureKind.GROOMING_DRY)),
  /** A hike, or high grass. */
  FIELD("a hike or high grass", Set.of(ExposureKind.FIELD)),
  /** A dusty day. */
  DUST("a dusty day", Set.of(ExposureKind.DUST)),
  /** A new place, or boarding. */
  PLACE("a new place", Set.of(ExposureKind.PLACE)),
  /** Food that it did not have before. */
  FOOD("a new food", Set.of(ExposureKind.FOOD)),
  /** A treatment against fleas. */
  FLEA_TREATMENT("a flea treatment", Set.of(ExposureKind.FLEA_TREATMENT)),
  /** The stress of travel. */
  TRAVEL("travel", Set.of(ExposureKind.TRAVEL)),
  /** A cleaner that it had not had before. */
  NEW_CLEANER("a new cleaner", Set.of()),
  /** Cleanings close together. */
  CLEANINGS("a third cleaning within 15 days", Set.of()),
  /** The first quarter of the weather's year. */
  DECEMBER_TO_FEBRUARY(
      "days of December to February", EnumSet.of(Month.DECEMBER, Month.JANUARY, Month.FEBRUARY)),
  /** The second. */
  MARCH_TO_MAY("days of March to May", EnumSet.range(Month.MARCH, Month.MAY)),
  /** The third. */
  JUNE_TO_AUGUST("days of June to August", EnumSet.range(Month.JUNE, Month.AUGUST)),
  /** The fourth. */
  SEPTEMBER_TO_NOVEMBER(
      "days of September to November", EnumSet.range(Month.SEPTEMBER, Month.NOVEMBER));

  private final String words;
  private final Set<ExposureKind> kinds;
  private final Set<Month> months;

  Trigger(String words, Set<ExposureKind> kinds) {
    this.words = words;
    this.kinds = kinds;
    this.months = Set.of();
  }

  Trigger(String words, EnumSet<Month> months) {
    this.words = words;
    this.kinds = Set.of();
    this.months = Collections.unmodifiableSet(months);
  }

  @Override
  public String words() {
    return words;
  }

  /** Whether such a day brings it. */
  public boolean isBroughtBy(ExposureKind kind) {
    return kinds.contains(kind);
  }

  /** Whether it is something that was noted of a day, and not told from other records. */
  public boolean isNoted() {
    return !kinds.isEmpty();
  }

  /** Whether it is a part of the year. */
  public boolean isSeason() {
    return !months.isEmpty();
  }

  /** Whether a day lies in that part of the year. */
  public boolean isSeasonOf(LocalDate day) {
    return months.contains(day.getMonth());
  }

  /** Trouble begins so many days after it at the soonest. */
  public int firstDay() {
    return this == WATER ? 5 : 1;
  }

  /** And so many at the latest. */
  public int lastDay() {
    return 14;
  }

  /** How unlikely chance must be before it is proposed: water is what is known to bring trouble. */
  public double level() {
    return this == WATER ? 0.05 : 0.01;
  }
}
