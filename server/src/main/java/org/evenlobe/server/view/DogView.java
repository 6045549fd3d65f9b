package org.evenlobe.server.view;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.ear.CanalEstimate;
import org.evenlobe.core.ear.Canals;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.Told;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.visit.CallCard;
import org.evenlobe.core.visit.CallCards;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.dog.Pictures;
import org.evenlobe.server.plan.Plans;
import org.evenlobe.server.plan.Plans.Standing;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.record.FoldedDogs.Folded;
import org.evenlobe.server.stock.SupplyAnswers;
import org.evenlobe.server.view.EarsNow.ReactionMark;
import org.evenlobe.server.view.RibbonMarks.CheckMark;
import org.evenlobe.server.view.RibbonMarks.CourseMark;
import org.evenlobe.server.view.RibbonMarks.VisitMark;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One dog with all that is known, and those that have left. */
@Service
class DogView {
  /** How many cleanings a page holds: they stand below all else that is said of a dog. */
  private static final int MOST = 12;

  private static final int LAST_FEW = 6;

  private static final int TOLD_DAYS = 42;

  private final FoldedDogs folded;
  private final Plans plans;
  private final Pictures pictures;
  private final Dogs dogs;
  private final BreedCatalogue breeds;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;

  DogView(
      FoldedDogs folded,
      Plans plans,
      Pictures pictures,
      Dogs dogs,
      BreedCatalogue breeds,
      SupplyAnswers supplies,
      Ingredients shelf) {
    this.folded = folded;
    this.plans = plans;
    this.pictures = pictures;
    this.dogs = dogs;
    this.breeds = breeds;
    this.supplies = supplies;
    this.shelf = shelf;
  }

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
   * @param courses its courses of medicine, as a ribbon shows them
   * @param hair when its hair was seen to, the last few times, oldest first
   * @param told what those said who had it for a while, of the last six weeks, the latest first
   * @param reactions what it has reacted to, oldest first
   * @param expected what is expected to happen to them again and again
   * @param appointments when a vet is to see it, from today on
   * @param checked how many checks are on record
   * @param latest what its latest check said, where there is one
   * @param checkedOn the day of that check
   * @param visitedSince the day of a visit or call after it, where there was one
   * @param cleanedSince the day of a cleaning after it, where there was one
   * @param startsFrom what a new check starts from; empty where every sign is to be looked for
   * @param normal what each ear shows when it is well, where that is known
   * @param card what to tell a vet on the phone, where one may be asked
   * @param plan what is planned
   * @param canals what its canals hold, where its weight is known
   */
  record DogInFull(
      int version,
      ZoneId zone,
      Optional<LocalDate> leftOn,
      Optional<Instant> picture,
      DogFacts dog,
      List<CheckMark> checks,
      List<VisitMark> visits,
      List<Exposure> exposures,
      List<CourseMark> courses,
      List<HairDone> hair,
      List<Told> told,
      List<ReactionMark> reactions,
      List<ExpectedExposure> expected,
      List<Appointment> appointments,
      int checked,
      Optional<CheckVerdict> latest,
      Optional<LocalDate> checkedOn,
      Optional<LocalDate> visitedSince,
      Optional<LocalDate> cleanedSince,
      Optional<EarPair<EarFinding>> startsFrom,
      EarPair<Optional<EarFinding>> normal,
      Optional<CallCard> card,
      DogPlan plan,
      Optional<EarPair<CanalEstimate>> canals) {}

  /**
   * Who a dog is, with its cleanings.
   *
   * @param id its id
   * @param profile who it is
   * @param addedOn the day it joined the household
   * @param cleanings its cleanings of the last six weeks, oldest first
   * @param cleaned how many are on record
   */
  record DogFacts(
      UUID id,
      DogProfile profile,
      LocalDate addedOn,
      List<CleaningRecord> cleanings,
      int cleaned) {}

  /**
   * A dog that has left.
   *
   * @param id its id
   * @param name what it is called
   * @param leftOn when it left
   */
  record ArchivedDog(UUID id, String name, LocalDate leftOn) {}

  /**
   * One dog of the current household.
   *
   * @throws Refusal 404 if there is none
   */
  @Transactional(readOnly = true)
  public DogInFull dog(UUID id, Standing standing) {
    LocalDate today = standing.today();
    Folded dog = folded.one(id, today);
    DogHistory history = dog.history();
    DogRecord record = dog.record();
    RibbonMarks marks = RibbonMarks.of(history);
    Optional<String> breed = breeds.ancestry(record.profile().breeds()).map(Breed::name);
    Optional<CheckRecord> latest = history.latest().map(AssessedCheck::check);
    Optional<LocalDate> visited = since(latest, history.visits());
    EarsNow ears = new EarsNow(supplies.ever(), shelf);
    return new DogInFull(
        dog.said().version(),
        standing.zone(),
        dog.said().leftOn(),
        Optional.ofNullable(pictures.sentAt().get(id)),
        new DogFacts(
            id, record.profile(), record.addedOn(), marks.cleanings(), record.cleanings().size()),
        marks.checks(),
        marks.visits(),
        marks.exposures(),
        marks.courses(),
        last(record.all(HairDone.class)),
        toldSince(record, today.minusDays(TOLD_DAYS)),
        ears.reactions(record),
        record.all(ExpectedExposure.class),
        record.all(Appointment.class).stream().filter(made -> !made.on().isBefore(today)).toList(),
        history.checks().size(),
        visited.isPresent() ? asItSaid(history) : history.latestVerdict(),
        latest.map(CheckRecord::day),
        visited,
        since(latest, record.cleanings()),
        history.startsFrom(),
        history.normal(),
        visited.isPresent()
            ? Optional.empty()
            : CallCards.card(record, history, breed, ears::nameOf, today),
        plans.plan(history, standing),
        Canals.of(record, today));
  }

  private static List<Told> toldSince(DogRecord record, LocalDate day) {
    return record.all(Told.class).stream()
        .filter(told -> !told.day().isBefore(day))
        .sorted(Dated.BY_TIME.reversed())
        .toList();
  }

  private static <F> List<F> last(List<F> facts) {
    return facts.subList(Math.max(0, facts.size() - LAST_FEW), facts.size());
  }

  /** What the latest check said when it was recorded, without what has happened since. */
  private static Optional<CheckVerdict> asItSaid(DogHistory history) {
    return history
        .latest()
        .flatMap(latest -> DogHistory.upTo(history.dog(), latest.check()).latestVerdict());
  }

  /** The day of the last of those facts, where it came after the check. */
  private static Optional<LocalDate> since(
      Optional<CheckRecord> check, List<? extends Dated> facts) {
    return check
        .filter(looked -> !facts.isEmpty())
        .filter(looked -> Dated.BY_TIME.compare(facts.get(facts.size() - 1), looked) > 0)
        .map(looked -> facts.get(facts.size() - 1).day());
  }

  /**
   * A page of a dog's cleanings.
   *
   * @param cleanings the latest first
   * @param hasMore whether there are earlier ones
   */
  record CleaningPage(List<CleaningRecord> cleanings, boolean hasMore) {}

  /**
   * A dog's cleanings, the latest first, a page at a time.
   *
   * @throws Refusal 404 if there is no such dog
   */
  @Transactional(readOnly = true)
  public CleaningPage cleanings(UUID id, Earlier earlier) {
    LocalDate today = plans.standing().today();
    Earlier.Slice<CleaningRecord> page =
        earlier.of(MOST, folded.one(id, today).record().cleanings(), one -> one);
    return new CleaningPage(page.entries(), page.hasMore());
  }

  /** The dogs that have left, the latest first. */
  @Transactional(readOnly = true)
  public List<ArchivedDog> archived() {
    return dogs.archived(CurrentMember.household()).stream()
        .map(dog -> new ArchivedDog(dog.id(), dog.profile().name(), dog.leftOn().orElseThrow()))
        .toList();
  }
}
