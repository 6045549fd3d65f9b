package org.evenlobe.core;

import java.nio.charset.StandardCharsets;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.check.Signs;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.Appointment;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Drying;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.EardrumSeen;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.HairBy;
import org.evenlobe.core.record.HairDone;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.HoldRelease;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Litter;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Pin;
import org.evenlobe.core.record.Practice;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Reaction;
import org.evenlobe.core.record.ReactionKind;
import org.evenlobe.core.record.Rung;
import org.evenlobe.core.record.SchedulingMode;
import org.evenlobe.core.record.Season;
import org.evenlobe.core.record.SeedLook;
import org.evenlobe.core.record.Skip;
import org.evenlobe.core.record.Smear;
import org.evenlobe.core.record.StatedInfection;
import org.evenlobe.core.record.StruckDay;
import org.evenlobe.core.record.Supply;
import org.evenlobe.core.record.Trigger;
import org.evenlobe.core.record.TriggerSaid;
import org.evenlobe.core.record.VisitRecord;
import org.evenlobe.core.record.WaterHabit;

/** A dog whose record is told day by day, counted from {@link #DAY_0}. */
public final class TestDog {
  public static final LocalDate DAY_0 = LocalDate.of(2026, 3, 2);
  public static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final UUID ID = new UUID(0, 1);

  private UUID id = ID;
  private String name = "Fen";
  private Carriage carriage = Carriage.DROP;
  private CanalHair hair = CanalHair.NONE;
  private WaterHabit water = WaterHabit.WEEKLY;
  private Allergy allergy = Allergy.NONE;
  private InfectionHistory infections = InfectionHistory.NONE;
  private Optional<StatedInfection> lastInfection = Optional.empty();
  private Eardrum eardrum = new Eardrum(Eardrum.Status.NEVER_EXAMINED, Optional.empty());
  private Optional<LocalDate> bornOn = Optional.of(day(-1000));
  private final List<Dated> facts = new ArrayList<>();
  private Preferences.Own own = Preferences.Own.NONE;
  private Handling handling = Handling.UNSAID;
  private boolean waterSensitive;
  private Optional<Litter> litter = Optional.empty();

  public static LocalDate day(int number) {
    return DAY_0.plusDays(number);
  }

  /** Another dog than the usual one. */
  public TestDog named(String said) {
    name = said;
    id = UUID.nameUUIDFromBytes(said.getBytes(StandardCharsets.UTF_8));
    return this;
  }

  public TestDog carried(Carriage how) {
    carriage = how;
    return this;
  }

  public TestDog neverWet() {
    water = WaterHabit.NEVER;
    return this;
  }

  public TestDog allergy(Allergy what) {
    allergy = what;
    return this;
  }

  public TestDog infections(InfectionHistory stated) {
    infections = stated;
    return this;
  }

  public TestDog infected(StatedInfection last) {
    infections = InfectionHistory.ONE;
    lastInfection = Optional.of(last);
    return this;
  }

  public TestDog eardrum(Eardrum.Status status, int day) {
    eardrum = new Eardrum(status, Optional.of(day(day)));
    return this;
  }

  public TestDog litter(int from, int until) {
    litter = Optional.of(new Litter(day(from), Optional.of(day(until))));
    return this;
  }

  /** That an ear reacted to a bottle or a pack. */
  public TestDog reacted(int day, Supply to) {
    return reacted(day, Optional.of(to.id()), Optional.empty());
  }

  /** That an ear reacted to something on the shelf. */
  public TestDog reacted(int day, String ingredient) {
    return reacted(day, Optional.empty(), Optional.of(ingredient));
  }

  private TestDog reacted(int day, Optional<UUID> supply, Optional<String> ingredient) {
    facts.add(
        new Reaction(
            new UUID(31, day),
            Moment.of(day(day).atTime(LocalTime.of(19, 0)).atZone(ZONE).toInstant(), ZONE),
            Optional.empty(),
            ReactionKind.STUNG,
            supply,
            ingredient));
    return this;
  }

  public TestDog bornOn(LocalDate day) {
    bornOn = Optional.of(day);
    return this;
  }

  /** With a fact as it is. */
  public TestDog with(Dated fact) {
    facts.add(fact);
    return this;
  }

  public TestDog check(int day, String right, String left) {
    return check(day, right, left, "");
  }

  public TestDog check(int day, String right, String left, String dog) {
    facts.add(Signs.check(day(day), right, left, dog));
    return this;
  }

  /** Quiet checks, one each of those days. */
  public TestDog quiet(int... days) {
    for (int day : days) {
      check(day, "", "");
    }
    return this;
  }

  public TestDog cleaned(int day, Side... sides) {
    List<Side> which = List.of(sides);
    facts.add(
        new CleaningRecord(
            new UUID(1, day),
            Moment.of(day(day).atTime(LocalTime.of(18, 0)).atZone(ZONE).toInstant(), ZONE),
            EarPair.bySide(
                side ->
                    which.contains(side)
                        ? Optional.of(EarCleaning.unmeasured(CleaningMethod.FILL, new Load(2)))
                        : Optional.empty()),
            CleaningRecord.Manner.UNSAID,
            Optional.empty()));
    return this;
  }

  /** Both ears cleaned that way, and how the dog took it. */
  public TestDog cleaned(int day, EarCleaning how, Handled handled, int seconds) {
    facts.add(
        new CleaningRecord(
            new UUID(1, day),
            Moment.of(day(day).atTime(LocalTime.of(18, 0)).atZone(ZONE).toInstant(), ZONE),
            EarPair.both(Optional.of(how)),
            new CleaningRecord.Manner(Optional.of(handled), Optional.of(seconds), Optional.empty()),
            Optional.empty()));
    return this;
  }

  public TestDog stands(Rung rung, int day) {
    handling = new Handling(false, false, rung, Optional.of(day(day)), Optional.empty());
    return this;
  }

  public TestDog practised(int day, Rung rung, Handled handled) {
    facts.add(
        new Practice(
            new UUID(7, 100L * day + facts.size()),
            Moment.of(
                day(day)
                    .atTime(LocalTime.of(17, 0))
                    .plusMinutes(facts.size())
                    .atZone(ZONE)
                    .toInstant(),
                ZONE),
            rung,
            handled));
    return this;
  }

  public TestDog visit(int day, EarVisit right, EarVisit left) {
    return visit(day, right, left, Optional.empty());
  }

  public TestDog visit(int day, EarVisit right, EarVisit left, Optional<LocalDate> next) {
    facts.add(
        new VisitRecord(
            new UUID(3, day),
            Moment.of(day(day).atTime(LocalTime.of(15, 0)).atZone(ZONE).toInstant(), ZONE),
            new EarPair<>(right, left),
            next,
            Optional.empty()));
    return this;
  }

  public TestDog call(int day, EarVisit right, EarVisit left) {
    facts.add(
        new VisitRecord(
            new UUID(3, day),
            Moment.of(at(day, 15), ZONE),
            new EarPair<>(right, left),
            Optional.empty(),
            Optional.empty(),
            true));
    return this;
  }

  /** A light look at the right ear. */
  public TestDog look(int day, LightLook.Change change, boolean hurts) {
    facts.add(
        new LightLook(
            new UUID(12, day),
            Moment.of(at(day, 9), ZONE),
            new EarPair<>(Optional.of(new LightLook.Ear(change, hurts)), Optional.empty()),
            true));
    return this;
  }

  /** The right ear filled, and what that showed. */
  public TestDog showed(int day, EarCleaning.Noticed noticed) {
    facts.add(
        new CleaningRecord(
            new UUID(1, 100L * day + 18),
            Moment.of(at(day, 18), ZONE),
            new EarPair<>(
                Optional.of(
                    new EarCleaning(
                        CleaningMethod.FILL, new Load(2), Optional.empty(), 1, noticed)),
                Optional.empty()),
            CleaningRecord.Manner.UNSAID,
            Optional.empty()));
    return this;
  }

  public TestDog release(int day, Side side) {
    facts.add(
        new HoldRelease(
            new UUID(4, day),
            Moment.of(day(day).atTime(LocalTime.of(20, 0)).atZone(ZONE).toInstant(), ZONE),
            side));
    return this;
  }

  public TestDog waterSensitive() {
    waterSensitive = true;
    return this;
  }

  public TestDog scheduled(SchedulingMode mode, Integer fixedDays) {
    own = new Preferences.Own(Optional.of(mode), Optional.ofNullable(fixedDays));
    return this;
  }

  /** Both ears filled, and that load came out. */
  public TestDog filled(int day, int right, int left) {
    return filledAt(day, 18, right, left);
  }

  public TestDog filledAt(int day, int hour, int right, int left) {
    facts.add(
        new CleaningRecord(
            new UUID(1, 100L * day + hour),
            Moment.of(at(day, hour), ZONE),
            new EarPair<>(right, left)
                .map(
                    load ->
                        Optional.of(EarCleaning.unmeasured(CleaningMethod.FILL, new Load(load)))),
            CleaningRecord.Manner.UNSAID,
            Optional.empty()));
    return this;
  }

  public TestDog dried(int day, int hour) {
    facts.add(new Drying(new UUID(8, day), Moment.of(at(day, hour), ZONE)));
    return this;
  }

  public TestDog lookedForSeeds(int day, int hour) {
    facts.add(new SeedLook(new UUID(9, day), Moment.of(at(day, hour), ZONE)));
    return this;
  }

  public TestDog haired(CanalHair grows) {
    hair = grows;
    return this;
  }

  public TestDog hairDone(int day, HairWork work, Side... sides) {
    Optional<Side> ear = sides.length == 1 ? Optional.of(sides[0]) : Optional.empty();
    UUID id = new UUID(10 + (sides.length == 1 ? 1 + sides[0].name().length() : 0), day);
    facts.add(new HairDone(id, Moment.of(at(day, 11), ZONE), ear, work, HairBy.HOUSEHOLD));
    return this;
  }

  public TestDog expects(UUID id, int day, ExposureKind kind, Season season, DayOfWeek... on) {
    facts.add(new ExpectedExposure(id, Moment.of(at(day, 8), ZONE), kind, Set.of(on), season));
    return this;
  }

  public TestDog struck(int day, UUID expected, int on) {
    facts.add(new StruckDay(new UUID(9, on), Moment.of(at(day, 8), ZONE), expected, day(on)));
    return this;
  }

  public TestDog pin(int day, Object item, int on, String reason) {
    facts.add(
        new Pin(
            new UUID(10, on),
            Moment.of(at(day, 20), ZONE),
            item.toString(),
            day(on),
            Optional.ofNullable(reason)));
    return this;
  }

  public TestDog appointment(int day, int on, String what) {
    facts.add(
        new Appointment(
            new UUID(11, on), Moment.of(at(day, 9), ZONE), day(on), Optional.empty(), what));
    return this;
  }

  private static Instant at(int day, int hour) {
    return day(day).atTime(LocalTime.of(hour, 0)).atZone(ZONE).toInstant();
  }

  public TestDog cleanedWith(int day, UUID bottle) {
    facts.add(
        new CleaningRecord(
            new UUID(1, day),
            Moment.of(day(day).atTime(LocalTime.of(18, 0)).atZone(ZONE).toInstant(), ZONE),
            EarPair.both(Optional.of(EarCleaning.unmeasured(CleaningMethod.FILL, new Load(1)))),
            new CleaningRecord.Manner(Optional.empty(), Optional.empty(), Optional.of(bottle)),
            Optional.empty()));
    return this;
  }

  /** A person says whether trouble follows something. */
  public TestDog says(int day, Trigger trigger, boolean follows) {
    facts.add(
        new TriggerSaid(
            new UUID(31, day),
            Moment.of(day(day).atTime(LocalTime.of(20, 0)).atZone(ZONE).toInstant(), ZONE),
            trigger,
            follows,
            Optional.empty()));
    return this;
  }

  public TestDog exposed(ExposureKind kind, int firstDay, int lastDay) {
    facts.add(
        new Exposure(
            new UUID(6, firstDay),
            Moment.of(day(lastDay).atTime(LocalTime.of(19, 0)).atZone(ZONE).toInstant(), ZONE),
            kind,
            day(firstDay),
            day(lastDay)));
    return this;
  }

  public TestDog skip(int day, Object item, String reason) {
    facts.add(
        new Skip(
            new UUID(5, day),
            Moment.of(day(day).atTime(LocalTime.of(20, 0)).atZone(ZONE).toInstant(), ZONE),
            item.toString(),
            reason));
    return this;
  }

  public DogRecord record() {
    DogProfile profile =
        new DogProfile(
            name,
            List.of(),
            bornOn,
            false,
            List.of(),
            new EarTraits(carriage, false, hair, Feathering.NONE),
            new Life(water, Ground.MIXED, Climate.DRY, allergy, infections, lastInfection),
            false,
            litter,
            waterSensitive,
            eardrum,
            Optional.empty(),
            Optional.empty(),
            handling,
            CleaningWays.OwnWays.NONE,
            own);
    return DogRecord.of(id, profile, DAY_0, facts);
  }

  /** A vet orders to clean both ears so often with that. */
  public TestDog orderedWith(int day, HowOften often, String product) {
    EarVisit ear =
        order(
            new CleaningInstruction(
                Optional.of(often),
                Optional.empty(),
                Optional.of(product),
                Optional.empty(),
                false,
                false));
    return visit(day, ear, ear);
  }

  public static EarVisit seen(EardrumSeen eardrum) {
    return visited(eardrum, HoldWord.NOTHING_SAID);
  }

  public static EarVisit hold(HoldWord word) {
    return visited(EardrumSeen.NOT_SEEN, word);
  }

  public static EarVisit visited(EardrumSeen eardrum, HoldWord word) {
    return new EarVisit(
        eardrum,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty(),
        word);
  }

  public static EarVisit smear(Smear.Amount cocci) {
    return new EarVisit(
        EardrumSeen.INTACT,
        Optional.of(new Smear(Smear.Amount.NONE, cocci, Smear.Amount.NONE)),
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty(),
        HoldWord.NOTHING_SAID);
  }

  public static EarVisit order(CleaningInstruction instruction) {
    return order(EardrumSeen.NOT_SEEN, instruction, HoldWord.NOTHING_SAID);
  }

  public static EarVisit order(EardrumSeen eardrum, CleaningInstruction said, HoldWord hold) {
    return new EarVisit(
        eardrum,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.of(said),
        hold);
  }

  /** Told that it was worse, the vet said to go on. */
  public static EarVisit goOn() {
    return word(HoldWord.NOTHING_SAID, true, Optional.empty());
  }

  /** A medicine goes in until that day. */
  public static EarVisit medicine(int until) {
    return word(HoldWord.LIFTED, false, Optional.of(day(until)));
  }

  private static EarVisit word(HoldWord hold, boolean goOn, Optional<LocalDate> medicineUntil) {
    return new EarVisit(
        EardrumSeen.NOT_SEEN,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        false,
        Optional.empty(),
        hold,
        false,
        goOn,
        medicineUntil);
  }

  public static EarVisit ordered(boolean cleaned, Integer everyDays, LocalDate until) {
    return new EarVisit(
        EardrumSeen.NOT_SEEN,
        Optional.empty(),
        Optional.empty(),
        Optional.empty(),
        cleaned,
        Optional.of(
            everyDays == null
                ? CleaningInstruction.leaveAlone(Optional.ofNullable(until))
                : CleaningInstruction.clean(
                    HowOften.everyDays(everyDays), Optional.ofNullable(until))),
        HoldWord.NOTHING_SAID);
  }
}
