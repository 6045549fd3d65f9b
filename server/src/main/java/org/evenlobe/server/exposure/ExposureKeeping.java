package org.evenlobe.server.exposure;

import java.util.UUID;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records what happened to dogs' ears, and takes it back. */
@Service
public class ExposureKeeping {
  private final FactStore facts;
  private final DogFactRules rules;
  private final HouseholdDay day;

  ExposureKeeping(FactStore facts, DogFactRules rules, HouseholdDay day) {
    this.facts = facts;
    this.rules = rules;
    this.day = day;
  }

  /**
   * Records or corrects an exposure.
   *
   * @throws InvalidFields if it names no dog of this household, or its days cannot be
   */
  @Transactional
  public StoredExposure put(UUID id, Precondition given, ExposureRequest said) {
    return facts.put(
        StoredExposure.class,
        StoredExposure::new,
        id,
        given,
        said,
        () -> rules.happened(said).and(errors -> said.check(errors, day.today())).throwIfAny());
  }

  /** Takes it back. */
  @Transactional
  public StoredExposure remove(UUID id, Precondition given) {
    return facts.remove(StoredExposure.class, id, given);
  }
}
