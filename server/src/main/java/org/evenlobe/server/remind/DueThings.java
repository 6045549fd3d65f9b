package org.evenlobe.server.remind;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.course.CourseRun;
import org.evenlobe.core.course.DoseNow;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.remind.Reminders.DoseTime;
import org.evenlobe.server.plan.PlanWords;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Component;

/** What of the current household is due, as reminders tell it. */
@Component
class DueThings {
  private static final Duration LOOKED_BACK = Duration.ofDays(2);
  private static final int SOON_DAYS = 7;

  private final Plans plans;
  private final SupplyAnswers supplies;

  DueThings(Plans plans, SupplyAnswers supplies) {
    this.plans = plans;
    this.supplies = supplies;
  }

  /** What is to be done on that day, a line each: looks, cleanings, and what goes out of date. */
  List<String> of(Plans.Standing standing) {
    Planned planned = plans.planned(standing);
    List<String> lines = new ArrayList<>();
    for (int i = 0; i < planned.dogs().size(); i++) {
      String name = planned.dogs().get(i).record().profile().name();
      planned.evened().plans().get(i).items().stream()
          .filter(item -> isDue(item))
          .map(item -> name + ": " + PlanWords.of(item))
          .distinct()
          .forEach(lines::add);
    }
    LocalDate soon = standing.today().plusDays(SOON_DAYS);
    supplies
        .all()
        .forEach(
            kept ->
                kept.supply()
                    .useBy()
                    .filter(day -> !day.isAfter(soon) && !day.isBefore(standing.today()))
                    .ifPresent(
                        day ->
                            lines.add(
                                "%s: its last day is %s"
                                    .formatted(kept.supply().name(), Quantities.day(day)))));
    return lines;
  }

  private static boolean isDue(PlanItem item) {
    return item.standing() == Standing.DUE || item.standing() == Standing.OVERDUE;
  }

  /** The doses of the days around an instant, as they stand then. */
  List<DoseTime> doses(Plans.Standing standing, Instant now) {
    return plans.planned(standing).dogs().stream()
        .map(Folded::record)
        .flatMap(dog -> doses(dog, standing.zone(), now))
        .toList();
  }

  private static Stream<DoseTime> doses(DogRecord dog, ZoneId zone, Instant now) {
    return dog.all(Course.class).stream()
        .map(course -> CourseRun.of(course, dog, zone, now))
        .filter(run -> run.end().isEmpty())
        .flatMap(run -> doses(dog.profile().name(), run, now));
  }

  private static Stream<DoseTime> doses(String name, CourseRun run, Instant now) {
    Map<Integer, List<DoseNow>> byNumber =
        run.doses().stream()
            .filter(
                one ->
                    one.dose().at().isAfter(now.minus(LOOKED_BACK))
                        && one.dose().at().isBefore(now.plus(LOOKED_BACK)))
            .collect(
                Collectors.groupingBy(
                    one -> one.dose().number(), TreeMap::new, Collectors.toList()));
    return byNumber.values().stream()
        .map(
            ears -> {
              DoseNow first = ears.get(0);
              boolean open = ears.stream().anyMatch(one -> one.status().isNow());
              boolean ahead = first.dose().at().isAfter(now);
              return new DoseTime(
                  run.course().id(),
                  first.dose().number(),
                  first.dose().at(),
                  "%s: %s%s".formatted(name, first.dose().amount().words(), ears(run.course())),
                  "%s, dose %d, due at %s. %s"
                      .formatted(
                          run.course().what(),
                          first.dose().number(),
                          clock(first.dose().at(), run.zone()),
                          "Tick it on the Doses page once it is given."),
                  open || ahead);
            });
  }

  private static String ears(Course course) {
    List<String> ears = course.ears().stream().map(Side::ear).toList();
    return ears.isEmpty() ? "" : ears.size() == 2 ? ", both ears" : ", " + ears.get(0);
  }

  private static String clock(Instant at, ZoneId zone) {
    return "%tR".formatted(at.atZone(zone));
  }
}
