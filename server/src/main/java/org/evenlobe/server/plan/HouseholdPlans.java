package org.evenlobe.server.plan;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
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
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.Agenda;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.stock.StockOutlook;
import org.evenlobe.core.trend.AssessedCheck;
import org.evenlobe.core.trend.CheckHistory;
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
  private final Planner planner;
  private final StockAnswers stock;
  private final BreedCatalogue breeds;

  HouseholdPlans(
      Dogs dogs,
      DogRecords records,
      Pictures pictures,
      SettingsKeeping settings,
      HouseholdDay day,
      Planner planner,
      StockAnswers stock,
      BreedCatalogue breeds) {
    this.dogs = dogs;
    this.records = records;
    this.pictures = pictures;
    this.settings = settings;
    this.day = day;
    this.planner = planner;
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
   */
  public record Today(
      LocalDate today,
      ZoneId zone,
      List<Agenda.Line> agenda,
      List<DogToday> dogs,
      List<StockOutlook> runningOut) {}

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

  /** The current household's dogs today. */
  @Transactional(readOnly = true)
  public Today today() {
    UUID household = CurrentMember.household();
    Settings how = settings.get();
    LocalDate today = day.today(how.zone());
    Map<UUID, Instant> sent = pictures.sentAt();
    List<Dog> here = dogs.ofHousehold(household);
    List<DogRecord> all = records.of(here, dogs.archived(household));
    List<DogToday> answers =
        all.subList(0, here.size()).stream()
            .map(record -> standing(record, sent.get(record.id()), how, today))
            .toList();
    List<DogPlan> plans = answers.stream().map(DogToday::plan).toList();
    List<StockOutlook> runningOut =
        stock.outlooks(all, plans, how, today).stream()
            .filter(kind -> !kind.supplies().isEmpty())
            .filter(kind -> kind.runsOutBy(today.plusDays(SOON_DAYS)))
            .toList();
    return new Today(today, how.zone(), Agenda.lines(plans), answers, runningOut);
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
    CheckHistory history = CheckHistory.of(record, today);
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
        history.checks().size(),
        history.latestVerdict(),
        history.startsFrom(),
        CallCards.card(record, history, breed, today),
        planner.plan(record, history, how.preferences(), today),
        Canals.of(record, today));
  }

  /** The dogs that have left, the latest first. */
  @Transactional(readOnly = true)
  public List<ArchivedDog> archived() {
    return dogs.archived(CurrentMember.household()).stream()
        .map(dog -> new ArchivedDog(dog.id(), dog.profile().name(), dog.leftOn().orElseThrow()))
        .toList();
  }

  private static List<CheckMark> checkMarks(CheckHistory history, LocalDate today) {
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
    return record.exposures().stream()
        .filter(exposure -> !exposure.lastDay().isBefore(from))
        .toList();
  }

  private DogToday standing(
      DogRecord record, @Nullable Instant pictured, Settings how, LocalDate today) {
    LocalDate from = today.minusDays(RIBBON_DAYS_BACK);
    List<CleaningRecord> recent =
        record.cleanings().stream().filter(done -> !done.day().isBefore(from)).toList();
    CheckHistory history = CheckHistory.of(record, today);
    return new DogToday(
        record.id(),
        record.profile(),
        Optional.ofNullable(pictured),
        recent,
        checkMarks(history, today),
        visitMarks(record, today),
        exposures(record, today),
        planner.plan(record, history, how.preferences(), today));
  }
}
