package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.own.Omega;
import org.evenlobe.core.own.OwnCourseNow;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.OwnCourse;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.suit.EarNow;
import org.evenlobe.core.suit.Offer;
import org.evenlobe.core.trend.PeriodsCompared;
import org.evenlobe.core.trial.DietTrialNow;
import org.evenlobe.server.course.SupplementRequest;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What somebody gives on their own, and what is tried to find the cause. */
@Service
class TrialView {
  private final FoldedDogs dogs;
  private final Plans plans;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;

  TrialView(FoldedDogs dogs, Plans plans, SupplyAnswers supplies, Ingredients shelf) {
    this.dogs = dogs;
    this.plans = plans;
    this.supplies = supplies;
    this.shelf = shelf;
  }

  /**
   * A diet trial of a dog, in which somebody may see a slip.
   *
   * @param dog its id
   * @param name what it is called
   * @param trial how the trial stands
   */
  record DogTrial(UUID dog, String name, DietTrialNow trial) {}

  /** The diet trials that go on, across all dogs. */
  List<DogTrial> open(List<Folded> here) {
    return here.stream()
        .flatMap(
            dog ->
                dog.record().all(DietTrial.class).stream()
                    .map(trial -> DietTrialNow.of(trial, dog.history()))
                    .filter(trial -> trial.stage().isOpen())
                    .map(
                        trial ->
                            new DogTrial(dog.record().id(), dog.record().profile().name(), trial)))
        .toList();
  }

  /**
   * A diet trial in full.
   *
   * @param now how it stands
   * @param comparison it against the same length before it, once it has ended
   */
  record TrialInFull(DietTrialNow now, Optional<PeriodsCompared> comparison) {}

  /** The diet trials of a dog, the latest first. */
  List<TrialInFull> of(DogHistory history) {
    return history.dog().all(DietTrial.class).stream()
        .map(trial -> DietTrialNow.of(trial, history))
        .sorted(Comparator.comparing((DietTrialNow one) -> one.trial().startsOn()).reversed())
        .map(now -> new TrialInFull(now, now.comparison(history)))
        .toList();
  }

  /** What somebody gives a dog on their own, the latest first. */
  List<OwnCourseNow> own(DogHistory history, LocalDate today) {
    List<Kept> ever = supplies.ever();
    EarPair<EarNow> ears = new EarsNow(ever, shelf).of(history);
    return history.dog().all(OwnCourse.class).stream()
        .sorted(Comparator.comparing(OwnCourse::from).reversed())
        .map(
            own ->
                OwnCourseNow.of(
                    own,
                    history,
                    own.supply()
                        .flatMap(id -> bottle(ever, id))
                        .map(bottle -> Offer.of(bottle, today)),
                    ears::get))
        .toList();
  }

  private static Optional<Supply> bottle(List<Kept> ever, UUID id) {
    return ever.stream().map(Kept::supply).filter(one -> one.id().equals(id)).findFirst();
  }

  /**
   * What an oil would bring a dog.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public Omega omega(UUID dog, SupplementRequest said, boolean vetAgreed) {
    LocalDate today = plans.standing().today();
    return Omega.of(
        said.toCore(), dogs.one(dog, today).record().profile().weightOn(today), vetAgreed);
  }
}
