package org.evenlobe.core.trend;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.math.BigDecimal;
import java.math.BigInteger;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;

/**
 * So many of so many. The values were worked out independently, by another library's survival
 * function of the binomial and quantiles of the beta distribution (SciPy 1.17.1); beside it stands
 * a sum of whole numbers and a law.
 */
class ShareTest {

  @ParameterizedTest
  @CsvFileSource(resources = "shares.csv", numLinesToSkip = 1)
  void agreesWithValuesWorkedOutElsewhere(
      int hits, int of, double chance, double asMany, double low, double high) {
    Share share = new Share(hits, of);

    assertThat(share.asManyByChance(chance)).isCloseTo(asMany, within(1e-8));
    assertThat(share.low()).isCloseTo(low, within(1e-8));
    assertThat(share.high()).isCloseTo(high, within(1e-8));
  }

  @ParameterizedTest
  @CsvFileSource(resources = "shares.csv", numLinesToSkip = 1)
  void isTheSumOfTheTermsOfTheBinomial(
      int hits, int of, BigDecimal chance, double asMany, double low, double high) {
    BigDecimal sum = BigDecimal.ZERO;
    for (int k = hits; k <= of; k++) {
      sum =
          sum.add(
              new BigDecimal(ways(of, k))
                  .multiply(chance.pow(k))
                  .multiply(BigDecimal.ONE.subtract(chance).pow(of - k)));
    }

    assertThat(new Share(hits, of).asManyByChance(chance.doubleValue()))
        .isCloseTo(sum.doubleValue(), within(1e-12));
  }

  /** At its lower limit as many or more come in 5 % of all cases, at its upper as few or fewer. */
  @ParameterizedTest
  @CsvFileSource(resources = "shares.csv", numLinesToSkip = 1)
  void itsLimitsLeaveATwentiethOnEitherSide(
      int hits, int of, double chance, double asMany, double low, double high) {
    Share share = new Share(hits, of);

    if (hits > 0) {
      assertThat(share.asManyByChance(share.low())).isCloseTo(0.05, within(1e-9));
    }
    if (hits < of) {
      double fewer = 1 - new Share(hits + 1, of).asManyByChance(share.high());
      assertThat(fewer).isCloseTo(0.05, within(1e-9));
    }
  }

  private static BigInteger ways(int of, int k) {
    BigInteger ways = BigInteger.ONE;
    for (int i = 0; i < k; i++) {
      ways = ways.multiply(BigInteger.valueOf(of - i)).divide(BigInteger.valueOf(i + 1));
    }
    return ways;
  }
}
