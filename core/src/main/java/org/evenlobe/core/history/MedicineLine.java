package org.evenlobe.core.history;

import java.time.LocalDate;
import java.util.HashMap;
import java.util.Map;
import java.util.UUID;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.rule.Figures;

/**
 * When medicine is in one ear (rule CHECK_MEDICINE): from the visit to the last day that was said,
 * or from a course's first dose to its last, and 3 whole days more. What runs out of the ear then
 * is the medicine, and says nothing; but blood always counts, and so does pus, or deafness, that
 * was not there before the first dose.
 */
final class MedicineLine {
  private static final int DAYS_AFTER = 3;

  private LocalDate from = LocalDate.MAX;
  private LocalDate until = LocalDate.MIN;
  private LocalDate untilByVisit = LocalDate.MIN;
  private final Map<UUID, LocalDate> untilByCourse = new HashMap<>();
  private boolean pusBefore;
  private boolean deafBefore;

  /**
   * Takes what a visit said of a medicine.
   *
   * @param latest what the ear showed last before it
   * @param deaf whether it did not turn to the last sound before it
   */
  void take(LocalDate day, LocalDate lastDay, EarFinding latest, boolean deaf) {
    if (!isIn(day)) {
      from = day;
      pusBefore = isPus(latest.dischargeKind());
      deafBefore = deaf;
    }
    untilByVisit = lastDay;
    settle();
  }

  /**
   * Takes a course into this ear, from its first day to its last.
   *
   * @param latest what the ear showed last before it
   * @param deaf whether it did not turn to the last sound before it
   */
  void begin(UUID course, LocalDate first, LocalDate lastDay, EarFinding latest, boolean deaf) {
    if (!isIn(first)) {
      from = first;
      pusBefore = isPus(latest.dischargeKind());
      deafBefore = deaf;
    }
    untilByCourse.put(course, lastDay);
    settle();
  }

  /** A course ends on a day, whatever was planned of it. */
  void end(UUID course, LocalDate day) {
    if (untilByCourse.containsKey(course)) {
      untilByCourse.merge(course, day, Figures::earlier);
      settle();
    }
  }

  private void settle() {
    until = untilByCourse.values().stream().reduce(untilByVisit, Figures::later);
  }

  /** Whether it is in the ear on a day. */
  boolean isIn(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(until.plusDays(DAYS_AFTER));
  }

  /** Whether it is still given on a day. */
  boolean isGiven(LocalDate day) {
    return !day.isBefore(from) && !day.isAfter(until);
  }

  /** What an ear with medicine in it shows, without what that explains. */
  EarSigns read(EarSigns signs) {
    EarFinding ear = signs.ear();
    boolean counts = counts(ear.dischargeKind());
    boolean deafAsBefore = !deafnessCounts() && ear.hearing() == HearingTry.DID_NOT_TURN;
    return signs.with(
        new EarFinding(
            ear.redness(),
            ear.swelling(),
            ear.sores(),
            counts ? ear.discharge() : Grade.NONE,
            counts ? ear.dischargeKind() : DischargeKind.NONE,
            ear.odour() == Odour.WAXY ? Odour.NONE : ear.odour(),
            ear.pain(),
            ear.seen(),
            deafAsBefore ? HearingTry.NOT_TRIED : ear.hearing()));
  }

  /** Whether discharge of a kind says something of an ear with medicine in it. */
  boolean counts(DischargeKind kind) {
    return kind == DischargeKind.BLOODY || (isPus(kind) && !pusBefore);
  }

  /** Whether it says something that an ear with medicine in it hears nothing. */
  boolean deafnessCounts() {
    return !deafBefore;
  }

  private static boolean isPus(DischargeKind kind) {
    return kind == DischargeKind.YELLOW || kind == DischargeKind.GREEN;
  }
}
