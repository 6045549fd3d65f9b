package org.evenlobe.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.Agenda;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.EvenedPlans;
import org.evenlobe.core.plan.EvenedPlans.Unplaced;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.ClimateReading;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.core.visit.CallCard;
import org.evenlobe.core.visit.CallCards;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.account.SettingsKeeping;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.dog.Pictures;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.DogRecords;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Loads facts with a fixed number of statements and hands them to the planner. */
@Service
public class HouseholdPlans {
  /** How far back a ribbon shows what was done. */
  private static final int RIBBON_DAYS_BACK = 43;

  /** What runs out within that is said on Today. */
  private static final int SOON_DAYS = 14;

  private final Dogs dogs;
  private final DogRecords records;
  private final Pictures pictures;
  private final SettingsKeeping settings;
  private final HouseholdDay day;
  private final PlanMaking making;
  private final StockAnswers stock;
  private final BreedCatalogue breeds;

  HouseholdPlans(
      Dogs dogs,
      DogRecords records,
      Pictures pictures,
      SettingsKeeping settings,
      HouseholdDay day,
      PlanMaking making,
      StockAnswers stock,
      BreedCatalogue breeds) {
    this.dogs = dogs;
    this.records = records;
    this.pictures = pictures;
    this.settings = settings;
    this.day = day;
    this.making = making;
    this.stock = stock;
    this.breeds = breeds;
  }

  /**
   * What to do now, and how each dog stands.
   *
   * @param today the day in the household's zone
   * @param zone that zone
   * @param agenda what to do, the most pressing first
   * @param dogs all dogs, by name
   * @param runningOut what is in the house for less than two weeks of the plan
   * @param unplaced the cleanings that no day has room for
   */
  public record Today(
      LocalDate today,
      ZoneId zone,
      List<Agenda.Line> agenda,
      List<DogToday> dogs,
      List<StockOutlook> runningOut,
      List<Unplaced> unplaced) {}

  /**
   * How one dog stands.
   *
   * @param id its id
   * @param profile who it is
   * @param picture when its picture was sent, where it has one
   * @param recent its cleanings of the last six weeks
   * @param checks its checks of the last six weeks
   * @param visits its visits of the last six weeks
   * @param exposures what happened to its ears in the last six weeks
   * @param expected what is expected to happen to them again and again
   * @param plan what is planned
   */
  public record DogToday(
      UUID id,
      DogProfile profile,
      Optional<Instant> picture,
      List<CleaningRecord> recent,
      List<CheckMark> checks,
      List<VisitMark> visits,
      List<Exposure> exposures,
      List<ExpectedExposure> expected,
      DogPlan plan) {}

  /**
   * A check as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   * @param scores the score of each ear
   * @param verdicts the verdict of each ear
   */
  public record CheckMark(
      UUID id, LocalDate day, EarPair<Integer> scores, EarPair<Verdict> verdicts) {

    static CheckMark of(AssessedCheck assessed) {
      return new CheckMark(
          assessed.check().id(),
          assessed.check().day(),
          assessed.check().ears().map(EarFinding::score),
          assessed.verdicts());
    }
  }

  /**
   * A visit as a ribbon shows it.
   *
   * @param id its id
   * @param day when
   */
  public record VisitMark(UUID id, LocalDate day) {}

  /**
   * One dog with all that is known.
   *
   * @param version of what was said of the dog, for corrections
   * @param zone the household's zone
   * @param leftOn the day it left the household, where it did
   * @param picture when its picture was sent, where it has one
   * @param dog who it is, and its cleanings
   * @param checks its checks of the last six weeks
   * @param visits its visits of the last six weeks
   * @param exposures what happened to its ears in the last six weeks
   * @param expected what is expected to happen to them again and again
   * @param appointments when a vet is to see it, from today on
   * @param checked how many checks are on record
   * @param latest what its latest check says, where there is one
   * @param startsFrom what a new check starts from; empty where every sign is to be looked for
   * @param card what to tell a vet on the phone, where one may be asked
   * @param plan what is planned
   * @param canals what its canals hold, where its weight is known
   */
  public record DogInFull(
      int version,
      ZoneId zone,
      Optional<LocalDate> leftOn,
      Optional<Instant> picture,
      DogFacts dog,
      List<CheckMark> checks,
      List<VisitMark> visits,
      List<Exposure> exposures,
      List<ExpectedExposure> expected,
      List<Appointment> appointments,
      int checked,
      Optional<CheckVerdict> latest,
      Optional<EarPair<EarFinding>> startsFrom,
      Optional<CallCard> card,
      DogPlan plan,
      Optional<EarPair<CanalEstimate>> canals) {}

  /**
   * Who a dog is, with its cleanings.
   *
   * @param id its id
   * @param profile who it is
   * @param addedOn the day it joined the household
   * @param cleanings its cleanings, oldest first
   */
  public record DogFacts(
      UUID id, DogProfile profile, LocalDate addedOn, List<CleaningRecord> cleanings) {}

  /**
   * A dog that has left.
   *
   * @param id its id
   * @param name what it is called
   * @param leftOn when it left
   */
  public record ArchivedDog(UUID id, String name, LocalDate leftOn) {}

  /**
   * What is planned for one dog.
   *
   * @param name what it is called
   * @param plan what is planned
   * @param appointments when a vet is to see it
   */
  public record Scheduled(String name, DogPlan plan, List<Appointment> appointments) {}

  /**
   * What is planned for a household's dogs.
   *
   * @param today the day in the household's zone
   * @param zone that zone
   * @param dogs all dogs, by name
   */
  public record Schedule(LocalDate today, ZoneId zone, List<Scheduled> dogs) {}

  /** What is planned for the current household's dogs. */
  @Transactional(readOnly = true)
  public Schedule schedule() {
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    List<DogRecord> all = records.of(dogs.ofHousehold(CurrentMember.household()), List.of());
    List<DogPlan> evened = making.plans(PlanMaking.histories(all, today), how, today).plans();
    List<Scheduled> scheduled = new ArrayList<>();
    for (int i = 0; i < all.size(); i++) {
      DogRecord dog = all.get(i);
      scheduled.add(new Scheduled(dog.profile().name(), evened.get(i), dog.all(Appointment.class)));
    }
    return new Schedule(today, how.zone(), scheduled);
  }

  /** The current household's dogs today. */
  @Transactional(readOnly = true)
  public Today today() {
    UUID household = CurrentMember.household();
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    Map<UUID, Instant> sent = pictures.sentAt();
    List<Dog> here = dogs.ofHousehold(household);
    List<DogRecord> all = records.of(here, dogs.archived(household));
    List<DogRecord> present = all.subList(0, here.size());
    List<DogHistory> histories = PlanMaking.histories(present, today);
    EvenedPlans evened = making.plans(histories, how, today);
    List<DogPlan> plans = evened.plans();
    List<DogToday> answers = new ArrayList<>();
    for (int i = 0; i < present.size(); i++) {
      DogRecord record = present.get(i);
      answers.add(standing(record, sent.get(record.id()), histories.get(i), plans.get(i), today));
    }
    List<StockOutlook> runningOut =
        stock.outlooks(all, plans, how, today).stream()
            .filter(kind -> !kind.supplies().isEmpty())
            .filter(kind -> kind.runsOutBy(today.plusDays(SOON_DAYS)))
            .toList();
    return new Today(
        today, how.zone(), Agenda.lines(plans), answers, runningOut, evened.unplaced());
  }

  /**
   * The plan of one dog of the current household.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public DogPlan planOf(UUID id) {
    Settings how = settings.get();
    DogRecord record =
        dogs.one(CurrentMember.household(), id).map(records::of).orElseThrow(Refusal::notFound);
    LocalDate today = day.today(how.zone());
    return plan(record, DogHistory.of(record, today), how, today);
  }

  /** What the weather service says where the current household lives. */
  @Transactional(readOnly = true)
  public Optional<ClimateReading> climate() {
    Settings how = settings.get();
    return making.reading(how, day.today(how.zone()));
  }

  /** By itself, or as all plans of the household leave it room. */
  private DogPlan plan(DogRecord record, DogHistory history, Settings how, LocalDate today) {
    if (how.capacity().isEmpty()) {
      return making.plan(history, how);
    }
    List<DogRecord> all = records.of(dogs.ofHousehold(CurrentMember.household()), List.of());
    return making.plans(PlanMaking.histories(all, today), how, today).plans().stream()
        .filter(plan -> plan.dogId().equals(record.id()))
        .findFirst()
        .orElseGet(() -> making.plan(history, how));
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
    DogRecord record = records.of(dog);
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    DogHistory history = DogHistory.of(record, today);
    Optional<String> breed = breeds.ancestry(record.profile().breeds()).map(Breed::name);
    return new DogInFull(
        dog.version(),
        how.zone(),
        dog.leftOn(),
        Optional.ofNullable(pictures.sentAt().get(id)),
        new DogFacts(id, record.profile(), record.addedOn(), record.cleanings()),
        checkMarks(history, today),
        visitMarks(record, today),
        exposures(record, today),
        record.all(ExpectedExposure.class),
        record.all(Appointment.class).stream().filter(made -> !made.on().isBefore(today)).toList(),
        history.checks().size(),
        history.latestVerdict(),
        history.startsFrom(),
        CallCards.card(record, history, breed, today),
        plan(record, history, how, today),
        Canals.of(record, today));
  }

  /** The dogs that have left, the latest first. */
  @Transactional(readOnly = true)
  public List<ArchivedDog> archived() {
    return dogs.archived(CurrentMember.household()).stream()
        .map(dog -> new ArchivedDog(dog.id(), dog.profile().name(), dog.leftOn().orElseThrow()))
        .toList();
  }

  private static List<CheckMark> checkMarks(DogHistory history, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    return history.checks().stream()
        .filter(check -> !check.check().day().isBefore(from))
        .map(CheckMark::of)
        .toList();
  }

  private static List<VisitMark> visitMarks(DogRecord record, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    return record.visits().stream()
        .filter(visit -> !visit.day().isBefore(from))
        .map(visit -> new VisitMark(visit.id(), visit.day()))
        .toList();
  }

  private static List<Exposure> exposures(DogRecord record, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    return record.all(Exposure.class).stream()
        .filter(exposure -> !exposure.lastDay().isBefore(from))
        .toList();
  }

  private DogToday standing(
      DogRecord record,
      @Nullable Instant pictured,
      DogHistory history,
      DogPlan plan,
      LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    List<CleaningRecord> recent =
        record.cleanings().stream().filter(done -> !done.day().isBefore(from)).toList();
    return new DogToday(
        record.id(),
        record.profile(),
        Optional.ofNullable(pictured),
        recent,
        checkMarks(history, today),
        visitMarks(record, today),
        exposures(record, today),
        record.all(ExpectedExposure.class),
        plan);
  }
}
