package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.evenlobe.core.TestDog;
import org.evenlobe.core.ear.BreedCatalogue;
import org.evenlobe.core.plan.item.PlanItem;
import org.evenlobe.core.plan.item.Standing;
import org.evenlobe.core.plan.item.Window;
import org.evenlobe.core.record.NamedDays;
import org.evenlobe.core.record.Preferences;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

/** Cleanings on named weekdays or days of the month. */
class NamedDaysPlanTest {
  private static final Planner PLANNER = new Planner(BreedCatalogue.shipped());

  /** The first Saturday from day 7 on, as a number of days. */
  private static final int SATURDAY =
      (int)
          Stream.iterate(7, day -> day + 1)
              .filter(day -> TestDog.day(day).getDayOfWeek() == DayOfWeek.SATURDAY)
              .findFirst()
              .orElseThrow();

  private static final NamedDays SATURDAYS = NamedDays.weekly(DayOfWeek.SATURDAY);

  private static List<PlanItem> cleanings(TestDog dog, int today, NamedDays days) {
    return PLANNER.plan(dog.record(), Preferences.DEFAULT.on(days), TestDog.day(today)).cleanings();
  }

  private static PlanItem next(TestDog dog, int today, NamedDays days) {
    return cleanings(dog, today, days).get(0);
  }

  @Test
  void standByTheCalendarAndALateCleaningShiftsNone() {
    TestDog late = new TestDog().filled(SATURDAY + 1, 2, 2);
    PlanItem next = next(late, SATURDAY + 1, SATURDAYS);

    assertThat(next.window().best()).isEqualTo(TestDog.day(SATURDAY + 7));
    assertThat(cleanings(late, SATURDAY + 1, SATURDAYS))
        .extracting(item -> item.window().best().getDayOfWeek())
        .containsOnly(DayOfWeek.SATURDAY);
    assertThat(next.reasons()).extracting(Reason::rule).contains(Rule.PLAN_FIXED);
  }

  @ParameterizedTest
  @CsvSource({
    // cleaned so many days after a Saturday, on which day after it the next one is best
    "-2, 7",
    "0, 7",
    "2, 7",
    // four days before the next: it waits for the fifth, a day later
    "3, 8",
    "4, 9",
    // two days before is inside the next one's window, and counts for that
    "5, 14"
  })
  void waitForTheFifthDayInsideTheirWindow(int cleaned, int expected) {
    TestDog dog = new TestDog().filled(SATURDAY + cleaned, 2, 2);

    assertThat(next(dog, SATURDAY + Math.max(cleaned, 0), SATURDAYS).window().best())
        .isEqualTo(TestDog.day(SATURDAY + expected));
  }

  @Test
  void haveAWindowOfTwoDaysWhereTheyAreAWeekApart() {
    TestDog dog = new TestDog().filled(SATURDAY, 2, 2);

    assertThat(next(dog, SATURDAY + 1, SATURDAYS).window())
        .isEqualTo(
            new Window(
                TestDog.day(SATURDAY + 5), TestDog.day(SATURDAY + 7), TestDog.day(SATURDAY + 9)));
  }

  @Test
  void areOverdueUntilTheNextOneOpens() {
    TestDog dog = new TestDog().filled(SATURDAY, 2, 2);

    PlanItem missed = next(dog, SATURDAY + 10, SATURDAYS);
    assertThat(missed.window().best()).isEqualTo(TestDog.day(SATURDAY + 7));
    assertThat(missed.standing()).isEqualTo(Standing.OVERDUE);
    assertThat(next(dog, SATURDAY + 12, SATURDAYS).window().best())
        .isEqualTo(TestDog.day(SATURDAY + 14));
  }

  @Test
  void mayBeEverySecondWeek() {
    TestDog dog = new TestDog().filled(SATURDAY, 2, 2);
    NamedDays second = NamedDays.everySecondWeek(TestDog.day(SATURDAY));

    assertThat(cleanings(dog, SATURDAY, second))
        .extracting(item -> item.window().best())
        .startsWith(TestDog.day(SATURDAY + 14), TestDog.day(SATURDAY + 28));
  }

  @ParameterizedTest
  @CsvSource({
    "31, 2026-02-10, 2026-02-28", "31, 2026-04-01, 2026-04-30", "31, 2026-07-31, 2026-08-31",
    "30, 2026-02-10, 2026-02-28", "15, 2026-02-15, 2026-03-15", "29, 2028-02-01, 2028-02-29"
  })
  void ofAMonthTheLastStandForShorterOnes(int day, LocalDate after, LocalDate expected) {
    assertThat(NamedDays.monthly(Set.of(day)).after(after)).isEqualTo(expected);
  }

  @Test
  void ofAMonthAreSaidInWords() {
    assertThat(NamedDays.monthly(Set.of(1, 22, 13)).words())
        .isEqualTo("the 1st and the 13th and the 22nd");
    assertThat(SATURDAYS.words()).isEqualTo("every Saturday");
  }

  @ParameterizedTest
  @ValueSource(strings = {"1,4", "1,31", "28,1", "3,30", "1,6,9"})
  void areFiveDaysApart(String days) {
    Set<Integer> named =
        Stream.of(days.split(",")).map(Integer::valueOf).collect(Collectors.toSet());
    assertThatIllegalArgumentException().isThrownBy(() -> NamedDays.monthly(named));
  }

  @Test
  void neverComeSoonerThanFiveDaysAfterOneAnother() {
    for (int cleaned = 0; cleaned < 40; cleaned++) {
      for (NamedDays days :
          List.of(
              SATURDAYS,
              NamedDays.monthly(Set.of(1, 15)),
              NamedDays.monthly(Set.of(31)),
              NamedDays.monthly(Set.of(1, 6, 11, 16, 21)))) {
        LocalDate before = TestDog.day(cleaned);
        for (PlanItem item : cleanings(new TestDog().filled(cleaned, 2, 2), cleaned + 1, days)) {
          assertThat(ChronoUnit.DAYS.between(before, item.window().best()))
              .as("%s after %s", days, before)
              .isGreaterThanOrEqualTo(5);
          before = item.window().best();
        }
      }
    }
  }

  @Test
  void skippingOneLeavesTheOthers() {
    TestDog dog = new TestDog().filled(SATURDAY, 2, 2);
    PlanItem first = next(dog, SATURDAY + 1, SATURDAYS);

    dog.skip(SATURDAY + 1, first.id(), "away");

    assertThat(next(dog, SATURDAY + 1, SATURDAYS).window().best())
        .isEqualTo(TestDog.day(SATURDAY + 14));
    assertThat(next(dog, SATURDAY + 13, SATURDAYS).window().best())
        .isEqualTo(TestDog.day(SATURDAY + 14));
  }
}
