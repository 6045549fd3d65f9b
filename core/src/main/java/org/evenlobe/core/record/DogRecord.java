package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.UUID;
import java.util.stream.Stream;

/**
 * All facts about one dog: what a plan is computed from. Each list is oldest first whatever order
 * its facts came in.
 *
 * @param id its id
 * @param profile who it is
 * @param addedOn the day it joined the household
 * @param cleanings its cleanings
 * @param checks its checks
 * @param visits its visits to the vet
 * @param appointments when a vet is to see it
 * @param releases the holds that a person has confirmed to be over
 * @param exposures what happened to its ears: water, grooming, dust
 * @param expected what is expected to happen to them again and again
 * @param struck the days on which that did not happen
 * @param dryings when its ears were dried
 * @param skips the planned items that were skipped
 * @param pins the planned items that were put on a day
 * @param practices the practices on the trust ladder
 */
public record DogRecord(
    UUID id,
    DogProfile profile,
    LocalDate addedOn,
    List<CleaningRecord> cleanings,
    List<CheckRecord> checks,
    List<VisitRecord> visits,
    List<Appointment> appointments,
    List<HoldRelease> releases,
    List<Exposure> exposures,
    List<ExpectedExposure> expected,
    List<StruckDay> struck,
    List<Drying> dryings,
    List<Skip> skips,
    List<Pin> pins,
    List<Practice> practices) {

  public DogRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(profile, "profile");
    Objects.requireNonNull(addedOn, "addedOn");
    cleanings = byTime(cleanings);
    checks = byTime(checks);
    visits = byTime(visits);
    appointments = byTime(appointments);
    releases = byTime(releases);
    exposures = byTime(exposures);
    expected = byTime(expected);
    struck = byTime(struck);
    dryings = byTime(dryings);
    skips = byTime(skips);
    pins = byTime(pins);
    practices = byTime(practices);
  }

  /** A dog of which nothing but that is known. */
  public static DogRecord of(UUID id, DogProfile profile, LocalDate addedOn) {
    return of(id, profile, addedOn, List.of());
  }

  /** A dog with those facts, of whatever kinds, in any order. */
  public static DogRecord of(
      UUID id, DogProfile profile, LocalDate addedOn, Collection<? extends Dated> facts) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        only(CleaningRecord.class, facts),
        only(CheckRecord.class, facts),
        only(VisitRecord.class, facts),
        only(Appointment.class, facts),
        only(HoldRelease.class, facts),
        only(Exposure.class, facts),
        only(ExpectedExposure.class, facts),
        only(StruckDay.class, facts),
        only(Drying.class, facts),
        only(Skip.class, facts),
        only(Pin.class, facts),
        only(Practice.class, facts));
  }

  /** All its facts, kind by kind. */
  public Stream<Dated> facts() {
    return Stream.of(
            cleanings,
            checks,
            visits,
            appointments,
            releases,
            exposures,
            expected,
            struck,
            dryings,
            skips,
            pins,
            practices)
        .flatMap(List::stream);
  }

  /** This dog with those facts instead of its own of that kind. */
  public <F extends Dated> DogRecord with(Class<F> kind, Collection<? extends F> others) {
    List<Dated> all = new ArrayList<>(others);
    facts().filter(fact -> !kind.isInstance(fact)).forEach(all::add);
    return of(id, profile, addedOn, all);
  }

  /** The same record of a dog of which something else was said. */
  public DogRecord with(DogProfile said) {
    return of(id, said, addedOn, facts().toList());
  }

  /** This dog with one more fact, instead of that of the same id. */
  public DogRecord plus(Dated fact) {
    List<Dated> all = new ArrayList<>(facts().toList());
    all.removeIf(other -> other.id().equals(fact.id()));
    all.add(fact);
    return of(id, profile, addedOn, all);
  }

  /** This dog without one of its facts. */
  public DogRecord without(UUID fact) {
    return of(id, profile, addedOn, facts().filter(other -> !other.id().equals(fact)).toList());
  }

  private static <F extends Dated> List<F> only(Class<F> kind, Collection<? extends Dated> facts) {
    List<F> only = new ArrayList<>();
    for (Dated fact : facts) {
      if (kind.isInstance(fact)) {
        only.add(kind.cast(fact));
      }
    }
    return only;
  }

  private static <F extends Dated> List<F> byTime(List<F> facts) {
    List<F> sorted = new ArrayList<>(facts);
    sorted.sort(Dated.BY_TIME);
    return List.copyOf(sorted);
  }
}
