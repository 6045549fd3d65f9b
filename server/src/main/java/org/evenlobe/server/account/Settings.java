package org.evenlobe.server.account;

import static java.util.stream.Collectors.toSet;

import jakarta.persistence.Entity;
import jakarta.persistence.EnumType;
import jakarta.persistence.Enumerated;
import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.evenlobe.core.measure.DayOrder;
import org.evenlobe.core.measure.Volume;
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
import org.evenlobe.server.account.SettingsRequest.CapacityRequest;
import org.evenlobe.server.account.SettingsRequest.Facing;
import org.evenlobe.server.account.SettingsRequest.GroomingRequest;
import org.evenlobe.server.account.SettingsRequest.Hours;
import org.evenlobe.server.account.SettingsRequest.NamedDaysRequest;
import org.evenlobe.server.fact.StoredFact;
import org.hibernate.annotations.JdbcTypeCode;
import org.hibernate.type.SqlTypes;
import org.jspecify.annotations.Nullable;

/** How a household likes things; its id is the household's. */
@Entity
public class Settings extends StoredFact<SettingsRequest> {
  private String name;
  private String zone;

  @Enumerated(EnumType.STRING)
  private DayOrder dayOrder = DayOrder.DAY_FIRST;

  @Enumerated(EnumType.STRING)
  private VolumeUnit volumeUnit;

  @Enumerated(EnumType.STRING)
  private WeightUnit weightUnit;

  @Enumerated(EnumType.STRING)
  private Hours hours;

  @Enumerated(EnumType.STRING)
  private Facing facing;

  @Enumerated(EnumType.STRING)
  private CleaningMethod method;

  @Enumerated(EnumType.STRING)
  private Swabs swabs;

  @Enumerated(EnumType.STRING)
  private WipeMaterial wipes;

  @Enumerated(EnumType.STRING)
  private HairCare hair;

  private int hairWeeks;

  @Enumerated(EnumType.STRING)
  private MedicineWait medicineWait;

  @Enumerated(EnumType.STRING)
  private MixSchool mixing = MixSchool.READY_ONLY;

  private int massageSeconds;

  @Enumerated(EnumType.STRING)
  private SchedulingMode scheduling;

  private int fixedDays;
  private @Nullable @Enumerated(EnumType.STRING) DayOfWeek namedWeekday;
  private @Nullable Integer namedEveryWeeks;
  private @Nullable LocalDate namedFrom;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<Integer> namedDaysOfMonth = List.of();

  private boolean alwaysAfterWater;
  private @Nullable LocalDate groomingFrom;
  private @Nullable Integer groomingEveryDays;
  private @Nullable Integer latitude;
  private @Nullable Double smallFill;
  private boolean methodChosen;
  private boolean cleanAfterOutings;
  private boolean practiseOn;

  @JdbcTypeCode(SqlTypes.JSON)
  private @Nullable List<Integer> cleaningsByWeekday;

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> helperWeekdays = List.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> daysOff = List.of();

  @JdbcTypeCode(SqlTypes.JSON)
  private List<String> countedHands = List.of();

  @Override
  protected void say(SettingsRequest said) {
    name = said.name().strip();
    zone = said.zone().getId();
    volumeUnit = said.volumeUnit();
    weightUnit = said.weightUnit();
    dayOrder = said.dayOrder() == null ? DayOrder.DAY_FIRST : said.dayOrder();
    hours = said.hours();
    facing = said.facing();
    method = said.method();
    swabs = said.swabs();
    wipes = said.wipes();
    hair = said.hair();
    hairWeeks = Optional.ofNullable(said.hairWeeks()).orElse(HairRhythm.DEFAULT.weeks());
    medicineWait = said.medicineWait();
    mixing = Optional.ofNullable(said.mixing()).orElse(CleaningWays.DEFAULT.mixing());
    massageSeconds =
        Optional.ofNullable(said.massageSeconds()).orElse(CleaningWays.DEFAULT.massageSeconds());
    scheduling = said.scheduling();
    fixedDays = said.fixedDays();
    Optional<NamedDays> named = Optional.ofNullable(said.namedDays()).map(NamedDaysRequest::toCore);
    namedWeekday = named.flatMap(NamedDays::weekday).orElse(null);
    namedEveryWeeks = named.map(NamedDays::everyWeeks).orElse(null);
    namedFrom = named.map(NamedDays::from).orElse(null);
    namedDaysOfMonth =
        named.map(days -> days.daysOfMonth().stream().sorted().toList()).orElse(List.of());
    alwaysAfterWater = Boolean.TRUE.equals(said.alwaysAfterWater());
    GroomingRequest grooming = said.grooming();
    groomingFrom = grooming == null ? null : grooming.from();
    groomingEveryDays = grooming == null ? null : grooming.everyDays();
    latitude = said.latitude();
    smallFill = said.smallFill();
    methodChosen = Boolean.TRUE.equals(said.methodChosen());
    cleanAfterOutings = Boolean.TRUE.equals(said.cleanAfterOutings());
    practiseOn = Boolean.TRUE.equals(said.practiseOn());
    CapacityRequest fits = said.capacity();
    cleaningsByWeekday = fits == null ? null : List.copyOf(fits.byWeekday());
    helperWeekdays = fits == null ? List.of() : texts(fits.helperDays());
    daysOff = fits == null ? List.of() : texts(fits.daysOff());
    countedHands = fits == null || fits.counts() == null ? List.of() : texts(fits.counts());
  }

  private static List<String> texts(Collection<?> values) {
    return values.stream().map(Object::toString).sorted().toList();
  }

  /** How the household reads quantities. */
  public Wording wording() {
    return new Wording(volumeUnit, weightUnit, dayOrder);
  }

  /** What the household is called. */
  public String name() {
    return name;
  }

  /** The zone that the household's days are counted in. */
  public ZoneId zone() {
    return ZoneId.of(zone);
  }

  /** How the household likes things done, as the core knows it. */
  public Preferences preferences() {
    return new Preferences(
        scheduling,
        fixedDays,
        named(),
        alwaysAfterWater,
        grooming(),
        new HairRhythm(hair, hairWeeks),
        Optional.empty(),
        new Preferences.Also(cleanAfterOutings, practiseOn, medicineWait));
  }

  private Optional<NamedDays> named() {
    return Optional.ofNullable(namedEveryWeeks)
        .map(
            weeks ->
                new NamedDays(
                    Optional.ofNullable(namedWeekday),
                    weeks,
                    Optional.ofNullable(namedFrom).orElse(LocalDate.EPOCH),
                    Set.copyOf(namedDaysOfMonth)));
  }

  private Optional<GroomingRhythm> grooming() {
    LocalDate from = groomingFrom;
    Integer everyDays = groomingEveryDays;
    return from == null || everyDays == null
        ? Optional.empty()
        : Optional.of(new GroomingRhythm(from, everyDays));
  }

  /** How far north it lives, where that was said. */
  public Optional<Integer> latitude() {
    return Optional.ofNullable(latitude);
  }

  /** How many cleanings fit into its days, where that was said. */
  public Optional<Capacity> capacity() {
    return Optional.ofNullable(cleaningsByWeekday)
        .map(
            byWeekday ->
                new Capacity(
                    byWeekday,
                    helperWeekdays.stream().map(DayOfWeek::valueOf).collect(toSet()),
                    daysOff.stream().map(LocalDate::parse).collect(toSet()),
                    countedHands.stream().map(Hands::valueOf).collect(toSet())));
  }

  /** How it cleans, as the core knows it. */
  public CleaningWays ways() {
    return new CleaningWays(
        method,
        swabs,
        wipes,
        hair,
        medicineWait,
        mixing,
        massageSeconds,
        Optional.ofNullable(smallFill).map(Volume::new),
        methodChosen);
  }

  /** The same as it was said. */
  public SettingsRequest said() {
    return new SettingsRequest(
        name,
        zone(),
        volumeUnit,
        weightUnit,
        hours,
        facing,
        method,
        swabs,
        wipes,
        hair,
        hairWeeks,
        medicineWait,
        mixing,
        massageSeconds,
        scheduling,
        fixedDays,
        named()
            .map(
                days ->
                    new NamedDaysRequest(
                        days.weekday().orElse(null),
                        days.everyWeeks(),
                        days.from(),
                        days.daysOfMonth()))
            .orElse(null),
        alwaysAfterWater,
        grooming().map(days -> new GroomingRequest(days.from(), days.everyDays())).orElse(null),
        latitude,
        capacity()
            .map(
                fits ->
                    new CapacityRequest(
                        fits.byWeekday(), fits.helperDays(), fits.daysOff(), fits.counts()))
            .orElse(null),
        smallFill,
        methodChosen,
        cleanAfterOutings,
        practiseOn,
        dayOrder);
  }
}
