package org.evenlobe.server.cleaning;

import java.util.UUID;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records practices on the trust ladder, and takes them back. */
@Service
public class PracticeKeeping {
  private final FactStore facts;
  private final DogFactRules rules;

  PracticeKeeping(FactStore facts, DogFactRules rules) {
    this.facts = facts;
    this.rules = rules;
  }

  /**
   * Records or corrects a practice.
   *
   * @throws InvalidFields if it names no dog of this household, or lies in the future or before the
   *     dog's birth
   */
  @Transactional
  public StoredPractice put(UUID id, Precondition given, PracticeRequest said) {
    return facts.put(
        StoredPractice.class,
        StoredPractice::new,
        id,
        given,
        said,
        () -> rules.happened(said).throwIfAny());
  }

  /** Takes it back. */
  @Transactional
  public StoredPractice remove(UUID id, Precondition given) {
    return facts.remove(StoredPractice.class, id, given);
  }
}
