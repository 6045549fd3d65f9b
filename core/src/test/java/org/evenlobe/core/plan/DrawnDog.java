package org.evenlobe.core.plan;

import static org.evenlobe.core.TestDog.day;

import java.time.DayOfWeek;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.SplittableRandom;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.CanalHair;
import org.evenlobe.core.record.CleaningInstruction;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.EarVisit;
import org.evenlobe.core.record.EarVisit.HoldWord;
import org.evenlobe.core.record.ExposureKind;
import org.evenlobe.core.record.HairWork;
import org.evenlobe.core.record.HowOften;
import org.evenlobe.core.record.LightLook;
import org.evenlobe.core.record.Season;

/** Dogs drawn at random, each by its seed. */
final class DrawnDog {
  private static final List<HowOften> OFTEN =
      List.of(
          HowOften.timesADay(1),
          HowOften.timesADay(2),
          HowOften.everyDays(2),
          HowOften.on(Set.of(DayOfWeek.MONDAY, DayOfWeek.FRIDAY)),
          HowOften.once());
  private static final String[] SIGNS = {
    "", "", "", "", "discharge=2:BROWN", "discharge=3:TAN_WAX", "redness=2", "odour=FOUL"
  };

  private DrawnDog() {}

  /** A record with facts from day 0 to day 100: some of them lie after today. */
  static DogRecord record(long seed) {
    SplittableRandom random = new SplittableRandom(seed);
    TestDog dog = new TestDog();
    if (random.nextBoolean()) {
      dog.waterSensitive();
    }
    dog.haired(random.nextBoolean() ? CanalHair.DENSE : CanalHair.NONE);
    for (int day = 0; day < 100; day++) {
      if (random.nextInt(9) == 0) {
        dog.filled(day, random.nextInt(5), random.nextInt(5));
      }
      if (random.nextInt(6) == 0) {
        dog.check(day, sign(random), sign(random));
      }
      if (random.nextInt(11) == 0) {
        dog.exposed(ExposureKind.SWIM, day, day);
      }
      if (random.nextInt(40) == 0) {
        dog.visit(day, EarVisit.NOTHING, TestDog.ordered(false, 4, day(day + 20)));
      } else if (random.nextInt(30) == 0) {
        dog.visit(day, TestDog.hold(HoldWord.LIFTED), EarVisit.NOTHING);
      } else if (random.nextInt(30) == 0) {
        HowOften often = OFTEN.get(random.nextInt(OFTEN.size()));
        dog.visit(
            day,
            TestDog.order(CleaningInstruction.clean(often, Optional.of(day(day + 10)))),
            EarVisit.NOTHING);
      }
      if (random.nextInt(40) == 0) {
        dog.hairDone(day, HairWork.TRIMMED, random.nextBoolean() ? Side.RIGHT : Side.LEFT);
      }
      if (random.nextInt(20) == 0) {
        dog.look(
            day,
            random.nextInt(3) == 0 ? LightLook.Change.WORSE : LightLook.Change.BETTER,
            random.nextInt(4) == 0);
      }
    }
    if (random.nextInt(3) == 0) {
      dog.expects(
          new UUID(20, seed),
          3,
          ExposureKind.BATH,
          Season.ALL_YEAR,
          DayOfWeek.of(1 + random.nextInt(7)));
    }
    return dog.record();
  }

  private static String sign(SplittableRandom random) {
    return SIGNS[random.nextInt(SIGNS.length)];
  }
}
