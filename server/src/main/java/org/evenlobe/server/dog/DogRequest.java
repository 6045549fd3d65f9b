package org.evenlobe.server.dog;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.server.ear.KnownBreed;
import org.jspecify.annotations.Nullable;

/**
 * What a person says of a dog.
 *
 * @param name what it is called
 * @param breeds catalogue ids: none, one, or two for a cross
 * @param bornOn its birthday, where known
 * @param weight kg, where known
 * @param joinedOn the day it joined the household
 * @param ears what its ears are like
 * @param life what its life does to them
 */
public record DogRequest(
    @NotBlank @Size(max = 60) String name,
    @NotNull @Size(max = 2) List<@KnownBreed String> breeds,
    @Nullable LocalDate bornOn,
    @Nullable @DecimalMin(LEAST) @DecimalMax(MOST) Double weight,
    @NotNull LocalDate joinedOn,
    @NotNull @Valid EarTraitsRequest ears,
    @NotNull @Valid LifeRequest life) {

  private static final String LEAST = "" + Weight.LEAST;
  private static final String MOST = "" + Weight.MOST;

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

  /** What its life does to its ears. */
  public record LifeRequest(
      @NotNull WaterHabit water,
      @NotNull Ground ground,
      @NotNull Climate climate,
      @NotNull Allergy allergy,
      @NotNull InfectionHistory infections) {

    Life toCore() {
      return new Life(water, ground, climate, allergy, infections);
    }
  }

  /** The same as the core knows it. */
  public DogProfile toCore() {
    return new DogProfile(
        name,
        breeds,
        Optional.ofNullable(bornOn),
        Optional.ofNullable(weight).map(Weight::new),
        ears.toCore(),
        life.toCore());
  }
}
