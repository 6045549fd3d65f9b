package org.evenlobe.server.cleaning;

import java.time.Duration;
import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.server.account.CurrentMember;
import org.evenlobe.server.account.HouseholdDay;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records and corrects cleanings. */
@Service
public class CleaningKeeping {
  /** A phone's clock may be ahead of the server's by that much. */
  private static final Duration CLOCK_SKEW = Duration.ofMinutes(5);

  private static final LocalDate OLDEST = LocalDate.of(1990, 1, 1);

  private final FactStore facts;
  private final Dogs dogs;
  private final HouseholdDay day;

  CleaningKeeping(FactStore facts, Dogs dogs, HouseholdDay day) {
    this.facts = facts;
    this.dogs = dogs;
    this.day = day;
  }

  /**
   * Records or corrects a cleaning.
   *
   * @throws InvalidFields if it names no dog of this household or no ear, or lies in the future or
   *     before the dog's birth
   */
  @Transactional
  public Cleaning put(UUID id, Precondition given, CleaningRequest said) {
    Dog dog =
        dogs.one(CurrentMember.household(), said.dogId())
            .orElseThrow(() -> InvalidFields.of("dogId", "is not a dog of this household"));
    LocalDate on = said.at().atZone(said.zone()).toLocalDate();
    new InvalidFields.Collector()
        .require(
            said.ears().right() != null || said.ears().left() != null,
            "ears",
            "must name one ear at least")
        .require(!said.at().isAfter(day.now().plus(CLOCK_SKEW)), "at", "must not lie in the future")
        .require(!on.isBefore(OLDEST), "at", "must not lie before 1990")
        .require(
            dog.bornOn().map(born -> !on.isBefore(born)).orElse(true),
            "at",
            "must not lie before the dog's birth")
        .throwIfAny();
    return facts.put(Cleaning.class, Cleaning::new, id, given, said);
  }
}
