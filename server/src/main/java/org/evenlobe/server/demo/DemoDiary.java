package org.evenlobe.server.demo;

import java.time.LocalDate;
import java.time.LocalTime;
import java.time.ZoneId;
import java.time.temporal.ChronoUnit;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import org.evenlobe.core.measure.EarPair;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Volume;
import org.evenlobe.core.plan.Planner;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.record.CleaningMethod;
import org.evenlobe.core.record.CleaningRecord;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarCleaning;
import org.evenlobe.core.record.EarCleaning.Noticed;
import org.evenlobe.core.record.Handled;
import org.evenlobe.core.record.Load;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.record.Preferences;

/**
 * Makes up what a caretaker would have recorded who follows the plan, a day early or two late at
 * times. The same dog and days give the same diary.
 */
final class DemoDiary {
  private static final LocalTime EVENING = LocalTime.of(18, 30);
  private static final int FIRST_GATHERING_DAYS = 16;
  private static final int LOOK_AGAIN_DAYS = 3;
  private static final double FILL_MILLILITRES = 8.6;
  private static final List<Optional<String>> NOTES =
      List.of(
          Optional.empty(),
          Optional.empty(),
          Optional.of("Shook a lot, took it well."),
          Optional.empty(),
          Optional.of("Treats helped."),
          Optional.empty(),
          Optional.empty());

  private final Planner planner;
  private final ZoneId zone;

  DemoDiary(Planner planner, ZoneId zone) {
    this.planner = planner;
    this.zone = zone;
  }

  /** The dog with the cleanings that are missing up to that day, that day included. */
  DogRecord continued(DemoDog dog, DogRecord record, LocalDate until) {
    DogRecord now = record;
    Optional<CleaningRecord> next = next(dog, now, until);
    while (next.isPresent()) {
      now = with(now, next.get());
      next = next(dog, now, until);
    }
    return now;
  }

  /** Goes on day by day until a cleaning is due that no check or visit has closed meanwhile. */
  private Optional<CleaningRecord> next(DemoDog dog, DogRecord record, LocalDate until) {
    int ordinal = record.cleanings().size();
    SplittableRandom random = new SplittableRandom(dog.id().getLeastSignificantBits() + ordinal);
    int late = random.nextInt(-1, 3);
    LocalDate day = last(record).map(done -> done.day().plusDays(1)).orElse(record.addedOn());
    while (!day.isAfter(until)) {
      List<PlanItem> items = planner.plan(record, Preferences.DEFAULT, day).cleanings();
      if (items.isEmpty()) {
        day = day.plusDays(LOOK_AGAIN_DAYS);
        continue;
      }
      LocalDate on = items.get(0).window().best().plusDays(late);
      if (!on.isAfter(day)) {
        return Optional.of(cleaned(dog, record, items.get(0).ears(), day, random));
      }
      day = on;
    }
    return Optional.empty();
  }

  private CleaningRecord cleaned(
      DemoDog dog, DogRecord record, List<Side> sides, LocalDate on, SplittableRandom random) {
    int ordinal = record.cleanings().size();
    EarPair<Optional<EarCleaning>> ears =
        EarPair.bySide(
            side ->
                sides.contains(side)
                    ? Optional.of(cleaning(dog, load(dog, record, side, on, random), random))
                    : Optional.empty());
    return new CleaningRecord(
        dog.cleaningId(ordinal),
        Moment.of(on.atTime(EVENING).atZone(zone).toInstant(), zone),
        ears,
        new CleaningRecord.Manner(
            Optional.of(random.nextInt(4) == 0 ? Handled.UNEASY : Handled.CALM),
            Optional.of(60 * random.nextInt(6, 12) + random.nextInt(60)),
            Optional.empty()),
        NOTES.get(ordinal % NOTES.size()));
  }

  /** Fills are measured every other time, a little off what the canal holds. */
  private static EarCleaning cleaning(DemoDog dog, Load load, SplittableRandom random) {
    double held = FILL_MILLILITRES * (1 + 0.12 * (random.nextDouble() - 0.5));
    boolean measured = dog.method() == CleaningMethod.FILL && random.nextBoolean();
    Optional<Volume> poured =
        measured ? Optional.of(new Volume(Math.round(held * 10) / 10.0)) : Optional.empty();
    Noticed noticed =
        new Noticed(
            Optional.of(1 + load.grade() + random.nextInt(2)),
            dog.method() == CleaningMethod.WIPE
                ? Optional.empty()
                : Optional.of(random.nextInt(5) > 0),
            load.grade() == 0 ? Optional.empty() : Optional.of(dog.wax()),
            Optional.empty(),
            Optional.empty(),
            Optional.empty());
    return new EarCleaning(dog.method(), load, poured, 1, noticed);
  }

  private static Load load(
      DemoDog dog, DogRecord record, Side side, LocalDate on, SplittableRandom random) {
    long days = FIRST_GATHERING_DAYS;
    for (CleaningRecord earlier : record.cleanings()) {
      if (earlier.ears().get(side).isPresent()) {
        days = ChronoUnit.DAYS.between(earlier.day(), on);
      }
    }
    return new Load(poisson(dog.loadPerDay().get(side) * days, random));
  }

  /** A Poisson number, cut at the heaviest load: products of uniform numbers against e^-mean. */
  private static int poisson(double mean, SplittableRandom random) {
    double limit = Math.exp(-mean);
    double product = random.nextDouble();
    int number = 0;
    while (product > limit && number < Load.HEAVIEST) {
      product *= random.nextDouble();
      number++;
    }
    return number;
  }

  private static Optional<CleaningRecord> last(DogRecord record) {
    List<CleaningRecord> done = record.cleanings();
    return done.isEmpty() ? Optional.empty() : Optional.of(done.get(done.size() - 1));
  }

  private static DogRecord with(DogRecord record, CleaningRecord cleaning) {
    List<CleaningRecord> more = new ArrayList<>(record.cleanings());
    more.add(cleaning);
    return record.with(CleaningRecord.class, more);
  }
}
