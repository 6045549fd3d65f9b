package org.evenlobe.core.plan.look;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import org.evenlobe.core.history.Flare;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * The talk with a vet about the cause (rule CAUSE_TALK): two weeks after a flare began that is the
 * second within 12 months, with what has been tried; once for each such flare, until somebody says
 * that they have talked. For example flares in March and in September: a talk in September.
 */
public final class TalkSchedule {
  private static final int MONTHS = 12;
  private static final int AFTER_DAYS = 14;
  private static final int GONE_AFTER_DAYS = 60;

  private TalkSchedule() {}

  /** The talk that is proposed; none while a vet is to see the dog at once anyway. */
  public static List<PlanItem> items(Situation now, List<PlanItem> visits) {
    List<Flare> flares = now.history().flares();
    if (flares.isEmpty() || visits.stream().anyMatch(PlanItem::pressing)) {
      return List.of();
    }
    Flare latest = flares.get(flares.size() - 1);
    LocalDate since = latest.start().minusMonths(MONTHS);
    long count = flares.stream().filter(flare -> flare.start().isAfter(since)).count();
    if (count < 2 || latest.start().plusDays(GONE_AFTER_DAYS).isBefore(now.today())) {
      return List.of();
    }
    LocalDate best = latest.start().plusDays(AFTER_DAYS);
    PlanItem item =
        PlanItem.of(
            PlanItem.Id.ofDay(now.dog().id(), PlanItem.Kind.TALK, latest.start()),
            List.of(Side.values()),
            new Window(latest.start(), best, best.plusDays(AFTER_DAYS)),
            now.today(),
            reasons(now, (int) count, since));
    return now.moves().skipped(item.id()).isPresent() ? List.of() : List.of(item);
  }

  private static List<Reason> reasons(Situation now, int count, LocalDate since) {
    List<Reason> reasons = new ArrayList<>();
    reasons.add(
        Reason.of(
                Rule.CAUSE_TALK,
                "%d flares within 12 months: trouble that comes back has a cause, most often allergy."
                        .formatted(count)
                    + " Talk with your vet about it.")
            .with("flares", count));
    tried(now, since)
        .ifPresent(
            words -> reasons.add(Reason.of(Rule.CAUSE_TALK, "Tried so far: %s.".formatted(words))));
    return reasons;
  }

  private static Optional<String> tried(Situation now, LocalDate since) {
    List<String> tried =
        Stream.of(
                now.dog().all(Course.class).stream()
                    .map(one -> new Tried(one, one.what(), one.startsOn())),
                now.dog().all(DietTrial.class).stream()
                    .map(
                        one ->
                            new Tried(
                                one,
                                "a diet trial of %s and %s".formatted(one.protein(), one.starch()),
                                one.startsOn())),
                now.dog().all(OwnCourse.class).stream()
                    .map(one -> new Tried(one, one.what() + " on your own", one.from())))
            .flatMap(one -> one)
            .filter(one -> now.hasHappened(one.fact()) && one.from().isAfter(since))
            .map(one -> "%s from %s".formatted(one.words(), Quantities.day(one.from())))
            .toList();
    return tried.isEmpty() ? Optional.empty() : Optional.of(String.join("; ", tried));
  }

  private record Tried(Dated fact, String words, LocalDate from) {}
}
