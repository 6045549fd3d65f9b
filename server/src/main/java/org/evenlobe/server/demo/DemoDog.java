package org.evenlobe.server.demo;

import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.UUID;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.DischargeKind;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.WaterHabit;
import org.evenlobe.server.dog.DogRequest;
import org.evenlobe.server.dog.DogRequest.EarTraitsRequest;
import org.evenlobe.server.dog.DogRequest.EardrumRequest;
import org.evenlobe.server.dog.DogRequest.HandlingRequest;
import org.evenlobe.server.dog.DogRequest.LifeRequest;
import org.evenlobe.server.dog.DogRequest.WeighingRequest;
import org.jspecify.annotations.Nullable;

/** The five dogs of the boarding home on the marsh. */
enum DemoDog {
  /** A curly-coated swimmer with dense canal hair. */
  OTTER(
      List.of("irish-water-spaniel"),
      1610,
      24.5,
      new EarTraitsRequest(Carriage.PENDULOUS, false, CanalHair.DENSE, Feathering.HEAVY),
      life(WaterHabit.WEEKLY, Ground.DUSTY_OR_BRUSHY, Allergy.NONE, InfectionHistory.ONE),
      new EarPair<>(0.19, 0.21),
      CleaningMethod.FILL,
      425,
      0,
      0.55,
      DischargeKind.BROWN,
      2),
  /** A scent hound with heavy drop ears on a learned plan. */
  DUNLIN(
      List.of("basset-hound"),
      2300,
      26.2,
      new EarTraitsRequest(Carriage.PENDULOUS, false, CanalHair.NONE, Feathering.NONE),
      life(WaterHabit.MONTHLY, Ground.MIXED, Allergy.NONE, InfectionHistory.NONE),
      new EarPair<>(0.12, 0.15),
      CleaningMethod.FILL,
      425,
      -2,
      0.5,
      DischargeKind.BROWN,
      7),
  /** A long-eared setter whose left ear is the worse one. */
  MARRAM(
      List.of("english-setter"),
      1905,
      27.8,
      new EarTraitsRequest(Carriage.PENDULOUS, false, CanalHair.SOME, Feathering.HEAVY),
      life(WaterHabit.MONTHLY, Ground.DUSTY_OR_BRUSHY, Allergy.SUSPECTED, InfectionHistory.ONE),
      new EarPair<>(0.11, 0.24),
      CleaningMethod.SOAKED_PAD,
      425,
      3,
      0.3,
      DischargeKind.TAN_WAX,
      30),
  /** A prick-eared spitz that needs nothing but checks. */
  SEDGE(
      List.of("finnish-spitz"),
      3100,
      10.4,
      new EarTraitsRequest(Carriage.ERECT, false, CanalHair.NONE, Feathering.NONE),
      life(WaterHabit.NEVER, Ground.MOSTLY_INDOORS, Allergy.NONE, InfectionHistory.NONE),
      EarPair.both(0.01),
      CleaningMethod.WIPE,
      425,
      0,
      0.05,
      DischargeKind.TAN_WAX,
      4),
  /** A nervous foster crossbreed that is only wiped as yet. */
  TEASEL(
      List.of("border-collie", "english-cocker-spaniel"),
      980,
      15.1,
      new EarTraitsRequest(Carriage.DROP, false, CanalHair.SOME, Feathering.LIGHT),
      life(WaterHabit.MONTHLY, Ground.MIXED, Allergy.SUSPECTED, InfectionHistory.NONE),
      EarPair.both(0.10),
      CleaningMethod.WIPE,
      118,
      1,
      0.25,
      DischargeKind.TAN_WAX,
      6);

  private final List<String> breeds;
  private final int ageDays;
  private final double weight;
  private final EarTraitsRequest ears;
  private final LifeRequest life;
  private final EarPair<Double> loadPerDay;
  private final CleaningMethod method;
  private final int daysHere;
  private final int daysToNext;
  private final double waxiness;
  private final DischargeKind wax;
  private final int daysSinceCheck;

  DemoDog(
      List<String> breeds,
      int ageDays,
      double weight,
      EarTraitsRequest ears,
      LifeRequest life,
      EarPair<Double> loadPerDay,
      CleaningMethod method,
      int daysHere,
      int daysToNext,
      double waxiness,
      DischargeKind wax,
      int daysSinceCheck) {
    this.breeds = breeds;
    this.ageDays = ageDays;
    this.weight = weight;
    this.ears = ears;
    this.life = life;
    this.loadPerDay = loadPerDay;
    this.method = method;
    this.daysHere = daysHere;
    this.daysToNext = daysToNext;
    this.waxiness = waxiness;
    this.wax = wax;
    this.daysSinceCheck = daysSinceCheck;
  }

  UUID id() {
    return id("dog");
  }

  /** The id of its cleaning of that ordinal. */
  UUID cleaningId(int ordinal) {
    return id("cleaning " + ordinal);
  }

  /** The id of its check of that day. */
  UUID checkId(LocalDate day) {
    return id("check " + day);
  }

  /** The id of its visit of that day. */
  UUID visitId(LocalDate day) {
    return id("visit " + day);
  }

  /** The id of what was told of it. */
  UUID toldId() {
    return id("told");
  }

  /** The id of its swim that began on that day. */
  UUID swimId(LocalDate day) {
    return id("swim " + day);
  }

  /** How often wax is seen in its ears between cleanings. */
  double waxiness() {
    return waxiness;
  }

  /** What its wax looks like. */
  DischargeKind wax() {
    return wax;
  }

  /** How often it is checked: an open, quiet ear less often. */
  int checkEvery() {
    return this == SEDGE ? 14 : 7;
  }

  /** How long ago its last ordinary check is when the demo begins. */
  int daysSinceCheck() {
    return daysSinceCheck;
  }

  /** What is said of it, given the day it came. */
  DogRequest said(LocalDate joinedOn) {
    String title = name().charAt(0) + name().substring(1).toLowerCase(Locale.ROOT);
    LocalDate bornOn = joinedOn.plusDays(daysHere).minusDays(ageDays);
    return new DogRequest(
        title,
        breeds,
        bornOn,
        this == TEASEL,
        List.of(new WeighingRequest(joinedOn, weight)),
        joinedOn,
        null,
        ears,
        life,
        this == MARRAM,
        null,
        this == OTTER,
        eardrum(joinedOn),
        null,
        null,
        handling(joinedOn),
        null,
        null);
  }

  /** The nervous one came to a hand on the head and no more. */
  private @Nullable HandlingRequest handling(LocalDate joinedOn) {
    return this == TEASEL ? new HandlingRequest(false, false, null, Rung.TOUCH, joinedOn) : null;
  }

  /** The two with a history came with a vet's letter. */
  private EardrumRequest eardrum(LocalDate joinedOn) {
    return this == OTTER || this == MARRAM
        ? new EardrumRequest(Eardrum.Status.SEEN_INTACT, joinedOn)
        : new EardrumRequest(Eardrum.Status.NEVER_EXAMINED, null);
  }

  /** How much gathers in each ear in truth. */
  EarPair<Double> loadPerDay() {
    return loadPerDay;
  }

  CleaningMethod method() {
    return method;
  }

  /** How long it has been here when the demo begins. */
  int daysHere() {
    return daysHere;
  }

  /** How far from today its next cleaning is when the demo begins. */
  int daysToNext() {
    return daysToNext;
  }

  private UUID id(String what) {
    return UUID.nameUUIDFromBytes((name() + " " + what).getBytes(StandardCharsets.UTF_8));
  }

  private static LifeRequest life(
      WaterHabit water, Ground ground, Allergy allergy, InfectionHistory infections) {
    return new LifeRequest(water, ground, Climate.TEMPERATE, allergy, infections, null);
  }
}
