package org.evenlobe.server.course;

import java.time.Instant;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.server.access.CurrentMember;
import org.evenlobe.server.access.HouseholdDay;
import org.evenlobe.server.account.HouseholdSettings;
import org.evenlobe.server.account.Settings;
import org.evenlobe.server.record.FoldedDogs;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Component;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/**
 * What a tick is judged by, asked once a dog and once a course for all ticks of a transaction: a
 * table of twenty thousand costs as many statements as one, and one that names courses of nobody
 * asks and locks nothing for them. What was judged to be good in it counts for what follows, so
 * that two lines of a table never tick one dose.
 */
@Component
class CoursesAtHand {
  private final FoldedDogs dogs;
  private final HouseholdSettings settings;
  private final HouseholdDay day;
  private final Givings givings;
  private final JdbcClient jdbc;

  CoursesAtHand(
      FoldedDogs dogs,
      HouseholdSettings settings,
      HouseholdDay day,
      Givings givings,
      JdbcClient jdbc) {
    this.dogs = dogs;
    this.settings = settings;
    this.day = day;
    this.givings = givings;
    this.jdbc = jdbc;
  }

  /**
   * A dose that was given.
   *
   * @param id of the tick
   * @param at when
   * @param ears into which ears; none of a tablet
   * @param by by whom
   */
  record Tick(UUID id, Instant at, Set<Side> ears, Optional<UUID> by) {

    boolean sharesAnEar(Set<Side> others) {
      return others.isEmpty() || others.stream().anyMatch(ears::contains);
    }
  }

  /**
   * A course as it stands.
   *
   * @param dog whose, with all that was said of it
   * @param course none where the dog has no such one
   * @param how the household likes things
   * @param given the doses that were given, in the store or in this transaction
   */
  record AtHand(DogRecord dog, Optional<Course> course, Settings how, List<Tick> given) {}

  private record Known(Settings how, Map<UUID, DogRecord> dogs, Map<UUID, AtHand> courses) {}

  /** Until the end of the transaction, nobody else ticks a dose of this course. */
  AtHand of(UUID dog, UUID course) {
    Known known = known();
    DogRecord record =
        known.dogs.computeIfAbsent(dog, one -> dogs.one(one, day.today(known.how.zone())).record());
    Optional<Course> found =
        record.all(Course.class).stream().filter(one -> one.id().equals(course)).findFirst();
    return found.isEmpty()
        ? new AtHand(record, found, known.how, List.of())
        : known.courses.computeIfAbsent(course, one -> read(record, found, known.how));
  }

  private AtHand read(DogRecord record, Optional<Course> found, Settings how) {
    UUID course = found.orElseThrow().id();
    waitForOthers(course);
    // by what is stored now, not by what was read of the dog before others let go of the course
    List<Tick> given =
        givings.given(CurrentMember.household(), course).stream()
            .map(StoredGiving::toCore)
            .map(one -> new Tick(one.id(), one.at(), one.ears(), one.by()))
            .toList();
    return new AtHand(record, found, how, new ArrayList<>(given));
  }

  private void waitForOthers(UUID course) {
    jdbc.sql("select pg_advisory_xact_lock(hashtextextended(?, 1))")
        .param(CurrentMember.household() + "/" + course)
        .query((row, n) -> true)
        .single();
  }

  private Known known() {
    if (TransactionSynchronizationManager.getResource(this) instanceof Known bound) {
      return bound;
    }
    Known none = new Known(settings.get(), new HashMap<>(), new HashMap<>());
    TransactionSynchronizationManager.bindResource(this, none);
    TransactionSynchronizationManager.registerSynchronization(
        new TransactionSynchronization() {
          @Override
          public void afterCompletion(int status) {
            TransactionSynchronizationManager.unbindResource(CoursesAtHand.this);
          }
        });
    return none;
  }
}
