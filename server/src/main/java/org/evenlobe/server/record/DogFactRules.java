package org.evenlobe.server.record;

import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Component;

/** What holds for every fact of a dog: whose it is, and when it may have happened. */
@Component
public class DogFactRules {
  /** A phone's clock may be ahead of the server's by that much. */
  private static final Duration CLOCK_SKEW = Duration.ofMinutes(5);

  private static final LocalDate OLDEST = LocalDate.of(1990, 1, 1);

  private final Dogs dogs;
  private final HouseholdDay day;

  DogFactRules(Dogs dogs, HouseholdDay day) {
    this.dogs = dogs;
    this.day = day;
  }

  /**
   * The dog that a fact is about.
   *
   * @throws InvalidFields if it is none of this household's
   */
  public Dog dog(UUID id) {
    return dogs.one(CurrentMember.household(), id)
        .orElseThrow(() -> InvalidFields.of("dogId", "is not a dog of this household"));
  }

  /**
   * Notes what is wrong with when a fact happened.
   *
   * @throws InvalidFields if it is of no dog of this household
   */
  public InvalidFields.Collector happened(DogFactRequest said) {
    LocalDate on = said.moment().day();
    Dog dog = dog(said.dogId());
    return new InvalidFields.Collector()
        .require(!said.at().isAfter(day.now().plus(CLOCK_SKEW)), "at", "must not lie in the future")
        .require(!on.isBefore(OLDEST), "at", "must not lie before 1990")
        .require(
            dog.bornOn().map(born -> !on.isBefore(born)).orElse(true),
            "at",
            "must not lie before the dog's birth");
  }
}
