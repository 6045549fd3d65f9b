package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.SeedLook;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The look for seeds after a day in the field or in dust (rule PLAN_SEEDS): the same evening, the
 * next day at the latest; nothing is cleaned for it. For example a hike on the 3rd: look on the
 * evening of the 3rd. A check afterwards does for it.
 */
public final class SeedSchedule {
  private final Situation now;

  private SeedSchedule(Situation now) {
    this.now = now;
  }

  /** The look of today, where one is due. */
  public static List<PlanItem> items(Situation now) {
    SeedSchedule schedule = new SeedSchedule(now);
    return Stream.concat(schedule.recorded(), schedule.expected())
        .map(schedule::look)
        .filter(item -> now.moves().skipped(item.id()).isEmpty())
        .limit(1)
        .toList();
  }

  private record Day(LocalDate day, ExposureKind kind) {}

  private Stream<Day> recorded() {
    LocalDate yesterday = now.today().minusDays(1);
    Optional<Exposure> latest =
        now.history().wet().since(yesterday).stream()
            .filter(one -> one.kind().bringsSeeds() && !one.firstDay().isAfter(now.today()))
            .reduce((earlier, later) -> later);
    return latest
        .filter(out -> !isLookedAfter(out, now.dog().all(SeedLook.class)))
        .filter(out -> !isLookedAfter(out, now.dog().checks()))
        .map(out -> new Day(Figures.earlier(out.lastDay(), now.today()), out.kind()))
        .stream();
  }

  private Stream<Day> expected() {
    return now.wet().open().stream()
        .filter(one -> one.kind().bringsSeeds() && one.day().equals(now.today()))
        .filter(one -> !isToday(now.dog().all(SeedLook.class)))
        .map(one -> new Day(one.day(), one.kind()));
  }

  private boolean isToday(List<SeedLook> looks) {
    return !looks.isEmpty() && looks.get(looks.size() - 1).day().equals(now.today());
  }

  private boolean isLookedAfter(Exposure out, List<? extends Dated> looks) {
    return looks.stream()
        .filter(now::hasHappened)
        .anyMatch(
            look ->
                !look.day().isBefore(Figures.earlier(out.lastDay(), now.today()))
                    && !look.at().isBefore(out.at()));
  }

  private PlanItem look(Day out) {
    return PlanItem.of(
        PlanItem.Id.ofDay(now.dog().id(), PlanItem.Kind.SEEDS, out.day()),
        List.of(Side.values()),
        new Window(out.day(), out.day(), out.day().plusDays(1)),
        now.today(),
        List.of(
            Reason.of(
                Rule.PLAN_SEEDS,
                "%s on %s: look and feel for seeds in both ears, under the flaps and between the toes."
                        .formatted(Figures.capital(out.kind().words()), Quantities.day(out.day()))
                    + " Nothing is cleaned for it. One that sits in an ear is for the vet.")));
  }
}
