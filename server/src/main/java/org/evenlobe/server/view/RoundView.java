package org.evenlobe.server.view;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.cleaning.CleaningSession;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.HouseholdStock;
import org.evenlobe.core.plan.Sessions;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.round.Entrant;
import org.evenlobe.core.round.Round;
import org.evenlobe.core.round.RoundDog;
import org.evenlobe.core.round.Rounds;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Planned;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.stock.SupplyAnswers.Kept;
import org.evenlobe.server.view.SessionView.GuidedSession;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Many dogs one after the other: all that a device needs to lead through them. */
@Service
class RoundView {
  private final Plans plans;
  private final SessionView sessions;
  private final SupplyAnswers supplies;
  private final StockView stock;
  private final HouseholdDay day;

  RoundView(
      Plans plans,
      SessionView sessions,
      SupplyAnswers supplies,
      StockView stock,
      HouseholdDay day) {
    this.plans = plans;
    this.sessions = sessions;
    this.supplies = supplies;
    this.stock = stock;
    this.day = day;
  }

  /**
   * A round, with the session of each dog.
   *
   * @param today the day in the household's zone
   * @param zone that zone
   * @param round the dogs in their order, and the tray
   * @param sessions what is done with each, in the same order
   * @param choices every dog that lives there now, by name, to choose from
   */
  record RoundSheet(
      LocalDate today,
      ZoneId zone,
      Round round,
      List<GuidedSession> sessions,
      List<RoundChoice> choices) {}

  /**
   * A dog to choose.
   *
   * @param dogId which
   * @param name what it is called
   * @param due whether a look or a cleaning is due
   */
  record RoundChoice(UUID dogId, String name, boolean due) {}

  /**
   * The round of those dogs; of all of which a look or a cleaning is due where none are named.
   *
   * @param helper whether a second person is there
   * @throws Refusal 404 if one of them does not live there
   */
  @Transactional(readOnly = true)
  public RoundSheet round(List<UUID> asked, boolean helper) {
    Standing standing = plans.standing();
    Planned planned = plans.planned(standing);
    List<Kept> ever = supplies.ever();
    List<RoundChoice> choices = new ArrayList<>();
    List<Entrant> entrants = new ArrayList<>();
    Map<UUID, GuidedSession> guided = new HashMap<>();
    for (int i = 0; i < planned.dogs().size(); i++) {
      Folded dog = planned.dogs().get(i);
      DogPlan plan = planned.evened().plans().get(i);
      UUID id = dog.said().id();
      boolean due = Entrant.isDue(plan);
      choices.add(new RoundChoice(id, dog.record().profile().name(), due));
      if (asked.isEmpty() ? due : asked.contains(id)) {
        GuidedSession one =
            sessions.guided(
                dog.history(),
                standing,
                session(dog, plan, standing, helper),
                ever,
                Optional.empty());
        guided.put(id, one);
        entrants.add(new Entrant(dog.history(), plan, one.session(), one.laidOut()));
      }
    }
    if (!guided.keySet().containsAll(Set.copyOf(asked))) {
      throw Refusal.notFound();
    }
    Round round =
        Rounds.of(entrants, left(ever, planned, standing), perWipe(ever, planned, standing));
    return new RoundSheet(
        standing.today(),
        standing.zone(),
        round,
        round.dogs().stream().map(RoundDog::dogId).map(guided::get).toList(),
        choices);
  }

  private CleaningSession session(Folded dog, DogPlan plan, Standing standing, boolean helper) {
    return Sessions.cleaning(
        dog.history(),
        then -> plans.alone(then, standing),
        Moment.of(day.now(), standing.zone()),
        List.copyOf(Entrant.ears(plan)),
        false,
        helper,
        standing.how().ways());
  }

  private Map<UUID, Double> left(List<Kept> ever, Planned planned, Standing standing) {
    return stock.outlooks(ever, planned, standing).stream()
        .flatMap(outlook -> outlook.supplies().stream())
        .collect(Collectors.toMap(rest -> rest.supply().id(), rest -> rest.left()));
  }

  private static double perWipe(List<Kept> ever, Planned planned, Standing standing) {
    return HouseholdStock.perWipe(
        planned.dogs().stream().map(Folded::record).toList(),
        ever.stream().filter(Kept::isThere).map(Kept::supply).toList(),
        standing.how().ways(),
        standing.today());
  }
}
