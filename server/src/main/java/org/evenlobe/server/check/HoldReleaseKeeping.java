package org.evenlobe.server.check;

import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRules;
import org.evenlobe.server.record.DogRecords;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Takes a person's word that a hold is over, where the rules allow it. */
@Service
public class HoldReleaseKeeping {
  private final FactStore facts;
  private final DogFactRules rules;
  private final DogRecords records;

  HoldReleaseKeeping(FactStore facts, DogFactRules rules, DogRecords records) {
    this.facts = facts;
    this.rules = rules;
    this.records = records;
  }

  /**
   * Confirms that a hold is over.
   *
   * @throws InvalidFields if that ear is not held, or its hold is lifted by a vet only, or its
   *     checks have not been quiet long enough
   */
  @Transactional
  public StoredRelease put(UUID id, Precondition given, HoldReleaseRequest said) {
    return facts.put(
        StoredRelease.class,
        StoredRelease::new,
        id,
        given,
        said,
        () -> {
          rules.happened(said).throwIfAny();
          allow(rules.dog(said.dogId()), id, said);
        });
  }

  /** Takes the word back: the hold is open again. */
  @Transactional
  public StoredRelease remove(UUID id, Precondition given) {
    return facts.remove(StoredRelease.class, id, given);
  }

  private void allow(Dog dog, UUID id, HoldReleaseRequest said) {
    DogRecord before = records.of(dog).without(id);
    Optional<Hold> hold = DogHistory.of(before, said.moment().day()).holds().get(said.ear());
    if (hold.isEmpty()) {
      throw InvalidFields.of("ear", "is not held");
    }
    if (!hold.get().mayConfirm()) {
      throw InvalidFields.of(
          "ear",
          "stays held: " + hold.get().reasons().get(hold.get().reasons().size() - 1).sentence());
    }
  }
}
