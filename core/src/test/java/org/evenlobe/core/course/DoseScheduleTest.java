package org.evenlobe.core.course;

import static org.assertj.core.api.Assertions.assertThat;
import static org.evenlobe.core.course.Courses.LONDON;
import static org.evenlobe.core.course.Courses.START;
import static org.evenlobe.core.course.Courses.at;
import static org.evenlobe.core.course.Courses.course;
import static org.evenlobe.core.course.Courses.starting;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalTime;
import java.time.OffsetDateTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;
import org.evenlobe.core.record.Course;
import org.evenlobe.core.record.CoursePhase;
import org.evenlobe.core.record.DoseAmount;
import org.evenlobe.core.record.DoseUnit;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** When each dose of a course is due. */
class DoseScheduleTest {
  private static final LocalDate FAR = LocalDate.of(2030, 1, 1);

  @ParameterizedTest(name = "{0} from {1}: {6}")
  @CsvFileSource(resources = "schedules.csv", delimiter = '|', numLinesToSkip = 1)
  void eachDoseHasItsLocalTime(
      String line, LocalDate starts, int slot, String zone, int doses, String told, String why) {
    DoseSchedule schedule = DoseSchedule.of(course(line, starts, slot), ZoneId.of(zone), FAR);

    assertThat(schedule.size()).isEqualTo(doses);
    for (String one : told.split(", ", -1)) {
      String[] parts = one.split(": ", 2);
      assertThat(schedule.doses().get(Integer.parseInt(parts[0]) - 1).at())
          .as(one)
          .isEqualTo(OffsetDateTime.parse(parts[1]).toInstant());
    }
  }

  @Test
  void aPhaseWithoutAnEndIsToldUpToTheDayAskedFor() {
    DoseSchedule schedule =
        DoseSchedule.of(course("8 @ 08:00 20:00", START, 0), LONDON, START.plusDays(9));

    assertThat(schedule.size()).isEqualTo(20);
  }

  @ParameterizedTest
  @CsvSource({
    // course, dose, on time from, on time until, missed after
    "8 @ 08:00 20:00 x 7, 3, 2026-06-02 05:00, 2026-06-02 11:00, 2026-06-02 14:00",
    "8 @ 08:00 20:00 x 7, 1, 2026-06-01 05:00, 2026-06-01 11:00, 2026-06-01 14:00",
    "8 @ 08:00 20:00 x 7, 14, 2026-06-07 17:00, 2026-06-07 23:00, 2026-06-08 02:00",
    "8 @ 08:00 x 7, 2, 2026-06-02 02:00, 2026-06-02 14:00, 2026-06-02 20:00",
    "8 @ 08:00 x 1, 1, 2026-06-01 02:00, 2026-06-01 14:00, 2026-06-01 20:00",
    "8 @ 08:00 20:00 x 7; 8 @ 20:00 x 7, 14, 2026-06-07 17:00, 2026-06-08 02:00, 2026-06-08 08:00",
    "8 @ 08:00 / 2 x 6, 2, 2026-06-02 20:00, 2026-06-03 20:00, 2026-06-04 08:00",
    "8 @ 07:00 14:30 22:00 x 2, 2, 2026-06-01 12:37:30, 2026-06-01 16:22:30, 2026-06-01 18:15",
  })
  void isOnTimeWithinAQuarterOfTheTimeToItsNeighbour(
      String line, int number, String from, String until, String missed) {
    DoseSchedule schedule = DoseSchedule.of(course(line, START, 0), LONDON, FAR);

    assertThat(schedule.span(schedule.doses().get(number - 1)))
        .isEqualTo(new DoseSchedule.Span(at(from, LONDON), at(until, LONDON), at(missed, LONDON)));
  }

  @ParameterizedTest
  @CsvSource({
    "2026-06-01 08:00, 1",
    "2026-06-01 03:00, 1",
    "2026-05-31 10:00, 1",
    "2026-06-01 14:00, 1",
    "2026-06-01 14:01, 2",
    "2026-06-02 02:00, 2",
    "2026-06-07 23:59, 14",
    "2026-06-08 02:00, 14",
    "2026-06-08 02:01, 0",
  })
  void aGivingBelongsToTheNearestDose(String given, int number) {
    DoseSchedule schedule = DoseSchedule.of(course("8 @ 08:00 20:00 x 7", START, 0), LONDON, FAR);

    assertThat(schedule.of(at(given, LONDON)).map(Dose::number).orElse(0)).isEqualTo(number);
  }

  @ParameterizedTest
  @ValueSource(longs = {1, 2, 3, 4})
  void laws(long seed) {
    RandomGenerator random = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    for (int i = 0; i < 300; i++) {
      Course drawn = drawn(random);
      ZoneId zone = ZoneId.of(random.nextBoolean() ? "Europe/London" : "America/New_York");
      DoseSchedule schedule = DoseSchedule.of(drawn, zone, FAR);

      assertThat(schedule.size())
          .as("total doses are the sum over phases")
          .isEqualTo(drawn.phases().stream().mapToInt(phase -> phase.doses().orElseThrow()).sum());
      for (int n = 1; n < schedule.size(); n++) {
        assertThat(schedule.doses().get(n).at())
            .as("no clock drops, doubles or swaps a dose")
            .isAfter(schedule.doses().get(n - 1).at());
      }
      for (Dose dose : schedule.doses()) {
        assertThat(schedule.of(dose.at())).as("given to the minute").contains(dose);
      }
      assertMovesWithItsStart(drawn, random.nextInt(1, 400));
    }
  }

  /** Where no clock changes, all moves by as many days as the start does. */
  private static void assertMovesWithItsStart(Course drawn, int days) {
    ZoneId still = ZoneId.of("UTC");
    List<Instant> before = instants(drawn, still);
    Course moved = starting(drawn, drawn.startsOn().plusDays(days), drawn.firstSlot());
    assertThat(instants(moved, still))
        .isEqualTo(before.stream().map(at -> at.plus(Duration.ofDays(days))).toList());
  }

  private static List<Instant> instants(Course course, ZoneId zone) {
    return DoseSchedule.of(course, zone, FAR).doses().stream().map(Dose::at).toList();
  }

  private static Course drawn(RandomGenerator random) {
    List<CoursePhase> phases = new ArrayList<>();
    for (int i = random.nextInt(1, 4); i > 0; i--) {
      List<LocalTime> times = new ArrayList<>();
      for (int k = random.nextInt(1, 5); k > 0; k--) {
        times.add(LocalTime.of(random.nextInt(24), 15 * random.nextInt(4)));
      }
      // at most one of the hours around a change of the clock: two could meet there
      times.removeIf(time -> time.getHour() == 2 || time.getHour() == 3);
      if (times.isEmpty()) {
        times.add(LocalTime.of(1, 30));
      }
      phases.add(
          new CoursePhase(
              new DoseAmount(8, 8, DoseUnit.DROP),
              times,
              random.nextInt(1, 4),
              Optional.of(random.nextInt(1, 12)),
              Optional.empty(),
              false));
    }
    Course first = course("8 @ 08:00 x 1", START, 0).with(phases);
    return starting(
        first, START.plusDays(random.nextInt(365)), random.nextInt(phases.get(0).times().size()));
  }
}
