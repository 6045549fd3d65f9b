package org.evenlobe.core.plan.learn;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.evenlobe.core.ear.LoadFactor;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class StartingIntervalTest {
  private static StartingInterval start(double rho) {
    return StartingInterval.of(new LoadFactor(rho, rho, List.of()));
  }

  @ParameterizedTest
  @CsvSource({
    "4,      7,  false",
    "2.8,    10, false",
    "2,      14, false",
    "1.4,    21, false",
    "1.16,   21, false", // 24.14 days: 24.14 / 21 = 1.149, 28 / 24.14 = 1.160
    "1.15,   28, false", // 24.35 days: 24.35 / 21 = 1.159, 28 / 24.35 = 1.150
    "1.1,    28, false",
    "1,      28, false",
    "0.7,    42, false",
    "0.5,    56, false",
    "0.4667, 56, false", // 28 / 0.4667 = 59.996 days
    "0.4666, 56, true", // 60.009 days
    "0.4275, 56, true",
    "0.35,   56, true"
  })
  void isTheNearestRungByRatioOrChecksOnly(double rho, int base, boolean checksOnly) {
    StartingInterval start = start(rho);

    assertThat(start.base()).isEqualTo(base);
    assertThat(start.checksOnly()).isEqualTo(checksOnly);
  }

  @Test
  void saysTheArithmetic() {
    assertThat(start(4).reasons())
        .singleElement()
        .extracting("sentence")
        .isEqualTo("28 days ÷ 4 = 7 days; the nearest of the usual intervals is 7 days.");
    assertThat(start(0.4275).reasons())
        .extracting("sentence")
        .containsExactly(
            "28 days ÷ 0.428 = 65.5 days.",
            "Over 60 days: look and sniff every week, and leave a quiet ear alone.");
  }

  @Test
  void neverGrowsAsLoadGathersFaster() {
    int before = Integer.MAX_VALUE;
    for (double rho = LoadFactor.LEAST; rho <= LoadFactor.MOST; rho += 0.01) {
      int base = start(rho).base();
      assertThat(base).isLessThanOrEqualTo(before).isBetween(7, 56);
      before = base;
    }
  }
}
