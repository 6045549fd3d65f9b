package org.evenlobe.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.Agenda;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.account.SettingsKeeping;
import org.evenlobe.server.cleaning.Cleaning;
import org.evenlobe.server.cleaning.Cleanings;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.dog.Pictures;
import org.evenlobe.server.problem.Refusal;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads facts with a fixed number of statements and hands them to the planner. */
@Service
public class HouseholdPlans {
  /** How far back a ribbon shows what was done. */
  private static final int RIBBON_DAYS_BACK = 43;

  private final Dogs dogs;
  private final Cleanings cleanings;
  private final Pictures pictures;
  private final SettingsKeeping settings;
  private final HouseholdDay day;
  private final Planner planner;

  HouseholdPlans(
      Dogs dogs,
      Cleanings cleanings,
      Pictures pictures,
      SettingsKeeping settings,
      HouseholdDay day,
      Planner planner) {
    this.dogs = dogs;
    this.cleanings = cleanings;
    this.pictures = pictures;
    this.settings = settings;
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
   * @param picture when its picture was sent, where it has one
   * @param recent its cleanings of the last six weeks
   * @param plan what is planned
   */
  public record DogToday(
      UUID id,
      DogProfile profile,
      Optional<Instant> picture,
      List<CleaningRecord> recent,
      DogPlan plan) {}

  /**
   * One dog with all that is known.
   *
   * @param version of what was said of the dog, for corrections
   * @param zone the household's zone
   * @param leftOn the day it left the household, where it did
   * @param picture when its picture was sent, where it has one
   * @param dog all its facts
   * @param plan what is planned
   * @param canals what its canals hold, where its weight is known
   */
  public record DogInFull(
      int version,
      ZoneId zone,
      Optional<LocalDate> leftOn,
      Optional<Instant> picture,
      DogRecord dog,
      DogPlan plan,
      Optional<EarPair<CanalEstimate>> canals) {}

  /**
   * A dog that has left.
   *
   * @param id its id
   * @param name what it is called
   * @param leftOn when it left
   */
  public record ArchivedDog(UUID id, String name, LocalDate leftOn) {}

  /** The current household's dogs today. */
  @Transactional(readOnly = true)
  public Today today() {
    UUID household = CurrentMember.household();
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    Map<UUID, Instant> sent = pictures.sentAt();
    Map<UUID, List<CleaningRecord>> byDog =
        cleanings.ofHousehold(household).stream()
            .collect(
                Collectors.groupingBy(
                    Cleaning::dogId, Collectors.mapping(Cleaning::toCore, Collectors.toList())));
    List<DogToday> answers =
        dogs.ofHousehold(household).stream()
            .map(dog -> record(dog, byDog.getOrDefault(dog.id(), List.of())))
            .map(record -> standing(record, sent.get(record.id()), how, today))
            .toList();
    List<DogPlan> plans = answers.stream().map(DogToday::plan).toList();
    return new Today(today, how.zone(), Agenda.lines(plans), answers);
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
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    return new DogInFull(
        dog.version(),
        how.zone(),
        dog.leftOn(),
        Optional.ofNullable(pictures.sentAt().get(id)),
        record,
        planner.plan(record, how.preferences(), today),
        Canals.of(record, today));
  }

  /** The dogs that have left, the latest first. */
  @Transactional(readOnly = true)
  public List<ArchivedDog> archived() {
    return dogs.archived(CurrentMember.household()).stream()
        .map(dog -> new ArchivedDog(dog.id(), dog.profile().name(), dog.leftOn().orElseThrow()))
        .toList();
  }

  private static DogRecord record(Dog dog, List<CleaningRecord> cleanings) {
    return new DogRecord(dog.id(), dog.profile(), dog.joinedOn(), cleanings);
  }

  private DogToday standing(
      DogRecord record, @Nullable Instant pictured, Settings how, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    List<CleaningRecord> recent =
        record.cleanings().stream().filter(done -> !done.day().isBefore(from)).toList();
    return new DogToday(
        record.id(),
        record.profile(),
        Optional.ofNullable(pictured),
        recent,
        planner.plan(record, how.preferences(), today));
  }
}
