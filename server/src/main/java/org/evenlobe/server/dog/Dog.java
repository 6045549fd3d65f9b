package org.evenlobe.server.dog;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.util.Optional;
import java.util.stream.Stream;
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
import org.evenlobe.server.fact.StoredFact;
import org.jspecify.annotations.Nullable;

/** What was said of a dog. */
@Entity
public class Dog extends StoredFact<DogRequest> {
  private String name;
  private @Nullable String breed;
  private @Nullable String crossBreed;
  private @Nullable LocalDate bornOn;
  private @Nullable Double weightKg;
  private LocalDate joinedOn;

  @Enumerated(EnumType.STRING)
  private Carriage carriage;

  private boolean cropped;

  @Enumerated(EnumType.STRING)
  private CanalHair canalHair;

  @Enumerated(EnumType.STRING)
  private Feathering feathering;

  @Enumerated(EnumType.STRING)
  private WaterHabit water;

  @Enumerated(EnumType.STRING)
  private Ground ground;

  @Enumerated(EnumType.STRING)
  private Climate climate;

  @Enumerated(EnumType.STRING)
  private Allergy allergy;

  @Enumerated(EnumType.STRING)
  private InfectionHistory infections;

  @Override
  protected void say(DogRequest said) {
    name = said.name().strip();
    breed = said.breeds().isEmpty() ? null : said.breeds().get(0);
    crossBreed = said.breeds().size() < 2 ? null : said.breeds().get(1);
    bornOn = said.bornOn();
    weightKg = said.weight();
    joinedOn = said.joinedOn();
    carriage = said.ears().carriage();
    cropped = said.ears().cropped();
    canalHair = said.ears().canalHair();
    feathering = said.ears().feathering();
    water = said.life().water();
    ground = said.life().ground();
    climate = said.life().climate();
    allergy = said.life().allergy();
    infections = said.life().infections();
  }

  /** The day it joined the household. */
  public LocalDate joinedOn() {
    return joinedOn;
  }

  /** Its birthday, where known. */
  public Optional<LocalDate> bornOn() {
    return Optional.ofNullable(bornOn);
  }

  /** The facts as the core knows them. */
  public DogProfile profile() {
    return new DogProfile(
        name,
        Stream.of(Optional.ofNullable(breed), Optional.ofNullable(crossBreed))
            .flatMap(Optional::stream)
            .toList(),
        bornOn(),
        Optional.ofNullable(weightKg).map(Weight::new),
        new EarTraits(carriage, cropped, canalHair, feathering),
        new Life(water, ground, climate, allergy, infections));
  }
}
