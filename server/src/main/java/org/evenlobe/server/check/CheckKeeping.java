package org.evenlobe.server.check;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records and corrects checks. */
@Service
public class CheckKeeping {
  private final FactStore facts;
  private final DogFactRules rules;

  CheckKeeping(FactStore facts, DogFactRules rules) {
    this.facts = facts;
    this.rules = rules;
  }

  /**
   * Records or corrects a check.
   *
   * @throws InvalidFields if it names no dog of this household, its discharge does not fit its
   *     kind, or it lies in the future or before the dog's birth
   */
  @Transactional
  public Check put(UUID id, Precondition given, CheckRequest said) {
    return facts.put(
        Check.class,
        Check::new,
        id,
        given,
        said,
        () -> rules.happened(said).and(said::check).throwIfAny());
  }

  /** Deletes a check; it can be restored for 30 days. */
  @Transactional
  public Check remove(UUID id, Precondition given) {
    return facts.remove(Check.class, id, given);
  }

  /** Says again what an earlier version said. */
  @Transactional
  public Check restore(UUID id, int version) {
    return facts.restore(Check.class, CheckRequest.class, id, version);
  }

  /** All versions, the latest first. */
  @Transactional(readOnly = true)
  public List<KeptVersion<CheckRequest>> versions(UUID id) {
    return facts.versions(Check.class, CheckRequest.class, id);
  }
}
