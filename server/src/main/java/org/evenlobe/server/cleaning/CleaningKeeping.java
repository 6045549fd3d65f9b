package org.evenlobe.server.cleaning;

import java.util.List;
import java.util.UUID;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records and corrects cleanings. */
@Service
public class CleaningKeeping {
  private final FactStore facts;
  private final DogFactRules rules;

  CleaningKeeping(FactStore facts, DogFactRules rules) {
    this.facts = facts;
    this.rules = rules;
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
    rules
        .happened(said)
        .require(
            said.ears().right() != null || said.ears().left() != null,
            "ears",
            "must name one ear at least")
        .throwIfAny();
    return facts.put(Cleaning.class, Cleaning::new, id, given, said);
  }
}
