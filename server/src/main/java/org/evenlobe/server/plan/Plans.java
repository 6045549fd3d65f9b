package org.evenlobe.server.plan;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.even.EvenedPlans;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.HouseholdSettings;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.climate.ClimateService;
import org.evenlobe.server.fact.ChangeNumber;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/**
 * Plans, by a household's settings and by the weather where it said where it lives. Those of a
 * household are kept in this process while nothing of it has changed; its change number is read
 * with each request.
 */
@Component
public class Plans {
  private final Planner planner;
  private final ObjectProvider<ClimateService> climate;
  private final HouseholdSettings settings;
  private final FoldedDogs dogs;
  private final ChangeNumber changes;
  private final HouseholdDay day;
  private final Cache<UUID, Kept> kept;

  /** Each as long as its history is kept, for nothing else but the preferences goes into it. */
  private final Cache<DogHistory, Alone> alone = Caffeine.newBuilder().weakKeys().build();

  Plans(
      Planner planner,
      ObjectProvider<ClimateService> climate,
      HouseholdSettings settings,
      FoldedDogs dogs,
      ChangeNumber changes,
      HouseholdDay day,
      @Value("${evenlobe.kept-items:50000}") int keptItems) {
    this.planner = planner;
    this.climate = climate;
    this.settings = settings;
    this.dogs = dogs;
    this.changes = changes;
    this.day = day;
    this.kept =
        Caffeine.newBuilder()
            .maximumWeight(keptItems)
            .<UUID, Kept>weigher((household, one) -> one.weight())
            .build();
  }

  /** What was planned for a household as it stood then. */
  private record Kept(
      long change, LocalDate today, Optional<ClimateReading> reading, EvenedPlans evened) {
    int weight() {
      return 1 + evened.plans().stream().mapToInt(plan -> plan.items().size()).sum();
    }
  }

  /** A dog's plan by itself, by those preferences. */
  private record Alone(Preferences preferences, DogPlan plan) {}

  /**
   * How a household stands.
   *
   * @param how its settings
   * @param today the day where it lives
   * @param change its change number
   */
  public record Standing(Settings how, LocalDate today, long change) {

    /** The same on another day. */
    public Standing on(LocalDate day) {
      return new Standing(how, day, change);
    }

    /** The zone that it lives in. */
    public ZoneId zone() {
      return how.zone();
    }
  }

  /**
   * The dogs of a household with their plans, in the same order.
   *
   * @param dogs those that live there now, by name
   * @param evened their plans
   */
  public record Planned(List<Folded> dogs, EvenedPlans evened) {

    /** The plan of one of them. */
    public Optional<DogPlan> of(UUID dog) {
      return evened.plans().stream().filter(plan -> plan.dogId().equals(dog)).findFirst();
    }
  }

  /** Throws away what is kept here, to see what it costs without. */
  public void forget() {
    kept.invalidateAll();
    alone.invalidateAll();
  }

  /** How the current household stands: asked before anything else, so that nothing is older. */
  @Transactional(readOnly = true)
  public Standing standing() {
    long change = changes.get();
    Settings how = settings.get();
    return new Standing(how, day.today(how.zone()), change);
  }

  /** The current household's plans, evened out where it said how much fits into a day. */
  @Transactional(readOnly = true)
  public Planned planned(Standing standing) {
    List<Folded> here = dogs.here(standing.today());
    UUID household = CurrentMember.household();
    Optional<ClimateReading> reading = reading(standing);
    Kept one = kept.getIfPresent(household);
    if (one == null
        || one.change() != standing.change()
        || !one.today().equals(standing.today())
        || !one.reading().equals(reading)) {
      EvenedPlans evened = evened(here.stream().map(Folded::history).toList(), standing);
      one = new Kept(standing.change(), standing.today(), reading, evened);
      kept.put(household, one);
    }
    return new Planned(here, one.evened());
  }

  private EvenedPlans evened(List<DogHistory> histories, Standing standing) {
    Preferences preferences = preferences(standing);
    List<DogPlan> plans = histories.stream().map(history -> alone(history, preferences)).toList();
    Set<UUID> needTwo =
        histories.stream()
            .map(DogHistory::dog)
            .filter(dog -> dog.profile().handling().needsTwo())
            .map(dog -> dog.id())
            .collect(Collectors.toSet());
    return standing
        .how()
        .capacity()
        .map(capacity -> EvenedPlans.of(plans, needTwo, capacity, standing.today()))
        .orElse(EvenedPlans.asTheyAre(plans));
  }

  /** The plan of one dog by itself, or as all plans of the household leave it room. */
  @Transactional(readOnly = true)
  public DogPlan plan(DogHistory history, Standing standing) {
    Optional<DogPlan> among =
        standing.how().capacity().isEmpty()
            ? Optional.empty()
            : planned(standing).of(history.dog().id());
    return among.orElseGet(() -> alone(history, standing));
  }

  /** The plan of one dog by itself. */
  public DogPlan alone(DogHistory history, Standing standing) {
    return alone(history, preferences(standing));
  }

  private DogPlan alone(DogHistory history, Preferences preferences) {
    Alone one = alone.getIfPresent(history);
    if (one == null || !one.preferences().equals(preferences)) {
      one = new Alone(preferences, planner.plan(history, preferences));
      alone.put(history, one);
    }
    return one.plan();
  }

  /**
   * The plan of one dog of the current household.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public DogPlan of(UUID dog) {
    Standing standing = standing();
    return plan(dogs.one(dog, standing.today()).history(), standing);
  }

  /** How the household likes its plan made, with what the weather service says. */
  public Preferences preferences(Standing standing) {
    return standing.how().preferences().with(reading(standing));
  }

  /** What the weather service says; empty without one, or where no latitude was said. */
  public Optional<ClimateReading> reading(Standing standing) {
    return standing
        .how()
        .latitude()
        .flatMap(
            latitude ->
                climate.stream()
                    .findFirst()
                    .flatMap(service -> service.reading(latitude, standing.today())));
  }
}
