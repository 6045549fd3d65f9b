package org.evenlobe.core.stock;

import static org.assertj.core.api.Assertions.assertThat;

import java.time.Instant;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.SplittableRandom;
import java.util.UUID;
import org.assertj.core.api.Assertions;
import org.evenlobe.core.measure.Wording;
import org.evenlobe.core.record.CleanerKind;
import org.evenlobe.core.record.Supply;
import org.junit.jupiter.api.Test;

class StocktakingTest {
  private static final LocalDate TODAY = LocalDate.of(2026, 11, 25);
  private static final Instant COUNTED = Instant.parse("2026-11-01T12:00:00Z");
  private static final Instant LATER = Instant.parse("2026-11-10T12:00:00Z");

  private static Supply bottle(int id, double left, Optional<LocalDate> opened) {
    return new Supply(
        new UUID(0, id),
        Supply.Kind.CLEANER,
        "bottle " + id,
        Optional.of(CleanerKind.GENTLE),
        250,
        left,
        COUNTED,
        opened,
        List.of());
  }

  private static StockOutlook outlook(
      List<Supply> supplies, List<Use> used, List<PlannedUse> planned) {
    return Stocktaking.outlook(
        Supply.Kind.CLEANER,
        Optional.of("bottles"),
        Stocktaking.rests(supplies, used),
        planned,
        TODAY,
        60);
  }

  /** Cleanings of that volume every so many days within the 60. */
  private static List<PlannedUse> every(int days, double amount) {
    List<PlannedUse> planned = new ArrayList<>();
    for (int day = days; day <= 60; day += days) {
      planned.add(new PlannedUse(TODAY.plusDays(day), amount));
    }
    return planned;
  }

  @Test
  void theDayItRunsOutIsThatOfTheFirstCleaningItDoesNotSufficeFor() {
    StockOutlook outlook =
        outlook(List.of(bottle(1, 50, Optional.empty())), List.of(), every(12, 14));

    assertThat(outlook.sessions()).isEqualTo(3);
    assertThat(outlook.runsOutOn()).contains(TODAY.plusDays(48));
    assertThat(outlook.needed()).isEqualTo(70);
    assertThat(outlook.buy()).isEqualTo(20);
    assertThat(Wording.METRIC.of(outlook.reasons().get(0).sentence()))
        .contains("50 mL left")
        .contains("3 cleanings");
  }

  @Test
  void beyondThePlanTheSameRateGoesOn() {
    StockOutlook outlook =
        outlook(List.of(bottle(1, 100, Optional.empty())), List.of(), every(12, 14));

    assertThat(outlook.sessions()).isEqualTo(7);
    assertThat(outlook.runsOutOn()).contains(TODAY.plusDays(60 + 25));
    assertThat(outlook.buy()).isZero();
  }

  @Test
  void whatIsNotUsedNeverRunsOut() {
    assertThat(outlook(List.of(bottle(1, 5, Optional.empty())), List.of(), List.of()).runsOutOn())
        .isEmpty();
  }

  @Test
  void anEmptyHouseRunsOutWithTheFirstCleaning() {
    StockOutlook outlook = outlook(List.of(), List.of(), every(20, 7));

    assertThat(outlook.runsOutOn()).contains(TODAY.plusDays(20));
    assertThat(outlook.buy()).isEqualTo(21);
    assertThat(outlook.runsOutBy(TODAY.plusDays(20))).isTrue();
    assertThat(outlook.runsOutBy(TODAY.plusDays(19))).isFalse();
  }

  @Test
  void aUseComesFromTheBottleItNames() {
    StockOutlook outlook =
        outlook(
            List.of(
                bottle(1, 100, Optional.of(TODAY.minusDays(30))),
                bottle(2, 100, Optional.of(TODAY.minusDays(3)))),
            List.of(new Use(LATER, 15, Optional.of(new UUID(0, 2)))),
            List.of());

    assertThat(outlook.supplies())
        .extracting(rest -> rest.supply().name() + " " + rest.left())
        .containsExactly("bottle 1 100.0", "bottle 2 85.0");
  }

  @Test
  void withoutANameItComesFromTheLongestOpenAndRunsOverIntoTheNext() {
    StockOutlook outlook =
        outlook(
            List.of(
                bottle(1, 100, Optional.empty()),
                bottle(2, 10, Optional.of(TODAY.minusDays(30))),
                bottle(3, 100, Optional.of(TODAY.minusDays(3)))),
            List.of(new Use(LATER, 15, Optional.empty())),
            List.of());

    assertThat(outlook.supplies())
        .extracting(rest -> rest.supply().name() + " " + rest.left())
        .containsExactly("bottle 2 0.0", "bottle 3 95.0", "bottle 1 100.0");
  }

  @Test
  void whatWasUsedBeforeTheCountIsInIt() {
    StockOutlook outlook =
        outlook(
            List.of(bottle(1, 100, Optional.empty())),
            List.of(new Use(COUNTED.minusSeconds(1), 15, Optional.empty())),
            List.of());

    assertThat(outlook.left()).isEqualTo(100);
  }

  @Test
  void moreIsNeverDrawnThanThereWasAndTheOrderOfUsesDoesNotMatter() {
    SplittableRandom random = new SplittableRandom(5);
    for (int run = 0; run < 500; run++) {
      List<Supply> supplies =
          List.of(
              bottle(1, random.nextInt(250), Optional.of(TODAY.minusDays(9))),
              bottle(2, random.nextInt(250), Optional.empty()));
      List<Use> uses = new ArrayList<>();
      for (int i = 0; i < 12; i++) {
        uses.add(
            new Use(
                COUNTED.plusSeconds(random.nextInt(-50_000, 500_000)),
                random.nextInt(40),
                random.nextBoolean()
                    ? Optional.empty()
                    : Optional.of(new UUID(0, random.nextInt(1, 3)))));
      }
      List<Use> turned = new ArrayList<>(uses);
      Collections.reverse(turned);

      StockOutlook outlook = outlook(supplies, uses, List.of());

      assertThat(outlook.supplies()).allSatisfy(rest -> assertThat(rest.left()).isNotNegative());
      assertThat(outlook).isEqualTo(outlook(supplies, turned, List.of()));
      double used = uses.stream().mapToDouble(Use::amount).sum();
      double had = supplies.stream().mapToDouble(Supply::left).sum();
      assertThat(outlook.left()).isBetween(Math.max(0, had - used), had);
    }
  }

  @Test
  void aBottleIsNeverFullerThanFull() {
    Assertions.assertThatIllegalArgumentException()
        .isThrownBy(() -> bottle(1, 251, Optional.empty()));
  }
}
