package org.evenlobe.core.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import org.evenlobe.core.course.CourseBoard.AskedFirst;
import org.evenlobe.core.course.CourseBoard.EarsForDoses;
import org.evenlobe.core.course.Waiting.Planned;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.rule.Rule;

/**
 * What a dog's plan says of the ears of a course: when each is cleaned next, and what a vet is
 * asked first. The dose board takes it as it stands, so that board and plan say one thing.
 */
public final class PlanOfDoses {

  private PlanOfDoses() {}

  /** What it says of a course. */
  public static EarsForDoses of(DogPlan plan, Course course) {
    Map<Side, Planned> planned = new EnumMap<>(Side.class);
    List<AskedFirst> asks = new ArrayList<>();
    for (PlanItem item : plan.items()) {
      if (item.kind() == PlanItem.Kind.CLEAN && item.fixedBy() == PlanItem.FixedBy.VET) {
        item.ears()
            .forEach(
                ear -> planned.putIfAbsent(ear, new Planned(item.window().best(), item.hour())));
      }
      boolean isOfIt = item.kind() == PlanItem.Kind.ASK && item.id().countsFrom(course.id());
      item.reasons().stream()
          .filter(reason -> isOfIt && reason.rule() == Rule.COURSE_ASK)
          .forEach(
              reason ->
                  asks.add(new AskedFirst(item.ears().get(0), item.comesBeforeADose(), reason)));
    }
    planned.keySet().retainAll(course.ears());
    return new EarsForDoses(planned, asks);
  }
}
