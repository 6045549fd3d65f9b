package org.evenlobe.core.plan.turn;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.history.Trust;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.plan.learn.LearnedInterval;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.NamedDays;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How often one ear is cleaned: by the vet's word where there is one (rule PLAN_VET), else by the
 * household's school (rules PLAN_AS_NEEDED, PLAN_FIXED); never while it is held (rule PLAN_HOLD).
 *
 * @param mode by which school
 * @param routine whether cleanings are planned at all
 * @param days how often, where they are
 * @param reasons why so often
 */
public record Rhythm(SchedulingMode mode, boolean routine, int days, List<Reason> reasons) {
  private static final Set<Rule> WHY_NONE =
      Set.of(
          Rule.PLAN_HOLD,
          Rule.PLAN_VET,
          Rule.COURSE_CLEANS,
          Rule.PLAN_AS_NEEDED,
          Rule.TRUST_RUNG,
          Rule.PLAN_CHECKS_ONLY);

  public Rhythm {
    reasons = List.copyOf(reasons);
  }

  /** Why no cleaning is planned by it, where none is. */
  public Optional<Reason> whyNone() {
    if (routine) {
      return Optional.empty();
    }
    return reasons.stream().filter(reason -> WHY_NONE.contains(reason.rule())).findFirst();
  }

  /** What is in force today. */
  public static Rhythm of(
      Rhythm bySchool,
      Optional<VetOrder> order,
      Optional<UnderCourse> course,
      Optional<Hold> hold) {
    if (hold.isPresent()) {
      return new Rhythm(
          bySchool.mode(), false, bySchool.days(), with(bySchool.reasons(), held(hold.get())));
    }
    return order
        .filter(one -> !one.comesFromALabel())
        .map(Rhythm::ordered)
        .or(() -> course.map(Rhythm::under))
        .orElse(bySchool);
  }

  public static Rhythm bySchool(LearnedInterval learned, Preferences preferences) {
    SchedulingMode mode = preferences.scheduling();
    return switch (mode) {
      case LEARNED -> new Rhythm(mode, learned.routine(), learned.plannedDays(), learned.reasons());
      case FIXED ->
          preferences
              .namedDays()
              .map(days -> named(days, learned))
              .orElseGet(
                  () ->
                      new Rhythm(
                          mode,
                          true,
                          preferences.fixedDays(),
                          with(learned.reasons(), List.of(fixed(preferences.fixedDays())))));
      case AS_NEEDED ->
          new Rhythm(
              mode, false, learned.plannedDays(), with(learned.reasons(), List.of(asNeeded())));
      case VET -> throw new IllegalArgumentException("nobody chooses " + mode);
    };
  }

  private static Rhythm named(NamedDays days, LearnedInterval learned) {
    Reason why =
        Reason.of(
            Rule.PLAN_FIXED,
            "The chosen days: %s, by the calendar; a late cleaning shifts none."
                .formatted(days.words()));
    return new Rhythm(
        SchedulingMode.FIXED, true, days.shortestGap(), with(learned.reasons(), List.of(why)));
  }

  /** The same for a dog that does not allow wiping yet: it practises first. */
  public static Rhythm notYet(Rhythm bySchool, Trust trust) {
    return new Rhythm(
        bySchool.mode(),
        false,
        bySchool.days(),
        with(
            bySchool.reasons(),
            List.of(
                Reason.of(
                    Rule.TRUST_RUNG,
                    "It allows %s as yet (step %d of practising): no cleaning is planned before step 5."
                        .formatted(trust.rung().words(), trust.rung().number())))));
  }

  private static Rhythm under(UnderCourse course) {
    return new Rhythm(
        SchedulingMode.VET,
        course.cleans(),
        course.course().cleanBefore().howOften().map(HowOften::shortestGap).orElse(1),
        List.of(OrderSchedule.ordered(course)));
  }

  private static Rhythm ordered(VetOrder order) {
    CleaningInstruction said = order.instruction();
    String until =
        said.until()
            .map(last -> ", until " + Quantities.day(last))
            .orElse(
                said.untilNextVisit() ? ", until the next visit" : ", until a vet says otherwise");
    String since = "Your vet said on " + Quantities.day(order.since());
    if (said.staysIn().isPresent()) {
      return new Rhythm(
          SchedulingMode.VET,
          false,
          0,
          List.of(
              Reason.of(
                  Rule.COURSE_STAYS,
                  "%s, given on %s, stays in the ear%s: no cleaning, only a wipe of what you see."
                      .formatted(said.staysIn().get(), Quantities.day(order.since()), until))));
    }
    if (!said.cleans()) {
      return new Rhythm(
          SchedulingMode.VET,
          false,
          0,
          List.of(Reason.of(Rule.PLAN_VET, since + ": leave it alone" + until + ".")));
    }
    HowOften often = said.howOften().orElseThrow();
    return new Rhythm(
        SchedulingMode.VET, true, often.shortestGap(), List.of(OrderSchedule.ordered(order)));
  }

  private static List<Reason> with(List<Reason> reasons, List<Reason> first) {
    List<Reason> all = new ArrayList<>(first);
    all.addAll(reasons);
    return all;
  }

  private static List<Reason> held(Hold hold) {
    return hold.reasons().stream()
        .map(reason -> Reason.of(Rule.PLAN_HOLD, reason.sentence()))
        .toList();
  }

  private static Reason fixed(int days) {
    return Reason.of(
            Rule.PLAN_FIXED,
            "The chosen day: every %s, whatever comes out.".formatted(Figures.count(days, "day")))
        .with("days", days);
  }

  private static Reason asNeeded() {
    return Reason.of(
        Rule.PLAN_AS_NEEDED, "Cleaned as needed: only when a check says that it is worth it.");
  }
}
