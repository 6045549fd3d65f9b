package org.evenlobe.core.history;

import java.time.LocalDate;
import org.evenlobe.core.check.EarSigns;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Odour;

/**
 * When medicine is in one ear (rule CHECK_MEDICINE): from the visit to the last day that was said,
 * and 3 whole days more. What runs out of the ear then is the medicine, and says nothing; but blood
 * always counts, and so does pus, or deafness, that was not there before the first dose.
 */
final class MedicineLine {
  private static final int DAYS_AFTER = 3;

  private LocalDate from = LocalDate.MAX;
  private LocalDate until = LocalDate.MIN;
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
    until = lastDay;
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
