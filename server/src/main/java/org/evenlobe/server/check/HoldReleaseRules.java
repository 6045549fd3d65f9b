package org.evenlobe.server.check;

import java.util.List;
import java.util.Optional;
import java.util.UUID;
import org.evenlobe.core.check.Hold;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.stereotype.Component;

/** When a person's word that a hold is over may be taken. */
@Component
class HoldReleaseRules {
  private final FoldedDogs dogs;

  HoldReleaseRules(FoldedDogs dogs) {
    this.dogs = dogs;
  }

  /**
   * Asked of a word that is to be taken.
   *
   * @throws InvalidFields if that ear is not held, or its hold is lifted by a vet only, or its
   *     checks have not been quiet long enough
   */
  void check(UUID id, HoldReleaseRequest said) {
    DogRecord before = dogs.one(said.dogId(), said.moment().day()).record().without(id);
    Optional<Hold> hold = DogHistory.of(before, said.moment().day()).ear(said.ear()).hold();
    if (hold.isEmpty()) {
      throw InvalidFields.of("ear", "is not held");
    }
    if (!hold.get().mayConfirm()) {
      List<Reason> reasons = hold.get().reasons();
      throw InvalidFields.of("ear", "stays held: " + reasons.get(reasons.size() - 1).sentence());
    }
  }
}
