package org.evenlobe.server.dog;

import jakarta.persistence.Column;
import jakarta.persistence.Embedded;
import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.LocalDate;
import java.time.YearMonth;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Weight;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.HoldWay;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Litter;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.StatedInfection;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.core.record.Weighing;
import org.evenlobe.server.fact.StoredFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** What was said of a dog. */
@Entity
public class Dog extends StoredFact<DogRequest> {
  private String name;
  private @Nullable String breed;
  private @Nullable String crossBreed;
  private @Nullable LocalDate bornOn;
  private boolean ageEstimated;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<StoredWeighing> weights;

  private LocalDate joinedOn;
  private @Nullable LocalDate leftOn;

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

  /** The last day of the month of the last one. */
  private @Nullable LocalDate infectedBy;

  @Enumerated(EnumType.STRING)
  private @Nullable Side infectedEar;

  private boolean lightCoat;
  private @Nullable LocalDate litterFrom;
  private @Nullable LocalDate litterUntil;
  private boolean waterSensitive;

  @Enumerated(EnumType.STRING)
  private Eardrum.Status eardrum;

  private @Nullable LocalDate eardrumOn;
  private @Nullable String reactions;
  private @Nullable String normal;
  private boolean bites;
  private boolean needsTwo;

  @Enumerated(EnumType.STRING)
  private @Nullable HoldWay heldHow;

  @Enumerated(EnumType.STRING)
  private Rung rung;

  private @Nullable LocalDate rungOn;

  @Embedded private @Nullable OwnWaysColumns ways;

  @Column(insertable = false, updatable = false)
  private long stamp;

  @Enumerated(EnumType.STRING)
  private @Nullable SchedulingMode ownScheduling;

  private @Nullable Integer ownFixedDays;
  private boolean deafRight;
  private boolean deafLeft;
  private @Nullable LocalDate deafSince;

  /** A weighing as the column holds it, with its day as text. */
  record StoredWeighing(String on, double kilograms) {

    Weighing toCore() {
      return new Weighing(LocalDate.parse(on), new Weight(kilograms));
    }
  }

  @Override
  protected void say(DogRequest said) {
    name = said.name().strip();
    breed = said.breeds().isEmpty() ? null : said.breeds().get(0);
    crossBreed = said.breeds().size() < 2 ? null : said.breeds().get(1);
    bornOn = said.bornOn();
    ageEstimated = said.ageEstimated();
    weights =
        said.weights().stream()
            .map(weighing -> new StoredWeighing(weighing.on().toString(), weighing.weight()))
            .toList();
    joinedOn = said.joinedOn();
    leftOn = said.leftOn();
    carriage = said.ears().carriage();
    cropped = said.ears().cropped();
    canalHair = said.ears().canalHair();
    feathering = said.ears().feathering();
    water = said.life().water();
    ground = said.life().ground();
    climate = said.life().climate();
    allergy = said.life().allergy();
    infections = said.life().infections();
    infectedBy = said.life().last().map(last -> last.month().atEndOfMonth()).orElse(null);
    infectedEar = said.life().last().flatMap(StatedInfection::ear).orElse(null);
    lightCoat = said.lightCoat();
    litterFrom = said.litter() == null ? null : said.litter().from();
    litterUntil = said.litter() == null ? null : said.litter().until();
    waterSensitive = Boolean.TRUE.equals(said.waterSensitive());
    eardrum = said.eardrum().status();
    eardrumOn = said.eardrum().on();
    reactions = said.reactions();
    normal = said.normal();
    bites = said.handled().bites();
    needsTwo = said.handled().needsTwo();
    heldHow = said.handled().held().orElse(null);
    rung = said.handled().rung();
    rungOn = said.handled().on().orElse(null);
    ways = OwnWaysColumns.of(said.ownWays());
    ownScheduling = said.ownSchedule().scheduling().orElse(null);
    ownFixedDays = said.ownSchedule().fixedDays().orElse(null);
    deafRight = said.deaf() != null && said.deaf().contains(Side.RIGHT);
    deafLeft = said.deaf() != null && said.deaf().contains(Side.LEFT);
    deafSince = said.deafSince();
  }

  /** The household's change number at the last write to it or to any of its facts. */
  public long stamp() {
    return stamp;
  }

  @Override
  protected List<UUID> dogs() {
    return List.of(id());
  }

  /** The day it joined the household. */
  public LocalDate joinedOn() {
    return joinedOn;
  }

  /** The day it left, where it did. */
  public Optional<LocalDate> leftOn() {
    return Optional.ofNullable(leftOn);
  }

  /** Its birthday, where known. */
  public Optional<LocalDate> bornOn() {
    return Optional.ofNullable(bornOn);
  }

  private Optional<StatedInfection> lastInfection() {
    return Optional.ofNullable(infectedBy)
        .map(day -> new StatedInfection(YearMonth.from(day), Optional.ofNullable(infectedEar)));
  }

  /** The facts as the core knows them. */
  public DogProfile profile() {
    return new DogProfile(
        name,
        Stream.of(Optional.ofNullable(breed), Optional.ofNullable(crossBreed))
            .flatMap(Optional::stream)
            .toList(),
        bornOn(),
        ageEstimated,
        weights.stream().map(StoredWeighing::toCore).toList(),
        new EarTraits(carriage, cropped, canalHair, feathering),
        new Life(water, ground, climate, allergy, infections, lastInfection()),
        lightCoat,
        Optional.ofNullable(litterFrom)
            .map(from -> new Litter(from, Optional.ofNullable(litterUntil))),
        waterSensitive,
        new Eardrum(eardrum, Optional.ofNullable(eardrumOn)),
        Optional.ofNullable(reactions),
        Optional.ofNullable(normal),
        new Handling(
            bites, needsTwo, rung, Optional.ofNullable(rungOn), Optional.ofNullable(heldHow)),
        OwnWaysColumns.toCore(ways),
        new Preferences.Own(Optional.ofNullable(ownScheduling), Optional.ofNullable(ownFixedDays)),
        Stream.of(Side.values())
            .filter(side -> side == Side.RIGHT ? deafRight : deafLeft)
            .collect(Collectors.toSet()),
        Optional.ofNullable(deafSince));
  }
}
