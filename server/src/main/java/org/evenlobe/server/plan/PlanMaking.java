package org.evenlobe.server.plan;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.EvenedPlans;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.climate.ClimateService;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;

/** Makes plans by a household's settings, and by the weather where it said where it lives. */
@Component
public class PlanMaking {
  private final Planner planner;
  private final ObjectProvider<ClimateService> climate;

  PlanMaking(Planner planner, ObjectProvider<ClimateService> climate) {
    this.planner = planner;
    this.climate = climate;
  }

  /** How the household likes its plan made, with what the weather service says. */
  public Preferences preferences(Settings how, LocalDate today) {
    return how.preferences().with(reading(how, today));
  }

  /** What the weather service says; empty without one, or where no latitude was said. */
  public Optional<ClimateReading> reading(Settings how, LocalDate today) {
    return how.latitude()
        .flatMap(
            latitude ->
                climate.stream().findFirst().flatMap(service -> service.reading(latitude, today)));
  }

  /** The plan of one dog by itself. */
  public DogPlan plan(DogHistory history, Settings how) {
    return planner.plan(history, preferences(how, history.today()));
  }

  /** The plans of a household's dogs, evened out where it said how much fits into a day. */
  public EvenedPlans plans(List<DogHistory> histories, Settings how, LocalDate today) {
    Preferences preferences = preferences(how, today);
    List<DogPlan> plans =
        histories.stream().map(history -> planner.plan(history, preferences)).toList();
    Set<UUID> needTwo =
        histories.stream()
            .map(DogHistory::dog)
            .filter(dog -> dog.profile().handling().needsTwo())
            .map(DogRecord::id)
            .collect(Collectors.toSet());
    return how.capacity()
        .map(capacity -> EvenedPlans.of(plans, needTwo, capacity, today))
        .orElse(EvenedPlans.asTheyAre(plans));
  }

  /** The facts of dogs, gone through. */
  public static List<DogHistory> histories(List<DogRecord> dogs, LocalDate today) {
    return dogs.stream().map(dog -> DogHistory.of(dog, today)).toList();
  }
}
