package org.evenlobe.server.course;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.MedicineKind;
import org.evenlobe.server.problem.InvalidFields;
import org.evenlobe.server.record.DogFactRequest;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a course of medicine.
 *
 * @param dogId whose
 * @param at when it was written down
 * @param zone the zone it is recorded in
 * @param what what is given, in their own words
 * @param kind what that is
 * @param prescribedBy who prescribed it
 * @param ears into which ears it goes; none of a tablet
 * @param phases one after the other, 10 at most; only the last may have no end
 * @param startsOn the day of its first dose, within a year
 * @param firstSlot at which of that day's times it begins; 0, the first, where left out
 * @param cleanBefore whether the ear is cleaned before it; nothing where left out
 * @param vetWait minutes to wait after a cleaning, by the vet's word
 * @param labelWait the same by its label
 * @param bottle what it is given from
 * @param staysDays for how many days one application stays in the ear
 * @param recheck when the vet wants to see it again
 * @param seenOn the day on which the vet saw these ears for it; left out: nobody knows
 * @param knowsTorn whether the vet knows that an eardrum is torn; left out: nobody knows
 * @param byVetOn the day on which the vet put it in, of what acts long
 * @param cleanWith what its label names to clean with
 */
public record CourseRequest(
    @NotNull UUID dogId,
    @NotNull Instant at,
    @NotNull ZoneId zone,
    @NotBlank @Size(max = 200) String what,
    @NotNull MedicineKind kind,
    @Nullable @Size(max = 200) String prescribedBy,
    @NotNull @Size(max = 2) Set<@NotNull Side> ears,
    @NotNull @Size(min = 1, max = 10) List<@NotNull @Valid PhaseRequest> phases,
    @NotNull LocalDate startsOn,
    @Nullable @Min(0) @Max(23) Integer firstSlot,
    @Nullable @Valid CleanBeforeRequest cleanBefore,
    @Nullable @Min(0) @Max(1440) Integer vetWait,
    @Nullable @Min(0) @Max(1440) Integer labelWait,
    @Nullable @Valid MedicineBottleRequest bottle,
    @Nullable @Min(1) @Max(90) Integer staysDays,
    @Nullable LocalDate recheck,
    @Nullable LocalDate seenOn,
    @Nullable Boolean knowsTorn,
    @Nullable LocalDate byVetOn,
    @Nullable @Size(max = 200) String cleanWith)
    implements DogFactRequest {

  /** One about which nothing was asked. */
  public CourseRequest(
      UUID dogId,
      Instant at,
      ZoneId zone,
      String what,
      MedicineKind kind,
      @Nullable String prescribedBy,
      Set<Side> ears,
      List<PhaseRequest> phases,
      LocalDate startsOn,
      @Nullable Integer firstSlot,
      @Nullable CleanBeforeRequest cleanBefore,
      @Nullable Integer vetWait,
      @Nullable Integer labelWait,
      @Nullable MedicineBottleRequest bottle,
      @Nullable Integer staysDays,
      @Nullable LocalDate recheck) {
    this(
        dogId,
        at,
        zone,
        what,
        kind,
        prescribedBy,
        ears,
        phases,
        startsOn,
        firstSlot,
        cleanBefore,
        vetWait,
        labelWait,
        bottle,
        staysDays,
        recheck,
        null,
        null,
        null,
        null);
  }

  /** What was asked about it, as the core knows it. */
  Course.Asked asked() {
    return new Course.Asked(
        Optional.ofNullable(seenOn),
        Optional.ofNullable(knowsTorn),
        Optional.ofNullable(byVetOn),
        Optional.ofNullable(cleanWith).map(String::strip).filter(with -> !with.isEmpty()));
  }

  void check(InvalidFields.Collector errors) {
    LocalDate day = moment().day();
    errors
        .require(
            kind.goesIntoAnEar() != ears.isEmpty(),
            "ears",
            "names the ears that it goes into; a tablet goes into none")
        .require(
            !startsOn.isBefore(day.minusYears(1)) && !startsOn.isAfter(day.plusYears(1)),
            "startsOn",
            "must lie within a year")
        .require(
            firstSlot == null || firstSlot < phases.get(0).times().size(),
            "firstSlot",
            "must be one of the first phase's times")
        .require(
            recheck == null || !recheck.isBefore(startsOn),
            "recheck",
            "must not lie before its start")
        .require(seenOn == null || !seenOn.isAfter(day), "seenOn", "must not lie in the future")
        .require(
            byVetOn == null || staysDays != null,
            "byVetOn",
            "is said of what acts long and stays in the ear")
        .require(byVetOn == null || !byVetOn.isAfter(day), "byVetOn", "must not lie in the future");
    for (int i = 0; i < phases.size(); i++) {
      String at = "phases[" + i + "]";
      phases.get(i).check(errors, at);
      errors.require(
          phases.get(i).days() != null || i == phases.size() - 1,
          at + ".days",
          "must be said: only the last phase may have no end");
    }
    if (cleanBefore != null) {
      cleanBefore.check(errors);
    }
  }
}
