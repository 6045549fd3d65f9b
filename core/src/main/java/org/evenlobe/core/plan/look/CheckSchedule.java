package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Lays a dog's checks on days (rule PLAN_CHECK): every 7 days; every 14 where the load factor is
 * under 0.6, the record is quiet and what is normal for both ears is known; 3 days after a check
 * that was CAUTION or worse; 2 days after one that found wax worth taking out too soon after a
 * cleaning; the day after a cleaning that showed a sign, or that followed wax with an itch. The
 * first is due on the day the dog joined. Under a vet's care {@link CareSchedule} lays them.
 */
public final class CheckSchedule {
  private static final int DAYS = 7;
  private static final int DAYS_WHEN_OPEN_AND_QUIET = 14;
  private static final int DAYS_AFTER_TROUBLE = 3;
  private static final int DAYS_INSIDE_THE_GUARD = 2;
  private static final double OPEN_UNDER = 0.6;

  private final Situation now;
  private final int usual;
  private final List<PlanItem> items = new ArrayList<>();

  private CheckSchedule(Situation now, int usual) {
    this.now = now;
    this.usual = usual;
  }

  /**
   * The checks planned up to the horizon, the next one first; never empty.
   *
   * @param tooSoon whether the latest check found wax worth taking out inside the guard
   */
  public static List<PlanItem> items(Situation now, LoadFactor factor, boolean tooSoon) {
    boolean open = factor.value() < OPEN_UNDER;
    boolean known =
        now.history().normal().map(Optional::isPresent).join((right, left) -> right && left);
    int usual = open && known && now.history().isQuiet() ? DAYS_WHEN_OPEN_AND_QUIET : DAYS;
    CheckSchedule schedule = new CheckSchedule(now, usual);
    schedule.lay(now.history().latest(), tooSoon);
    return schedule.items;
  }

  /** The checks that follow those under a vet's care, the last of which is on that day. */
  static List<PlanItem> following(Situation now, UUID order, LocalDate last) {
    CheckSchedule schedule = new CheckSchedule(now, DAYS);
    LocalDate best = last.plusDays(DAYS);
    for (int ordinal = 0; !best.isAfter(now.horizon()); ordinal++) {
      PlanItem.Id id =
          PlanItem.Id.of(now.dog().id(), PlanItem.Kind.CHECK, order, "after" + ordinal);
      if (now.moves().skipped(id).isEmpty()) {
        schedule.items.add(schedule.item(id, best, DAYS, schedule.repeated()));
      }
      best = best.plusDays(DAYS);
    }
    return schedule.items;
  }

  private void lay(Optional<AssessedCheck> latest, boolean tooSoon) {
    UUID fact = latest.map(check -> check.check().id()).orElse(now.dog().id());
    int interval = latest.map(check -> interval(check, tooSoon)).orElse(0);
    LocalDate due =
        latest.map(check -> check.check().day().plusDays(interval)).orElse(now.dog().addedOn());
    Reason reason = latest.map(check -> reason(interval, check.sign())).orElse(first());
    Optional<SoonerCheck> sooner =
        SoonerCheck.of(now).filter(one -> one.pressing() || one.day().isBefore(due));
    LocalDate best = sooner.map(SoonerCheck::day).orElse(due);
    reason = sooner.map(SoonerCheck::why).orElse(reason);
    List<LocalDate> afterCourses = SoonerCheck.afterCourses(now);
    int step = interval == 0 ? usual : interval;
    for (int ordinal = 0; items.isEmpty() || !best.isAfter(now.horizon()); ordinal++) {
      PlanItem.Id id = PlanItem.Id.of(now.dog().id(), PlanItem.Kind.CHECK, fact, ordinal);
      Optional<Skip> skipped = now.moves().skipped(id);
      if (skipped.isPresent()) {
        reason = skipped(skipped.get(), step);
        best = Figures.later(best, skipped.get().day()).plusDays(step);
      } else {
        PlanItem item = item(id, best, step, reason);
        boolean presses = items.isEmpty() && sooner.filter(SoonerCheck::pressing).isPresent();
        items.add(presses ? item.asPressing() : item);
        step = usual;
        reason = repeated();
        LocalDate laid = now.notPast(item.window().best());
        LocalDate next = laid.plusDays(usual);
        Optional<LocalDate> after =
            afterCourses.stream()
                .filter(day -> day.isAfter(laid) && day.isBefore(next))
                .findFirst();
        best = after.orElse(next);
        if (after.isPresent()) {
          reason = SoonerCheck.afterCourse();
        }
      }
    }
  }

  private int interval(AssessedCheck latest, boolean tooSoon) {
    if (latest.sign().atLeast(Verdict.CAUTION)) {
      return DAYS_AFTER_TROUBLE;
    }
    return tooSoon ? DAYS_INSIDE_THE_GUARD : usual;
  }

  private PlanItem item(PlanItem.Id id, LocalDate best, int interval, Reason reason) {
    Window window =
        interval < DAYS ? new Window(best.minusDays(1), best, best) : Window.around(best, interval);
    return now.moves()
        .placed(
            PlanItem.of(id, List.of(Side.values()), window, now.today(), List.of(reason)),
            now.today());
  }

  private static Reason first() {
    return Reason.of(
        Rule.PLAN_CHECK,
        "No check is on record. The first ones teach what is normal for this dog.");
  }

  private Reason reason(int interval, Verdict sign) {
    if (!sign.isQuiet()) {
      return every(
          interval, "The last check was not quiet, so look again after %s: better, or not?");
    }
    if (interval == DAYS_INSIDE_THE_GUARD) {
      return every(
          interval,
          "Waxy again so soon after a cleaning: look again after %s before you clean. Still waxy"
              + " then: ask your vet.");
    }
    return interval == DAYS_WHEN_OPEN_AND_QUIET
        ? every(interval, "An open ear with a quiet record is looked at every %s.")
        : every(interval, "Look, sniff and feel every %s.");
  }

  private Reason repeated() {
    return every(usual, "%s after the check planned before.");
  }

  private static Reason skipped(Skip skip, int days) {
    return Reason.of(
            Rule.PLAN_SKIPPED,
            "The one before was skipped: “%s”. The next is %s later."
                .formatted(skip.reason(), Figures.count(days, "day")))
        .with("days", days);
  }

  private static Reason every(int days, String sentence) {
    return Reason.of(Rule.PLAN_CHECK, sentence.formatted(Figures.count(days, "day")))
        .with("days", days);
  }
}
