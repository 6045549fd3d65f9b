package org.evenlobe.core.ear;

/**
 * A published odds ratio of a breed for outer-ear inflammation, against crossbreeds, with that of
 * the breed's ear shape, against erect ears.
 *
 * @param breed of the breed
 * @param carriage of the carriage that its catalogue entry names
 */
public record OddsRatio(double breed, double carriage) {

  public OddsRatio {
    if (!(breed > 0 && carriage > 0)) {
      throw new IllegalArgumentException("odds ratios are above 0: " + breed + ", " + carriage);
    }
  }
}
