package org.evenlobe.core.course;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineBottle;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Whether the bottle of a course lasts (rule COURSE_BOTTLE): the most of each dose still to come,
 * for each ear, and a tenth for loss, against what is left. For example 168 drops at 20 in a mL are
 * 8.4 mL, with loss 9.24: a bottle of 7.5 mL runs out, one of 15 mL lasts.
 *
 * @param needed mL for all doses still to come; empty where nobody can measure them
 * @param left mL that are left
 * @param runsOut the dose for which it no longer suffices, where there is one
 * @param useBy its last day, where that comes before the last dose
 * @param reasons the arithmetic, in sentences
 */
public record BottleLasts(
    Optional<Double> needed,
    double left,
    Optional<Dose> runsOut,
    Optional<LocalDate> useBy,
    List<Reason> reasons) {
  private static final double WITH_LOSS = 1.1;
  private static final double CRUMB = 1e-9;

  public BottleLasts {
    reasons = List.copyOf(reasons);
  }

  /** Whether the bottle of a course lasts; empty where it has none. */
  public static Optional<BottleLasts> of(CourseRun run) {
    return run.course().bottle().map(bottle -> of(run, bottle));
  }

  private static BottleLasts of(CourseRun run, MedicineBottle bottle) {
    Course longest =
        run.course().with(run.course().phases().stream().map(CoursePhase::asLongAsMayBe).toList());
    CourseRun toTheMost = CourseRun.of(longest, run.end(), givings(run), run.zone(), run.at());
    double left = bottle.millilitres();
    double needed = 0;
    boolean isMeasured = true;
    Optional<Dose> runsOut = Optional.empty();
    for (DoseNow dose : toTheMost.doses()) {
      Optional<Double> takes = bottle.millilitres(dose.dose().amount());
      isMeasured &= takes.isPresent();
      double drawn = takes.orElse(0.0) * WITH_LOSS;
      if (dose.status() == DoseStatus.GIVEN) {
        left -= drawn * (1 + dose.again().size());
      } else if (dose.status().isNow() || dose.status() == DoseStatus.AHEAD) {
        needed += drawn;
        if (runsOut.isEmpty() && needed > left + CRUMB) {
          runsOut = Optional.of(dose.dose());
        }
      }
    }
    left = Math.max(0, left);
    Optional<LocalDate> useBy = bottle.useBy().filter(day -> isBeforeTheEnd(day, toTheMost));
    return isMeasured
        ? new BottleLasts(
            Optional.of(needed), left, runsOut, useBy, reasons(run, needed, left, runsOut, useBy))
        : new BottleLasts(Optional.empty(), left, Optional.empty(), useBy, notKnown(run, useBy));
  }

  private static List<Giving> givings(CourseRun run) {
    return run.doses().stream()
        .flatMap(dose -> Stream.concat(dose.giving().stream(), dose.again().stream()))
        .distinct()
        .toList();
  }

  private static boolean isBeforeTheEnd(LocalDate day, CourseRun run) {
    return run.lastDay().map(day::isBefore).orElse(true);
  }

  private static List<Reason> notKnown(CourseRun run, Optional<LocalDate> useBy) {
    return with(
        Reason.of(
            Rule.COURSE_BOTTLE,
            "Nobody can measure %s: count the bottle down yourself."
                .formatted(run.course().phases().get(0).amount().words())),
        useBy);
  }

  private static List<Reason> reasons(
      CourseRun run,
      double needed,
      double left,
      Optional<Dose> runsOut,
      Optional<LocalDate> useBy) {
    boolean open = run.course().isOpen();
    String sentence =
        "%s are left, and the doses to come%s take %s, a tenth of it for loss: %s"
            .formatted(
                Quantities.volume(left),
                open ? " in 60 days" : "",
                Quantities.volume(needed),
                runsOut
                    .map(
                        dose ->
                            "it runs out at dose %d, on %s."
                                .formatted(
                                    dose.number(), Quantities.day(dose.local().toLocalDate())))
                    .orElse("it lasts."));
    return with(
        Reason.of(Rule.COURSE_BOTTLE, sentence).with("needed", needed).with("left", left), useBy);
  }

  private static List<Reason> with(Reason reason, Optional<LocalDate> useBy) {
    return useBy
        .map(
            day ->
                List.of(
                    reason,
                    Reason.of(
                        Rule.COURSE_BOTTLE,
                        "It may be used up to and including %s: it goes out of date before the"
                                .formatted(Quantities.day(day))
                            + " course ends.")))
        .orElse(List.of(reason));
  }
}
