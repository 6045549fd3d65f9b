package org.evenlobe.server.cleaning;

import java.time.Duration;
import java.time.LocalDate;
import java.util.List;
import java.util.UUID;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
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

  /** Deletes a cleaning; it can be restored for 30 days. */
  @Transactional
  public Cleaning remove(UUID id, Precondition given) {
    return facts.remove(Cleaning.class, id, given);
  }

  /** Says again what an earlier version said. */
  @Transactional
  public Cleaning restore(UUID id, int version) {
    return facts.restore(Cleaning.class, CleaningRequest.class, id, version);
  }

  /** All versions, the latest first. */
  @Transactional(readOnly = true)
  public List<KeptVersion<CleaningRequest>> versions(UUID id) {
    return facts.versions(CleaningRequest.class, id);
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
