package org.evenlobe.server.plan;

import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.plan.Agenda;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.account.CurrentMember;
import org.evenlobe.server.account.HouseholdDay;
import org.evenlobe.server.cleaning.Cleaning;
import org.evenlobe.server.cleaning.Cleanings;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.problem.Refusal;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads facts with a fixed number of statements and hands them to the planner. */
@Service
public class HouseholdPlans {
  /** How far back a ribbon shows what was done. */
  private static final int RIBBON_DAYS_BACK = 43;

  private final Dogs dogs;
  private final Cleanings cleanings;
  private final HouseholdDay day;
  private final Planner planner;

  HouseholdPlans(Dogs dogs, Cleanings cleanings, HouseholdDay day, Planner planner) {
    this.dogs = dogs;
    this.cleanings = cleanings;
    this.day = day;
    this.planner = planner;
  }

  /**
   * What to do now, and how each dog stands.
   *
   * @param today the day in the household's zone
   * @param zone that zone
   * @param agenda what to do, the most pressing first
   * @param dogs all dogs, by name
   */
  public record Today(
      LocalDate today, ZoneId zone, List<Agenda.Line> agenda, List<DogToday> dogs) {}

  /**
   * How one dog stands.
   *
   * @param id its id
   * @param profile who it is
   * @param recent its cleanings of the last six weeks
   * @param plan what is planned
   */
  public record DogToday(UUID id, DogProfile profile, List<CleaningRecord> recent, DogPlan plan) {}

  /**
   * One dog with all that is known.
   *
   * @param version of what was said of the dog, for corrections
   * @param zone the household's zone
   * @param dog all its facts
   * @param plan what is planned
   */
  public record DogInFull(int version, ZoneId zone, DogRecord dog, DogPlan plan) {}

  /** The current household's dogs today. */
  @Transactional(readOnly = true)
  public Today today() {
    UUID household = CurrentMember.household();
    ZoneId zone = day.zone();
    LocalDate today = day.today(zone);
    Map<UUID, List<CleaningRecord>> byDog =
        cleanings.ofHousehold(household).stream()
            .collect(
                Collectors.groupingBy(
                    Cleaning::dogId, Collectors.mapping(Cleaning::toCore, Collectors.toList())));
    List<DogToday> answers =
        dogs.ofHousehold(household).stream()
            .map(dog -> record(dog, byDog.getOrDefault(dog.id(), List.of())))
            .map(record -> standing(record, today))
            .toList();
    List<DogPlan> plans = answers.stream().map(DogToday::plan).toList();
    return new Today(today, zone, Agenda.lines(plans), answers);
  }

  /**
   * One dog of the current household.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public DogInFull dog(UUID id) {
    UUID household = CurrentMember.household();
    Dog dog = dogs.one(household, id).orElseThrow(Refusal::notFound);
    List<CleaningRecord> done =
        cleanings.ofDog(household, id).stream().map(Cleaning::toCore).toList();
    DogRecord record = record(dog, done);
    ZoneId zone = day.zone();
    return new DogInFull(dog.version(), zone, record, planner.plan(record, day.today(zone)));
  }

  private static DogRecord record(Dog dog, List<CleaningRecord> cleanings) {
    return new DogRecord(dog.id(), dog.profile(), dog.joinedOn(), cleanings);
  }

  private DogToday standing(DogRecord record, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    List<CleaningRecord> recent =
        record.cleanings().stream().filter(done -> !done.day().isBefore(from)).toList();
    return new DogToday(record.id(), record.profile(), recent, planner.plan(record, today));
  }
}
