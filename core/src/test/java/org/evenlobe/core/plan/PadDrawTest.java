package org.evenlobe.core.plan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.time.Instant;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.List;
import java.util.Optional;
import java.util.UUID;
import java.util.stream.IntStream;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** What a wipe takes of a bottle, by counts of it. */
class PadDrawTest {
  private static final Instant START = Instant.parse("2026-03-02T08:00:00Z");

  private static Instant at(int day) {
    return START.plus(day, ChronoUnit.DAYS);
  }

  /** A bottle of which that was left, a week between two counts. */
  private static Supply bottle(int number, double... left) {
    int last = left.length - 1;
    return new Supply(
        new UUID(0, number),
        Supply.Kind.CLEANER,
        "bottle " + number,
        Optional.of(CleanerKind.GENTLE),
        250,
        left[last],
        at(7 * last),
        Optional.of(LocalDate.of(2026, 3, 1)),
        IntStream.range(0, last).mapToObj(i -> new Supply.Count(at(7 * i), left[i])).toList());
  }

  private static PadDraw.Draw draw(int day, double poured, double wetted, Integer from) {
    return new PadDraw.Draw(
        at(day), poured, wetted, Optional.ofNullable(from).map(number -> new UUID(0, number)));
  }

  @ParameterizedTest
  @CsvSource({
    "30, 0, 10, 2.5",
    "20, 0, 10, 2",
    "50, 20, 10, 2.5",
    "250, 0, 10, 8",
    "1, 0, 1000, 0.5",
    "15, 20, 10, 2",
    "30, 30, 0, 2"
  })
  void isWhatIsMissingLessWhatWasPouredOverTheWipes(
      double missing, double poured, double wetted, double expected) {
    Supply bottle = bottle(1, 250, 250 - missing);

    assertThat(PadDraw.learned(List.of(bottle), List.of(draw(3, poured, wetted, 1))).millilitres())
        .isCloseTo(expected, within(1e-9));
  }

  @Test
  void isTwoMillilitresBeforeAnythingIsKnown() {
    assertThat(PadDraw.learned(List.of(bottle(1, 200)), List.of()).millilitres()).isEqualTo(2);
    assertThat(PadDraw.learned(List.of(), List.of()).reason()).isEmpty();
  }

  @Test
  void addsUpOverAllCountsButThoseAfterAFilling() {
    Supply bottle = bottle(1, 200, 180, 250, 220);
    List<PadDraw.Draw> draws = List.of(draw(1, 0, 5, 1), draw(8, 0, 5, 1), draw(15, 0, 5, 1));

    // 20 of 5 and 30 of 5; the week in which it was filled up tells nothing
    PadDraw learned = PadDraw.learned(List.of(bottle), draws);
    assertThat(learned.millilitres()).isCloseTo((20 + 50) / 20.0, within(1e-9));
    assertThat(learned.reason().map(reason -> Wording.METRIC.of(reason.sentence())))
        .contains("By your counts and 10 wipes a wipe takes 3.5 mL.");
  }

  @Test
  void takesNothingFromAWeekInWhichTheBottleIsNotTold() {
    List<Supply> two = List.of(bottle(1, 200, 150), bottle(2, 200, 180));

    assertThat(PadDraw.learned(two, List.of(draw(3, 0, 10, null))).millilitres()).isEqualTo(2);
    assertThat(PadDraw.learned(two, List.of(draw(3, 0, 10, 1))).millilitres())
        .isCloseTo((20 + 50) / 20.0, within(1e-9));
    assertThat(PadDraw.learned(two.subList(0, 1), List.of(draw(3, 0, 10, null))).millilitres())
        .isCloseTo((20 + 50) / 20.0, within(1e-9));
  }
}
