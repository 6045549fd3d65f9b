package org.evenlobe.core.trial;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.TestDog.day;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.history.DogHistory;
import org.evenlobe.core.record.DietSlip;
import org.evenlobe.core.record.DietStep;
import org.evenlobe.core.record.DietStep.News;
import org.evenlobe.core.record.DietTrial;
import org.evenlobe.core.record.DogRecord;
import org.evenlobe.core.record.Moment;
import org.evenlobe.core.trend.Change.Direction;
import org.evenlobe.core.trend.PeriodsCompared;
import org.evenlobe.core.trial.DietTrialNow.Stage;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A diet trial as it stands. */
class DietTrialNowTest {
  private static final UUID TRIAL = new UUID(60, 1);

  private static Moment at(int day) {
    return Moment.of(day(day).atTime(12, 0).atZone(TestDog.ZONE).toInstant(), TestDog.ZONE);
  }

  private static DietTrial trial(int startsOn, int days) {
    return new DietTrial(
        TRIAL,
        at(startsOn),
        "duck",
        "millet",
        List.of("Chicken & rice"),
        List.of(),
        day(startsOn),
        days);
  }

  private static DogRecord slips(DogRecord dog, List<Integer> days) {
    DogRecord with = dog;
    for (int i = 0; i < days.size(); i++) {
      with =
          with.plus(
              new DietSlip(
                  new UUID(61, i), at(days.get(i)), TRIAL, Optional.empty(), Optional.empty()));
    }
    return with;
  }

  private static DogRecord said(DogRecord dog, int day, News news) {
    return dog.plus(new DietStep(new UUID(62, day), at(day), TRIAL, news));
  }

  private static DietTrialNow now(DogRecord dog, int day) {
    return DietTrialNow.of(dog.all(DietTrial.class).get(0), DogHistory.of(dog, day(day)));
  }

  @ParameterizedTest
  @CsvSource({
    // length, slips (days since the first), today: clean days, last day (since the first), stage
    "56, '', 0, 1, 55, GOES_ON",
    "56, '', 54, 55, 55, GOES_ON",
    "56, '', 55, 56, 55, REACHED",
    "56, '', 70, 56, 55, REACHED",
    "56, '9', 9, 9, 69, GOES_ON",
    "56, '9', 22, 9, 69, GOES_ON",
    "56, '9', 23, 10, 69, GOES_ON",
    "56, '9 12', 26, 10, 72, GOES_ON",
    "56, '9 30', 45, 18, 83, GOES_ON",
    "56, '0', 13, 0, 69, GOES_ON",
    "30, '29', 29, 29, 43, GOES_ON",
    "30, '29', 43, 30, 43, REACHED",
    "84, '', 83, 84, 83, REACHED",
    "56, '', -1, 0, 55, TO_COME"
  })
  void cleanDaysReachItsLength(
      int length, String slips, int today, int clean, int ends, Stage stage) {
    List<Integer> slipped = new ArrayList<>();
    for (String one : slips.split(" ", -1)) {
      if (!one.isEmpty()) {
        slipped.add(10 + Integer.parseInt(one));
      }
    }

    DietTrialNow now =
        now(slips(new TestDog().record().plus(trial(10, length)), slipped), 10 + today);

    assertThat(now.clean()).isEqualTo(clean);
    assertThat(now.ends()).isEqualTo(day(10 + ends));
    assertThat(now.stage()).isEqualTo(stage);
  }

  @Test
  void aSlipCostsWhatOnlyItCovers() {
    DietTrialNow now = now(slips(new TestDog().record().plus(trial(0, 56)), List.of(9, 12)), 20);

    assertThat(now.slips()).extracting(DietTrialNow.Slipped::cost).containsExactly(3, 3);
    DietTrialNow reached = now(slips(new TestDog().record().plus(trial(0, 30)), List.of(33)), 35);
    assertThat(reached.stage()).isEqualTo(Stage.REACHED);
    assertThat(reached.slips()).extracting(DietTrialNow.Slipped::cost).containsExactly(0);
    assertThat(now.lost()).hasSize(17).startsWith(day(9)).endsWith(day(25));
  }

  /**
   * However slips fall: the clean days and the lost ones are all days, and no slip makes it end
   * sooner.
   */
  @Test
  void daysAddUpHoweverSlipsFall() {
    SplittableRandom random = new SplittableRandom(6);
    for (int drawn = 0; drawn < 500; drawn++) {
      List<Integer> slipped = random.ints(random.nextInt(5), 0, 80).sorted().boxed().toList();
      DogRecord clean = new TestDog().record().plus(trial(0, 30 + random.nextInt(55)));
      DietTrialNow now = now(slips(clean, slipped), 400);
      LocalDate without = now(clean, 400).ends();

      assertThat(now.clean() + now.lost().size())
          .as("slips %s", slipped)
          .isEqualTo((int) daysTo(now.ends()));
      assertThat(now.clean()).isEqualTo(now.trial().days());
      assertThat(now.ends()).isAfterOrEqualTo(without);
    }
  }

  private static long daysTo(LocalDate last) {
    return last.toEpochDay() - day(0).toEpochDay() + 1;
  }

  @Test
  void theOldFoodIsBackForFourteenDaysAndThenSaid() {
    DogRecord reached = new TestDog().record().plus(trial(0, 30));
    DogRecord back = said(reached, 31, News.OLD_FOOD_BACK);

    assertThat(now(back, 32).stage()).isEqualTo(Stage.OLD_FOOD);
    assertThat(now(back, 32).rejoinEnds()).contains(day(44));
    assertThat(now(said(back, 38, News.WORSE_AGAIN), 40).reasons().get(0).sentence())
        .contains("food is behind it");
    assertThat(now(said(back, 45, News.NO_WORSE), 46).stage()).isEqualTo(Stage.NO_WORSE);
    // what is eaten then is no slip
    assertThat(now(slips(back, List.of(33)), 34).clean()).isEqualTo(30);
  }

  @Test
  void whatIsGivenUpCountsNoFurther() {
    DogRecord givenUp = said(new TestDog().record().plus(trial(0, 56)), 10, News.GIVEN_UP);

    assertThat(now(givenUp, 40).clean()).isEqualTo(10);
    assertThat(now(givenUp, 40).stage().isOpen()).isFalse();
  }

  @Test
  void aShortOneAndOneOfFoodThatIsNotNewAreSaidSo() {
    DietTrial chicken =
        new DietTrial(
            TRIAL, at(0), "chicken", "millet", List.of("Chicken & rice"), List.of(), day(0), 30);

    List<String> said =
        now(new TestDog().record().plus(chicken), 1).reasons().stream()
            .map(one -> one.sentence())
            .toList();

    assertThat(said).anyMatch(one -> one.contains("30 days miss those who get better late"));
    assertThat(said).anyMatch(one -> one.contains("Chicken is among the foods so far"));
  }

  @Test
  void isComparedWithTheSameLengthBeforeIt() {
    TestDog dog = new TestDog();
    for (int day = 1; day <= 29; day += 7) {
      dog.check(day, "redness=2 swelling=1", "redness=2", "scratching=2");
    }
    dog.quiet(32, 39, 46, 53, 58);
    DogRecord record = dog.record().plus(trial(30, 30));
    DogHistory history = DogHistory.of(record, day(60));

    PeriodsCompared compared = now(record, 60).comparison(history).orElseThrow();

    assertThat(compared.before().from()).isEqualTo(day(0));
    assertThat(compared.before().checks()).isEqualTo(5);
    assertThat(compared.before().badDays()).isEqualTo(5);
    assertThat(compared.after().badDays()).isZero();
    assertThat(compared.score().direction()).isEqualTo(Direction.LOWER);
    assertThat(compared.itch().direction()).isEqualTo(Direction.LOWER);
    assertThat(now(record, 40).comparison(DogHistory.of(record, day(40)))).isEmpty();
  }
}
