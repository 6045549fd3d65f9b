package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.handover.HandOver;
import org.evenlobe.core.handover.HandOvers;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.ReadAs;
import org.evenlobe.server.exchange.SharedLinks.StayOfDog;
import org.evenlobe.server.plan.PlanWords;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What whoever takes a dog is told. */
@Service
class HandOverView {
  private final FoldedDogs dogs;
  private final Plans plans;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;
  private final HouseholdDay day;

  HandOverView(
      FoldedDogs dogs, Plans plans, SupplyAnswers supplies, Ingredients shelf, HouseholdDay day) {
    this.dogs = dogs;
    this.plans = plans;
    this.supplies = supplies;
    this.shelf = shelf;
    this.day = day;
  }

  /**
   * The page as it stands now.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public HandOver of(UUID dog, StayOfDog stay) {
    Standing standing = plans.standing();
    LocalDate today = standing.today();
    DogHistory history = dogs.one(dog, today).history();
    List<Kept> ever = supplies.ever();
    Optional<String> cleaner =
        EarsNow.last(history.dog())
            .flatMap(
                id ->
                    ever.stream()
                        .filter(Kept::isThere)
                        .map(Kept::supply)
                        .filter(one -> one.id().equals(id))
                        .findFirst())
            .map(Supply::name);
    // who has the link reads it as the household does
    ReadAs.set(standing.how().wording());
    return HandOvers.of(
        new HandOvers.Stay(stay.taker(), stay.from(), stay.until(), day.now(), standing.zone()),
        history,
        plans.alone(history, standing),
        standing.how().ways(),
        new HandOvers.Naming(PlanWords::of, new EarsNow(ever, shelf)::nameOf, cleaner));
  }
}
