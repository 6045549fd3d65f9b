package org.evenlobe.server.demo;

import java.util.List;
import java.util.UUID;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is on record of a demo dog. */
@Component
@ConditionalOnProperty("evenlobe.demo")
class DemoRecords {
  private final FoldedDogs dogs;
  private final HouseholdDay day;

  DemoRecords(FoldedDogs dogs, HouseholdDay day) {
    this.dogs = dogs;
    this.day = day;
  }

  @Transactional(readOnly = true)
  public DogRecord one(UUID id) {
    return dogs.one(id, day.today()).record();
  }

  /** Those that live in the household now. */
  @Transactional(readOnly = true)
  public List<UUID> here() {
    return dogs.here(day.today()).stream().map(dog -> dog.said().id()).toList();
  }
}
