package org.evenlobe.server.view;

import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.EarStands;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.Exposure;
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
import org.evenlobe.server.view.RibbonMarks.CheckMark;
import org.evenlobe.server.view.RibbonMarks.CourseMark;
import org.evenlobe.server.view.RibbonMarks.VisitMark;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** One dog with what is to be done for it and why, and those that have left. */
@Service
class DogView {
  /** How many cleanings a page holds: they stand below all else that is said of a dog. */
  private static final int MOST = 12;

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
   * One dog with what is to be done for it; what else is known of it stands in its tabs.
   *
   * @param version of what was said of the dog, for corrections
   * @param zone the household's zone
   * @param leftOn the day it left the household, where it did
   * @param picture when its picture was sent, where it has one
   * @param dog who it is, and its cleanings
   * @param breed the name of its breed, or of both, where they are known
   * @param checks its checks of the last six weeks
   * @param visits its visits of the last six weeks
   * @param exposures what happened to its ears in the last six weeks
   * @param courses its courses of medicine, as a ribbon shows them
   * @param checked how many checks are on record
   * @param startsFrom what a new check starts from; empty where every sign is to be looked for
   * @param normal what each ear shows when it is well, where that is known
   * @param ears how each ear stands
   * @param card what to tell a vet on the phone, where one may be asked
   * @param plan what is planned
   */
  record DogInFull(
      int version,
      ZoneId zone,
      Optional<LocalDate> leftOn,
      Optional<Instant> picture,
      DogFacts dog,
      Optional<String> breed,
      List<CheckMark> checks,
      List<VisitMark> visits,
      List<Exposure> exposures,
      List<CourseMark> courses,
      int checked,
      Optional<EarPair<EarFinding>> startsFrom,
      EarPair<Optional<EarFinding>> normal,
      EarPair<EarStands> ears,
      Optional<CallCard> card,
      DogPlan plan) {}

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
    EarsNow ears = new EarsNow(supplies.ever(), shelf);
    return new DogInFull(
        dog.said().version(),
        standing.zone(),
        dog.said().leftOn(),
        Optional.ofNullable(pictures.sentAt().get(id)),
        new DogFacts(
            id, record.profile(), record.addedOn(), marks.cleanings(), record.cleanings().size()),
        breed,
        marks.checks(),
        marks.visits(),
        marks.exposures(),
        marks.courses(),
        history.checks().size(),
        history.startsFrom(),
        history.normal(),
        history.ears(),
        DogTabsView.visitedSince(history).isPresent()
            ? Optional.empty()
            : CallCards.card(record, history, breed, ears::nameOf, today),
        plans.plan(history, standing));
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
