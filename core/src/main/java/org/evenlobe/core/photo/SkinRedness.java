package org.evenlobe.core.photo;

import org.evenlobe.core.rule.Figures;
import org.evenlobe.core.rule.Reason;
import org.evenlobe.core.rule.Rule;

/**
 * How red a patch of skin is in a picture, corrected by a patch of white in the same picture (rule
 * TREND_REDNESS): each channel of its light is divided by that of the white, which takes the colour
 * of the lamp away (von Kries). It measures the picture and not the disease.
 *
 * <p>For example skin of a* 20 under a warm lamp and under a cold one comes out within 2 of 20.
 *
 * @param skin the skin, corrected
 * @param reason the same in a sentence
 */
public record SkinRedness(Lab skin, Reason reason) {
  /** A white that is darker is too dark to tell the colour of the light by. */
  private static final double DARKEST_WHITE = 90;

  /** A channel at its end has been cut off. */
  private static final double CUT_OFF = 253;

  /** A wipe reflects about so much of the light. */
  private static final double WHITE_REFLECTS = 0.85;

  /**
   * The redness of skin beside white.
   *
   * @throws IllegalArgumentException saying what is wrong with the white
   */
  public static SkinRedness of(Rgb skin, Rgb white) {
    double darkest = Math.min(white.red(), Math.min(white.green(), white.blue()));
    double brightest = Math.max(white.red(), Math.max(white.green(), white.blue()));
    if (darkest < DARKEST_WHITE) {
      throw new IllegalArgumentException("the white is too dark or no white");
    }
    if (brightest > CUT_OFF) {
      throw new IllegalArgumentException("the white is overexposed: take the picture darker");
    }
    double[] light = skin.linear();
    double[] lamp = white.linear();
    for (int i = 0; i < light.length; i++) {
      light[i] = Math.min(1, light[i] / lamp[i] * WHITE_REFLECTS);
    }
    Lab corrected = Lab.of(light);
    return new SkinRedness(
        corrected,
        Reason.of(
                Rule.TREND_REDNESS,
                "a* %s, L* %s, corrected by the white. It measures the picture, not the disease."
                    .formatted(
                        Figures.plain(corrected.redness()), Figures.plain(corrected.lightness())))
            .with("a", corrected.redness())
            .with("L", corrected.lightness()));
  }
}
