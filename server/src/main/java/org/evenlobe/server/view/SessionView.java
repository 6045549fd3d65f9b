package org.evenlobe.server.view;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Function;
import java.util.stream.IntStream;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.ear.Canal;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.CanalFluid;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.ear.Tilt;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.history.Puppy;
import org.evenlobe.core.history.VetLooked;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.CleaningOutcome;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.Sessions;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.suit.Bottles;
import org.evenlobe.core.suit.Bottles.Judged;
import org.evenlobe.core.suit.Bottles.LaidOut;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.WantedKind;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.cleaning.ProgressRequest;
import org.evenlobe.server.cleaning.SessionProgress;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Guided sessions, and what the plan makes of a cleaning. */
@Service
class SessionView {
  /** The drawing of a canal knows its fluid in so many equal steps up to full, and a few beyond. */
  private static final int STEPS_TO_FULL = 20;

  private static final int STEPS = 25;

  private final FoldedDogs dogs;
  private final SupplyAnswers supplies;
  private final SessionProgress progress;
  private final Planner planner;
  private final Plans plans;
  private final HouseholdDay day;
  private final Ingredients shelf;

  SessionView(
      FoldedDogs dogs,
      SupplyAnswers supplies,
      SessionProgress progress,
      Planner planner,
      Plans plans,
      HouseholdDay day,
      Ingredients shelf) {
    this.dogs = dogs;
    this.supplies = supplies;
    this.progress = progress;
    this.planner = planner;
    this.plans = plans;
    this.day = day;
    this.shelf = shelf;
  }

  /**
   * All that a device needs to lead through a session without asking again.
   *
   * @param dogId whose
   * @param name what it is called
   * @param today the day in the household's zone
   * @param zone that zone
   * @param session the steps
   * @param canals each canal with its fluid at every amount poured, where the dog's weight is known
   * @param bottles the bottles in the house, and whether they suit; where the ears are still to be
   *     looked at, as if they were quiet
   * @param stands how each ear stands
   * @param laidOut the one that is laid out for each ear, where one suits
   * @param first what is asked and said before the first cleaning
   * @param progress how far a session with this dog has got, where one has begun
   */
  record GuidedSession(
      UUID dogId,
      String name,
      LocalDate today,
      ZoneId zone,
      CleaningSession session,
      Optional<EarPair<CanalGauge>> canals,
      List<BottleAtHand> bottles,
      EarPair<EarStands> stands,
      EarPair<LaidOut> laidOut,
      FirstTime first,
      Optional<ProgressRequest> progress) {}

  /**
   * What is asked and said before the first cleaning.
   *
   * @param asksMethod whether it is asked how the household cleans
   * @param asksVetLooked whether it is asked whether a vet has looked down its ears
   * @param asksPuppy whether it is asked whether it is under 12 weeks old
   * @param wants what kind of cleaner its ears want, and what not, where no bottle is on record
   */
  record FirstTime(
      boolean asksMethod, boolean asksVetLooked, boolean asksPuppy, List<Reason> wants) {}

  /**
   * A bottle, and whether it suits.
   *
   * @param supply which
   * @param useBy its last day, where one is known
   * @param ears whether it suits each ear, and what a check may change about that
   */
  record BottleAtHand(Supply supply, Optional<LocalDate> useBy, EarPair<Judged> ears) {}

  /**
   * A canal and where the fluid stands in it.
   *
   * @param volume what it is thought to hold
   * @param canal its shape, cm
   * @param fluids from nothing poured to a quarter more than it holds, in equal steps
   */
  record CanalGauge(Volume volume, Canal canal, List<CanalFluid> fluids) {

    static CanalGauge of(CanalEstimate estimate) {
      double full = estimate.volume().millilitres();
      return new CanalGauge(
          estimate.volume(),
          estimate.canal(),
          IntStream.rangeClosed(0, STEPS)
              .mapToObj(step -> new Volume(full * step / STEPS_TO_FULL))
              .map(poured -> CanalFluid.in(estimate.canal(), poured, new Tilt(0)))
              .toList());
    }
  }

  /**
   * The session that cleans those ears of a dog.
   *
   * @param fully whether they are cleaned fully though they may be quiet and not due
   * @param helper whether a second person is there
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public GuidedSession cleaning(UUID dog, List<Side> ears, boolean fully, boolean helper) {
    Standing standing = plans.standing();
    Moment now = Moment.of(day.now(), standing.zone());
    return session(
        dog,
        standing,
        history ->
            Sessions.cleaning(
                history,
                then -> plans.alone(then, standing),
                now,
                ears,
                fully,
                helper,
                standing.how().ways()));
  }

  /**
   * The practice for where a dog stands on the trust ladder.
   *
   * @param helper whether a second person is there
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public GuidedSession practice(UUID dog, boolean helper) {
    Standing standing = plans.standing();
    return session(
        dog,
        standing,
        history ->
            Sessions.practice(
                history, plans.alone(history, standing), helper, standing.how().ways()));
  }

  private GuidedSession session(
      UUID id, Standing standing, Function<DogHistory, CleaningSession> building) {
    DogHistory history = dogs.one(id, standing.today()).history();
    return guided(
        history,
        standing,
        building.apply(history),
        supplies.ever(),
        progress.get(id).filter(draft -> !isRecorded(draft.id(), history.dog())));
  }

  /** A session with what a device needs besides its steps, where all that was read is at hand. */
  GuidedSession guided(
      DogHistory history,
      Standing standing,
      CleaningSession session,
      List<Kept> ever,
      Optional<ProgressRequest> begun) {
    LocalDate today = standing.today();
    DogRecord record = history.dog();
    EarPair<EarNow> now = new EarsNow(ever, shelf).of(history);
    EarPair<EarNow> ears = session.check().isPresent() ? now.map(EarNow::quiet) : now;
    Bottles bottles =
        Bottles.of(
            session.takesFrom(),
            ever.stream()
                .filter(one -> one.isThere() && one.supply().left() > 0)
                .map(Kept::supply)
                .toList(),
            today);
    boolean mixes = standing.how().ways().mixing() == MixSchool.HOME_MIXED;
    return new GuidedSession(
        record.id(),
        record.profile().name(),
        today,
        standing.zone(),
        session,
        Canals.of(record, today).map(pair -> pair.map(CanalGauge::of)),
        bottles
            .judged(ears)
            .map(one -> new BottleAtHand(one.getKey(), one.getKey().useBy(), one.getValue()))
            .toList(),
        history.ears(),
        EarPair.bySide(
            side ->
                session.order().contains(side)
                    ? bottles.layOut(
                        new Bottles.Wish(
                            ears.get(side),
                            isPoured(session, side),
                            history.wet().wasWetLately(today),
                            mixes))
                    : LaidOut.NOTHING),
        first(history, standing, ever),
        begun);
  }

  /** What is asked, and said, before the first cleaning. */
  private static FirstTime first(DogHistory history, Standing standing, List<Kept> ever) {
    boolean cleaned = !history.dog().cleanings().isEmpty();
    boolean hasBottle =
        ever.stream().anyMatch(one -> one.isThere() && one.supply().kind() == Supply.Kind.CLEANER);
    return new FirstTime(
        !cleaned && !standing.how().ways().with(history.dog().profile().ways()).chosen(),
        !cleaned && VetLooked.isAsked(history),
        Puppy.isAsked(history.dog(), history.today()) && !cleaned,
        hasBottle ? List.of() : WantedKind.of(history));
  }

  /** Whether it is poured into an ear that is done. */
  private static boolean isPoured(CleaningSession session, Side side) {
    return session.ears().get(side).method().filter(CleaningMethod::inCanal).isPresent();
  }

  /** A draft that came in late, after its session was recorded, is not offered again. */
  private static boolean isRecorded(UUID session, DogRecord record) {
    return record.cleanings().stream().anyMatch(done -> done.id().equals(session))
        || record.all(Practice.class).stream().anyMatch(done -> done.id().equals(session));
  }

  /**
   * What the plan makes of a cleaning.
   *
   * @throws Refusal 404 if the dog has no such cleaning
   */
  @Transactional(readOnly = true)
  public CleaningOutcome outcome(UUID dogId, UUID cleaning) {
    Standing standing = plans.standing();
    DogRecord record = dogs.one(dogId, standing.today()).record();
    CleaningRecord done =
        record.cleanings().stream()
            .filter(one -> one.id().equals(cleaning))
            .findFirst()
            .orElseThrow(Refusal::notFound);
    return CleaningOutcome.of(planner, record, done, plans.preferences(standing.on(done.day())));
  }
}
