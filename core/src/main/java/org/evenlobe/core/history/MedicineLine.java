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

  /** The key of what a visit said; a course has its own. */
  private static final UUID BY_VISIT = new UUID(0, 0);

  private final Map<UUID, Span> spans = new HashMap<>();
  private boolean pusBefore;
  private boolean deafBefore;

  /** From its first day to its last. */
  private record Span(LocalDate from, LocalDate until) {
    boolean covers(LocalDate day, int daysAfter) {
      return !day.isBefore(from) && !day.isAfter(until.plusDays(daysAfter));
    }
  }

  /**
   * Takes what a visit said of a medicine.
   *
   * @param latest what the ear showed last before it
   * @param deaf whether it did not turn to the last sound before it
   */
  void take(LocalDate day, LocalDate lastDay, EarFinding latest, boolean deaf) {
    Span before = spans.get(BY_VISIT);
    LocalDate from = before != null && before.covers(day, DAYS_AFTER) ? before.from() : day;
    begin(BY_VISIT, day, new Span(from, lastDay), latest, deaf);
  }

  /**
   * Takes a course into this ear, from its first day to its last.
   *
   * @param said the day it was written down
   * @param latest what the ear showed last before it
   * @param deaf whether it did not turn to the last sound before it
   */
  void begin(
      UUID course,
      LocalDate said,
      LocalDate first,
      LocalDate lastDay,
      EarFinding latest,
      boolean deaf) {
    begin(course, said, new Span(first, lastDay), latest, deaf);
  }

  private void begin(UUID key, LocalDate said, Span span, EarFinding latest, boolean deaf) {
    if (!isIn(said) && !isIn(span.from())) {
      pusBefore = isPus(latest.dischargeKind());
      deafBefore = deaf;
    }
    spans.put(key, span);
  }

  /**
   * What acts long was put into this ear, and stays.
   *
   * @param lastDay the last day on which it is there
   */
  void stays(UUID giving, LocalDate day, LocalDate lastDay, EarFinding latest, boolean deaf) {
    begin(giving, day, new Span(day, lastDay), latest, deaf);
  }

  /** A course ends on a day, whatever was planned of it. */
  void end(UUID course, LocalDate day) {
    spans.computeIfPresent(
        course, (id, span) -> new Span(span.from(), Figures.earlier(span.until(), day)));
  }

  /** Whether a course went into this ear. */
  boolean knows(UUID course) {
    return spans.containsKey(course);
  }

  /** Whether it is in the ear on a day. */
  boolean isIn(LocalDate day) {
    return !spans.isEmpty()
        && spans.values().stream().anyMatch(span -> span.covers(day, DAYS_AFTER));
  }

  /** Whether it is still given on a day. */
  boolean isGiven(LocalDate day) {
    return spans.values().stream().anyMatch(span -> span.covers(day, 0));
  }

  /** Whether a course is given on a day. */
  boolean isGiven(UUID course, LocalDate day) {
    Span span = spans.get(course);
    return span != null && span.covers(day, 0);
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
            deafAsBefore ? HearingTry.NOT_TRIED : ear.hearing(),
            ear.lump(),
            ear.couldLook()));
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
