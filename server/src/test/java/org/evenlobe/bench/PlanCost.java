package org.evenlobe.bench;

import com.sun.management.ThreadMXBean;
import java.lang.management.ManagementFactory;
import java.time.DayOfWeek;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import java.util.function.Supplier;
import java.util.stream.IntStream;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.plan.DogPlan;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.even.EvenedPlans;
import org.evenlobe.core.record.Allergy;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.Capacity;
import org.evenlobe.core.record.Carriage;
import org.evenlobe.core.record.CheckRecord;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.CleaningWays;
import org.evenlobe.core.record.Climate;
import org.evenlobe.core.record.Dated;
import org.evenlobe.core.record.DogProfile;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.DogSigns;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarFinding;
import org.evenlobe.core.record.EarTraits;
import org.evenlobe.core.record.Eardrum;
import org.evenlobe.core.record.ExpectedExposure;
import org.evenlobe.core.record.Exposure;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.Feathering;
import org.evenlobe.core.record.Ground;
import org.evenlobe.core.record.Handling;
import org.evenlobe.core.record.InfectionHistory;
import org.evenlobe.core.record.Life;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.record.Season;
import org.evenlobe.core.record.WaterHabit;

/** What planning costs: a dog with ten years of records, a thousand of them, a week evened out. */
final class PlanCost {
  private static final ZoneId ZONE = ZoneId.of("Europe/Berlin");
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
  private static final int DAYS = 3650;
  private static final int CLEANINGS = 500;
  private static final int CHECKS = 1000;
  private static final int EXPOSURES = 500;
  private static final int WARM_UP = 2000;
  private static final int MEASURED = 2000;
  private static final int MANY = 1000;
  private static final int PACK = 60;

  private final Planner planner = new Planner(BreedCatalogue.shipped());

  /**
   * Microseconds and kilobytes for a dog whose facts are gone through anew, microseconds where they
   * have been already and with water expected twice a week; milliseconds for a thousand and for
   * evening out sixty.
   */
  record Figures(
      double cold, double kilobytes, double warm, double swims, double thousand, double evening) {}

  Figures measure() {
    DogRecord dog = dog(1, List.of());
    DogRecord swims = dog(1, List.of(swims()));
    DogHistory history = DogHistory.of(dog, TODAY);
    Supplier<DogPlan> cold = () -> plan(dog);
    Supplier<DogPlan> warm = () -> planner.plan(history, Preferences.DEFAULT);
    Supplier<DogPlan> wet = () -> plan(swims);
    for (int i = 0; i < WARM_UP; i++) {
      microseconds(cold);
      microseconds(warm);
      microseconds(wet);
    }
    List<Double> colds = new ArrayList<>();
    List<Double> warms = new ArrayList<>();
    List<Double> wets = new ArrayList<>();
    for (int i = 0; i < MEASURED; i++) {
      colds.add(microseconds(cold));
      warms.add(microseconds(warm));
      wets.add(microseconds(wet));
    }
    ThreadMXBean threads = (ThreadMXBean) ManagementFactory.getThreadMXBean();
    long before = threads.getCurrentThreadAllocatedBytes();
    plan(dog);
    double kilobytes = (threads.getCurrentThreadAllocatedBytes() - before) / 1024.0;
    return new Figures(
        median(colds), kilobytes, median(warms), median(wets), thousand(), evening());
  }

  private static double microseconds(Supplier<DogPlan> plan) {
    long start = System.nanoTime();
    int planned = plan.get().items().size();
    double microseconds = (System.nanoTime() - start) / 1e3;
    if (planned == 0) {
      throw new IllegalStateException("nothing was planned");
    }
    return microseconds;
  }

  private DogPlan plan(DogRecord dog) {
    return planner.plan(dog, Preferences.DEFAULT, TODAY);
  }

  private static ExpectedExposure swims() {
    return new ExpectedExposure(
        new UUID(5, 5),
        Moment.of(TODAY.minusDays(30).atStartOfDay(ZONE).toInstant(), ZONE),
        ExposureKind.SWIM,
        Set.of(DayOfWeek.WEDNESDAY, DayOfWeek.SATURDAY),
        Season.ALL_YEAR);
  }

  /** Across all cores. */
  private double thousand() {
    List<DogRecord> dogs =
        IntStream.rangeClosed(1, MANY).mapToObj(seed -> dog(seed, List.of())).toList();
    int items = planned(dogs);
    long start = System.nanoTime();
    items += planned(dogs);
    double milliseconds = (System.nanoTime() - start) / 1e6;
    if (items == 0) {
      throw new IllegalStateException("nothing was planned");
    }
    return milliseconds;
  }

  private int planned(List<DogRecord> dogs) {
    return dogs.parallelStream().mapToInt(dog -> plan(dog).items().size()).sum();
  }

  /** Sixty dogs, two a day, weekends off. */
  private double evening() {
    List<DogPlan> plans =
        IntStream.rangeClosed(1, PACK)
            .mapToObj(seed -> dog(seed, List.of()))
            .map(this::plan)
            .toList();
    Capacity capacity = new Capacity(List.of(2, 2, 2, 2, 2, 0, 0), Set.of(), Set.of(), Set.of());
    List<Double> times = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      long start = System.nanoTime();
      EvenedPlans.of(plans, Set.of(), capacity, TODAY);
      times.add((System.nanoTime() - start) / 1e6);
    }
    return median(times);
  }

  private static DogRecord dog(int seed, List<? extends Dated> more) {
    SplittableRandom random = new SplittableRandom(seed);
    List<Dated> facts = new ArrayList<>(more);
    for (int i = 0; i < CLEANINGS; i++) {
      facts.add(
          new CleaningRecord(
              id(random),
              Moment.of(at(random), ZONE),
              EarPair.bySide(
                  side ->
                      Optional.of(
                          EarCleaning.unmeasured(
                              CleaningMethod.FILL, new Load(random.nextInt(4))))),
              CleaningRecord.Manner.UNSAID,
              Optional.empty()));
    }
    for (int i = 0; i < CHECKS; i++) {
      facts.add(
          new CheckRecord(
              id(random),
              Moment.of(at(random), ZONE),
              EarPair.both(EarFinding.NOTHING),
              DogSigns.NOTHING,
              Optional.empty()));
    }
    for (int i = 0; i < EXPOSURES; i++) {
      LocalDate day = TODAY.minusDays(random.nextInt(DAYS));
      facts.add(new Exposure(id(random), Moment.of(at(random), ZONE), ExposureKind.SWIM, day, day));
    }
    return DogRecord.of(new UUID(0, seed), profile(), TODAY.minusDays(DAYS), facts);
  }

  private static UUID id(SplittableRandom random) {
    return new UUID(random.nextLong(), random.nextLong());
  }

  private static Instant at(SplittableRandom random) {
    return TODAY
        .minusDays(random.nextInt(DAYS))
        .atTime(LocalTime.of(random.nextInt(24), 0))
        .atZone(ZONE)
        .toInstant();
  }

  private static DogProfile profile() {
    return new DogProfile(
        "Fen",
        List.of(),
        Optional.empty(),
        false,
        List.of(),
        new EarTraits(Carriage.DROP, false, CanalHair.NONE, Feathering.NONE),
        new Life(WaterHabit.WEEKLY, Ground.MIXED, Climate.DRY, Allergy.NONE, InfectionHistory.NONE),
        false,
        Optional.empty(),
        true,
        new Eardrum(Eardrum.Status.NEVER_EXAMINED, Optional.empty()),
        Optional.empty(),
        Optional.empty(),
        Handling.UNSAID,
        CleaningWays.OwnWays.NONE,
        Preferences.Own.NONE);
  }

  private static double median(List<Double> values) {
    return values.stream().sorted().toList().get(values.size() / 2);
  }
}
