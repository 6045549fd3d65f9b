package org.evenlobe.core.history;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.course.DoseSchedule;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.rule.Figures;

/**
 * A vet's order for one ear that is in force.
 *
 * @param visit the visit or call at which it was given, or the course whose label says it
 * @param moment when that was
 * @param since the day on which the vet saw the ear: its first
 * @param instruction what was said
 * @param by by what
 */
public record VetOrder(
    UUID visit, Moment moment, LocalDate since, CleaningInstruction instruction, By by) {

  /** By what an order stands. */
  public enum By {
    /** A vet said it at a visit, or in a call. */
    VET,
    /** A label says it, of a course for which the vet saw this ear. */
    LABEL,
    /** A label says it, and nobody knows whether a vet saw this ear: it opens nothing. */
    LABEL_ALONE,
    /** What acts long stays in the ear. */
    STAYS
  }

  /** One that was given at a visit or in a call. */
  public VetOrder(UUID visit, Moment moment, CleaningInstruction instruction) {
    this(visit, moment, moment.day(), instruction, By.VET);
  }

  /** That the ears of a course are cleaned for it, as its label says. */
  static VetOrder of(Course course) {
    HowOften often =
        switch (course.cleanBefore().kind()) {
          case EACH_DOSE -> HowOften.timesADay(course.phases().get(0).times().size());
          case SO_OFTEN -> course.cleanBefore().howOften().orElseThrow();
          case UNTIL_CLEAN, NEVER -> HowOften.timesADay(1);
        };
    return new VetOrder(
        course.id(),
        course.moment(),
        course.asked().seenOn().filter(on -> course.wasSeen()).orElse(course.startsOn()),
        new CleaningInstruction(
            Optional.of(often),
            Optional.empty(),
            course.asked().cleanWith(),
            DoseSchedule.lastDay(course),
            false,
            course.asked().knowsTorn().orElse(false)),
        course.wasSeen() ? By.LABEL : By.LABEL_ALONE);
  }

  /** Whether it is the label of a course that says it. */
  public boolean comesFromALabel() {
    return by == By.LABEL || by == By.LABEL_ALONE;
  }

  /** Whether a vet saw the ear for it. */
  public boolean comesFromAVet() {
    return by != By.LABEL_ALONE;
  }

  /** For so many days it covers what the ear shows, the visit's day the first. */
  static final int COVER_DAYS = 28;

  private static final int FIRST_WEEKS_DAYS = 14;
  private static final int OFTEN_DAYS = 3;

  /** Whether a fact came after it was given. */
  public boolean precedes(Dated fact) {
    int byTime = moment.at().compareTo(fact.at());
    return byTime < 0 || (byTime == 0 && visit.compareTo(fact.id()) < 0);
  }

  /** Whether it stands on a day that is not before the visit. */
  public boolean standsOn(LocalDate day) {
    return instruction.standsOn(day);
  }

  /**
   * What was ordered, in the order's own words: "twice a day, fill, with Fenrinse, until 12 Dec".
   */
  public String words() {
    String often = instruction.howOften().map(HowOften::words).orElse("leave it alone");
    String how =
        instruction.method().map(method -> ", " + method.words()).orElse("")
            + instruction.product().map(product -> ", with " + product).orElse("")
            + instruction.rounds().map(rounds -> ", " + Figures.count(rounds, "round")).orElse("");
    String until =
        instruction
            .until()
            .map(last -> ", until " + Quantities.day(last))
            .orElse(instruction.untilNextVisit() ? ", until the next visit" : "");
    return often + how + until;
  }

  /** Whether it is to clean. */
  public boolean cleans() {
    return instruction.cleans();
  }

  /** What its method puts in. */
  public MayGoIn putsIn() {
    return instruction.method().filter(method -> !method.inCanal()).isPresent()
        ? MayGoIn.WIPE
        : MayGoIn.IN_EAR;
  }

  /** Its first day is 1. */
  long dayNumber(LocalDate day) {
    return ChronoUnit.DAYS.between(since, day) + 1;
  }

  /** Whether its first two weeks are not over on a day. */
  public boolean isNewOn(LocalDate day) {
    return dayNumber(day) <= FIRST_WEEKS_DAYS;
  }

  /** Whether the ear is looked at each day under it. */
  public boolean isWatchedOn(LocalDate day) {
    return cleans()
        && (isNewOn(day)
            || instruction
                .howOften()
                .filter(often -> often.shortestGap() <= OFTEN_DAYS)
                .isPresent());
  }
}
