package org.evenlobe.server.dog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.PastOrPresent;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.HoldWay;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Litter;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.StatedInfection;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.record.Weighing;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.server.ear.KnownBreed;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a dog.
 *
 * @param name what it is called
 * @param breeds catalogue ids: none, one, or two for a cross
 * @param bornOn its birthday, where known
 * @param ageEstimated whether the birthday is a guess
 * @param weights what it weighed, and when
 * @param joinedOn the day it joined the household
 * @param leftOn the day it left; it is archived from then on
 * @param ears what its ears are like
 * @param life what its life does to them
 * @param lightCoat whether its coat is so light that it stains
 * @param litter from when until when she is pregnant or nurses, where that was said
 * @param waterSensitive whether ear trouble is known to follow water; false where it is left out
 * @param eardrum what a vet saw of its eardrums
 * @param reactions what it has reacted to
 * @param normal what is normal for this dog
 * @param handling how it takes being handled; a full session where it is left out
 * @param ways what is done differently with it
 * @param schedule when it is cleaned, where that differs
 * @param deaf the ears that are known not to hear
 * @param deafSince the day on which that was said
 */
public record DogRequest(
    @NotBlank @Size(max = 60) String name,
    @NotNull @Size(max = 2) List<@KnownBreed String> breeds,
    @Nullable LocalDate bornOn,
    @NotNull Boolean ageEstimated,
    @NotNull @Size(max = 200) List<@NotNull @Valid WeighingRequest> weights,
    @NotNull LocalDate joinedOn,
    @Nullable LocalDate leftOn,
    @NotNull @Valid EarTraitsRequest ears,
    @NotNull @Valid LifeRequest life,
    @NotNull Boolean lightCoat,
    @Nullable @Valid LitterRequest litter,
    @Nullable Boolean waterSensitive,
    @NotNull @Valid EardrumRequest eardrum,
    @Nullable @Size(max = 1000) String reactions,
    @Nullable @Size(max = 1000) String normal,
    @Nullable @Valid HandlingRequest handling,
    @Nullable @Valid OwnWaysRequest ways,
    @Nullable @Valid OwnScheduleRequest schedule,
    @Nullable @Size(max = 2) Set<@NotNull Side> deaf,
    @Nullable LocalDate deafSince) {

  /** One whose ears are not known to be deaf. */
  public DogRequest(
      String name,
      List<String> breeds,
      @Nullable LocalDate bornOn,
      Boolean ageEstimated,
      List<WeighingRequest> weights,
      LocalDate joinedOn,
      @Nullable LocalDate leftOn,
      EarTraitsRequest ears,
      LifeRequest life,
      Boolean lightCoat,
      @Nullable LitterRequest litter,
      @Nullable Boolean waterSensitive,
      EardrumRequest eardrum,
      @Nullable String reactions,
      @Nullable String normal,
      @Nullable HandlingRequest handling,
      @Nullable OwnWaysRequest ways,
      @Nullable OwnScheduleRequest schedule) {
    this(
        name,
        breeds,
        bornOn,
        ageEstimated,
        weights,
        joinedOn,
        leftOn,
        ears,
        life,
        lightCoat,
        litter,
        waterSensitive,
        eardrum,
        reactions,
        normal,
        handling,
        ways,
        schedule,
        null,
        null);
  }

  private static final String LEAST = "" + Weight.LEAST;
  private static final String MOST = "" + Weight.MOST;

  /**
   * What it weighed on a day.
   *
   * @param on the day
   * @param weight kg
   */
  public record WeighingRequest(
      @NotNull LocalDate on, @NotNull @DecimalMin(LEAST) @DecimalMax(MOST) Double weight) {

    Weighing toCore() {
      return new Weighing(on, new Weight(weight));
    }
  }

  /**
   * A time in which she is pregnant or nurses.
   *
   * @param from its first day
   * @param until its last day; left out while that is not known
   */
  public record LitterRequest(@NotNull LocalDate from, @Nullable LocalDate until) {
    static final String ENDS_TOO_EARLY = "must not lie before its first day";

    /** Whether it does not end before it begins. */
    boolean isInOrder() {
      return until == null || !until.isBefore(from);
    }

    Litter toCore() {
      if (!isInOrder()) {
        throw InvalidFields.of("litter.until", ENDS_TOO_EARLY);
      }
      return new Litter(from, Optional.ofNullable(until));
    }
  }

  /** What its ears are like. */
  public record EarTraitsRequest(
      @NotNull Carriage carriage,
      @NotNull Boolean cropped,
      @NotNull CanalHair canalHair,
      @NotNull Feathering feathering) {

    EarTraits toCore() {
      return new EarTraits(carriage, cropped, canalHair, feathering);
    }
  }

  /**
   * What its life does to its ears.
   *
   * @param lastInfection the last of its infections, where more is known of it
   */
  public record LifeRequest(
      @NotNull WaterHabit water,
      @NotNull Ground ground,
      @NotNull Climate climate,
      @NotNull Allergy allergy,
      @NotNull InfectionHistory infections,
      @Nullable @Valid StatedInfectionRequest lastInfection) {

    Life toCore() {
      return new Life(water, ground, climate, allergy, infections, last());
    }

    Optional<StatedInfection> last() {
      return infections == InfectionHistory.NONE
          ? Optional.empty()
          : Optional.ofNullable(lastInfection).map(StatedInfectionRequest::toCore);
    }
  }

  /**
   * The last ear infection that a person tells of.
   *
   * @param month in which it was
   * @param ear in which ear the infections were; left out where it was both, or is not known
   */
  public record StatedInfectionRequest(
      @NotNull @PastOrPresent YearMonth month, @Nullable Side ear) {

    StatedInfection toCore() {
      return new StatedInfection(month, Optional.ofNullable(ear));
    }
  }

  /**
   * What a vet saw of its eardrums.
   *
   * @param status what was seen
   * @param on when; needed where it was seen intact
   */
  public record EardrumRequest(@NotNull Eardrum.Status status, @Nullable LocalDate on) {

    Eardrum toCore() {
      if (status == Eardrum.Status.SEEN_INTACT && on == null) {
        throw InvalidFields.of("eardrum.on", "must say when it was seen");
      }
      return new Eardrum(status, Optional.ofNullable(on));
    }
  }

  /**
   * How it takes being handled.
   *
   * @param bites whether it bites when its ears are handled
   * @param needsTwo whether one person alone cannot hold it
   * @param held how it is held, where that was chosen
   * @param rung the rung on which it stays calm
   * @param on the day on which that was so
   */
  public record HandlingRequest(
      @NotNull Boolean bites,
      @Nullable Boolean needsTwo,
      @Nullable HoldWay held,
      @NotNull Rung rung,
      @Nullable LocalDate on) {

    Handling toCore() {
      return new Handling(
          bites,
          Boolean.TRUE.equals(needsTwo),
          rung,
          Optional.ofNullable(on),
          Optional.ofNullable(held));
    }
  }

  /** What is done differently with it; left out where it is done as with the others. */
  public record OwnWaysRequest(
      @Nullable CleaningMethod method,
      @Nullable Swabs swabs,
      @Nullable WipeMaterial wipes,
      @Nullable HairCare hair,
      @Nullable MedicineWait medicineWait) {

    CleaningWays.OwnWays toCore() {
      return new CleaningWays.OwnWays(
          Optional.ofNullable(method),
          Optional.ofNullable(swabs),
          Optional.ofNullable(wipes),
          Optional.ofNullable(hair),
          Optional.ofNullable(medicineWait));
    }
  }

  /**
   * When it is cleaned; left out where that is as with the others.
   *
   * @param scheduling its school
   * @param fixedDays its interval of fixed days
   */
  public record OwnScheduleRequest(
      @Nullable SchedulingMode scheduling,
      @Nullable @Min(Preferences.FEWEST_DAYS) @Max(Preferences.MOST_DAYS) Integer fixedDays) {

    Preferences.Own toCore() {
      return new Preferences.Own(Optional.ofNullable(scheduling), Optional.ofNullable(fixedDays));
    }
  }

  /** When it is cleaned, as the core knows it. */
  Preferences.Own ownSchedule() {
    return schedule == null ? Preferences.Own.NONE : schedule.toCore();
  }

  /** How it takes being handled, as the core knows it. */
  Handling handled() {
    return handling == null ? Handling.UNSAID : handling.toCore();
  }

  /** What is done differently, as the core knows it. */
  CleaningWays.OwnWays ownWays() {
    return ways == null ? CleaningWays.OwnWays.NONE : ways.toCore();
  }

  /** The same as the core knows it. */
  public DogProfile toCore() {
    return new DogProfile(
        name,
        breeds,
        Optional.ofNullable(bornOn),
        ageEstimated,
        weights.stream().map(WeighingRequest::toCore).toList(),
        ears.toCore(),
        life.toCore(),
        lightCoat,
        Optional.ofNullable(litter).map(LitterRequest::toCore),
        Boolean.TRUE.equals(waterSensitive),
        eardrum.toCore(),
        Optional.ofNullable(reactions),
        Optional.ofNullable(normal),
        handled(),
        ownWays(),
        ownSchedule(),
        deaf == null ? Set.of() : deaf,
        Optional.ofNullable(deafSince));
  }
}
