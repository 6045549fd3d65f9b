package org.evenlobe.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.course.Courses.LONDON;
import static org.evenlobe.core.course.Courses.START;
import static org.evenlobe.core.course.Courses.at;

import java.time.LocalTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.measure.Side;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.MedicineWait;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** How long an ear waits between its cleaning and its dose, and whether it is cleaned first. */
class WaitingTest {

  @ParameterizedTest(name = "vet {0}, label {1}, household {2}: {3} minutes")
  @CsvSource({
    "20,   45,   AN_HOUR,         20",
    "    , 45,   AN_HOUR,         45",
    "    , 45,   AFTER_THE_SHAKE, 45",
    "    ,   ,   AN_HOUR,         60",
    "    ,   ,   AFTER_THE_SHAKE, 0",
    "0,      ,   AN_HOUR,         0",
  })
  void theVetsWordStandsAboveTheLabelsAndThatAboveTheHouseholds(
      Integer vet, Integer label, MedicineWait household, int minutes) {
    assertThat(Waiting.minutes(Courses.waiting("8 @ 08:00 20:00 x 7", vet, label), household))
        .isEqualTo(minutes);
  }

  @ParameterizedTest(name = "cleaned at {1}, dose at {0}, now {2}: cleaned first {3}")
  @CsvSource({
    // an hour before, as the plan lays it
    "20:00, 19:00, 18:30, true",
    // with less than the wait between them the dose would be late: it is not this one's cleaning
    "20:00, 19:30, 18:30, false",
    "20:00, 21:00, 18:30, false",
    // of a dose soon after midnight the wait would begin on the day before
    "00:30, 00:00, 00:10, true",
    "00:00, 00:00, 00:10, true",
    // no hour is known
    "20:00,      , 18:30, true",
  })
  void isCleanedFirstWhereTheWaitFitsBeforeTheDose(
      LocalTime dose, LocalTime cleaned, String now, boolean first) {
    Course course = Courses.waiting("8 @ %s x 7".formatted(dose), null, 60);
    Waiting waiting = of(course, "2026-06-02 " + now, Optional.ofNullable(cleaned));

    assertThat(!waiting.cleanFirst().isEmpty()).isEqualTo(first);
  }

  @Test
  void isNotCleanedFirstForADoseOfAnotherDay() {
    Course course = Courses.waiting("8 @ 20:00 / 2 x 7", null, 60);

    assertThat(of(course, "2026-06-02 18:30", Optional.of(LocalTime.of(19, 0))).cleanFirst())
        .isEmpty();
  }

  private static Waiting of(Course course, String now, Optional<LocalTime> cleaned) {
    CourseRun run = CourseRun.of(course, Optional.empty(), List.of(), LONDON, at(now, LONDON));
    return Waiting.of(
        run,
        new TestDog().record(),
        MedicineWait.AN_HOUR,
        Map.of(Side.RIGHT, new Waiting.Planned(START.plusDays(1), cleaned)));
  }
}
