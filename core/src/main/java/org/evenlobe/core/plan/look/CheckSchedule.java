package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.ear.LoadFactor;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.record.Told;
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
    Optional<Sooner> sooner = sooner(latest).filter(one -> one.day().isBefore(due));
    LocalDate best = sooner.map(Sooner::day).orElse(due);
    reason = sooner.map(Sooner::why).orElse(reason);
    int step = interval == 0 ? usual : interval;
    for (int ordinal = 0; items.isEmpty() || !best.isAfter(now.horizon()); ordinal++) {
      PlanItem.Id id = PlanItem.Id.of(now.dog().id(), PlanItem.Kind.CHECK, fact, ordinal);
      Optional<Skip> skipped = now.moves().skipped(id);
      if (skipped.isPresent()) {
        reason = skipped(skipped.get(), step);
        best = Figures.later(best, skipped.get().day()).plusDays(step);
      } else {
        PlanItem item = item(id, best, step, reason);
        items.add(item);
        step = usual;
        reason = repeated();
        best = now.notPast(item.window().best()).plusDays(usual);
      }
    }
  }

  /** A check that is wanted before its usual day. */
  private record Sooner(LocalDate day, Reason why) {}

  private Optional<Sooner> sooner(Optional<AssessedCheck> latest) {
    return Stream.of(wanted(), found(), itched(latest), told(latest))
        .flatMap(Optional::stream)
        .min(Comparator.comparing(Sooner::day));
  }

  /** Before anything goes into an ear, it is to be looked at. */
  private Optional<Sooner> wanted() {
    return Stream.of(Side.values()).anyMatch(side -> now.history().wantsCheckFirst(side))
        ? Optional.of(
            new Sooner(
                now.today(),
                Reason.of(
                    Rule.PLAN_CHECK,
                    "A full check is wanted first: nothing goes in before it is done.")))
        : Optional.empty();
  }

  /** The day after a cleaning that showed a sign. */
  private Optional<Sooner> found() {
    return Stream.of(Side.values())
        .flatMap(side -> now.history().foundWhileCleaning(side).stream())
        .map(
            found ->
                new Sooner(
                    found.day().plusDays(1),
                    Reason.of(
                        Rule.CHECK_FOUND_CLEANING,
                        "The cleaning of %s showed a sign: look at the ear the day after."
                            .formatted(Figures.date(found.day())))))
        .findFirst();
  }

  /** The day on which somebody who had the dog said that they saw something. */
  private Optional<Sooner> told(Optional<AssessedCheck> latest) {
    return now.dog().all(Told.class).stream()
        .filter(told -> !told.seen().isEmpty())
        .filter(
            told ->
                latest.map(check -> Dated.BY_TIME.compare(told, check.check()) > 0).orElse(true))
        .findFirst()
        .map(
            told ->
                new Sooner(
                    told.day(),
                    Reason.of(
                        Rule.HAND_OVER,
                        "%s (%s) saw something on %s: %s. Look yourself."
                            .formatted(
                                told.by(),
                                told.taker().words(),
                                Figures.date(told.day()),
                                told.seen().stream()
                                    .map(Told.Seen::words)
                                    .collect(Collectors.joining(", "))))));
  }

  /**
   * Wax with an itch: the day after the cleaning that followed it, or 3 days after the check where
   * none did.
   */
  private Optional<Sooner> itched(Optional<AssessedCheck> latest) {
    return latest.stream()
        .flatMap(check -> Stream.of(Side.values()).flatMap(side -> itched(check, side).stream()))
        .min(Comparator.comparing(Sooner::day));
  }

  private Optional<Sooner> itched(AssessedCheck check, Side side) {
    boolean itches =
        check.verdicts().get(side) == Verdict.CLEAN
            && !now.history().isCovered(side)
            && check.check().dog().itch(side) != Grade.NONE;
    if (!itches) {
      return Optional.empty();
    }
    Optional<Dated> cleaned =
        now.lastCleaned(side).filter(last -> Dated.BY_TIME.compare(last, check.check()) > 0);
    LocalDate day =
        cleaned
            .map(last -> last.day().plusDays(1))
            .orElse(check.check().day().plusDays(DAYS_AFTER_TROUBLE));
    return Optional.of(
        new Sooner(
            day,
            Reason.of(
                Rule.PLAN_CHECK,
                "Wax with an itch in the %s: look whether the itch went with the wax."
                    .formatted(side.ear()))));
  }

  private int interval(AssessedCheck latest, boolean tooSoon) {
    if (!latest.sign().isQuiet()) {
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
