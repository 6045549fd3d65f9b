package org.evenlobe.server.record;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Stream;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dog;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Loads all facts of dogs, with one statement for each kind of fact. */
@Component
@Transactional(propagation = Propagation.MANDATORY, readOnly = true)
public class DogRecords {
  private final DogFacts facts;

  DogRecords(DogFacts facts) {
    this.facts = facts;
  }

  /** The dog with all its facts. */
  public DogRecord complete(DogRecord bare) {
    return complete(List.of(bare), Optional.of(bare.id())).get(0);
  }

  /** All that is known of a dog. */
  public DogRecord of(Dog dog) {
    return complete(DogRecord.of(dog.id(), dog.profile(), dog.joinedOn()));
  }

  /** All that is known of dogs, one list after the other. */
  public List<DogRecord> of(List<Dog> dogs, List<Dog> more) {
    return complete(
        Stream.concat(dogs.stream(), more.stream())
            .map(dog -> DogRecord.of(dog.id(), dog.profile(), dog.joinedOn()))
            .toList());
  }

  /** The household's dogs with all their facts. */
  public List<DogRecord> complete(List<DogRecord> bare) {
    return complete(bare, Optional.empty());
  }

  private List<DogRecord> complete(List<DogRecord> bare, Optional<UUID> only) {
    Map<UUID, List<Dated>> byDog = new HashMap<>();
    bare.forEach(dog -> byDog.put(dog.id(), new ArrayList<>()));
    for (DogFacts.DogFact fact : facts.of(CurrentMember.household(), only)) {
      List<Dated> mine = byDog.get(fact.dog());
      if (mine != null) {
        mine.add(fact.fact());
      }
    }
    return bare.stream()
        .map(dog -> DogRecord.of(dog.id(), dog.profile(), dog.addedOn(), byDog.get(dog.id())))
        .toList();
  }
}
