package org.evenlobe.core.remind;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.time.LocalTime;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.remind.ReminderWishes.Quiet;
import org.evenlobe.core.remind.Reminders.DoseTime;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a person is reminded of, and when. */
class RemindersTest {
  private static final ZoneId BERLIN = ZoneId.of("Europe/Berlin");
  private static final UUID COURSE = new UUID(1, 1);

  private static Instant at(String local) {
    return LocalDateTime.parse(local).atZone(BERLIN).toInstant();
  }

  private static Reminders reminders(boolean doses, String daily, String from, String until) {
    return new Reminders(
        new ReminderWishes(
            true,
            doses,
            LocalTime.parse(daily),
            from.isEmpty()
                ? Optional.empty()
                : Optional.of(new Quiet(LocalTime.parse(from), LocalTime.parse(until)))),
        BERLIN);
  }

  private static DoseTime dose(int number, String local, boolean open) {
    return new DoseTime(COURSE, number, at(local), "Fen: 8 drops", "Give it now.", open);
  }

  @ParameterizedTest
  @CsvSource({
    // the dose, quiet from, until: when it is told
    "2026-06-01T08:00, 22:00, 06:30, 2026-06-01T08:00",
    "2026-06-01T06:00, 22:00, 06:30, 2026-06-01T06:30",
    "2026-06-01T23:00, 22:00, 06:30, 2026-06-02T06:30",
    "2026-06-01T22:00, 22:00, 06:30, 2026-06-02T06:30",
    "2026-06-01T06:30, 22:00, 06:30, 2026-06-01T06:30",
    "2026-06-01T13:15, 13:00, 15:00, 2026-06-01T15:00",
    "2026-06-01T13:15, 13:00, 13:00, 2026-06-01T13:15",
    "2026-03-29T01:30, 22:00, 02:30, 2026-03-29T03:30"
  })
  void whatFallsIntoQuietHoursComesAtTheirEnd(String dose, String from, String until, String told) {
    List<Reminder> due =
        reminders(true, "12:00", from, until)
            .due(
                at(dose).minusSeconds(1),
                at(dose).plus(Duration.ofDays(1)),
                List.of(dose(1, dose, true)),
                List::of);

    assertThat(due).extracting(Reminder::at).containsExactly(at(told));
  }

  @Test
  void oneMailADayTellsAllThatIsDue() {
    Reminders mine = reminders(true, "07:30", "", "");
    List<String> things = List.of("Fen: check the ears", "Ash: clean both ears");

    List<Reminder> due =
        mine.due(at("2026-06-01T07:00"), at("2026-06-01T07:30"), List.of(), () -> things);

    assertThat(due).hasSize(1);
    assertThat(Wording.METRIC.of(due.get(0).subject())).isEqualTo("1 Jun 2026: 2 things to do");
    assertThat(due.get(0).lines()).isEqualTo(things);
    assertThat(mine.due(at("2026-06-01T07:30"), at("2026-06-01T23:00"), List.of(), () -> things))
        .isEmpty();
    assertThat(mine.due(at("2026-06-01T07:00"), at("2026-06-01T08:00"), List.of(), List::of))
        .isEmpty();
  }

  @Test
  void aDoseThatWasGivenIsNotTold() {
    assertThat(
            reminders(true, "07:30", "", "")
                .due(
                    at("2026-06-01T08:00"),
                    at("2026-06-01T21:00"),
                    List.of(dose(1, "2026-06-01T09:00", false), dose(2, "2026-06-01T20:00", true)),
                    List::of))
        .extracting(Reminder::key)
        .containsExactly("dose " + COURSE + " 2");
  }

  @Test
  void whoWantsNoneGetsNone() {
    Reminders none = new Reminders(ReminderWishes.DEFAULT, BERLIN);

    assertThat(
            none.due(
                at("2026-06-01T00:00"),
                at("2026-06-02T00:00"),
                List.of(dose(1, "2026-06-01T09:00", true)),
                () -> List.of("Fen: check")))
        .isEmpty();
    assertThat(none.next(at("2026-06-01T00:00"), List.of())).isEmpty();
    assertThat(
            reminders(false, "07:30", "", "")
                .due(
                    at("2026-06-01T08:00"),
                    at("2026-06-02T07:00"),
                    List.of(dose(1, "2026-06-01T09:00", true)),
                    List::of))
        .isEmpty();
  }

  /** However often it is looked, and whenever: each is told once. */
  @Test
  void lookedAtInStepsItTellsTheSameOnceEach() {
    SplittableRandom random = new SplittableRandom(8);
    Reminders mine = reminders(true, "07:30", "22:00", "06:30");
    Instant begin = at("2026-03-27T00:00");
    for (int drawn = 0; drawn < 200; drawn++) {
      List<DoseTime> doses = new ArrayList<>();
      for (int i = 0; i < 9; i++) {
        doses.add(
            new DoseTime(
                COURSE, i, begin.plusSeconds(random.nextInt(4 * 86_400)), "Fen", "Now.", true));
      }
      List<String> inSteps = new ArrayList<>();
      Instant from = begin;
      Instant end = begin.plus(Duration.ofDays(5));
      while (from.isBefore(end)) {
        Instant next = mine.next(from, doses).orElseThrow();
        Instant to = random.nextBoolean() ? next : from.plusSeconds(1 + random.nextInt(20_000));
        to = to.isAfter(end) ? end : to;
        Instant looked = to;
        mine.due(from, looked, doses, () -> List.of("a thing"))
            .forEach(one -> inSteps.add(one.key()));
        from = to;
      }

      assertThat(inSteps).doesNotHaveDuplicates();
      assertThat(inSteps).filteredOn(key -> key.startsWith("dose")).hasSize(9);
    }
  }
}
