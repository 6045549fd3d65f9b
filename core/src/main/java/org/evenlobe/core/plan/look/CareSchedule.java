package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The looks under a vet's care (rule PLAN_CARE): a full check on the visit's day or the next, then
 * every third day counted from the last one, every seventh after the second week; and on each of
 * the other days a light look. For example after a visit on the 1st: a check on the 1st or 2nd, and
 * if that is on the 2nd, light looks on the 3rd and 4th and a check on the 5th.
 */
public final class CareSchedule {
  private static final int DAYS = 3;
  private static final int DAYS_LATER = 7;

  /** Light looks are shown so many days ahead. */
  private static final int LOOKS_AHEAD = 14;

  private final Situation now;
  private final Care care;
  private final LocalDate end;
  private final List<PlanItem> items = new ArrayList<>();

  private CareSchedule(Situation now, Care care) {
    this.now = now;
    this.care = care;
    this.end = care.until().filter(until -> until.isBefore(now.horizon())).orElse(now.horizon());
  }

  /** The checks and light looks up to the horizon; none where nothing has each day looked at. */
  public static List<PlanItem> items(Situation now) {
    Optional<Care> care = Care.of(now);
    if (care.isEmpty()) {
      return List.of();
    }
    CareSchedule schedule = new CareSchedule(now, care.get());
    schedule.lay();
    LocalDate last =
        schedule.items.stream()
            .filter(item -> item.kind() == PlanItem.Kind.CHECK)
            .map(item -> item.window().best())
            .reduce(now.today(), Figures::later);
    schedule.items.addAll(CheckSchedule.following(now, care.get().fact(), last));
    return schedule.items;
  }

  private void lay() {
    Optional<AssessedCheck> latest =
        now.history().latest().filter(check -> !check.check().day().isBefore(care.since()));
    Optional<SoonerCheck> sooner = SoonerCheck.of(now);
    LocalDate byCare =
        latest
            .map(check -> check.check().day().plusDays(step(check.check().day())))
            .orElse(care.since());
    Optional<SoonerCheck> wanted =
        sooner.filter(one -> one.pressing() || !one.day().isAfter(now.notPast(byCare)));
    LocalDate due = wanted.map(SoonerCheck::day).orElse(byCare);
    LocalDate next = now.notPast(due);
    boolean first = latest.isEmpty();
    for (LocalDate day = now.today(); !day.isAfter(end); day = day.plusDays(1)) {
      if (day.equals(next)) {
        items.add(check(due, day, first, wanted));
        due = day.plusDays(step(day));
        next = due;
        first = false;
        wanted = Optional.empty();
      } else if (care.looks()
          && care.isWatchedOn(day)
          && day.isBefore(now.today().plusDays(LOOKS_AHEAD))
          && !isLookedAt(day)) {
        look(day);
      }
    }
  }

  private int step(LocalDate day) {
    return care.isEveryThird(day) ? DAYS : DAYS_LATER;
  }

  private boolean isLookedAt(LocalDate day) {
    return now.history().latest().filter(check -> check.check().day().equals(day)).isPresent()
        || now.history().latestLook().map(Dated::day).filter(day::equals).isPresent();
  }

  private PlanItem check(
      LocalDate due, LocalDate day, boolean first, Optional<SoonerCheck> wanted) {
    Window window =
        first && wanted.isEmpty()
            ? new Window(care.since(), day, Figures.later(day, care.since().plusDays(1)))
            : new Window(due.isAfter(day) ? day : due, day, day);
    String sentence =
        first
            ? care.first()
            : "Under %s, a full check every %s."
                .formatted(care.words(), Figures.count(step(day), "day"));
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.of(now.dog().id(), PlanItem.Kind.CHECK, care.fact(), ordinal(day)),
            List.of(Side.values()),
            window,
            now.today(),
            List.of(
                wanted.map(SoonerCheck::why).orElseGet(() -> Reason.of(Rule.PLAN_CARE, sentence))));
    PlanItem placed = now.moves().placed(item, now.today());
    return wanted.filter(SoonerCheck::pressing).isPresent() ? placed.asPressing() : placed;
  }

  private long ordinal(LocalDate day) {
    return day.toEpochDay() - care.since().toEpochDay();
  }

  private void look(LocalDate day) {
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.of(now.dog().id(), PlanItem.Kind.LOOK, care.fact(), ordinal(day)),
            List.of(Side.values()),
            new Window(day, day, day),
            now.today(),
            List.of(
                Reason.of(
                    Rule.PLAN_CARE,
                    "A light look each day under %s: better, the same or worse? Worse, or it hurts: a"
                            .formatted(care.words())
                        + " full check at once.")));
    if (now.moves().skipped(item.id()).isEmpty()) {
      items.add(item);
    }
  }
}
