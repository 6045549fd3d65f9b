package org.evenlobe.core.photo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

/** Redness by a patch of skin and a patch of white (rule TREND_REDNESS). */
class SkinRednessTest {

  /** What such a lamp makes of light, and a camera of that. */
  private static Rgb photographed(double[] skin, double[] lamp, double exposure) {
    double[] seen = new double[3];
    for (int i = 0; i < 3; i++) {
      double light = Math.min(1, skin[i] * lamp[i] * exposure);
      seen[i] =
          255 * (light <= 0.0031308 ? 12.92 * light : 1.055 * Math.pow(light, 1 / 2.4) - 0.055);
    }
    return new Rgb(Math.round(seen[0]), Math.round(seen[1]), Math.round(seen[2]));
  }

  private static final double[] WHITE = {0.85, 0.85, 0.85};
  private static final double[] WARM = {1, 0.78, 0.48};
  private static final double[] COLD = {0.76, 0.9, 1};
  private static final double[] PLAIN = {1, 1, 1};

  /** Published values of the corners of sRGB under D65. */
  @ParameterizedTest
  @CsvSource({
    "255, 0, 0, 53.24, 80.09, 67.20",
    "0, 255, 0, 87.73, -86.18, 83.18",
    "0, 0, 255, 32.30, 79.19, -107.86",
    "255, 255, 255, 100, 0, 0",
    "0, 0, 0, 0, 0, 0",
    "128, 128, 128, 53.59, 0, 0"
  })
  void aColourHasItsPlace(double r, double g, double b, double l, double a, double bStar) {
    Lab lab = Lab.of(new Rgb(r, g, b));

    assertThat(lab.lightness()).isCloseTo(l, within(0.02));
    assertThat(lab.redness()).isCloseTo(a, within(0.02));
    assertThat(lab.yellowness()).isCloseTo(bStar, within(0.02));
  }

  @ParameterizedTest
  @CsvSource({"0.62, 0.42, 0.36", "0.6, 0.3, 0.28", "0.55, 0.2, 0.2", "0.5, 0.4, 0.36"})
  void onePatchUnderWarmAndColdLightAgrees(double r, double g, double b) {
    double[] skin = {r, g, b};
    double plain = redness(skin, PLAIN, 0.9);

    assertThat(redness(skin, WARM, 0.95)).isCloseTo(plain, within(2.0));
    assertThat(redness(skin, COLD, 0.8)).isCloseTo(plain, within(2.0));
    double uncorrected =
        Lab.of(photographed(skin, WARM, 0.95)).redness()
            - Lab.of(photographed(skin, COLD, 0.8)).redness();
    assertThat(Math.abs(uncorrected)).isGreaterThan(4);
  }

  private static double redness(double[] skin, double[] lamp, double exposure) {
    return SkinRedness.of(photographed(skin, lamp, exposure), photographed(WHITE, lamp, exposure))
        .skin()
        .redness();
  }

  @Test
  void aWhiteThatTellsNothingOfTheLightIsRefused() {
    Rgb skin = new Rgb(180, 120, 110);

    assertThatThrownBy(() -> SkinRedness.of(skin, new Rgb(200, 160, 80)))
        .hasMessageContaining("too dark or no white");
    assertThatThrownBy(() -> SkinRedness.of(skin, new Rgb(255, 255, 250)))
        .hasMessageContaining("overexposed");
  }
}
