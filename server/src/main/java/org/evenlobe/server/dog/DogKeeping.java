package org.evenlobe.server.dog;

import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
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

  /** Says again what an earlier version said. */
  @Transactional
  public Dog restore(UUID id, int version) {
    return facts.restore(Dog.class, DogRequest.class, id, version);
  }

  /** All versions, the latest first. */
  @Transactional(readOnly = true)
  public List<KeptVersion<DogRequest>> versions(UUID id) {
    return facts.versions(Dog.class, DogRequest.class, id);
  }

  /**
   * Adds or corrects a dog.
   *
   * @throws InvalidFields if it was born or joined in the future or implausibly long ago
   */
  @Transactional
  public Dog put(UUID id, Precondition given, DogRequest said) {
    return facts.put(Dog.class, Dog::new, id, given, said, () -> check(said));
  }

  private void check(DogRequest said) {
    LocalDate today = day.today();
    InvalidFields.Collector errors = new InvalidFields.Collector();
    if (said.bornOn() != null) {
      errors.require(!said.bornOn().isAfter(today), "bornOn", "must not lie in the future");
      errors.require(!said.bornOn().isBefore(OLDEST), "bornOn", "must not lie before 1990");
    }
    errors.require(!said.joinedOn().isAfter(today), "joinedOn", "must not lie in the future");
    errors.require(!said.joinedOn().isBefore(OLDEST), "joinedOn", "must not lie before 1990");
    if (said.leftOn() != null) {
      errors.require(!said.leftOn().isAfter(today), "leftOn", "must not lie in the future");
      errors.require(
          !said.leftOn().isBefore(said.joinedOn()), "leftOn", "must not lie before joinedOn");
    }
    for (int i = 0; i < said.weights().size(); i++) {
      LocalDate on = said.weights().get(i).on();
      String field = "weights[" + i + "].on";
      errors.require(!on.isAfter(today), field, "must not lie in the future");
      errors.require(
          said.bornOn() == null || !on.isBefore(said.bornOn()),
          field,
          "must not lie before the birth");
    }
    LocalDate seen = said.eardrum().on();
    errors.require(
        seen != null || said.eardrum().status() == Eardrum.Status.NEVER_EXAMINED,
        "eardrum.on",
        "must say when it was seen");
    errors.require(
        seen == null || !seen.isAfter(today), "eardrum.on", "must not lie in the future");
    errors.require(
        said.ownSchedule().scheduling().map(SchedulingMode::isChosen).orElse(true),
        "schedule.scheduling",
        "is a vet's to prescribe");
    errors.throwIfAny();
  }
}
