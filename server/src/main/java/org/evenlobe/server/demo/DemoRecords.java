package org.evenlobe.server.demo;

import java.util.UUID;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.dog.Dog;
import org.evenlobe.server.dog.Dogs;
import org.evenlobe.server.record.DogRecords;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Transactional;

/** What is on record of a demo dog. */
@Component
@ConditionalOnProperty("evenlobe.demo")
class DemoRecords {
  private final Dogs dogs;
  private final DogRecords records;

  DemoRecords(Dogs dogs, DogRecords records) {
    this.dogs = dogs;
    this.records = records;
  }

  @Transactional(readOnly = true)
  public DogRecord one(UUID id) {
    Dog dog = dogs.one(CurrentMember.household(), id).orElseThrow();
    return records.of(dog);
  }
}
