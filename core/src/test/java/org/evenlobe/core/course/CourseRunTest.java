package org.evenlobe.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.evenlobe.core.course.Courses.LONDON;
import static org.evenlobe.core.course.Courses.START;
import static org.evenlobe.core.course.Courses.at;
import static org.evenlobe.core.course.Courses.course;
import static org.evenlobe.core.course.Courses.tick;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import java.util.UUID;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CourseEnd;
import org.evenlobe.core.record.CourseEnd.Cause;
import org.evenlobe.core.record.Giving;
import org.evenlobe.core.record.MedicineBottle;
import org.evenlobe.core.record.Moment;
import org.junit.jupiter.api.Nested;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** A course as it stands: what has become of each dose, how it was kept to, whether it lasts. */
class CourseRunTest {
  private static final Course TWICE = course("8 @ 08:00 20:00 x 7", START, 0);
  private static final Optional<Side> RIGHT = Optional.of(Side.RIGHT);

  private static CourseRun run(Course course, String now, Giving... givings) {
    return CourseRun.of(course, Optional.empty(), List.of(givings), LONDON, at(now, LONDON));
  }

  private static CourseEnd end(String at, Cause cause) {
    return new CourseEnd(
        new UUID(2, 1), Moment.of(at(at, LONDON), LONDON), TWICE.id(), cause, Optional.empty());
  }

  @ParameterizedTest
  @CsvSource({
    "2026-06-01 04:59, AHEAD",
    "2026-06-01 05:00, DUE",
    "2026-06-01 11:00, DUE",
    "2026-06-01 11:01, LATE",
    "2026-06-01 14:00, LATE",
    "2026-06-01 14:01, MISSED",
  })
  void aDoseIsAheadThenNowThenLateThenMissed(String now, DoseStatus status) {
    assertThat(run(TWICE, now).doses(RIGHT).get(0).status()).isEqualTo(status);
  }

  @ParameterizedTest
  @CsvSource({
    "2026-06-01 04:00, EARLY",
    "2026-06-01 05:00, ON_TIME",
    "2026-06-01 10:59, ON_TIME",
    "2026-06-01 13:00, LATE",
  })
  void aGivingIsEarlyOnTimeOrLate(String given, Timing timing) {
    DoseNow dose = run(TWICE, "2026-06-02 00:00", tick(1, given)).doses(RIGHT).get(0);

    assertThat(dose.status()).isEqualTo(DoseStatus.GIVEN);
    assertThat(dose.timing()).contains(timing);
  }

  @Test
  void whatIsLeftOutIsNotMissedAndCanStillBeGiven() {
    Giving leftOut = tick(1, "2026-06-01 08:10", false, Set.of(Side.RIGHT));
    Giving given = tick(2, "2026-06-01 09:10");

    assertThat(run(TWICE, "2026-06-01 08:30", leftOut).doses(RIGHT).get(0).status())
        .isEqualTo(DoseStatus.LEFT_OUT);
    assertThat(run(TWICE, "2026-06-01 09:30", leftOut, given).doses(RIGHT).get(0).status())
        .isEqualTo(DoseStatus.GIVEN);
  }

  @Test
  void aDoseCountsOnceByItsFirstTickInWhateverOrderTheyArrive() {
    List<Giving> ticks = new ArrayList<>();
    for (int day = 1; day <= 5; day++) {
      ticks.add(tick(10 * day, "2026-06-0%d 08:%02d".formatted(day, 3 * day)));
      ticks.add(tick(10 * day + 1, "2026-06-0%d 08:%02d".formatted(day, 40 - day)));
      ticks.add(tick(10 * day + 2, "2026-06-0%d 19:00".formatted(day)));
    }
    CourseRun inOrder = run(TWICE, "2026-06-06 12:00", ticks.toArray(Giving[]::new));
    Random random = new Random(7);
    for (int i = 0; i < 50; i++) {
      Collections.shuffle(ticks, random);
      CourseRun replayed = run(TWICE, "2026-06-06 12:00", ticks.toArray(Giving[]::new));
      assertThat(replayed.doses()).isEqualTo(inOrder.doses());
      assertThat(replayed.adherence()).isEqualTo(inOrder.adherence());
    }
    assertThat(inOrder.doubles())
        .hasSize(5)
        .allSatisfy(
            dose ->
                assertThat(dose.giving().orElseThrow().at()).isBefore(dose.again().get(0).at()));
  }

  @Test
  void keptToTheLastAllOnTimeIsAllOfIt() {
    Course both =
        course(
            "8 @ 08:00 20:00 x 7; 8 @ 08:00 x 7",
            START,
            1,
            EnumSet.allOf(Side.class),
            Optional.empty());
    List<Giving> all = new ArrayList<>();
    DoseSchedule.of(both, LONDON, START)
        .doses()
        .forEach(
            dose ->
                all.add(
                    tick(
                        dose.number(),
                        dose.local().toString().replace('T', ' '),
                        true,
                        EnumSet.allOf(Side.class))));

    CourseRun run = run(both, "2026-07-01 12:00", all.toArray(Giving[]::new));

    assertThat(run.isOver()).isTrue();
    assertThat(run.adherence())
        .hasSize(2)
        .allSatisfy(
            ear -> {
              assertThat(ear.due()).isEqualTo(21);
              assertThat(ear.given()).isEqualTo(21);
              assertThat(ear.onTime()).isEqualTo(21);
              assertThat(ear.longestGapHours()).contains(24.0);
            });
  }

  @Test
  void adherenceIsOfEachEarAndOfDosesWhoseTimeIsOver() {
    Course both =
        course("8 @ 08:00 20:00 x 7", START, 0, EnumSet.allOf(Side.class), Optional.empty());
    CourseRun run =
        run(
            both,
            "2026-06-02 10:00",
            tick(1, "2026-06-01 08:00", true, EnumSet.allOf(Side.class)),
            tick(2, "2026-06-02 00:30", true, EnumSet.of(Side.LEFT)));

    // two are due: that of this morning is on time until 11
    assertThat(run.adherence()).extracting(Adherence::due).containsExactly(2, 2);
    assertThat(run.adherence()).extracting(Adherence::given).containsExactly(1, 2);
    assertThat(run.adherence()).extracting(Adherence::onTime).containsExactly(1, 1);
    assertThat(run.adherence().get(1).longestGapHours()).contains(16.5);
    assertThat(run.adherence().get(0).reason().sentence())
        .isEqualTo("Right ear: 1 of 2 given (50 %), 1 of those on time.");
  }

  @Test
  void afterItsEndNothingIsDueAndEndedBeforeTheLastIsStoppedEarly() {
    CourseRun stopped =
        CourseRun.of(
            TWICE,
            Optional.of(end("2026-06-03 09:00", Cause.OTHER)),
            List.of(tick(1, "2026-06-01 08:00")),
            LONDON,
            at("2026-06-05 09:00", LONDON));

    assertThat(stopped.doses()).hasSize(5);
    assertThat(stopped.isOver()).isTrue();
    assertThat(stopped.wasStoppedEarly()).isTrue();
    CourseRun finished =
        CourseRun.of(
            TWICE,
            Optional.of(end("2026-06-07 21:00", Cause.FINISHED)),
            List.of(),
            LONDON,
            at("2026-06-08 09:00", LONDON));
    assertThat(finished.wasStoppedEarly()).isFalse();
  }

  @ParameterizedTest
  @CsvSource({
    "8 @ 08:00 20:00 x 7-10,                2026-06-07 09:00, 1",
    "8 @ 08:00 20:00 x 7-10,                2026-06-06 09:00, 0",
    "8 @ 08:00 20:00 x 7,                   2026-06-07 09:00, 0",
    "8 @ 08:00 20:00 x 7-10; 8 @ 08:00 x 7, 2026-06-07 09:00, 1",
  })
  void onTheLastPlannedDayOfARangeItAsks(String line, String now, int phase) {
    assertThat(run(course(line, START, 0), now).asks().orElse(0)).isEqualTo(phase);
  }

  /** Whether the bottle lasts. */
  @Nested
  class Bottle {
    private static final LocalDate OPENED = START;

    private static Optional<MedicineBottle> bottle(double millilitres, Optional<Integer> keeps) {
      return Optional.of(
          new MedicineBottle(millilitres, 20, Optional.empty(), Optional.of(OPENED), keeps));
    }

    private static BottleLasts lasts(String line, double millilitres, String now, Giving... given) {
      return BottleLasts.of(
              run(
                  course(
                      line,
                      START,
                      0,
                      EnumSet.of(Side.RIGHT),
                      bottle(millilitres, Optional.empty())),
                  now,
                  given))
          .orElseThrow();
    }

    @Test
    void runsOutOnANamedDoseOrLasts() {
      String line = "8 @ 08:00 20:00 x 7; 8 @ 08:00 x 7";
      BottleLasts small = lasts(line, 7.5, "2026-06-01 00:00");
      BottleLasts large = lasts(line, 15, "2026-06-01 00:00");

      // 168 drops at 20 in a mL, a tenth for loss
      assertThat(small.needed())
          .hasValueSatisfying(mL -> assertThat(mL).isCloseTo(9.24, within(1e-9)));
      // 17 doses take 7.48 mL, 18 take 7.92
      assertThat(small.runsOut().map(Dose::number)).contains(18);
      assertThat(Wording.METRIC.of(small.reasons().get(0).sentence()))
          .contains("it runs out at dose 18, on 11 Jun 2026");
      assertThat(large.runsOut()).isEmpty();
      assertThat(large.reasons().get(0).sentence()).contains("it lasts");
    }

    @Test
    void whatWasGivenIsDrawnAndATwiceGivenDoseTwice() {
      BottleLasts left =
          lasts(
              "8 @ 08:00 20:00 x 7",
              10,
              "2026-06-02 00:00",
              tick(1, "2026-06-01 08:00"),
              tick(2, "2026-06-01 08:20"),
              tick(3, "2026-06-01 20:00"));

      assertThat(left.left()).isCloseTo(10 - 3 * 0.44, within(1e-9));
    }

    @Test
    void theMostOfARangeIsCounted() {
      assertThat(lasts("5-10 @ 08:00 x 7-10", 20, "2026-06-01 00:00").needed())
          .hasValueSatisfying(mL -> assertThat(mL).isCloseTo(10 * 10 / 20.0 * 1.1, within(1e-9)));
    }

    @ParameterizedTest
    @CsvSource({"5, true", "6, false"})
    void mayBeUsedUpToAndIncludingItsLastDay(int keeps, boolean tooEarly) {
      CourseRun run =
          run(
              course(
                  "8 @ 08:00 x 7",
                  START,
                  0,
                  EnumSet.of(Side.RIGHT),
                  bottle(20, Optional.of(keeps))),
              "2026-06-01 00:00");

      assertThat(BottleLasts.of(run).orElseThrow().useBy().isPresent()).isEqualTo(tooEarly);
    }
  }
}
