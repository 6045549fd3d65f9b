package org.evenlobe.server.dog;

import java.time.LocalDate;
import java.util.UUID;
import org.evenlobe.server.account.HouseholdDay;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Adds and corrects dogs. */
@Service
public class DogKeeping {
  private static final LocalDate OLDEST = LocalDate.of(1990, 1, 1);

  private final FactStore facts;
  private final HouseholdDay day;

  DogKeeping(FactStore facts, HouseholdDay day) {
    this.facts = facts;
    this.day = day;
  }

  /**
   * Adds or corrects a dog.
   *
   * @throws InvalidFields if it was born or joined in the future or implausibly long ago
   */
  @Transactional
  public Dog put(UUID id, Precondition given, DogRequest said) {
    LocalDate today = day.today();
    InvalidFields.Collector errors = new InvalidFields.Collector();
    if (said.bornOn() != null) {
      errors.require(!said.bornOn().isAfter(today), "bornOn", "must not lie in the future");
      errors.require(!said.bornOn().isBefore(OLDEST), "bornOn", "must not lie before 1990");
    }
    errors.require(!said.joinedOn().isAfter(today), "joinedOn", "must not lie in the future");
    errors.require(!said.joinedOn().isBefore(OLDEST), "joinedOn", "must not lie before 1990");
    errors.throwIfAny();
    return facts.put(Dog.class, Dog::new, id, given, said);
  }
}
