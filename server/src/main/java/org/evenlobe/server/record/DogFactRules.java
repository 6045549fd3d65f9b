package org.evenlobe.server.record;

import java.time.LocalDate;
import java.util.Optional;
import java.util.UUID;
import java.util.function.Supplier;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.access.Role;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.fact.FactKey;
import org.evenlobe.server.fact.FactKind;
import org.evenlobe.server.problem.InvalidFields;
import org.springframework.stereotype.Component;

/** What holds for every fact of a dog: whose it is, and when it may have happened. */
@Component
public class DogFactRules {
  private static final LocalDate OLDEST = LocalDate.of(1990, 1, 1);

  private final Dogs dogs;
  private final HouseholdDay day;

  DogFactRules(Dogs dogs, HouseholdDay day) {
    this.dogs = dogs;
    this.day = day;
  }

  /** What else has to hold of a fact of a dog. */
  @FunctionalInterface
  public interface More<B> {
    /** Notes what is wrong with it. */
    void check(UUID id, B said, InvalidFields.Collector errors);
  }

  /** Nothing else has to hold of it. */
  public static <B> More<B> nothing() {
    return (id, said, errors) -> {};
  }

  /** A kind of facts of dogs of which nothing else has to hold. */
  public <B extends DogFactRequest, F extends StoredDogFact<B>> FactKind<B, F> kind(
      String path, Class<B> body, Class<F> stored, Supplier<F> blank) {
    return kind(path, body, stored, blank, nothing());
  }

  /** A kind of facts of dogs, and what else has to hold of them, whenever it is asked. */
  public <B extends DogFactRequest, F extends StoredDogFact<B>> FactKind<B, F> kind(
      String path, Class<B> body, Class<F> stored, Supplier<F> blank, More<B> lasting) {
    return kind(path, body, stored, blank, lasting, nothing());
  }

  /**
   * The same, and what has to hold of them only where they are said: it asks for the day, the plan
   * or other facts.
   */
  public <B extends DogFactRequest, F extends StoredDogFact<B>> FactKind<B, F> kind(
      String path,
      Class<B> body,
      Class<F> stored,
      Supplier<F> blank,
      More<B> lasting,
      More<B> now) {
    return new FactKind<>(
            path,
            body,
            stored,
            blank,
            true,
            Role.CARER,
            said -> Optional.of(said.moment().day()),
            (id, said) ->
                happened(said)
                    .and(errors -> lasting.check(id, said, errors))
                    .and(errors -> now.check(id, said, errors))
                    .throwIfAny())
        .lasting(
            (id, said) ->
                happened(said).and(errors -> lasting.check(id, said, errors)).throwIfAny());
  }

  /**
   * The dog that a fact is about.
   *
   * @throws InvalidFields if it is none of this household's
   */
  public Dog dog(UUID id) {
    // by its key: asked once a transaction, however many of its facts are judged in it
    return dogs.findById(new FactKey(CurrentMember.household(), id))
        .filter(dog -> !dog.isGone())
        .orElseThrow(() -> InvalidFields.of("dogId", "is not a dog of this household"));
  }

  /**
   * Notes what is wrong with when a fact happened.
   *
   * @throws InvalidFields if it is of no dog of this household
   */
  public InvalidFields.Collector happened(DogFactRequest said) {
    LocalDate on = said.moment().day();
    Dog dog = dog(said.dogId());
    return new InvalidFields.Collector()
        .require(!said.at().isAfter(day.latest()), "at", "must not lie in the future")
        .require(!on.isBefore(OLDEST), "at", "must not lie before 1990")
        .require(
            dog.bornOn().map(born -> !on.isBefore(born)).orElse(true),
            "at",
            "must not lie before the dog's birth");
  }
}
