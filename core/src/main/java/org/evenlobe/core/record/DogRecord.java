package org.evenlobe.core.record;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.UUID;

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
 * @param releases the holds that a person has confirmed to be over
 * @param exposures what happened to its ears: water, grooming, dust
 * @param skips the planned items that were skipped
 * @param practices the practices on the trust ladder
 */
public record DogRecord(
    UUID id,
    DogProfile profile,
    LocalDate addedOn,
    List<CleaningRecord> cleanings,
    List<CheckRecord> checks,
    List<VisitRecord> visits,
    List<HoldRelease> releases,
    List<Exposure> exposures,
    List<Skip> skips,
    List<Practice> practices) {

  public DogRecord {
    Objects.requireNonNull(id, "id");
    Objects.requireNonNull(profile, "profile");
    Objects.requireNonNull(addedOn, "addedOn");
    cleanings = byTime(cleanings);
    checks = byTime(checks);
    visits = byTime(visits);
    releases = byTime(releases);
    exposures = byTime(exposures);
    skips = byTime(skips);
    practices = byTime(practices);
  }

  /** A dog of which nothing but that is known. */
  public static DogRecord of(UUID id, DogProfile profile, LocalDate addedOn) {
    return new DogRecord(
        id, profile, addedOn, List.of(), List.of(), List.of(), List.of(), List.of(), List.of(),
        List.of());
  }

  /** This dog with those cleanings instead of its own. */
  public DogRecord withCleanings(Collection<CleaningRecord> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        List.copyOf(others),
        checks,
        visits,
        releases,
        exposures,
        skips,
        practices);
  }

  /** This dog with those checks instead of its own. */
  public DogRecord withChecks(Collection<CheckRecord> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        List.copyOf(others),
        visits,
        releases,
        exposures,
        skips,
        practices);
  }

  /** This dog with those visits instead of its own. */
  public DogRecord withVisits(Collection<VisitRecord> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        checks,
        List.copyOf(others),
        releases,
        exposures,
        skips,
        practices);
  }

  /** This dog with those confirmations instead of its own. */
  public DogRecord withReleases(Collection<HoldRelease> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        checks,
        visits,
        List.copyOf(others),
        exposures,
        skips,
        practices);
  }

  /** This dog with those exposures instead of its own. */
  public DogRecord withExposures(Collection<Exposure> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        checks,
        visits,
        releases,
        List.copyOf(others),
        skips,
        practices);
  }

  /** This dog with those skips instead of its own. */
  public DogRecord withSkips(Collection<Skip> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        checks,
        visits,
        releases,
        exposures,
        List.copyOf(others),
        practices);
  }

  /** This dog with those practices instead of its own. */
  public DogRecord withPractices(Collection<Practice> others) {
    return new DogRecord(
        id,
        profile,
        addedOn,
        cleanings,
        checks,
        visits,
        releases,
        exposures,
        skips,
        List.copyOf(others));
  }

  /** This dog without one of its cleanings. */
  public DogRecord withoutCleaning(UUID cleaning) {
    return withCleanings(cleanings.stream().filter(other -> !other.id().equals(cleaning)).toList());
  }

  /** This dog with one more check, whatever its time. */
  public DogRecord plus(CheckRecord check) {
    List<CheckRecord> more = new ArrayList<>(checks);
    more.removeIf(other -> other.id().equals(check.id()));
    more.add(check);
    return withChecks(more);
  }

  private static <F extends Dated> List<F> byTime(List<F> facts) {
    return facts.stream().sorted(Dated.BY_TIME).toList();
  }
}
