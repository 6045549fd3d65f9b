package org.evenlobe.core.plan;

import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.check.Advice;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.MayGoIn;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.cleaning.CheckAhead;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.cleaning.EarBefore;
import org.evenlobe.core.cleaning.Habit;
import org.evenlobe.core.cleaning.SessionBuilder;
import org.evenlobe.core.cleaning.SessionCheck;
import org.evenlobe.core.cleaning.SessionCheck.Saying;
import org.evenlobe.core.cleaning.SessionSetting;
import org.evenlobe.core.course.UnderCourse;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.VetOrder;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Quantities;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.turn.EarPlan;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Grade;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HearingTry;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Odour;
import org.evenlobe.core.record.SeenThing;

/** Puts together what a guided session is built from. */
public final class Sessions {
  private static final UUID ASSUMED = new UUID(0, 0);

  /**
   * One finding for each verdict that leaves an ear something to be done, with and without hair
   * that blocks it.
   */
  private static final List<EarFinding> MILD_FINDINGS =
      Stream.of(
              EarFinding.NOTHING,
              waxy(Grade.MILD, Grade.NONE),
              waxy(Grade.MODERATE, Grade.NONE),
              waxy(Grade.MILD, Grade.MILD))
          .flatMap(found -> Stream.of(found, found.with(SeenThing.HAIR_BLOCKING)))
          .toList();

  private static EarFinding waxy(Grade wax, Grade sores) {
    return new EarFinding(
        Grade.NONE,
        Grade.NONE,
        sores,
        wax,
        DischargeKind.TAN_WAX,
        Odour.NONE,
        Grade.NONE,
        Set.of(),
        HearingTry.NOT_TRIED);
  }

  private final DogRecord dog;
  private final DogHistory history;
  private final DogPlan plan;
  private final CleaningWays ways;
  private final boolean fully;
  private final LocalDate today;
  private final Optional<EarPair<CanalEstimate>> canals;

  private Sessions(DogHistory history, DogPlan plan, CleaningWays household, boolean fully) {
    this.dog = history.dog();
    this.history = history;
    this.plan = plan;
    this.ways = household.with(dog.profile().ways());
    this.fully = fully;
    this.today = plan.today();
    this.canals = Canals.of(dog, today);
  }

  /**
   * The session that cleans those ears.
   *
   * @param plans plans the dog by a history
   * @param now when it would begin
   * @param fully whether they are cleaned fully though they may be quiet and not due
   * @param helper whether a second person is there
   * @param household how the household does it
   */
  public static CleaningSession cleaning(
      DogHistory history,
      Function<DogHistory, DogPlan> plans,
      Moment now,
      List<Side> ears,
      boolean fully,
      boolean helper,
      CleaningWays household) {
    Sessions sessions = new Sessions(history, plans.apply(history), household, fully);
    return SessionBuilder.cleaning(
        sessions.setting(helper),
        sessions.before(ears),
        sessions.isCheckedToday()
            ? Optional.empty()
            : Optional.of(ahead(history, plans, now, ears, household, fully)));
  }

  /** A look at both ears after which nothing is done to them; empty where that was done today. */
  public static Optional<SessionCheck> look(DogHistory history) {
    return isCheckedToday(history)
        ? Optional.empty()
        : Optional.of(
            SessionCheck.onlyLook(
                history.tables(), history.startsFrom(), history.normal(), sayings(history)));
  }

  private static CheckAhead ahead(
      DogHistory history,
      Function<DogHistory, DogPlan> plans,
      Moment now,
      List<Side> ears,
      CleaningWays household,
      boolean fully) {
    return new CheckAhead(
        history.tables(),
        history.startsFrom(),
        history.normal(),
        MILD_FINDINGS.stream()
            .map(found -> asIf(history, now, found))
            .map(then -> new Sessions(then, plans.apply(then), household, fully).before(ears))
            .map(CheckAhead.Outcome::new)
            .toList(),
        sayings(history));
  }

  /** The history with a check of both ears that found that. */
  private static DogHistory asIf(DogHistory history, Moment now, EarFinding found) {
    CheckRecord check =
        new CheckRecord(ASSUMED, now, EarPair.both(found), DogSigns.NOTHING, Optional.empty());
    return DogHistory.of(history.dog().plus(check), history.today());
  }

  private static List<Saying> sayings(DogHistory history) {
    Set<Side> covered =
        Stream.of(Side.values())
            .filter(side -> history.ear(side).covered())
            .collect(Collectors.toUnmodifiableSet());
    return Stream.of(Verdict.values())
        .flatMap(
            right ->
                Stream.of(Verdict.values())
                    .filter(left -> right.or(left).atLeast(Verdict.STOP))
                    .map(
                        left ->
                            new Saying(
                                right,
                                left,
                                Advice.of(
                                    new EarPair<>(right, left),
                                    history.ears().map(EarStands::hold),
                                    covered))))
        .toList();
  }

  /** The practice for where the dog stands on the trust ladder. */
  public static CleaningSession practice(
      DogHistory history, DogPlan plan, boolean helper, CleaningWays household) {
    Sessions sessions = new Sessions(history, plan, household, false);
    return SessionBuilder.practice(sessions.setting(helper), sessions.before(List.of()));
  }

  private SessionSetting setting(boolean helper) {
    return new SessionSetting(
        dog.profile().name(),
        dog.profile().weightOn(today),
        dog.profile().handling().bites(),
        dog.profile().handling().held(),
        helper,
        ways,
        plan.trust(),
        Habit.minutes(dog, today),
        isCheckedToday(),
        history.latestVerdict().map(CheckVerdict::advice));
  }

  private boolean isCheckedToday() {
    return isCheckedToday(history);
  }

  private static boolean isCheckedToday(DogHistory history) {
    // an ear that nobody could look into is to be looked at still, by whoever cleans
    return history.latest().map(check -> check.check().day().equals(history.today())).orElse(false);
  }

  private EarPair<EarBefore> before(List<Side> ears) {
    return EarPair.bySide(side -> before(side, ears.contains(side)));
  }

  private EarBefore before(Side side, boolean asked) {
    EarPlan ear = plan.ears().get(side);
    EarStands stands = history.ear(side);
    return new EarBefore(
        asked,
        fully || due(side),
        stands.verdict(),
        stands.found(),
        Optional.of(stands.reason().sentence()).filter(why -> stands.mayGoIn() == MayGoIn.NONE),
        stands.mayGoIn(),
        stands.order().map(VetOrder::instruction),
        hair(side),
        canals.map(pair -> pair.get(side).volume()),
        canals.map(pair -> pair.get(side).forSyringe()),
        ear.lastCleaned().map(day -> (int) ChronoUnit.DAYS.between(day, today)),
        Habit.of(dog, side, today),
        new EarBefore.Known(
            stands.looked(),
            stands.reason().sentence(),
            care(stands),
            stands.covered(),
            history.wipeSigns(side)));
  }

  /** By what order and under what course an ear is, in their own words. */
  private List<String> care(EarStands stands) {
    List<String> care = new ArrayList<>();
    stands
        .order()
        .filter(order -> order.cleans() || order.by() == VetOrder.By.VET)
        .ifPresent(
            order ->
                care.add(
                    order.comesFromALabel()
                        ? "The %s, as the label of its medicine says: %s."
                            .formatted(stands.side().ear(), order.words())
                        : "The %s, as your vet ordered on %s: %s."
                            .formatted(
                                stands.side().ear(),
                                Quantities.day(order.since()),
                                order.words())));
    UnderCourse.of(dog, stands.side(), today)
        .ifPresent(
            one ->
                care.add(
                    "Medicine goes into the %s: %s%s."
                        .formatted(
                            stands.side().ear(),
                            one.course().what(),
                            one.until().map(day -> ", until " + Quantities.day(day)).orElse(""))));
    return care;
  }

  private boolean due(Side side) {
    return plan.cleanings().stream()
        .anyMatch(item -> item.ears().contains(side) && item.standing() != Standing.LATER);
  }

  private Optional<HairCare> hair(Side side) {
    return plan.items().stream()
        .filter(item -> item.kind() == PlanItem.Kind.HAIR && item.standing() != Standing.LATER)
        .filter(item -> item.ears().contains(side))
        .findFirst()
        .map(item -> ways.hair().where(dog.profile().ears().canalHair()));
  }
}
