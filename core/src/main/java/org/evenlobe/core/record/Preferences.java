package org.evenlobe.core.record;

import java.util.Objects;
import java.util.Optional;

/**
 * How a household likes its plan made.
 *
 * @param scheduling the school of when to clean
 * @param fixedDays the interval of FIXED, {@value #FEWEST_DAYS} to {@value #MOST_DAYS} days
 * @param named the days of FIXED by the calendar, in place of an interval
 * @param alwaysAfterWater whether every dog's ears are cleaned after water
 * @param grooming the grooming days, where the household bundles
 * @param hair what is done about hair in the canals, and how often
 * @param climate how humid the air is, where a weather service says so
 * @param also what is done besides, where the household likes
 */
public record Preferences(
    SchedulingMode scheduling,
    int fixedDays,
    Optional<NamedDays> named,
    boolean alwaysAfterWater,
    Optional<GroomingRhythm> grooming,
    HairRhythm hair,
    Optional<ClimateReading> climate,
    Also also) {

  /**
   * What is done besides.
   *
   * @param cleanAfterOutings whether the ears are cleaned after a hike or in a new place
   * @param practiseOn whether a dog that needs no practice practises once a week all the same
   * @param medicineWait how long a medicine waits after a cleaning
   */
  public record Also(boolean cleanAfterOutings, boolean practiseOn, MedicineWait medicineWait) {
    /** Nothing. */
    public static final Also NOTHING = new Also(false, false, MedicineWait.AN_HOUR);
  }

  /** One of a household in which nothing is done besides. */
  public Preferences(
      SchedulingMode scheduling,
      int fixedDays,
      Optional<NamedDays> named,
      boolean alwaysAfterWater,
      Optional<GroomingRhythm> grooming,
      HairRhythm hair,
      Optional<ClimateReading> climate) {
    this(scheduling, fixedDays, named, alwaysAfterWater, grooming, hair, climate, Also.NOTHING);
  }

  /** The shortest interval that a person may fix. */
  public static final int FEWEST_DAYS = 7;

  /** The longest one. */
  public static final int MOST_DAYS = 60;

  /** What a household begins with. */
  public static final Preferences DEFAULT = of(SchedulingMode.LEARNED, 14);

  public Preferences {
    Objects.requireNonNull(scheduling, "scheduling");
    Objects.requireNonNull(named, "named");
    Objects.requireNonNull(grooming, "grooming");
    Objects.requireNonNull(hair, "hair");
    Objects.requireNonNull(climate, "climate");
    Objects.requireNonNull(also, "also");
    if (!scheduling.isChosen()) {
      throw new IllegalArgumentException("only a vet prescribes " + scheduling);
    }
    if (fixedDays < FEWEST_DAYS || fixedDays > MOST_DAYS) {
      throw new IllegalArgumentException("7 to 60 days, not " + fixedDays);
    }
  }

  /** That school, and nothing else. */
  public static Preferences of(SchedulingMode scheduling, int fixedDays) {
    return new Preferences(
        scheduling,
        fixedDays,
        Optional.empty(),
        false,
        Optional.empty(),
        HairRhythm.DEFAULT,
        Optional.empty());
  }

  /** The named days of the school, where that is of fixed days by the calendar. */
  public Optional<NamedDays> namedDays() {
    return scheduling == SchedulingMode.FIXED ? named : Optional.empty();
  }

  /** These, with cleanings on named days. */
  public Preferences on(NamedDays days) {
    return new Preferences(
        SchedulingMode.FIXED,
        fixedDays,
        Optional.of(days),
        alwaysAfterWater,
        grooming,
        hair,
        climate,
        also);
  }

  /**
   * What is done differently with one dog.
   *
   * @param scheduling its school
   * @param fixedDays its interval of FIXED
   */
  public record Own(Optional<SchedulingMode> scheduling, Optional<Integer> fixedDays) {
    /** Nothing. */
    public static final Own NONE = new Own(Optional.empty(), Optional.empty());
  }

  /** These, with what is done differently with one dog. */
  public Preferences with(Own own) {
    return new Preferences(
        own.scheduling().orElse(scheduling),
        own.fixedDays().orElse(fixedDays),
        own.fixedDays().isPresent() ? Optional.empty() : named,
        alwaysAfterWater,
        grooming,
        hair,
        climate,
        also);
  }

  /** These, with that done about hair. */
  public Preferences with(HairRhythm rhythm) {
    return new Preferences(
        scheduling, fixedDays, named, alwaysAfterWater, grooming, rhythm, climate, also);
  }

  /** These, where a weather service says that. */
  public Preferences with(Optional<ClimateReading> reading) {
    return new Preferences(
        scheduling, fixedDays, named, alwaysAfterWater, grooming, hair, reading, also);
  }
}
