package org.evenlobe.server.account;

import jakarta.validation.Valid;
import jakarta.validation.constraints.DecimalMax;
import jakarta.validation.constraints.DecimalMin;
import jakarta.validation.constraints.Max;
import jakarta.validation.constraints.Min;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.DayOrder;
import org.evenlobe.core.measure.VolumeUnit;
import org.evenlobe.core.measure.WeightUnit;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.Capacity;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.GroomingRhythm;
import org.evenlobe.core.record.HairCare;
import org.evenlobe.core.record.HairRhythm;
import org.evenlobe.core.record.Hands;
import org.evenlobe.core.record.MedicineWait;
import org.evenlobe.core.record.MixSchool;
import org.evenlobe.core.record.NamedDays;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.Swabs;
import org.evenlobe.core.record.WipeMaterial;
import org.evenlobe.server.problem.InvalidFields;
import org.jspecify.annotations.Nullable;

/**
 * How a household likes things.
 *
 * @param name what it is called
 * @param zone the time zone that its days are counted in
 * @param volumeUnit how volumes are shown
 * @param weightUnit how weights are shown
 * @param hours how times are shown
 * @param facing where drawings are seen from; R and L are always the dog's own
 * @param method how ears are cleaned
 * @param swabs where swabs may go
 * @param wipes what is wiped with
 * @param hair what is done about hair in the canal
 * @param hairWeeks after how many weeks that is done again; 8 where left out
 * @param medicineWait how long a medicine waits after a cleaning
 * @param mixing whether cleaner is mixed at home; ready ones only where left out
 * @param massageSeconds how long the base is massaged; 30 where left out
 * @param scheduling the school of when to clean
 * @param fixedDays the interval of the school of fixed days
 * @param namedDays the days of that school by the calendar, in place of an interval
 * @param alwaysAfterWater whether every dog's ears are cleaned after water
 * @param grooming the grooming days, where nails, bath and brushing are bundled
 * @param latitude how far north the household lives, degrees; the weather service is asked by it
 * @param capacity how many cleanings fit into each day; left out where that is no matter
 * @param smallFill mL of a fill by its label, where it is not to the line
 * @param methodChosen whether somebody chose the method; else it is asked before the first cleaning
 * @param cleanAfterOutings whether ears are cleaned after a hike or in a new place
 * @param practiseOn whether dogs that need no practice practise once a week all the same
 * @param dayOrder in which order dates are shown; the day first where left out
 */
public record SettingsRequest(
    @NotBlank @Size(max = 80) String name,
    @NotNull ZoneId zone,
    @NotNull VolumeUnit volumeUnit,
    @NotNull WeightUnit weightUnit,
    @NotNull Hours hours,
    @NotNull Facing facing,
    @NotNull CleaningMethod method,
    @NotNull Swabs swabs,
    @NotNull WipeMaterial wipes,
    @NotNull HairCare hair,
    @Nullable @Min(HairRhythm.FEWEST_WEEKS) @Max(HairRhythm.MOST_WEEKS) Integer hairWeeks,
    @NotNull MedicineWait medicineWait,
    @Nullable MixSchool mixing,
    @Nullable @Min(CleaningWays.SHORTEST_MASSAGE) @Max(CleaningWays.LONGEST_MASSAGE)
        Integer massageSeconds,
    @NotNull SchedulingMode scheduling,
    @NotNull @Min(Preferences.FEWEST_DAYS) @Max(Preferences.MOST_DAYS) Integer fixedDays,
    @Nullable @Valid NamedDaysRequest namedDays,
    @Nullable Boolean alwaysAfterWater,
    @Nullable @Valid GroomingRequest grooming,
    @Nullable @Min(SOUTHERNMOST) @Max(NORTHERNMOST) Integer latitude,
    @Nullable @Valid CapacityRequest capacity,
    @Nullable @DecimalMin("0.1") @DecimalMax("20") Double smallFill,
    @Nullable Boolean methodChosen,
    @Nullable Boolean cleanAfterOutings,
    @Nullable Boolean practiseOn,
    @Nullable DayOrder dayOrder) {
  private static final int SOUTHERNMOST = -60;
  private static final int NORTHERNMOST = 72;
  private static final int WEEKDAYS = 7;
  private static final int MOST_DAYS_OFF = 200;
  private static final int MOST_NAMED = 6;
  private static final int LAST_OF_MONTH = 31;

  /**
   * Named days: a weekday, or days of the month.
   *
   * @param weekday the day of the week
   * @param everyWeeks of every week, 1, or of every second, 2; 1 where left out
   * @param from one of those days, by which every second week is told
   * @param daysOfMonth the days of the month; the 31st is the last of a shorter one
   */
  public record NamedDaysRequest(
      @Nullable DayOfWeek weekday,
      @Nullable @Min(1) @Max(2) Integer everyWeeks,
      @Nullable LocalDate from,
      @Nullable @Size(max = MOST_NAMED)
          Set<@NotNull @Min(1) @Max(LAST_OF_MONTH) Integer> daysOfMonth) {

    void check(InvalidFields.Collector errors) {
      Set<Integer> days = daysOfMonth == null ? Set.of() : daysOfMonth;
      errors
          .require(
              (weekday == null) != days.isEmpty(),
              "namedDays",
              "must be a weekday or days of the month")
          .require(
              everyWeeks == null || everyWeeks == 1 || from != null,
              "namedDays.from",
              "is needed to tell every second week")
          .require(
              NamedDays.areApart(days),
              "namedDays.daysOfMonth",
              "must lie at least 5 days apart, over the end of a month too");
    }

    NamedDays toCore() {
      return new NamedDays(
          Optional.ofNullable(weekday),
          everyWeeks == null ? 1 : everyWeeks,
          from == null ? LocalDate.EPOCH : from,
          daysOfMonth == null ? Set.of() : daysOfMonth);
    }
  }

  /**
   * The grooming days.
   *
   * @param from one of them
   * @param everyDays how often
   */
  public record GroomingRequest(
      @NotNull LocalDate from,
      @NotNull @Min(GroomingRhythm.FEWEST_DAYS) @Max(GroomingRhythm.MOST_DAYS) Integer everyDays) {}

  /**
   * How many cleanings fit into a day.
   *
   * @param byWeekday how many on each day of the week, Monday first
   * @param helperDays the days of the week with two people; none where that is no matter
   * @param daysOff days on which nothing is done
   * @param counts what takes room besides cleanings; nothing where left out
   */
  public record CapacityRequest(
      @NotNull @Size(min = WEEKDAYS, max = WEEKDAYS)
          List<@NotNull @Min(0) @Max(Capacity.MOST) Integer> byWeekday,
      @NotNull @Size(max = 7) Set<@NotNull DayOfWeek> helperDays,
      @NotNull @Size(max = MOST_DAYS_OFF) Set<@NotNull LocalDate> daysOff,
      @Nullable @Size(max = 3) Set<@NotNull Hands> counts) {}

  /** How times are shown. */
  public enum Hours {
    /** 18:30. */
    H24,
    /** 6:30 pm. */
    H12
  }

  /** Where drawings are seen from. */
  public enum Facing {
    /** The dog faces you: its right ear is on your left. */
    FRONT,
    /** You stand behind the dog: its right ear is on your right. */
    BEHIND
  }

  /**
   * What a household begins with.
   *
   * @param read how quantities are read where it lives
   */
  static SettingsRequest initial(String name, ZoneId zone, Wording read) {
    return new SettingsRequest(
        name.strip(),
        zone,
        read.volumes(),
        read.weights(),
        read.days() == DayOrder.DAY_FIRST ? Hours.H24 : Hours.H12,
        Facing.FRONT,
        CleaningWays.DEFAULT.method(),
        CleaningWays.DEFAULT.swabs(),
        CleaningWays.DEFAULT.wipes(),
        HairRhythm.DEFAULT.care(),
        HairRhythm.DEFAULT.weeks(),
        CleaningWays.DEFAULT.medicineWait(),
        CleaningWays.DEFAULT.mixing(),
        CleaningWays.DEFAULT.massageSeconds(),
        Preferences.DEFAULT.scheduling(),
        Preferences.DEFAULT.fixedDays(),
        null,
        false,
        null,
        null,
        null,
        null,
        false,
        false,
        false,
        read.days());
  }
}
