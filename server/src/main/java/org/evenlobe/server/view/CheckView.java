package org.evenlobe.server.view;

import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.CheckVerdict;
import org.evenlobe.core.check.Verdict;
import org.evenlobe.core.ear.Breed;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.AssessedCheck;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.history.Flare;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.solution.Ingredients;
import org.evenlobe.core.visit.CallCard;
import org.evenlobe.core.visit.CallCards;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.check.CheckRequest;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.problem.Refusal;
import org.evenlobe.server.record.FoldedDogs;
import org.evenlobe.server.stock.SupplyAnswers;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** What a dog's checks say, computed at every request. */
@Service
class CheckView {
  private static final UUID PREVIEW = new UUID(-1, -1);

  /** How many checks a page holds: half a year of them. */
  private static final int MOST = 26;

  private final FoldedDogs dogs;
  private final HouseholdDay day;
  private final BreedCatalogue breeds;
  private final SupplyAnswers supplies;
  private final Ingredients shelf;

  CheckView(
      FoldedDogs dogs,
      HouseholdDay day,
      BreedCatalogue breeds,
      SupplyAnswers supplies,
      Ingredients shelf) {
    this.dogs = dogs;
    this.day = day;
    this.breeds = breeds;
    this.supplies = supplies;
    this.shelf = shelf;
  }

  /**
   * A dog's checks.
   *
   * @param dogId whose
   * @param name what it is called
   * @param today the day in the household's zone
   * @param checks those of one page, the latest first
   * @param hasMore whether there are earlier ones
   * @param flares episodes of trouble, oldest first
   */
  record CheckLog(
      UUID dogId,
      String name,
      LocalDate today,
      List<CheckEntry> checks,
      boolean hasMore,
      List<Flare> flares) {}

  /**
   * One check in a list.
   *
   * @param check what was found
   * @param scores the score of each ear
   * @param verdicts the verdict of each ear
   */
  record CheckEntry(CheckRecord check, EarPair<Integer> scores, EarPair<Verdict> verdicts) {

    static CheckEntry of(AssessedCheck assessed) {
      return new CheckEntry(
          assessed.check(), assessed.check().ears().map(EarFinding::score), assessed.verdicts());
    }
  }

  /**
   * All that one check says, with what was known at its time.
   *
   * @param check what was found
   * @param verdict what it says
   * @param card what to tell a vet on the phone, where one may be asked
   */
  record CheckInFull(CheckRecord check, CheckVerdict verdict, Optional<CallCard> card) {}

  /** A dog's checks, the latest first, a page at a time. */
  @Transactional(readOnly = true)
  public CheckLog log(UUID dogId, Earlier earlier) {
    LocalDate today = day.today();
    DogHistory history = dogs.one(dogId, today).history();
    Earlier.Slice<AssessedCheck> page = earlier.of(MOST, history.checks(), AssessedCheck::check);
    return new CheckLog(
        dogId,
        history.dog().profile().name(),
        today,
        page.entries().stream().map(CheckEntry::of).toList(),
        page.hasMore(),
        history.flares());
  }

  /**
   * All that one check says.
   *
   * @throws Refusal 404 if that dog has no such check
   */
  @Transactional(readOnly = true)
  public CheckInFull check(UUID dogId, UUID checkId) {
    DogRecord dog = dog(dogId);
    return dog.checks().stream()
        .filter(check -> check.id().equals(checkId))
        .findFirst()
        .map(check -> inFull(dog, check))
        .orElseThrow(Refusal::notFound);
  }

  /**
   * What a check would say if it were recorded. Stores nothing.
   *
   * @param replacing the check that it would correct, where it is one
   * @throws InvalidFields if a discharge does not fit its kind
   */
  @Transactional(readOnly = true)
  public CheckInFull preview(UUID dogId, Optional<UUID> replacing, CheckRequest said) {
    InvalidFields.Collector errors = new InvalidFields.Collector();
    said.check(errors);
    errors.throwIfAny();
    CheckRecord check = said.toCore(replacing.orElse(PREVIEW));
    return inFull(dog(dogId).plus(check), check);
  }

  private CheckInFull inFull(DogRecord dog, CheckRecord check) {
    DogHistory history = DogHistory.upTo(dog, check);
    EarsNow ears = new EarsNow(supplies.ever(), shelf);
    Optional<String> breed = breeds.ancestry(dog.profile().breeds()).map(Breed::name);
    return new CheckInFull(
        check,
        history.latestVerdict().orElseThrow(),
        CallCards.card(until(dog, check), history, breed, ears::nameOf, check.day()));
  }

  /** The dog without what was done after the check. */
  private static DogRecord until(DogRecord dog, CheckRecord check) {
    return dog.with(
        CleaningRecord.class,
        dog.cleanings().stream()
            .filter(cleaning -> Dated.BY_TIME.compare(cleaning, check) < 0)
            .toList());
  }

  private DogRecord dog(UUID id) {
    return dogs.one(id, day.today()).record();
  }
}
