package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.UUID;

/**
 * All facts about one dog: what a plan is computed from.
 *
 * @param id its id
 * @param profile who it is
 * @param addedOn the day it joined the household
 * @param cleanings its cleanings, oldest first whatever order they came in
 */
public record DogRecord(
    UUID id, DogProfile profile, LocalDate addedOn, List<CleaningRecord> cleanings) {

  public DogRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(profile, "profile");
    Objects.requireNonNull(addedOn, "addedOn");
    cleanings = cleanings.stream().sorted(CleaningRecord.BY_TIME).toList();
  }
}
