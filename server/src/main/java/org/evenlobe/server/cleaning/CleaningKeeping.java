package org.evenlobe.server.cleaning;

import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.Supply;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.KeptVersion;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.stock.Supplies;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Records and corrects cleanings. */
@Service
public class CleaningKeeping {
  private final FactStore facts;
  private final DogFactRules rules;
  private final Supplies supplies;

  CleaningKeeping(FactStore facts, DogFactRules rules, Supplies supplies) {
    this.facts = facts;
    this.rules = rules;
    this.supplies = supplies;
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
    return facts.versions(Cleaning.class, CleaningRequest.class, id);
  }

  /**
   * Records or corrects a cleaning.
   *
   * @throws InvalidFields if it names no dog or bottle of this household or no ear, or lies in the
   *     future or before the dog's birth
   */
  @Transactional
  public Cleaning put(UUID id, Precondition given, CleaningRequest said) {
    return facts.put(
        Cleaning.class,
        Cleaning::new,
        id,
        given,
        said,
        () ->
            rules
                .happened(said)
                .require(
                    said.ears().right() != null || said.ears().left() != null,
                    "ears",
                    "must name one ear at least")
                .require(
                    said.cleaner() == null
                        || supplies.wasThere(
                            CurrentMember.household(), said.cleaner(), Supply.Kind.CLEANER),
                    "cleaner",
                    "is not a bottle of this household")
                .throwIfAny());
  }
}
