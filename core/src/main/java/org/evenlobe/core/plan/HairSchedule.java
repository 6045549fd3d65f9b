package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.plan.situation.Situation;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairRhythm;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * Lays hair care on days (rule PLAN_HAIR), where the household trims or plucks and hair grows in
 * the canals: so many weeks after it was last trimmed or plucked, for example on 4 May after 9
 * March where it is done every 8 weeks; the first time, so long after the dog joined. What is in a
 * held ear is the vet's, and nothing is plucked from an ear that was red or not quiet when it was
 * last looked at.
 */
final class HairSchedule {
  private static final int DAYS_IN_A_WEEK = 7;

  private static final Comparator<Optional<HairDone>> LONGEST_AGO =
      Comparator.comparing(last -> last.orElse(null), Comparator.nullsFirst(Dated.BY_TIME));

  private final Situation now;
  private final HairRhythm rhythm;
  private final HairCare care;

  private HairSchedule(Situation now) {
    this.now = now;
    this.rhythm = now.preferences().hair().with(now.dog().profile().ways().hair());
    this.care = rhythm.care().where(now.dog().profile().ears().canalHair());
  }

  static List<PlanItem> items(Situation now) {
    HairSchedule schedule = new HairSchedule(now);
    return schedule.care == HairCare.LEAVE ? List.of() : schedule.items();
  }

  private List<PlanItem> items() {
    List<Side> open = Stream.of(Side.values()).filter(this::isOpen).toList();
    List<PlanItem> items = new ArrayList<>();
    if (open.isEmpty()) {
      return items;
    }
    // the ear that waits longest sets the day
    Optional<HairDone> last = open.stream().map(this::last).min(LONGEST_AGO).orElseThrow();
    UUID from = last.map(HairDone::id).orElse(now.dog().id());
    LocalDate best = last.isEmpty() ? now.notPast(due(last)) : due(last);
    for (int ordinal = 0; items.isEmpty() || !best.isAfter(now.horizon()); ordinal++) {
      PlanItem.Id id = PlanItem.Id.of(now.dog().id(), PlanItem.Kind.HAIR, from, ordinal);
      Optional<Skip> skipped = now.moves().skipped(id);
      if (skipped.isEmpty()) {
        items.add(item(id, items.isEmpty() ? dueBy(open, best) : open, best, why(last)));
      }
      LocalDate counted = now.notPast(best);
      best =
          skipped.map(skip -> Figures.later(counted, skip.day())).orElse(counted).plusDays(days());
    }
    return items;
  }

  /** Those that are done in the window of a day. */
  private List<Side> dueBy(List<Side> open, LocalDate best) {
    LocalDate latest = Window.around(best, days()).latest();
    return open.stream().filter(side -> !due(last(side)).isAfter(latest)).toList();
  }

  private PlanItem item(PlanItem.Id id, List<Side> ears, LocalDate best, Reason why) {
    Window window = Window.around(best, days());
    return now.moves()
        .placed(PlanItem.of(id, ears, window, now.today(), List.of(why)), now.today());
  }

  private int days() {
    return rhythm.weeks() * DAYS_IN_A_WEEK;
  }

  private Optional<HairDone> last(Side side) {
    return now.dog().all(HairDone.class).stream()
        .filter(done -> now.hasHappened(done) && done.isOf(side) && done.work().shortens())
        .reduce((earlier, later) -> later);
  }

  private LocalDate due(Optional<HairDone> last) {
    return last.map(HairDone::day).orElse(now.dog().addedOn()).plusDays(days());
  }

  private boolean isOpen(Side side) {
    boolean mayBePlucked =
        now.history()
            .lastSeen(side)
            .map(
                check ->
                    check.verdicts().get(side).isQuiet()
                        && check.check().ears().get(side).redness() == Grade.NONE)
            .orElse(true);
    if (now.history().ear(side).because().isOpenQuestion()) {
      return false;
    }
    return now.history().ear(side).hold().isEmpty() && (care == HairCare.TRIM || mayBePlucked);
  }

  private Reason why(Optional<HairDone> last) {
    String since =
        last.map(
                done ->
                    "%s on %s, and done every %s."
                        .formatted(
                            Figures.capital(done.work().words()),
                            Quantities.day(done.day()),
                            Figures.count(rhythm.weeks(), "week")))
            .orElse(
                "No hair care is on record; it is done every %s."
                    .formatted(Figures.count(rhythm.weeks(), "week")));
    String how =
        care == HairCare.TRIM
            ? " Trim round the opening, blunt tips pointing away from the canal."
            : " Pluck a little at a time from a quiet ear, never from a red one; a groomer or vet does"
                + " it best.";
    return Reason.of(Rule.PLAN_HAIR, since + how);
  }
}
