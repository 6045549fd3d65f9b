package org.evenlobe.server.record;

import java.util.UUID;
import java.util.function.Consumer;
import java.util.function.Supplier;
import org.evenlobe.server.fact.FactStore;
import org.evenlobe.server.fact.Precondition;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Keeps facts of dogs that need no more than their own rules. */
@Service
@Transactional
public class DogFactKeeping {
  private final FactStore facts;
  private final DogFactRules rules;

  DogFactKeeping(FactStore facts, DogFactRules rules) {
    this.facts = facts;
    this.rules = rules;
  }

  /**
   * Records or corrects a fact.
   *
   * @param more what else has to hold
   * @throws InvalidFields if it is of no dog of this household, or something else is wrong with it
   */
  public <B extends DogFactRequest, F extends StoredDogFact<B>> F put(
      Class<F> kind,
      Supplier<F> blank,
      UUID id,
      Precondition given,
      B said,
      Consumer<InvalidFields.Collector> more) {
    return facts.put(
        kind, blank, id, given, said, () -> rules.happened(said).and(more).throwIfAny());
  }

  /** Takes it back. */
  public <B extends DogFactRequest, F extends StoredDogFact<B>> F remove(
      Class<F> kind, UUID id, Precondition given) {
    return facts.remove(kind, id, given);
  }
}
